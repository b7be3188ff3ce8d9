import { useEffect, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { useWorker } from '../worker/useWorker';
import { useHoursElsewhere } from './useHoursElsewhere';
import type { Quoted } from './quoteTask';

/** The quote of a job, worked out anew when it changes; until then what is known stays, and is not current. */
export function useQuote(
  job: Job,
  circuitId: string | null,
): { readonly quoted: Quoted | null; readonly isCurrent: boolean } {
  const elsewhere = useHoursElsewhere(job.id);
  const [quoted, setQuoted] = useState<Quoted | null>(null);
  const { work, post } = useWorker('quote', setQuoted);
  useEffect(() => {
    if (elsewhere !== undefined) post({ job, circuitId, elsewhere });
  }, [job, circuitId, elsewhere, post]);
  return { quoted, isCurrent: work.state === 'done' };
}
