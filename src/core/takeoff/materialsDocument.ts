import { z } from 'zod';
import { LIMITS } from '../code/limits';
import type { StageDocument } from '../files/stageDocument';

const item = z.string().min(1).max(120).describe('The item by its key');

const priceSchema = z.strictObject({
  item,
  packFt: z
    .number()
    .positive()
    .max(LIMITS.planFt)
    .nullable()
    .describe('Feet of the coil, roll or stick; null for a piece, or a foot cut at the counter'),
  cents: z.number().int().min(0).max(LIMITS.cents).describe('Of the pack, the piece or the foot'),
  date: z.iso.date().describe('Day of the price'),
  source: z.string().max(60).describe('Who gave it'),
});

const truckSchema = z.strictObject({
  item,
  ft: z
    .number()
    .positive()
    .max(LIMITS.planFt)
    .nullable()
    .describe('Length of the piece; null for what is counted'),
  count: z.number().int().min(1).max(LIMITS.pieces),
});

const schema = z.strictObject({
  prices: z.array(priceSchema).max(LIMITS.prices).describe('Prices that were typed or read from a file'),
  truck: z.array(truckSchema).max(LIMITS.truck).describe('What lies on the truck already'),
});

/** Prices and truck stock of a job. */
export type Materials = z.infer<typeof schema>;
/** One dated price. */
export type DatedPrice = Materials['prices'][number];
/** Something that lies on the truck. */
export type OnTruck = Materials['truck'][number];

/** What the Materials stage keeps: dated prices, and what lies on the truck. */
export const materialsDocument: StageDocument<typeof schema> = {
  schema,
  fresh: { prices: [], truck: [] },
  migrations: [{ from: 8, up: (job) => ({ materials: { prices: [], truck: [] }, ...job }) }],
};
