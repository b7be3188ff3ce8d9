import { useLiveQuery } from 'dexie-react-hooks';
import type { JobRecord } from './persistence/database';
import { loadJob, savedJobs, type SavedJob } from './persistence/jobStorage';

/** All jobs of this browser, the last edited first; undefined until they were read. */
export const useJobs = (): readonly JobRecord[] | undefined => useLiveQuery(savedJobs);

/** One job as it is saved, followed while it is shown; null where there is none, undefined until it was read. */
export const useSavedJob = (id: string): SavedJob | null | undefined =>
  useLiveQuery(async () => (await loadJob(id)) ?? null, [id]);
