import type { daysCatalog } from '../findings/daysCatalog';
import { GATE_NAME } from './daysWords';
import type { Sentences } from './sentences';

/** Sentences of findings about the order of the work. */
export const daysSentences: Sentences<keyof typeof daysCatalog> = {
  'work.before-inspection': ({ data }) =>
    `Work was covered before it was seen. ${GATE_NAME[data.gate]}: not passed. Uncover it, or ask the inspector before anything else is done.`,
};
