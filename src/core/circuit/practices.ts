import { z } from 'zod';

/** House practices: choices among legal ways. The rule itself is never one of them. */
export const practicesSchema = z.strictObject({
  raceway: z
    .enum(['comfort', 'legal'])
    .describe('Take a size up when the pull is hard, or the least by rule'),
  supports: z.enum(['half', 'code']).describe('Strap at half the largest spacing, or at the largest'),
});

/** The house practices of a job. */
export type Practices = z.infer<typeof practicesSchema>;

/** What a new job starts with. */
export const DEFAULT_PRACTICES: Practices = { raceway: 'comfort', supports: 'half' };
