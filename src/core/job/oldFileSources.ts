import type { Saved } from '../files/stageDocument';
import { freshJob } from './freshJob';
import { jobSchema } from './jobSchema';
import { withBornSources } from './sourcesOfEdit';

/**
 * Where the inputs of a job come from that was saved before sources were kept: a value that stands in every new one was
 * assumed, any other was told, on a day that nobody knows.
 */
export function withOldSources(job: Saved): Saved {
  const read = jobSchema.safeParse({ ...job, sources: [] });
  if (!read.success) return { sources: [], ...job };
  const { id, name } = read.data;
  const { sources } = withBornSources(read.data, freshJob(id, name), {
    by: { kind: 'told' },
    rule: 'old-file.default',
  });
  return { ...job, sources };
}
