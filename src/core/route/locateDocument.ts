import { z } from 'zod';
import type { StageDocument } from '../files/stageDocument';
import { whole } from '../files/mergeRules';

const schema = whole(
  z.strictObject({
    ticket: z.string().min(1).max(60),
    date: z.iso.date(),
    until: z.iso.date().nullish().describe('Last day on which the marks hold; null: not known'),
  }),
)
  .nullable()
  .describe('Ticket of the call before digging, and the day from which it holds');

/** The call before digging. */
export const locateDocument: StageDocument<typeof schema> = {
  schema,
  fresh: null,
  migrations: [{ from: 3, up: (job) => ({ locate: null, ...job }) }],
};
