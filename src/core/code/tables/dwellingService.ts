import type { DwellingServiceTable } from './shapes';

/** Conductors of a dwelling service or main feeder. */
// prettier-ignore
export const dwellingService: DwellingServiceTable = {
  id: 'dwelling-service',
  title: 'Conductors of a dwelling service or main feeder',
  certainty: 'sure',
  rows: {
    100: { cu: '4', al: '2' },
    110: { cu: '3', al: '1' },
    125: { cu: '2', al: '1/0' },
    150: { cu: '1', al: '2/0' },
    175: { cu: '1/0', al: '3/0' },
    200: { cu: '2/0', al: '4/0' },
    225: { cu: '3/0', al: '250' },
    250: { cu: '4/0', al: '300' },
    300: { cu: '250', al: '350' },
    350: { cu: '350', al: '500' },
    400: { cu: '400', al: '600' },
  },
  factor: 0.83,
};
