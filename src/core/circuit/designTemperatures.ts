import { z } from 'zod';
import type { Place } from '../code/methods';

const ambientC = z.number().min(-40).max(85);

/** Highest expected ambients of a place by where a stretch runs, °C. */
export const designSchema = z.strictObject({ outdoor: ambientC, attic: ambientC, garage: ambientC });

/** Highest expected ambients of a place. */
export type DesignTemperatures = z.infer<typeof designSchema>;

/** What is taken until the place was asked about: a warm summer, a hot attic, a closed garage. */
export const USUAL_DESIGN: DesignTemperatures = { outdoor: 38, attic: 50, garage: 40 };

/** Indoors and in the ground the tables' own 30 °C holds. */
const TABLE_C = 30;

/** The ambient that a stretch in a place starts with. */
export const designAmbient = (design: DesignTemperatures, place: Place): number =>
  place === 'indoor' || place === 'underground' ? TABLE_C : design[place];
