import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { itemBase } from './itemSchemas';

const id = z.string().min(1).max(60);
const hour = z.number().min(0).max(24);

const stepSchema = z.strictObject({
  id,
  hours: z.number().positive().max(LIMITS.hours),
  place: z.string().min(1).max(60),
  people: z.union([z.literal(1), z.literal(2)]).default(1),
  after: z.array(id).max(LIMITS.daySteps).default([]),
  gate: id.optional(),
  dead: z.boolean().default(false),
});

const gateSchema = z.strictObject({
  id,
  after: z.array(id).max(LIMITS.daySteps).default([]),
  earliest: z.iso.datetime({ local: true, offset: false, precision: -1 }).optional(),
});

/** Work put into days: steps with what they wait for, and gates. */
export const daysItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('days'),
  from: z.iso.date(),
  hours: z
    .tuple([hour, hour])
    .refine(
      ([opens, closes]) => opens < closes,
      'The day ends after it begins: two hours, such as [7.5, 16].',
    ),
  workdays: z.array(z.number().int().min(1).max(7)).min(1).max(7),
  people: z.union([z.literal(1), z.literal(2)]),
  steps: z.array(stepSchema).max(LIMITS.daySteps),
  gates: z.array(gateSchema).max(LIMITS.daySteps).default([]),
});

export type DaysItem = z.infer<typeof daysItemSchema>;
