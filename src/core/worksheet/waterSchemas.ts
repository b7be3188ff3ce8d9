import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { printNumber } from '../units/number';
import { BOND_PARTS, PERIMETERS, SHELLS } from '../water/bonding';
import { enclosedArea, outlineCrossing } from '../water/outlineCrossing';
import { WATER_KINDS, ZONE_OBJECTS } from '../water/zones';
import { itemBase } from './itemSchemas';

const side = z.number().positive().max(500);
const lengthAndWidth = z
  .strictObject({ lengthFt: side, widthFt: side })
  .refine(({ lengthFt, widthFt }) => lengthFt >= widthFt, {
    path: ['lengthFt'],
    message: 'The length may not be less than the width, widthFt.',
  });

const MIN_WATER_FT2 = 0.1;
const coordinate = z.number().min(-LIMITS.planFt).max(LIMITS.planFt);
const outlineSchema = z
  .array(z.tuple([coordinate, coordinate]))
  .min(3)
  .max(500)
  .superRefine((points, context) => {
    const crossing = outlineCrossing(points);
    if (crossing === undefined) {
      if (enclosedArea(points) < MIN_WATER_FT2)
        context.addIssue({ code: 'custom', message: 'The outline encloses no water.' });
      return;
    }
    const [x, y] = crossing.at;
    const [one, other] = crossing.sides;
    context.addIssue({
      code: 'custom',
      message: `The outline crosses itself at x ${printNumber(x)} ft, y ${printNumber(y)} ft: sides ${one} and ${other}.`,
    });
  });

const shape = z.union([
  z.strictObject({ circle: z.strictObject({ diameterFt: side }) }),
  z.strictObject({ rectangle: lengthAndWidth }),
  z.strictObject({ oval: lengthAndWidth }),
  z.strictObject({ stadium: lengthAndWidth }),
  z.strictObject({ polygon: outlineSchema }),
]);

/** Length of a bonding loop. */
export const bondLoopItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('bond-loop'),
  shape,
  offsetIn: z.number().min(0).max(120),
  tailsFt: z.array(z.number().min(0).max(1000)).max(100).default([]),
});

const place = z.tuple([coordinate, coordinate]);
const barrier = z
  .tuple([place, place])
  .refine(([[x1, y1], [x2, y2]]) => Math.hypot(x2 - x1, y2 - y1) > 0, 'A wall or fence has a length.');

/** An object in its zone around the water. */
export const zoneItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('zone'),
  water: z.strictObject({ kind: z.enum(WATER_KINDS), shape }),
  object: z.strictObject({
    kind: z.enum(ZONE_OBJECTS),
    at: place,
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
