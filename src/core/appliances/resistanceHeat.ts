import type { Working } from '../working/worked';

/** The largest part of a resistance heater on one device of at most 60 A (422.11(F), 424.22(B), 680.10). */
export const LARGEST_ELEMENT_A = 48;

/** Current of a resistance load by its plate: kW × 1000 / V. */
export const heatCurrent = (kw: number, volts: number, work: Working): number =>
  work.step('load.kilowatts', 'load.nameplate', { kw, volts }, (kw * 1000) / volts);
