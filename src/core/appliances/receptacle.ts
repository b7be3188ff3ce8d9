import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';
import type { ReceptacleChoice } from './family';

/** Configurations for one appliance on its own circuit, by what they carry, smallest first. */
const SINGLE = {
  '120': ['5-15', '5-20', 'TT-30'],
  '240': ['6-15', '6-20', '6-30', '6-50'],
  '120/240': ['14-30', '14-50', '14-60'],
  /** Vehicle cords for 240 V come with 14-30 and 14-50 plugs whether or not they use the neutral. */
  vehicle: ['6-15', '6-20', '14-30', '14-50'],
} as const;

/** What a receptacle is for: its voltage, or a vehicle. */
export type ReceptacleUse = keyof typeof SINGLE;

/**
 * The smallest single receptacle on an individual circuit that is rated no less than the circuit
 * (210.21(B)(1)); a stop where none is made that large.
 */
export function singleReceptacle(
  use: ReceptacleUse,
  ocpdA: number,
  neutral: boolean,
  code: Edition,
  work: Working,
): ReceptacleChoice | null {
  const rows = code.tables.configurations.rows;
  const made = SINGLE[use].map((config) => ({
    config,
    ratingA: rows.find((row) => row.config === config)?.amps ?? 0,
  }));
  const fits = made.find(({ ratingA }) => ratingA >= ocpdA);
  if (fits === undefined) {
    const { config = '', ratingA = 0 } = made.at(-1) ?? {};
    work.found('stop', 'receptacle.rating-mismatch', 'receptacle.rating', { config, ratingA, ocpdA });
    return null;
  }
  work.step('receptacle.choice', 'receptacle.rating', { ocpdA, neutral }, fits.config, {
    read: { table: 'configurations', row: fits.config, column: 'amps' },
  });
  return fits;
}
