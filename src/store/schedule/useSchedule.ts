import { useDeferredValue, useEffect, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { useWorker, type Work } from '../worker/useWorker';
import type { ScheduleProgress, SizedSchedule } from './sizeSchedule';

/** A schedule that is being read and sized, or was. */
export type ScheduleReading = Work<ScheduleProgress, SizedSchedule>;

function withoutCircuits({ circuits: _all, ...rules }: Job): Omit<Job, 'circuits'> {
  return rules;
}

/** Reads and sizes a schedule in a worker, anew whenever its text changes; can be stopped. */
export function useSchedule(text: string, job: Job) {
  const { work, post, stop } = useWorker('schedule');
  const later = useDeferredValue(text);
  // Nothing else is edited while the schedule is open, so its rows are sized under the job as it was then.
  const [rules] = useState(() => withoutCircuits(job));
  useEffect(() => {
    if (later.trim() !== '') post({ text: later, job: rules });
  }, [later, rules, post]);
  const reading: ScheduleReading = later.trim() === '' ? { state: 'idle' } : work;
  return { reading, current: text === later, stop };
}
