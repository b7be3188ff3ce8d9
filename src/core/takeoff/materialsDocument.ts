import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { isSaved, type Saved, type StageDocument } from '../files/stageDocument';
import { keyed } from '../files/mergeRules';

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

const keptSchema = z.strictObject({
  item,
  stock: z.string().min(1).max(40).describe('What it is cut from: "roll 125", "cut 44", "truck 18 ft"'),
  pieces: z
    .array(z.string().min(1).max(160))
    .min(1)
    .max(LIMITS.pieces)
    .describe('Pieces that lie on one bar of it by hand'),
});

const countedSchema = () =>
  keyed(
    z.array(z.strictObject({ item, count: z.number().min(0).max(LIMITS.counted) })).max(LIMITS.prices),
    (each) => each.item,
  );

const countSchema = z.strictObject({
  up: z
    .array(z.string().max(80))
    .max(LIMITS.circuits + LIMITS.panels)
    .describe('Parts of the job that are up'),
  used: countedSchema().describe('What was used of an item so far; items left out were not counted'),
  fetched: countedSchema().describe('What was fetched since the list was bought'),
});

const schema = z.strictObject({
  prices: keyed(
    z.array(priceSchema).max(LIMITS.prices).describe('Prices that were typed or read from a file'),
    (price) => `${price.item} ${String(price.packFt)}`,
  ),
  truck: keyed(
    z.array(truckSchema).max(LIMITS.truck).describe('What lies on the truck already'),
    (each) => `${each.item} ${String(each.ft)}`,
  ),
  kept: keyed(
    z.array(keptSchema).max(LIMITS.pieces).describe('Bars whose pieces were put on them by hand'),
    (bar) => JSON.stringify([bar.item, bar.stock, bar.pieces]),
  ),
  count: countSchema.nullable().describe('The count at noon; null: not begun'),
});

/** Prices and truck stock of a job. */
export type Materials = z.infer<typeof schema>;
/** One dated price. */
export type DatedPrice = Materials['prices'][number];
/** A bar whose pieces were put on it by hand. */
export type KeptBar = Materials['kept'][number];
/** The count at noon. */
export type NoonCount = NonNullable<Materials['count']>;
/** Something that lies on the truck. */
export type OnTruck = Materials['truck'][number];

/** Version 10 brought pieces that are put on a bar by hand, and the count at noon. */
const withKept = (job: Saved): Saved =>
  isSaved(job['materials']) ? { ...job, materials: { kept: [], count: null, ...job['materials'] } } : job;

/** What the Materials stage keeps: dated prices, and what lies on the truck. */
export const materialsDocument: StageDocument<typeof schema> = {
  schema,
  fresh: { prices: [], truck: [], kept: [], count: null },
  migrations: [
    { from: 8, up: (job) => ({ materials: { prices: [], truck: [] }, ...job }) },
    { from: 9, up: withKept },
  ],
};
