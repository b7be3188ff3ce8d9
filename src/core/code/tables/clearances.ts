import type { ReferenceTable } from './shapes';

/** Working space at electrical equipment, inches. */
// prettier-ignore
export const clearances = {
  id: 'clearances',
  title: 'Working space at electrical equipment, inches',
  certainty: 'partly',
  widthIn: 30,
  heightIn: 78,
  dedicatedAboveIn: 72,
  protrusionIn: 6,
  depthIn: {
    '0-150': { condition1: 36, condition2: 36, condition3: 36 },
    '151-600': { condition1: 36, condition2: 42, condition3: 48 },
    '601-1000': { condition1: 36, condition2: 48, condition3: 60 },
  },
} as const satisfies ReferenceTable;
