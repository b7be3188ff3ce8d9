import type { MethodId, Environment } from '../code/methods';

/** Inches that a foot of PVC grows for each degree Fahrenheit. */
const PVC_IN_PER_FT_F = 4.06e-4;

/** From this growth between fixed points on an expansion fitting is asked (352.44), inches. */
export const EXPANSION_FROM_IN = 0.25;

/** Yearly temperature swing of a raceway in a year until somebody says otherwise, °F; sun adds to the air. */
const USUAL_SWING_F: Readonly<Record<Environment, number>> = {
  indoor: 20,
  garage: 60,
  attic: 90,
  damp: 40,
  outdoor: 100,
  corrosive: 100,
  underground: 0,
};

/** The swing of temperature that is taken for a raceway in a place, °F. */
export const usualSwing = (place: Environment): number => USUAL_SWING_F[place];

/** How much a straight PVC raceway grows between two fixed points, inches; nothing for other methods. */
export const thermalGrowth = (method: MethodId, straightFt: number, swingF: number): number =>
  method === 'pvc40' || method === 'pvc80' ? PVC_IN_PER_FT_F * straightFt * swingF : 0;
