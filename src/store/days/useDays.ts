import { useEffect, useState } from 'react';
import type { JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { nowLocal } from '../clock';
import { useHoursElsewhere } from '../quote/useHoursElsewhere';
import { useWorker } from '../worker/useWorker';

/** The work of a job in its days, worked out anew when it changes; until then what is known stays. */
export function useDays(job: Job): JobDays | null {
  const [now] = useState(nowLocal);
  const elsewhere = useHoursElsewhere(job.id);
  const [days, setDays] = useState<JobDays | null>(null);
  const { post } = useWorker('days', setDays);
  useEffect(() => {
    if (elsewhere !== undefined) post({ job, elsewhere, now });
  }, [job, elsewhere, now, post]);
  return days;
}
