import { writeJobFile } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { photoIds, sealedPhotoIds } from '../../core/job/photoIds';
import { nowMs } from '../clock';
import { copyOf } from './copyFile';
import { savedJob } from './jobStorage';
import { photosById } from './photoStorage';
import { sealsOf } from './sealStorage';

/** A text longer than this is no file to send or to open: then photographs and sealed packets are files of their own. */
const MOST_CHARACTERS = 20_000_000;

/** The file of a job: its text, or a zip where that would be too long. */
export type WholeJobFile = { readonly text: string } | { readonly zip: Uint8Array<ArrayBuffer> };

/** What belongs to a job; nothing where it cannot be read, because an export never fails. */
async function belongings(job: Job) {
  const seals = await sealsOf(job.id).catch(() => []);
  const photos = await photosById([...photoIds(job), ...sealedPhotoIds(seals)]).catch(() => ({}));
  return { photos, seals };
}

/** A job as its file, with its photographs and its sealed packets: what is written can always be read again. */
export async function wholeJobFile(job: Job): Promise<WholeJobFile> {
  const { photos, seals } = await belongings(job);
  const pictures = Object.values(photos).reduce((sum, { length }) => sum + length, 0);
  // A sealed packet is written after its pages: a text of so many pictures is not even made.
  const text = pictures > MOST_CHARACTERS ? '' : writeJobFile(job, photos, seals);
  if (text !== '' && text.length <= MOST_CHARACTERS) return { text };
  const saved = await savedJob(job.id);
  const updatedAt = saved?.updatedAt ?? nowMs();
  return { zip: await copyOf([{ document: job, name: job.name, updatedAt }], false) };
}
