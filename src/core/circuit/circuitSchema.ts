import { z } from 'zod';
import { METHOD_IDS, PLACES } from '../code/methods';
import { siteSchema } from '../protection/siteSchema';
import { applianceSchema } from '../appliances/registry';
import { TRADE_SIZES } from '../units/tradeSize';
import { WIRE_SIZES } from '../units/wireSize';

const lengthFt = z.number().positive().max(2000);
const id = z.string().min(1).max(60);

/** One stretch of a run: from one station to the next in a single method and place. */
export const stretchSchema = z.strictObject({
  id,
  method: z.enum(METHOD_IDS),
  lengthFt: lengthFt.describe('Length of wire in this stretch, feet'),
  place: z.enum(PLACES),
  ambientC: z.number().min(-40).max(85).describe('Highest expected ambient, °C'),
  currentCarrying: z
    .number()
    .int()
    .min(1)
    .max(60)
    .nullable()
    .describe('Current-carrying conductors in the same raceway or bundle; null: those of this circuit'),
  bendsDeg: z.number().min(0).max(1440).describe('Bends between pull points, degrees'),
  heightFt: z.number().min(-20).max(60).describe('Height above grade at which it runs, feet'),
  endHeightFt: z.number().min(-20).max(60).describe('Height above grade of the station at its end, feet'),
});

const markSchema = z.union([z.literal(60), z.literal(75), z.literal('unmarked')]);

const pinsSchema = z.strictObject({
  ocpdA: z.number().positive().max(6000).optional(),
  size: z.enum(WIRE_SIZES).optional(),
  egc: z.enum(WIRE_SIZES).optional(),
  trade: z.enum(TRADE_SIZES).optional(),
});

/** An answer to a question or doubt, kept with the circuit and printed on its sheet. */
const answerSchema = z.strictObject({ code: z.string().min(1).max(80), text: z.string().min(1).max(500) });

/** A photograph by the id under which its picture is kept beside the job. */
const photoSchema = z.strictObject({ id, caption: z.string().max(120) });

/** One circuit as it is saved: what the electrician said. Figures are computed from it, never stored. */
export const circuitSchema = z.strictObject({
  id,
  name: z.string().min(1).max(80),
  appliance: applianceSchema,
  material: z.enum(['cu', 'al']),
  insulation: z.enum(['THWN-2', 'XHHW-2']),
  terminals: z.strictObject({ panel: markSchema, load: markSchema }),
  startHeightFt: z.number().min(-20).max(60),
  run: z.array(stretchSchema).min(1).max(12),
  pins: pinsSchema,
  maxDropPct: z.number().positive().max(20).nullable(),
  site: siteSchema,
  photos: z.array(photoSchema).max(24),
  answers: z.array(answerSchema).max(60),
});

/** One stretch of a run, as it is saved. */
export type Stretch = z.infer<typeof stretchSchema>;
/** A circuit, as it is saved. */
export type Circuit = z.infer<typeof circuitSchema>;
/** The figures that were pinned. */
export type Pins = Circuit['pins'];
