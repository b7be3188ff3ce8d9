import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { JOB_VERSION } from '../../core/job/jobVersion';
import { laborSchema, type TakenHours } from '../../core/labor/laborDocument';
import { savedJobs } from '../persistence/jobStorage';

/** Hours of the other jobs as a text: the same text where no hour is another, whatever else was edited. */
async function hoursElsewhere(jobId: string): Promise<string> {
  const jobs = await savedJobs();
  const hours = jobs
    .filter(({ id, version }) => id !== jobId && version === JOB_VERSION)
    .flatMap(({ document }) => [...document.quote.labor.past, ...document.quote.labor.taken])
    .map(({ id, family, unitH, tookH }): TakenHours => ({ id, family, unitH, tookH }));
  return JSON.stringify(hours);
}

/** Hours that circuits of the other jobs of this browser took; undefined until they were read. */
export function useHoursElsewhere(jobId: string): readonly TakenHours[] | undefined {
  const text = useLiveQuery(() => hoursElsewhere(jobId), [jobId]);
  return useMemo(
    () => (text === undefined ? undefined : laborSchema.shape.taken.parse(JSON.parse(text))),
    [text],
  );
}
