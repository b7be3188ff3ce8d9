import { z } from 'zod';
import { TRADE_SIZES } from '../units/tradeSize';
import { WIRE_SIZES } from '../units/wireSize';
import { keyed } from '../files/mergeRules';

/** The most spaces that a panel has. */
const MAX_SPACES = 84;

/** What may feed a panel besides the utility: a vehicle that gives back among them. */
export const SECOND_SOURCES = ['generator', 'battery', 'solar', 'vehicle'] as const;

/** Where a breaker stands: its upper space, and which half of it where two share one. */
export const spaceSchema = z.strictObject({
  slot: z.number().int().min(1).max(MAX_SPACES),
  half: z.enum(['a', 'b']).nullable().describe('Half of a space that two single poles share, or null'),
});

/** A place in a panel. */
export type Space = z.infer<typeof spaceSchema>;

/** A breaker that was found in a panel, with what its circuit feeds. */
export const breakerSchema = z.strictObject({
  id: z.string().min(1).max(60),
  place: spaceSchema,
  poles: z.union([z.literal(1), z.literal(2)]),
  amps: z.number().int().min(10).max(200),
  name: z.string().max(60).describe('What it feeds, as the directory says or as was found'),
  kind: z.enum(['plain', 'gfci', 'afci', 'dual']),
  sharedNeutral: z
    .boolean()
    .describe(
      'A multiwire circuit: two hots that share a neutral, on both legs; of one pole: its handle is not tied to the other',
    ),
  va: z
    .number()
    .min(0)
    .max(50000)
    .nullable()
    .describe('Load, where it is known; half the rating counts otherwise'),
});

/** A breaker that was found. */
export type Breaker = z.infer<typeof breakerSchema>;

/** What is to be done in a panel. */
export const planSchema = z.strictObject({
  gone: z
    .array(z.string().max(60))
    .max(MAX_SPACES * 2)
    .describe('Breakers that are taken out'),
  moved: z.array(z.strictObject({ id: z.string().max(60), to: spaceSchema })).max(MAX_SPACES * 2),
  placed: keyed(
    z.array(z.strictObject({ circuitId: z.string().max(60), at: spaceSchema })).max(MAX_SPACES * 2),
    ({ circuitId }) => circuitId,
  ),
});

/** What is to be done in a panel: taken out, moved, placed. */
export type PanelPlan = z.infer<typeof planSchema>;

const rangeSchema = z
  .strictObject({
    from: z.number().int().min(1).max(MAX_SPACES),
    to: z.number().int().min(1).max(MAX_SPACES),
  })
  .refine(({ from, to }) => from <= to, 'The first space is not past the last one.');

/** A panel as it was surveyed. Null is what was not looked at yet. */
export const panelSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(60),
  role: z.enum(['service', 'subpanel']),
  fedFrom: z.string().max(60).nullable().describe('The panel that feeds it'),
  feederId: z.string().max(60).nullish().describe('The circuit of the job that feeds it'),
  mainA: z
    .number()
    .int()
    .min(30)
    .max(400)
    .nullable()
    .describe('Main breaker; null where it has lugs only or was not read'),
  busA: z.number().int().min(30).max(600).nullable(),
  spaces: z.number().int().min(2).max(MAX_SPACES).multipleOf(2),
  tandems: keyed(z.array(rangeSchema).max(10), ({ from, to }) => `${from}-${to}`)
    .nullable()
    .describe('Spaces that take two single poles, by the label'),
  mostPoles: z
    .number()
    .int()
    .min(2)
    .max(MAX_SPACES * 2)
    .nullable()
    .describe('Circuits that the label allows'),
  listings: z.array(z.string().min(1).max(20)).max(8).describe('Breaker types on the label'),
  terminalC: z.union([z.literal(60), z.literal(75)]).nullable(),
  neutrals: z.enum(['bonded', 'apart']).nullable().describe('Neutral and ground bars'),
  bondingScrew: z.enum(['in', 'out']).nullable(),
  building: z
    .enum(['same', 'other'])
    .nullish()
    .describe('Same building as the service disconnect, or another'),
  feedWires: z
    .union([z.literal(3), z.literal(4)])
    .nullish()
    .describe('Wires of its feeder'),
  feedGround: z.boolean().nullish().describe('Whether its raceway or armor is a ground (250.118)'),
  legalWhenInstalled: z.boolean().nullish().describe('Whether a bond in it was legal when it was installed'),
  metallicPath: z
    .boolean()
    .nullish()
    .describe('Whether a continuous metallic path is bonded in both buildings'),
  groundFaultUpstream: z
    .boolean()
    .nullish()
    .describe('Whether ground-fault protection of equipment is upstream'),
  serviceDisconnect: z
    .enum(['here', 'outside', 'emergency-only'])
    .nullish()
    .describe(
      'Where the service disconnect is; emergency-only: a switch that is not service equipment (230.85)',
    ),
  seriesRatedKA: z
    .number()
    .min(5)
    .max(200)
    .nullish()
    .describe('Series rating of main and branch breakers by their label'),
  installed: z.enum(['existing', 'new']).nullish().describe('Whether this job installs it'),
  knownToFail: z
    .boolean()
    .nullish()
    .describe('Whether its make and type is known to fail: breakers that do not trip, a bus that burns'),
  workingSpace: z
    .boolean()
    .nullish()
    .describe('Whether the space before it is clear: 30 in wide, 36 in deep, 6 ft 6 in high'),
  topHandleIn: z
    .number()
    .min(12)
    .max(150)
    .nullish()
    .describe('Center of the highest breaker handle above the floor, inches'),
  mainKind: z.enum(['main', 'back-fed', 'lugs']).nullish().describe('How it is fed'),
  holdDown: z.boolean().nullish().describe('Whether a back-fed main is fastened in place'),
  feedThrough: z.boolean().nullish().describe('Whether its feed-through lugs are used'),
  feedThroughProtected: z
    .boolean()
    .nullish()
    .describe('Whether the main of the panel protects what leaves them'),
  secondSources: z
    .array(z.enum(SECOND_SOURCES))
    .max(SECOND_SOURCES.length)
    .nullish()
    .describe('What feeds it besides the utility; empty: none, looked at; null: not asked'),
  surgeDevice: z.boolean().nullish().describe('Whether it has a surge-protective device'),
  neutralsShare: z.boolean().nullable().describe('Whether two neutrals are under one screw'),
  lugFrom: z.enum(WIRE_SIZES).nullable(),
  lugTo: z.enum(WIRE_SIZES).nullable(),
  interruptingKA: z.number().min(5).max(200).nullable(),
  openings: z.number().int().min(0).max(MAX_SPACES).nullable().describe('Openings without a filler'),
  knockouts: keyed(
    z.array(z.strictObject({ trade: z.enum(TRADE_SIZES), free: z.number().int().min(0).max(40) })).max(8),
    ({ trade }) => trade,
  ).nullable(),
  breakers: z.array(breakerSchema).max(MAX_SPACES * 2),
  plan: planSchema,
  photos: z.array(z.strictObject({ id: z.string().min(1).max(60), caption: z.string().max(120) })).max(24),
});

/** A panel of a job. */
export type Panel = z.infer<typeof panelSchema>;

/** Nothing done yet. */
const EMPTY_PLAN: PanelPlan = { gone: [], moved: [], placed: [] };

/** A panel of which only the role and the number of spaces is known. */
export const freshPanel = (id: string, name: string, role: Panel['role'], fedFrom: string | null): Panel => ({
  id,
  name,
  role,
  fedFrom,
  mainA: null,
  busA: null,
  spaces: 30,
  tandems: null,
  mostPoles: null,
  listings: [],
  terminalC: null,
  neutrals: null,
  bondingScrew: null,
  neutralsShare: null,
  lugFrom: null,
  lugTo: null,
  interruptingKA: null,
  openings: null,
  knockouts: null,
  breakers: [],
  plan: EMPTY_PLAN,
  photos: [],
});
