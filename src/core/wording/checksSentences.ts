import type { checksCatalog, ProofFigure } from '../findings/checksCatalog';
import { printNumber as n } from '../units/number';
import { readingDangerWords } from './dangerWords';
import type { Sentences } from './sentences';
import { counted } from './words';

const value = (figure: number | null, unit: string): string =>
  figure === null ? '' : `: ${n(figure, 2)} ${unit}`;

const OF_FIGURE: Readonly<Record<ProofFigure, (figure: number | null) => string>> = {
  dead: () => 'Live, dead, live does not hold. Take it for live: prove the tester, and read again.',
  insulation: (figure) =>
    `Insulation is low${value(figure, 'Mohm')}. Disconnect electronics and GFCI, and read again.`,
  ground: (figure) => `The ground is too long for its ohms${value(figure, 'ohm')}. Look for its loose joint.`,
  gfci: (figure) => `The GFCI does not do what it is for${value(figure, 'mA')}. Leave it off.`,
  temperature: (figure) => `A terminal is hot${value(figure, 'K over the ambient')}. Off, locked; remake it.`,
};

const listed = (parts: readonly (string | false)[]): string => parts.filter(Boolean).join(', ');

/** Sentences of findings about the finished work. */
export const checksSentences: Sentences<keyof typeof checksCatalog> = {
  'check.danger': ({ data: { danger, at } }) =>
    readingDangerWords({ code: danger, at: at === '' ? null : at }),
  'check.reading': ({ data }) =>
    `${counted(data.out, 'reading')} outside of ${data.out === 1 ? 'its band' : 'their bands'}. Leave it off until it is explained and mended.`,
  'check.figure': ({ data }) => OF_FIGURE[data.figure](data.value),
  'check.torque': ({ data: { off, once, missing } }) =>
    `Torque is not complete: ${listed([
      off > 0 && `${off} not as the label`,
      once > 0 && `${once} not repeated`,
      missing > 0 && `${missing} not recorded`,
    ])}.`,
  'check.left-on': ({ severity, data }) =>
    severity === 'stop'
      ? 'Left on with a reading or figure out of its limits. Switch it off and lock it.'
      : `Left on with ${counted(data.skipped, 'step')} of the proof not done. Finish them, or lock it off.`,
};
