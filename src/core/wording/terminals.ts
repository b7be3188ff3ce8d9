import type { Letters } from '../wiring/conductors';
import type { Joint } from '../wiring/splices';
import type { Between, End, Landing, Terminal, Wiring } from '../wiring/terminations';

/** Terminals as they are said. */
export const terminalName: Readonly<Record<Terminal, string>> = {
  'breaker-1': 'breaker, first pole',
  'breaker-2': 'breaker, second pole',
  'breaker-3': 'breaker, third pole',
  'device-neutral': 'load neutral of device',
  'neutral-bar': 'neutral bar',
  'ground-bar': 'ground bar',
  'bonded-bar': 'bonded service bar',
  'line-1': 'line lug, first pole',
  'line-2': 'line lug, second pole',
  'line-3': 'line lug, third pole',
  'line-neutral': 'line neutral of device',
  'out-1': 'load lug, first pole',
  'out-2': 'load lug, second pole',
  'out-3': 'load lug, third pole',
  'load-1': 'L1',
  'load-2': 'L2',
  'load-3': 'L3',
  'load-neutral': 'N',
  'load-ground': 'G',
  capped: 'capped, spare',
};

/** Letters in words. */
const colorName: Readonly<Record<Letters, string>> = {
  BK: 'black',
  RD: 'red',
  BU: 'blue',
  WH: 'white',
  GN: 'green',
  BARE: 'bare',
};

const betweenName: Readonly<Record<Between, string>> = {
  'spa-enclosure': 'Enclosure',
  'dead-front': 'Dead-front device',
  disconnect: 'Disconnect',
};

/** The name of an end of a circuit. */
export function endName(
  at: End['at'],
  { between, from, to }: Pick<Wiring, 'between' | 'from' | 'to'>,
): string {
  if (at === 'panel') return from === 'spa-panel' ? 'Spa panel' : 'Panel';
  if (at === 'load' && to === 'spa-panel') return 'Spa panel, from the panel';
  if (at === 'load' || between === null) return 'Load';
  return `${betweenName[between]}, ${at === 'line-side' ? 'from the panel' : 'to the load'}`;
}

const wireName = ({ letters, marked, size }: Joint['from']): string =>
  `${colorName[letters]} ${size} AWG${marked === null ? '' : ` re-identified ${colorName[marked]}`}`;

/** One splice in a few words: "white 6 AWG re-identified red to red 6 AWG". */
export const jointWords = ({ from, to }: Joint): string =>
  to === null ? `${wireName(from)}: capped` : `${wireName(from)} to ${wireName(to)}`;

/** One landing in a sentence: order, conductor, terminal, mark, torque. */
export function landingWords({ letters, size, terminal, marked, torqueLbIn, role }: Landing): string {
  const what = role === 'pigtail' ? 'white pigtail of the device' : `${colorName[letters]} ${size} AWG`;
  const mark = marked === null ? '' : `, re-identified ${colorName[marked]}`;
  return terminal === 'capped'
    ? `${what}: capped at both ends`
    : `${what}${mark}: ${terminalName[terminal]}, ${torqueLbIn} lb-in`;
}
