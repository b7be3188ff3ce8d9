import { useLiveQuery } from 'dexie-react-hooks';
import { binned } from './persistence/bin';
import type { BinRecord, JobRecord, ListedJob } from './persistence/database';
import { listedJobs, loadJob, savedJobs, type SavedJob } from './persistence/jobStorage';

/** All jobs of this browser, the last edited first; undefined until they were read. */
export const useJobs = (): readonly JobRecord[] | undefined => useLiveQuery(savedJobs);

/** The jobs of this browser as the list has them, the last edited first; undefined until they were read. */
export const useListedJobs = (): readonly ListedJob[] | undefined => useLiveQuery(listedJobs);

/** The deleted jobs, the last deleted first; undefined until they were read. */
export const useBin = (): readonly BinRecord[] | undefined => useLiveQuery(binned);

/** One job as it is saved, followed while it is shown; null where there is none, undefined until it was read. */
export const useSavedJob = (id: string): SavedJob | null | undefined =>
  useLiveQuery(async () => (await loadJob(id)) ?? null, [id]);
