import { z } from 'zod';
import { circuitSchema } from '../circuit/circuitSchema';
import { LIMITS } from '../code/limits';
import { SITE_CONDITION_IDS } from '../code/siteConditions';
import type { StageDocument } from '../files/stageDocument';

/** Something found wrong on site that is no part of the job. */
const observedSchema = z.strictObject({
  id: z.string().min(1).max(60),
  condition: z.enum(SITE_CONDITION_IDS),
  where: z.string().max(120).describe('Where it was found'),
  note: z.string().max(LIMITS.answerLength).describe('What was seen, in own words'),
  danger: z.boolean().describe('Whether it endangers people or the house as it is'),
  told: z.string().max(120).describe('Who was told; empty until somebody was'),
  toldOn: z.iso.date().nullable().describe('Day on which they were told'),
  photos: circuitSchema.shape.photos,
});

/** Something found wrong on site that is no part of the job. */
export type Observed = z.infer<typeof observedSchema>;

const schema = z
  .array(observedSchema)
  .max(LIMITS.observed)
  .describe('What was found wrong on site and is no part of the job');

/** What was found on site besides the work. */
export const observedDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [{ from: 6, up: (job) => ({ observed: [], ...job }) }],
};

/** A thing that was just found. */
export const freshObserved = (id: string): Observed => ({
  id,
  condition: 'two-grounds',
  where: '',
  note: '',
  danger: false,
  told: '',
  toldOn: null,
  photos: [],
});
