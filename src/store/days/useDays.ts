import { useEffect, useState } from 'react';
import type { JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import type { TakenHours } from '../../core/labor/laborDocument';
import { useHoursElsewhere } from '../quote/useHoursElsewhere';
import { useWorker } from '../worker/useWorker';

/** What the worker is asked: the days of a job. */
export interface DaysRequest {
  readonly job: Job;
  readonly elsewhere: readonly TakenHours[];
  /** A job without a first day begins on this one. */
  readonly today: string;
}

const make = (): Worker => new Worker(new URL('./days.worker.ts', import.meta.url), { type: 'module' });

/** The work of a job in its days, worked out anew when it changes; until then what is known stays. */
export function useDays(job: Job, today: string): JobDays | null {
  const elsewhere = useHoursElsewhere(job.id);
  const [days, setDays] = useState<JobDays | null>(null);
  const { post } = useWorker<DaysRequest, never, JobDays>(make, setDays);
  useEffect(() => {
    if (elsewhere !== undefined) post({ job, elsewhere, today });
  }, [job, elsewhere, today, post]);
  return days;
}
