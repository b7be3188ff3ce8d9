import { z } from 'zod';
import { circuitSchema } from '../circuit/circuitSchema';
import { practicesSchema } from '../circuit/practices';
import { WIRE_SIZES } from '../units/wireSize';

const amendmentSchema = z.strictObject({
  id: z.string().min(1).max(60),
  title: z.string().min(1).max(120),
  source: z.string().min(1).max(200),
  date: z.iso.date(),
  changes: z
    .array(
      z.discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('smallest-copper'), size: z.enum(WIRE_SIZES) }),
        z.strictObject({ kind: z.literal('continuous-factor'), factor: z.number().min(1).max(2) }),
        z.strictObject({ kind: z.literal('bend-limit'), degrees: z.number().min(90).max(360) }),
      ]),
    )
    .min(1),
});

/** A job: one place, one permit, its circuits in the order in which they are worked. */
export const jobSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  edition: z.union([z.literal(2017), z.literal(2020), z.literal(2023), z.literal(2026)]),
  authority: z.string().max(120).describe('The authority having jurisdiction'),
  permitDate: z.iso.date().nullable().describe('Day on which the permit was applied for'),
  amendments: z.array(amendmentSchema).max(40),
  practices: practicesSchema,
  circuits: z.array(circuitSchema).max(200),
});

/** A job, as it is saved. */
export type Job = z.infer<typeof jobSchema>;
