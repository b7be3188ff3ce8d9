import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { eachSaved, isSaved, type Saved, type StageDocument } from '../files/stageDocument';
import { keyed, whole } from '../files/mergeRules';
import { momentSchema } from '../units/moment';

const id = z.string().min(1).max(160);
const moment = momentSchema.describe('Local time');

/** Where work is done; no two steps go on in one place at one time. */
export const WORK_PLACES = ['panel', 'house', 'trench', 'garage', 'building', 'post', 'water'] as const;
/** A place of work. */
export type WorkPlace = (typeof WORK_PLACES)[number];

/** What stops some of the work for a time. */
export const CLOSED_KINDS = ['trade', 'rain', 'frost', 'heat'] as const;
/** A kind of it. */
export type ClosedKind = (typeof CLOSED_KINDS)[number];

/** Gates that every job has: somebody's word that work waits for. */
export const GATE_IDS = ['permit', 'call', 'trench', 'rough-in', 'bonding', 'utility', 'final'] as const;
/** A gate of a job. */
export type GateId = (typeof GATE_IDS)[number];

const photos = z.array(z.strictObject({ id, caption: z.string().max(120) })).max(LIMITS.photos);

const gateSchema = z
  .strictObject({
    id: z.enum(GATE_IDS),
    booked: moment.nullable().describe('When it is booked for; null: not yet'),
    until: moment
      .nullable()
      .describe('End of the window in which the inspector comes; null: at the moment itself'),
    passed: whole(z.strictObject({ by: z.string().min(1).max(80), at: moment }))
      .nullable()
      .describe('Who passed it, and when'),
    failed: z.string().max(LIMITS.answerLength).describe('What was not passed; empty: nothing'),
    failedAt: moment.nullish().describe('When it was not passed; left out: not known'),
    refused: keyed(
      z
        .array(z.strictObject({ what: z.string().min(1).max(LIMITS.answerLength), at: moment.nullable() }))
        .max(50),
      ({ what, at }) => `${at ?? ''} ${what}`,
    )
      .optional()
      .describe('What was not passed before, and was mended since'),
    photos: photos.describe('What the inspector saw'),
  })
  .refine(
    ({ booked, until }) => booked === null || until === null || booked <= until,
    'The window of the inspector ends after it begins.',
  );

const hour = z.number().min(0).max(24);
/** A working day is this long at least, hours: less is no day that work fits into. */
const LEAST_DAY_H = 0.25;

const spanOf = (what: string) =>
  whole(
    z
      .tuple([hour, hour])
      .refine(
        ([from, to]) => to - from >= LEAST_DAY_H,
        `${what} ends after it begins, a quarter of an hour at least: two hours, such as [7.5, 16].`,
      ),
  );

/** The hours of a working day, from one to a later one. */
export const daySpanSchema = spanOf('The day');
const spanSchema = spanOf('It');

const closedSchema = z.strictObject({
  id,
  kind: z.enum(CLOSED_KINDS),
  date: z.iso.date(),
  hours: spanSchema,
  place: z.enum(WORK_PLACES).nullable().describe('Of another trade: where it works; null: everywhere'),
  note: z.string().max(80),
});

const wordSchema = z.strictObject({
  id,
  question: z.string().min(1).max(LIMITS.answerLength),
  who: z.string().max(80).describe('Who answers: the owner, another trade'),
  step: id.describe('The step that waits for the answer'),
  by: moment.nullable().describe('When it is expected; null: not known'),
  answer: z.string().max(LIMITS.answerLength).describe('Empty: not answered yet'),
  at: moment.nullable().describe('When it was answered'),
  photos,
});

const schema = z.strictObject({
  from: z.iso.date().nullable().describe('First day of work; null: not set'),
  hours: daySpanSchema.describe('Opening and end of a day'),
  workdays: keyed(
    z.array(z.number().int().min(1).max(7)).min(1).max(7).describe('1 Monday to 7 Sunday'),
    String,
  ),
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
  closed: z.array(closedSchema).max(LIMITS.daySteps).describe('Times in which some of the work stops'),
  daylight: spanSchema.nullable().describe('Sunrise and sunset as typed; null: not typed'),
  words: z.array(wordSchema).max(LIMITS.answers).describe('What the owner or another trade is asked'),
});

/** How the work of a job is put into days. */
export type Days = z.infer<typeof schema>;
/** What is known of a gate. */
export type GateRecord = Days['gates'][number];
/** A time in which some of the work stops. */
export type Closed = Days['closed'][number];
/** A question to the owner or another trade, and its answer. */
export type AskedWord = Days['words'][number];

const FRESH: Days = {
  from: null,
  hours: [7.5, 16],
  workdays: [1, 2, 3, 4, 5],
  people: 1,
  gates: [],
  moved: [],
  done: [],
  closed: [],
  daylight: null,
  words: [],
};

/** Version 11 brought times that are closed, daylight, questions, and windows of the inspector. */
function withStops(job: Saved): Saved {
  const { days } = job;
  if (!isSaved(days)) return job;
  const gates = eachSaved(days['gates'], (gate) => ({ until: null, photos: [], ...gate }));
  return { ...job, days: { closed: [], daylight: null, words: [], ...days, gates } };
}

/** What the Days stage keeps. */
export const daysDocument: StageDocument<typeof schema> = {
  schema,
  fresh: FRESH,
  migrations: [
    { from: 9, up: (job) => (isSaved(job['days']) ? job : { days: FRESH, ...job }) },
    { from: 10, up: withStops },
  ],
};
