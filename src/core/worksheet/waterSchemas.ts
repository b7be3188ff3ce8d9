import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { BOND_PARTS, PERIMETERS, SHELLS, WATER_KINDS } from '../code/waterFacts';
import { outlineSchemas, placeSchema } from '../water/outlineSchema';
import { ZONE_OBJECTS } from '../water/zones';
import { itemBase } from './itemSchemas';

const shape = z.union(outlineSchemas);

/** Length of a bonding loop. */
export const bondLoopItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('bond-loop'),
  shape,
  offsetIn: z.number().min(0).max(120),
  tailsFt: z.array(z.number().min(0).max(1000)).max(100).default([]),
});

const barrier = z
  .tuple([placeSchema, placeSchema])
  .refine(([[x1, y1], [x2, y2]]) => Math.hypot(x2 - x1, y2 - y1) > 0, 'A wall or fence has a length.');

/** An object in its zone around the water. */
export const zoneItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('zone'),
  water: z.strictObject({ kind: z.enum(WATER_KINDS), shape }),
  object: z.strictObject({
    kind: z.enum(ZONE_OBJECTS),
    at: placeSchema,
    heightFt: z.number().min(-20).max(60).optional(),
    gfci: z.boolean().optional(),
    existing: z.boolean().optional(),
    rigid: z.boolean().optional(),
  }),
  barriers: z.array(barrier).max(100).default([]),
});

const inches = z.number().min(0).max(600).optional();
const feet = z.number().min(0).max(LIMITS.planFt).optional();

/** What is bonded around a pool, spa or tub. */
export const bondingItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('bonding'),
  water: z.strictObject({
    kind: z.enum(WATER_KINDS),
    shell: z.enum(SHELLS),
    rimAboveIn: inches,
    perimeter: z.enum(PERIMETERS),
    wettedBondedIn2: z.number().min(0).max(100000).optional(),
  }),
  items: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(60),
        what: z.enum(BOND_PARTS),
        metal: z.boolean(),
        isolated: z.boolean().optional(),
        maxDimIn: inches,
        penetrationIn: inches,
        distanceFt: feet,
        heightFt: z.number().min(-20).max(60).optional(),
        barrier: z.boolean().optional(),
        doubleInsulated: z.boolean().optional(),
        fixed: z.boolean().optional(),
      }),
    )
    .max(200),
});

/** A loop item, read. */
export type BondLoopItem = z.infer<typeof bondLoopItemSchema>;
/** A zone item, read. */
export type ZoneItem = z.infer<typeof zoneItemSchema>;
/** A bonding item, read. */
export type BondingItem = z.infer<typeof bondingItemSchema>;
