import { z } from 'zod';

const ambientC = z.number().min(-40).max(85);

/** Highest expected ambients of a place by where a segment runs, °C. */
export const designSchema = z.strictObject({ outdoor: ambientC, attic: ambientC, garage: ambientC });

/** Highest expected ambients of a place. */
export type DesignTemperatures = z.infer<typeof designSchema>;
