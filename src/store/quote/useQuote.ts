import { useEffect, useState } from 'react';
import type { CircuitOption } from '../../core/estimate/circuitOptions';
import type { JobEstimate } from '../../core/estimate/jobEstimate';
import type { AnyFinding } from '../../core/findings/finding';
import type { Job } from '../../core/job/jobSchema';
import type { TakenHours } from '../../core/labor/laborDocument';
import { useWorker } from '../worker/useWorker';
import { useHoursElsewhere } from './useHoursElsewhere';

/** What the worker is asked: the price of a job as picked, and the options of one of its circuits. */
export interface QuoteRequest {
  readonly job: Job;
  readonly circuitId: string | null;
  readonly elsewhere: readonly TakenHours[];
}

/** What a quote came to, and which circuit was asked about. */
export interface Quoted {
  readonly circuitId: string | null;
  readonly options: readonly CircuitOption[];
  /** The whole job with what is picked. */
  readonly estimate: JobEstimate;
  /** Rules that the job breaks as it is picked. */
  readonly stops: readonly AnyFinding[];
}

const make = (): Worker => new Worker(new URL('./quote.worker.ts', import.meta.url), { type: 'module' });

/** The quote of a job, worked out anew when it changes; until then what is known stays, and is not current. */
export function useQuote(
  job: Job,
  circuitId: string | null,
): { readonly quoted: Quoted | null; readonly isCurrent: boolean } {
  const elsewhere = useHoursElsewhere(job.id);
  const [quoted, setQuoted] = useState<Quoted | null>(null);
  const { work, post } = useWorker<QuoteRequest, number, Quoted>(make, setQuoted);
  useEffect(() => {
    if (elsewhere !== undefined) post({ job, circuitId, elsewhere });
  }, [job, circuitId, elsewhere, post]);
  return { quoted, isCurrent: work.state === 'done' };
}
