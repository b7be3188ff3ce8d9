import type { House, Measured } from '../../src/core/service/houseSchema';

/** What a house says whose service was measured for a year, with nothing wrong in the record. */
export const measuredHouse = (part: Partial<Measured>): Partial<House> => ({
  method: 'measured',
  measured: {
    source: 'meter',
    basis: 'utility',
    intervalMinutes: 15,
    from: '2025-04-01 00:00',
    to: '2025-05-01 00:00',
    days: 365,
    peakA: 40,
    peakAt: '2025-04-03 18:00',
    problems: [],
    week: [],
    ...part,
  },
});
