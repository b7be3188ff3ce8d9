import type { daysCatalog } from '../findings/daysCatalog';
import { printDay } from '../units/day';
import { GATE_NAME } from './daysWords';
import type { Sentences } from './sentences';

/** Sentences of findings about the order of the work. */
export const daysSentences: Sentences<keyof typeof daysCatalog> = {
  'work.refused': ({ severity, data }) =>
    severity === 'stop'
      ? `${GATE_NAME[data.gate]} not passed: ${data.what}. Mend it and ask the inspector again; nothing of it is covered or fed until then.`
      : `${GATE_NAME[data.gate]} was not passed at first: ${data.what}. Mended, passed ${printDay(data.passedAt.slice(0, 10))}.`,
  'work.unmarked': ({ data }) =>
    data.ticket === ''
      ? `Dug on ${printDay(data.on)} without a ticket: were the lines in the ground marked? Ask the local center; private gas and irrigation lines are not marked, hand-dig beside a mark.`
      : `Dug on ${printDay(data.on)}, a day on which ticket ${data.ticket} does not hold: ask the local center for new marks.`,
  'work.before-inspection': ({ data }) =>
    `Work was covered before it was seen. ${GATE_NAME[data.gate]}: not passed. Uncover it, or ask the inspector before anything else is done.`,
};
