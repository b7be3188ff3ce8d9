import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { isSaved, type StageDocument } from '../files/stageDocument';

const id = z.string().min(1).max(160);
const moment = z.iso.datetime({ local: true, offset: false, precision: -1 }).describe('Local time');

/** Gates that every job has: somebody's word that work waits for. */
export const GATE_IDS = ['permit', 'call', 'rough-in', 'bonding', 'final'] as const;
/** A gate of a job. */
export type GateId = (typeof GATE_IDS)[number];

const gateSchema = z.strictObject({
  id: z.enum(GATE_IDS),
  booked: moment.nullable().describe('When it is booked for; null: not yet'),
  passed: z
    .strictObject({ by: z.string().min(1).max(80), at: moment })
    .nullable()
    .describe('Who passed it, and when'),
  failed: z.string().max(LIMITS.answerLength).describe('What was not passed; empty: nothing'),
});

const schema = z.strictObject({
  from: z.iso.date().nullable().describe('First day of work; null: not set'),
  hours: z.tuple([z.number().min(0).max(24), z.number().min(0).max(24)]).describe('Opening and end of a day'),
  workdays: z.array(z.number().int().min(1).max(7)).min(1).max(7).describe('1 Monday to 7 Sunday'),
  people: z.union([z.literal(1), z.literal(2)]),
  gates: z.array(gateSchema).max(GATE_IDS.length),
  moved: z
    .array(z.strictObject({ id, earliest: moment }))
    .max(LIMITS.daySteps)
    .describe('Steps that were moved by hand: they begin no earlier'),
  done: z
    .array(z.strictObject({ id, hours: z.number().positive().max(LIMITS.hours), on: z.iso.date() }))
    .max(LIMITS.daySteps)
    .describe('Steps that are done, with the hours that they took'),
});

/** How the work of a job is put into days. */
export type Days = z.infer<typeof schema>;
/** What is known of a gate. */
export type GateRecord = Days['gates'][number];

const FRESH: Days = {
  from: null,
  hours: [7.5, 16],
  workdays: [1, 2, 3, 4, 5],
  people: 1,
  gates: [],
  moved: [],
  done: [],
};

/** What the Days stage keeps. */
export const daysDocument: StageDocument<typeof schema> = {
  schema,
  fresh: FRESH,
  migrations: [{ from: 9, up: (job) => (isSaved(job['days']) ? job : { days: FRESH, ...job }) }],
};
