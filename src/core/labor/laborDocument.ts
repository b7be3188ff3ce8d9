import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { LABOR_TASKS } from './laborTasks';

const id = z.string().min(1).max(60);
const hours = z.number().positive().max(LIMITS.hours);

const pastSchema = z.strictObject({
  id,
  family: z.string().min(1).max(40).describe('Family of the appliance'),
  unitH: hours.describe('Hours by the units'),
  tookH: hours.describe('Hours that it took'),
  note: z.string().max(60).describe('What made it slow or fast'),
});

/** How the work of a job is counted in hours. */
export const laborSchema = z.strictObject({
  people: z.union([z.literal(1), z.literal(2)]).describe('Alone, or two together'),
  finished: z.array(id).max(LIMITS.circuits).describe('Circuits that run through finished walls'),
  hardGround: z.boolean(),
  oldPanel: z.boolean(),
  rain: z.boolean(),
  units: z
    .partialRecord(z.enum(LABOR_TASKS), z.number().min(0).max(200))
    .describe('Hours of one, set by hand; left out: by the starting figures'),
  factors: z
    .partialRecord(
      z.enum(['attic', 'finished', 'hard-ground', 'old-panel', 'rain', 'two']),
      z.number().min(1).max(5),
    )
    .describe('Factors set by hand'),
  past: z.array(pastSchema).max(LIMITS.pastJobs).describe('Past circuits with the hours that they took'),
  taken: z
    .array(pastSchema.omit({ note: true }))
    .max(LIMITS.hoursTaken)
    .describe('Hours that circuits of this job took, by their ids'),
});

/** How the work of a job is counted in hours. */
export type LaborTerms = z.infer<typeof laborSchema>;
/** A circuit of this job with the hours that it took. */
export type TakenHours = LaborTerms['taken'][number];

/** Alone, under usual conditions, by the starting figures. */
export const FRESH_LABOR: LaborTerms = {
  people: 1,
  finished: [],
  hardGround: false,
  oldPanel: false,
  rain: false,
  units: {},
  factors: {},
  past: [],
  taken: [],
};
