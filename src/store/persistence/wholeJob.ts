import { writeJobFile } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { photoIds } from '../../core/job/photoIds';
import { photosById } from './photoStorage';
import { sealsOf } from './sealStorage';

/** The file of a job. */
export interface WholeJob {
  readonly text: string;
  readonly isMostlyPhotos: boolean;
}

/**
 * A job as the text of its file, with its photographs and its sealed packets; without them where they cannot be read,
 * because an export never fails.
 */
export async function wholeJobFile(job: Job): Promise<WholeJob> {
  const seals = await sealsOf(job.id).catch(() => []);
  const handedOver = seals.flatMap(({ photos }) => photos.map(({ id }) => id));
  const photos = await photosById([...photoIds(job), ...handedOver]).catch(() => ({}));
  const text = writeJobFile(job, photos, seals);
  const pictures = Object.values(photos).reduce((sum, { length }) => sum + length, 0);
  return { text, isMostlyPhotos: pictures > text.length / 2 };
}
