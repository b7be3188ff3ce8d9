import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { itemBase } from './itemSchemas';
import { daySpanSchema } from '../timing/daysDocument';

const id = z.string().min(1).max(60);

/** Days that a plan may take: the work of a crew for decades. */
const MOST_DAYS = 10_000;

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
export const daysItemSchema = z
  .strictObject({
    ...itemBase,
    kind: z.literal('days'),
    from: z.iso.date(),
    hours: daySpanSchema,
    workdays: z.array(z.number().int().min(1).max(7)).min(1).max(7),
    people: z.union([z.literal(1), z.literal(2)]),
    steps: z.array(stepSchema).max(LIMITS.daySteps),
    gates: z.array(gateSchema).max(LIMITS.daySteps).default([]),
  })
  .refine(
    ({ hours: [from, to], steps }) =>
      steps.reduce((sum, each) => sum + each.hours, 0) <= MOST_DAYS * (to - from),
    { path: ['hours'], message: `The work comes to more than ${MOST_DAYS} days of these hours.` },
  );

export type DaysItem = z.infer<typeof daysItemSchema>;
