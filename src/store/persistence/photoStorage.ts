import type { Photos } from '../../core/job/jobFile';
import { database, type PhotoRecord } from './database';

/** Keeps a picture beside a job. */
export async function keepPhoto(photo: PhotoRecord): Promise<void> {
  await database().photos.put(photo);
}

/** Keeps the pictures that came with a file. */
export async function keepPhotos(jobId: string, photos: Photos): Promise<void> {
  await database().photos.bulkPut(Object.entries(photos).map(([id, picture]) => ({ id, jobId, picture })));
}

/** One picture; undefined where it is not in this browser. */
export const photoPicture = async (id: string): Promise<string | undefined> =>
  (await database().photos.get(id))?.picture;

/** Pictures by their ids; those that are not in this browser are left out. */
export async function photosById(ids: readonly string[]): Promise<Photos> {
  const found = await database().photos.bulkGet([...new Set(ids)]);
  return Object.fromEntries(found.flatMap((each) => (each === undefined ? [] : [[each.id, each.picture]])));
}
