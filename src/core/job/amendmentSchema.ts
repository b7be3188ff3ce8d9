import { z } from 'zod';
import { GROUND_FAULT_RULES } from '../code/groundFaultRules';
import { METHOD_IDS, ENVIRONMENTS } from '../code/methods';
import { LOCATIONS } from '../code/locations';
import { WIRE_SIZES } from '../units/wireSize';
import { whole } from '../files/mergeRules';

const number = <K extends string>(kind: K, min: number, max: number) =>
  z.strictObject({ kind: z.literal(kind), value: z.number().min(min).max(max) });

/** One change that a local amendment makes. */
const amendmentChangeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('smallest-copper'), size: z.enum(WIRE_SIZES) }),
  number('continuous-factor', 1, 2),
  number('bend-limit', 90, 360),
  number('sink-distance', 0, 30),
  number('outdoor-outlet-amps', 0, 400),
  number('ev-disconnect-over', 0, 200),
  number('in-sight-distance', 1, 200),
  number('pool-disconnect-distance', 1, 50),
  z.strictObject({ kind: z.literal('hvac-exempt-until'), date: z.iso.date() }),
  z.strictObject({ kind: z.literal('strike-gfci'), rule: z.enum(GROUND_FAULT_RULES) }),
  z.strictObject({ kind: z.literal('require-gfci'), room: z.enum(LOCATIONS) }),
  z.strictObject({ kind: z.literal('exempt-gfci'), load: z.string().min(1).max(30) }),
  z.strictObject({ kind: z.literal('no-arc-fault') }),
  z.strictObject({
    kind: z.literal('forbid-method'),
    method: z.enum(METHOD_IDS),
    place: z.enum([...ENVIRONMENTS, 'anywhere'] as const),
  }),
  z.strictObject({ kind: z.literal('requirement'), text: z.string().min(1).max(300) }),
]);

/** A local amendment with its source and date. */
export const amendmentSchema = z.strictObject({
  id: z.string().min(1).max(60),
  title: z.string().min(1).max(120),
  source: z.string().min(1).max(200),
  date: z.iso.date(),
  changes: whole(z.array(amendmentChangeSchema).min(1).max(20)),
});
