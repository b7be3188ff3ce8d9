import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { keyed } from '../files/mergeRules';
import type { StageDocument } from '../files/stageDocument';
import { sourceSchema } from './sourceSchema';

/** The source of one input. */
export const sourceEntrySchema = z.strictObject({
  input: z
    .string()
    .min(1)
    .max(260)
    .describe('The input by its subject and its place: "circuit:kiln/terminals.load", "house/ratingA"'),
  source: sourceSchema,
  was: sourceSchema.optional().describe('Where the value before came from'),
});

const schema = keyed(
  z
    .array(sourceEntrySchema)
    .max(LIMITS.sources)
    .describe('Where inputs come from; of one that is not here nobody said'),
  ({ input }) => input,
);

/** An input with its source, as it is saved. */
export type SourceEntry = z.infer<typeof sourceEntrySchema>;

/** Where the inputs of a job come from. */
export const sourcesDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [],
};
