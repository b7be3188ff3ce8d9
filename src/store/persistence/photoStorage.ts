import type { Photos } from '../../core/job/jobFile';
import { nowMs } from '../clock';
import { database, type PhotoRecord } from './database';

/** Keeps a picture beside a job. */
export async function keepPhoto(photo: Omit<PhotoRecord, 'keptAt'>): Promise<void> {
  await database().photos.put({ ...photo, keptAt: nowMs() });
}

/**
 * Keeps the pictures that came with a file. One that is here already is never replaced: the same needs nothing, another
 * one of its id is kept under a new id.
 *
 * @returns New ids by those that the file has.
 */
export async function addPhotos(
  jobId: string,
  photos: Photos,
  newId: () => string,
): Promise<ReadonlyMap<string, string>> {
  const table = database().photos;
  const all = Object.entries(photos);
  const here = await table.bulkGet(all.map(([id]) => id));
  const renamed = new Map<string, string>();
  const added = all.flatMap(([id, picture], at): readonly PhotoRecord[] => {
    const known = here[at];
    if (known?.picture === picture) return [];
    const own = known === undefined ? id : newId();
    if (own !== id) renamed.set(id, own);
    return [{ id: own, jobId, picture, keptAt: nowMs() }];
  });
  await table.bulkAdd(added);
  return renamed;
}

/** One picture; undefined where it is not in this browser. */
export const photoPicture = async (id: string): Promise<string | undefined> =>
  (await database().photos.get(id))?.picture;

/** Pictures by their ids; those that are not in this browser are left out. */
export async function photosById(ids: readonly string[]): Promise<Photos> {
  const found = await database().photos.bulkGet([...new Set(ids)]);
  return Object.fromEntries(found.flatMap((each) => (each === undefined ? [] : [[each.id, each.picture]])));
}
