import { useLiveQuery } from 'dexie-react-hooks';
import type { Seal } from '../../core/paper/sealSchema';
import { photosById } from '../persistence/photoStorage';
import { sealsOf } from '../persistence/sealStorage';

const NO_PHOTOS = {};

/** The sealed packets of a job, the last one first; undefined until they were read. */
export const useSeals = (jobId: string): readonly Seal[] | undefined =>
  useLiveQuery(() => sealsOf(jobId), [jobId]);

/** Pictures by their ids as data URLs; none until they were read. */
export const usePhotos = (ids: readonly string[]): Readonly<Record<string, string>> =>
  useLiveQuery(() => photosById(ids), [ids.join(' ')]) ?? NO_PHOTOS;
