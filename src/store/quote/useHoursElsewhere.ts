import { useEffect, useState } from 'react';
import { JOB_VERSION } from '../../core/job/jobVersion';
import type { TakenHours } from '../../core/labor/laborDocument';
import { savedJobs } from '../persistence/jobStorage';

async function hoursElsewhere(jobId: string): Promise<readonly TakenHours[]> {
  const jobs = await savedJobs();
  return jobs
    .filter(({ id, version }) => id !== jobId && version === JOB_VERSION)
    .flatMap(({ document }) => [...document.quote.labor.past, ...document.quote.labor.taken])
    .map(({ id, family, unitH, tookH }): TakenHours => ({ id, family, unitH, tookH }));
}

/** Hours that circuits of the other jobs of this browser took, as they were when this job was opened; undefined until they were read. */
export function useHoursElsewhere(jobId: string): readonly TakenHours[] | undefined {
  const [hours, setHours] = useState<readonly TakenHours[]>();
  useEffect(() => {
    let stale = false;
    void hoursElsewhere(jobId).then((found) => {
      if (!stale) setHours(found);
    });
    return () => {
      stale = true;
    };
  }, [jobId]);
  return hours;
}
