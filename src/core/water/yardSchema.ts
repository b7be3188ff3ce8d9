import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { METHOD_IDS } from '../code/methods';
import { PERIMETERS, SHELLS, WATER_KINDS, YARD_THINGS } from '../code/waterFacts';
import { cornersSchema, coordinateSchema, outlineSchemas, placeSchema } from './outlineSchema';
import { smoothCurve } from './smoothCurve';
import { keyed, whole } from '../files/mergeRules';
import { momentSchema } from '../units/moment';

const id = z.string().min(1).max(60);
const name = z.string().min(1).max(LIMITS.nameLength);
/** Above grade, feet; below it negative. */
const heightFt = z.number().min(-20).max(100);
const inches = z.number().min(0).max(600);

/** A smooth outline through points, such as a kidney: its curve does not cross itself either. */
const curveSchema = z
  .array(placeSchema)
  .min(3)
  .max(60)
  .superRefine((points, context) => {
    const read = cornersSchema.safeParse(smoothCurve(points));
    for (const { message } of read.error?.issues ?? []) context.addIssue({ code: 'custom', message });
  });

const shapeSchema = whole(z.union([...outlineSchemas, z.strictObject({ curve: curveSchema })]));

/** A pool, spa or tub as it lies in the yard. */
const waterSchema = z.strictObject({
  id,
  name,
  shape: shapeSchema,
  at: placeSchema.describe('Where the origin of its outline lies, feet'),
  turnDeg: z.number().min(-360).max(360).describe('Turned counterclockwise by, degrees'),
  kind: z.enum(WATER_KINDS),
  shell: z.enum(SHELLS),
  perimeter: z.enum(PERIMETERS).describe('What lies around it to 3 ft'),
  depthIn: inches.nullable().describe('Water that it can hold, not what it is filled to, inches'),
  rimIn: inches.nullable().describe('Rim above grade, inches; 0 in the ground'),
  uprights: z.number().int().min(4).max(60).nullable().describe('Uprights of a metal wall'),
  ringOffIn: z.number().min(0).max(120).describe('Bonding ring from the inside wall, inches'),
  grid: z.boolean().optional().describe('Whether a copper grid bonds the surface in place of the ring'),
  ringDeepIn: z.number().min(0).max(60).describe('Bonding ring below subgrade, inches'),
  conductor: z
    .enum(['solid-8', 'stranded-8', 'smaller'])
    .optional()
    .describe('Bonding conductor as found; left out: 8 AWG solid copper is planned'),
  connectors: z
    .enum(['listed', 'unlisted'])
    .optional()
    .describe('Buried connectors as found; left out: listed for direct burial are planned'),
  seen: keyed(
    z
      .array(
        z.strictObject({
          step: z.string().min(1).max(80),
          offIn: z.number().min(0).max(240).nullable().describe('Ring from the inside wall, inches'),
          deepIn: z.number().min(0).max(120).nullable().describe('Ring below subgrade, inches'),
          right: z
            .boolean()
            .nullish()
            .describe('Whether it was looked at and bonded right; left out: measured, not judged'),
          ft: z
            .number()
            .min(0)
            .max(2000)
            .nullish()
            .describe('The distance it was signed at, feet: moved later, it is looked at again'),
          wrong: z.string().max(200).optional().describe('What is not right'),
          later: z.string().max(200).optional().describe('Left for later: why, and by when'),
          by: z.string().min(1).max(60).optional().describe('Initials or role of whoever looked'),
          at: momentSchema.optional().describe('When'),
        }),
      )
      .max(200)
      .describe('What was measured on the walk around it'),
    ({ step }) => step,
  ),
  photos: z.array(z.strictObject({ id, caption: z.string().max(120) })).max(LIMITS.photos),
  indoors: z.boolean().optional().describe('Whether it lies in a building; an indoor spa does by its kind'),
  fountain: z.boolean().optional().describe('Whether it is a fountain, or shares its water with one'),
  taps: z.number().int().min(0).max(60).optional().describe('Ties to the shell as found; left out: planned'),
});

/** A wall of a building, or another that is permanent. */
const wallSchema = z.strictObject({
  kind: z.literal('wall'),
  heightFt: heightFt.describe('Top above grade, feet'),
});

const fenceSchema = z.strictObject({
  kind: z.literal('fence'),
  heightFt,
  metal: z.boolean().nullable(),
  solid: z.boolean().describe('Whether no hand and no cord passes through'),
});

/** What hangs over the yard, by what the clearances tell apart. */
const OVERHEAD_KINDS = ['triplex', 'open-15kv', 'open-50kv', 'communication', 'broadband'] as const;

const overheadSchema = z.strictObject({
  kind: z.literal('overhead'),
  conductors: z.enum(OVERHEAD_KINDS),
  fromFt: heightFt.describe('Height at its first point, feet'),
  toFt: heightFt.describe('Height at its last point, feet'),
  sagFt: z.number().min(0).max(30).describe('Largest sag, hot or with ice, feet'),
});

const pipeSchema = z.strictObject({
  kind: z.literal('pipe'),
  holds: z.enum(['gas', 'water', 'other']),
  metal: z.boolean().nullable(),
  heightFt,
});

const wiringSchema = z.strictObject({
  kind: z.literal('wiring'),
  method: z.enum(METHOD_IDS),
  feedsWater: z.boolean().describe('Whether it supplies the equipment of this water'),
});

const along = {
  id,
  name,
  points: whole(z.array(placeSchema).min(2).max(40)),
};
/** What a line of each kind is checked by. */
export const lineSchemas = {
  wall: wallSchema.extend(along),
  fence: fenceSchema.extend(along),
  overhead: overheadSchema.extend(along),
  pipe: pipeSchema.extend(along),
  wiring: wiringSchema.extend(along),
};
const lineSchema = z.discriminatedUnion('kind', [
  lineSchemas.wall,
  lineSchemas.fence,
  lineSchemas.overhead,
  lineSchemas.pipe,
  lineSchemas.wiring,
]);

/** A deck, platform or slab. */
const areaSchema = z.strictObject({
  id,
  name,
  kind: z.enum(['deck', 'slab']),
  points: whole(cornersSchema),
  topIn: z.number().min(-24).max(240).describe('Top above grade, inches'),
  steel: z.boolean().nullable().describe('Whether a slab has bare steel'),
});

/** Something at one point that the rules know. What is left out was not looked at. */
const thingSchema = z.strictObject({
  id,
  name,
  kind: z.enum(YARD_THINGS),
  at: placeSchema,
  heightFt: heightFt.optional().describe('Above grade, feet'),
  metal: z.boolean().optional(),
  existing: z.boolean().optional(),
  rigid: z.boolean().optional().describe('Whether it is rigidly attached to the structure'),
  gfci: z.boolean().optional(),
  bonded: z.boolean().optional().describe('Whether it was found bonded; left out: planned where required'),
  barrier: z.boolean().optional().describe('Whether a permanent barrier keeps hands from it'),
  doubleInsulated: z.boolean().optional(),
  pigtail: z.boolean().optional().describe('Whether 8 AWG solid was brought to it for a later motor'),
  isolated: z.boolean().optional().describe('Whether no other metal touches it'),
  acrossIn: inches.optional().describe('Its largest dimension, inches'),
  deepIn: inches.optional().describe('How deep it goes into the structure, inches'),
  fixed: z.boolean().optional(),
  postIn: inches
    .optional()
    .describe('How deep the post is set on which it stands, inches; none where left out'),
  wetIn2: z.number().min(0).max(10000).optional().describe('Metal that the water always wets, square inches'),
  lowVoltage: z
    .boolean()
    .optional()
    .describe('Listed, needs no ground, at most 15 V AC or 30 V DC, on a supply to 680.23(A)(2)'),
  enclosed: z
    .boolean()
    .optional()
    .describe('Totally enclosed; of a fan or luminaire also: identified for under a ceiling structure'),
  seesPool: z.boolean().optional().describe('Whether the whole pool is seen from the switch of its cover'),
  lensIn: inches
    .optional()
    .describe('Top of the lens of an underwater light below the normal water level, inches'),
  nicheWire: z
    .boolean()
    .optional()
    .describe('Whether 8 AWG insulated copper lies in its nonmetallic conduit, potted at the forming shell'),
  onTimer: z.boolean().optional().describe('Whether the timer of the pump switches it'),
  circuitId: id.optional().describe('Circuit of the job that feeds it'),
});

const underlaySchema = z.strictObject({
  photoId: id,
  at: placeSchema.describe('Where its lower left corner lies, feet'),
  ftPerPx: z.number().positive().max(100),
  widthPx: z.number().int().positive().max(20000),
  heightPx: z.number().int().positive().max(20000),
});

/** Everything in the yard that has to do with water. Right is x, up is y, feet. */
export const yardSchema = z.strictObject({
  waters: z.array(waterSchema).max(LIMITS.waters),
  lines: z.array(lineSchema).max(LIMITS.yardLines),
  areas: z.array(areaSchema).max(LIMITS.yardAreas),
  things: z.array(thingSchema).max(LIMITS.yardThings),
  northDeg: coordinateSchema.min(-360).max(360).describe('North, counterclockwise from up, degrees'),
  frostIn: inches.nullable().default(null).describe('How deep the ground freezes here, inches'),
  underlay: underlaySchema.nullable().describe('A picture of the site under the plan'),
});

/** Everything in the yard that has to do with water. */
export type Yard = z.infer<typeof yardSchema>;
/** A pool, spa or tub. */
export type Water = Yard['waters'][number];
/** A wall, fence, overhead line, pipe or buried wiring. */
export type YardLine = Yard['lines'][number];
/** A deck or slab. */
export type YardArea = Yard['areas'][number];
/** Something at one point. */
export type Thing = Yard['things'][number];

/** The lists of a yard with what each holds. */
export interface YardLists {
  readonly waters: Water;
  readonly lines: YardLine;
  readonly areas: YardArea;
  readonly things: Thing;
}
/** A list of a yard. */
export type YardList = keyof YardLists;

/** Something in the yard with the list that it is in. */
export type YardItem = {
  readonly [L in YardList]: { readonly list: L; readonly item: YardLists[L] };
}[YardList];

/** What the items of each list are checked by. */
export const yardItemSchemas = {
  waters: waterSchema,
  lines: lineSchema,
  areas: areaSchema,
  things: thingSchema,
} as const;

/** How many items each list holds. */
export const YARD_LIMITS: Readonly<Record<YardList, number>> = {
  waters: LIMITS.waters,
  lines: LIMITS.yardLines,
  areas: LIMITS.yardAreas,
  things: LIMITS.yardThings,
};
