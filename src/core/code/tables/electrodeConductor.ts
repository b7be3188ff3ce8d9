import type { ReferenceTable } from './shapes';

/** Grounding electrode conductor by service conductor. */
// prettier-ignore
export const electrodeConductor = {
  id: 'electrode-conductor',
  title: 'Grounding electrode conductor by service conductor',
  certainty: 'sure',
  rows: [
    { serviceCuMax: '2', serviceAlMax: '1/0', gecCu: '8', gecAl: '6' },
    { serviceCuMax: '1/0', serviceAlMax: '3/0', gecCu: '6', gecAl: '4' },
    { serviceCuMax: '3/0', serviceAlMax: '250', gecCu: '4', gecAl: '2' },
    { serviceCuMax: '350', serviceAlMax: '500', gecCu: '2', gecAl: '1/0' },
    { serviceCuMax: '600', serviceAlMax: '900', gecCu: '1/0', gecAl: '3/0' },
    { serviceCuMax: '1100', serviceAlMax: '1750', gecCu: '2/0', gecAl: '4/0' },
    { serviceCuMax: null, serviceAlMax: null, gecCu: '3/0', gecAl: '250' },
  ],
} as const satisfies ReferenceTable;
