import { z } from 'zod';
import { METHOD_IDS, ENVIRONMENTS, type MethodId } from '../code/methods';
import { LIMITS } from '../code/limits';
import { BURIAL_PLACES } from '../code/burialPlaces';
import { siteSchema } from '../protection/siteSchema';
import { applianceSchema } from '../appliances/registry';
import { existingSchema } from './existingSchema';
import { TRADE_SIZES } from '../units/tradeSize';
import { WIRE_SIZES } from '../units/wireSize';
import { STATION_KINDS, ROUTE_FITTINGS } from '../code/routeKinds';

/** Raceways in which a cable may be pulled. */
export const SLEEVES = ['emt', 'pvc40', 'pvc80', 'rmc', 'imc'] as const satisfies readonly MethodId[];

const lengthFt = z.number().positive().max(LIMITS.segmentFt);
const id = z.string().min(1).max(60);

/** What stands at the end of a segment, where it is not what the methods on both sides would have. */
const stationSchema = z.strictObject({
  kind: z.enum(STATION_KINDS).optional(),
  boxIn3: z.number().positive().max(2000).optional().describe('Volume of the box on hand, cubic inches'),
  ringIn3: z.number().positive().max(500).optional().describe('Volume that a ring adds, cubic inches'),
  lengthIn: z.number().positive().max(60).optional().describe('Length of the pull box on hand, inches'),
  holeIn: z.number().positive().max(6).optional().describe('Existing knockout, inches across'),
  clamps: z.boolean().optional().describe('Whether cable clamps are inside'),
  plastic: z.boolean().optional().describe('Whether the box is not of metal'),
});

/** One segment of a run: from one station to the next in a single method and place. */
export const segmentSchema = z.strictObject({
  id,
  method: z.enum(METHOD_IDS),
  lengthFt: lengthFt.describe('Length of wire in this segment, feet'),
  place: z.enum(ENVIRONMENTS),
  ambientC: z.number().min(-40).max(85).describe('Highest expected ambient, °C'),
  currentCarrying: z
    .number()
    .int()
    .min(1)
    .max(60)
    .nullable()
    .describe('Current-carrying conductors in the same raceway or bundle; null: those of this circuit'),
  bendsDeg: z
    .number()
    .min(0)
    .max(1440)
    .nullable()
    .describe('Bends between pull points, degrees; null: as the raceway is drawn'),
  heightFt: z.number().min(-20).max(60).describe('Height above grade at which it runs, feet'),
  endHeightFt: z.number().min(-20).max(60).describe('Height above grade of the station at its end, feet'),
  shares: z
    .strictObject({ raceway: id.optional(), bundle: id.optional(), trench: id.optional() })
    .optional()
    .describe('What it shares with segments of other circuits that bear the same id there'),
  burial: z.enum(BURIAL_PLACES).optional().describe('What lies over a buried segment; yard until it is said'),
  bored: z.boolean().optional().describe('Whether it is bored rather than dug'),
  swingF: z
    .number()
    .min(0)
    .max(250)
    .optional()
    .describe('Yearly temperature swing of the raceway in a year, °F'),
  edgeIn: z
    .number()
    .min(0)
    .max(12)
    .optional()
    .describe('Least distance from hole to edge of framing, inches'),
  exposed: z
    .enum(['concealed', 'guarded', 'bored', 'edges'])
    .optional()
    .describe('How a cable runs that is not concealed: guard strips or boards, bored holes, edges of joists'),
  sunlight: z.boolean().optional().describe('Whether a cable outdoors is marked sunlight resistant'),
  pieceFt: z
    .number()
    .positive()
    .max(LIMITS.segmentFt)
    .optional()
    .describe('Length of the piece on hand, feet'),
  size: z
    .enum(WIRE_SIZES)
    .optional()
    .describe('Conductor of this segment set by hand: cable on hand, larger where it is hot'),
  cableWires: z
    .union([z.literal(2), z.literal(3)])
    .optional()
    .describe('Insulated conductors in the cable on hand; as few as the circuit needs until it is said'),
  spaced: z
    .boolean()
    .optional()
    .describe(
      'Whether spacing is kept between its cable and others along the trench; left out: not looked at',
    ),
  sleeve: z.enum(SLEEVES).optional().describe('Raceway in which a cable is pulled'),
  without: z.array(z.enum(ROUTE_FITTINGS)).max(12).optional().describe('What is left out of what it needs'),
  end: stationSchema.optional(),
});

const markSchema = z.union([z.literal(60), z.literal(75), z.literal('unmarked')]);

/** Figures that are set by hand, or were found on an existing circuit. */
export const pinsSchema = z.strictObject({
  ocpdA: z.number().positive().max(6000).optional(),
  size: z.enum(WIRE_SIZES).optional(),
  egc: z.enum(WIRE_SIZES).optional(),
  trade: z.enum(TRADE_SIZES).optional(),
});

/** A photograph by the id under which its picture is kept beside the job. */
const photoSchema = z.strictObject({
  id,
  caption: z.string().max(120),
  station: z
    .string()
    .regex(/^[A-Z]$/)
    .optional()
    .describe('The station that it shows, by its letter'),
});

/** One circuit as it is saved: what the electrician said. Figures are computed from it, never stored. */
export const circuitSchema = z.strictObject({
  id,
  name: z.string().min(1).max(LIMITS.nameLength),
  appliance: applianceSchema,
  material: z.enum(['cu', 'al']),
  insulation: z.enum(['THWN-2', 'XHHW-2']),
  terminals: z.strictObject({ panel: markSchema, load: markSchema }),
  startHeightFt: z.number().min(-20).max(60),
  run: z.array(segmentSchema).min(1).max(LIMITS.segments),
  pins: pinsSchema,
  feedId: id
    .nullable()
    .describe('The circuit at whose end, in a spa panel, its breaker stands; null: in a panel of the house'),
  existing: existingSchema
    .nullable()
    .describe('What was found of it where it is there already; null: it is planned'),
  maxDropPct: z.number().positive().max(20).nullable(),
  site: siteSchema,
  photos: z.array(photoSchema).max(LIMITS.photos),
});

/** One segment of a run, as it is saved. */
export type Segment = z.infer<typeof segmentSchema>;
/** A circuit, as it is saved. */
export type Circuit = z.infer<typeof circuitSchema>;
/** The figures that were pinned. */
export type Pins = Circuit['pins'];
