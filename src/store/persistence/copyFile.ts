import { strToU8 } from 'fflate';
import { MANIFEST_FILE, writeCopyManifest, type CopyManifest } from '../../core/job/copyManifest';
import { jobFileName, writeJobFile } from '../../core/job/jobFile';
import type { Job } from '../../core/job/jobSchema';
import { photoIds, sealedPhotoIds } from '../../core/job/photoIds';
import { sealSchema, type Seal } from '../../core/paper/sealSchema';
import { writePracticeFile } from '../../core/practice/practiceFile';
import { savedAnswers, savedCards } from '../practice/savedPractice';
import { inWorker } from '../worker/workers';
import type { JobRecord } from './database';
import { photoFile } from './photoFile';
import { photosById } from './photoStorage';
import { PHOTO_FOLDER, PRACTICE_FILE, SEAL_FOLDER } from './readCopyTask';
import { sealsOf } from './sealStorage';
import type { CopyFiles } from './zipped';

/** Files that are no job bear a fixed moment, so that equal copies are equal byte for byte. */
const FIXED = new Date(2020, 0, 1);

// Bytes of another realm would be taken for a folder.
const bytesOf = (text: string): Uint8Array => new Uint8Array(strToU8(text));

type Files = Record<string, CopyFiles[string]>;

/** A sealed packet as text, its fields in the order of the schema; as it is where that refuses it, because an export never fails. */
function sealText(seal: Seal): string {
  const read = sealSchema.safeParse(seal);
  return JSON.stringify(read.success ? read.data : seal);
}

/** The photographs and sealed packets of a job as files of their own. */
async function addBelongings(files: Files, job: Job): Promise<void> {
  const seals = await sealsOf(job.id);
  for (const [id, picture] of Object.entries(
    await photosById([...photoIds(job), ...sealedPhotoIds(seals)]),
  )) {
    const file = photoFile(picture);
    if (file === undefined) continue;
    const name = `${PHOTO_FOLDER}${encodeURIComponent(id)}.${file.ending}`;
    files[name] = { bytes: file.bytes, at: FIXED, isPacked: true };
  }
  for (const seal of seals) {
    const name = `${SEAL_FOLDER}${encodeURIComponent(job.id)}/${encodeURIComponent(seal.id)}.json`;
    files[name] = { bytes: bytesOf(sealText(seal)), at: FIXED, isPacked: false };
  }
}

/** What a copy holds of a saved job. */
export type Copied = Pick<JobRecord, 'document' | 'name' | 'updatedAt'>;

/**
 * Bytes of jobs as one zip of job files, with their photographs and sealed packets as files of their own, what was
 * practiced, and a list of what is in it. Equal jobs give equal bytes. It is read back before it is given out: what cannot
 * be read again is refused, as an error that says "too-large" or "damaged".
 */
export async function copyOf(
  jobs: readonly Copied[],
  withPractice: boolean,
): Promise<Uint8Array<ArrayBuffer>> {
  const files: Files = {};
  const listed: CopyManifest['jobs'] = [];
  for (const { document, name, updatedAt } of jobs) {
    const own = jobFileName(document);
    // Two jobs may bear one name.
    const file = files[own] === undefined ? own : `${document.id}-${own}`;
    const edited = new Date(updatedAt);
    files[file] = { bytes: bytesOf(writeJobFile(document)), at: edited, isPacked: false };
    await addBelongings(files, document);
    listed.push({ file, id: document.id, name, edited: edited.toISOString() });
  }
  const cards = withPractice ? await savedCards() : [];
  if (cards.length > 0)
    files[PRACTICE_FILE] = {
      bytes: bytesOf(writePracticeFile(cards, await savedAnswers())),
      at: FIXED,
      isPacked: false,
    };
  files[MANIFEST_FILE] = { bytes: bytesOf(writeCopyManifest(listed)), at: FIXED, isPacked: false };
  // Packing takes seconds where there are many photographs; the page goes on meanwhile.
  return inWorker('packCopy', files);
}

/** A copy of every job of this browser, and of what was practiced. */
export const copyOfAll = (jobs: readonly Copied[]): Promise<Uint8Array<ArrayBuffer>> => copyOf(jobs, true);
