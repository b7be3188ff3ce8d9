import { strFromU8, strToU8, unzipSync } from 'fflate';
import { MANIFEST_FILE, writeCopyManifest, type CopyManifest } from '../../core/job/copyManifest';
import { jobFileName } from '../../core/job/jobFile';
import { writePracticeFile } from '../../core/practice/practiceFile';
import { savedAnswers, savedCards } from '../practice/practiceStorage';
import type { JobRecord } from './database';
import { inWorker } from '../worker/inWorker';
import { wholeJobFile } from './wholeJob';
import { zipped, type CopyFiles } from './zipped';

const make = (): Worker => new Worker(new URL('./copy.worker.ts', import.meta.url), { type: 'module' });

/** The file of what was practiced, among the jobs of a copy. */
export const PRACTICE_FILE = 'practice.pasture.json';

/** Files that are no job bear a fixed moment, so that equal copies are equal byte for byte. */
const FIXED = new Date(2020, 0, 1);

// Bytes of another realm would be taken for a folder.
const bytesOf = (text: string): Uint8Array => new Uint8Array(strToU8(text));

/**
 * Bytes of every job as one zip of job files, their photographs and sealed packets in them, of what was practiced, and of
 * a list of what is in it. Equal jobs give equal bytes.
 */
export async function copyOfAll(jobs: readonly JobRecord[]): Promise<Uint8Array<ArrayBuffer>> {
  const files: Record<string, CopyFiles[string]> = {};
  const listed: CopyManifest['jobs'] = [];
  for (const { document, name, updatedAt } of jobs) {
    const own = jobFileName(document);
    // Two jobs may bear one name.
    const file = files[own] === undefined ? own : `${document.id}-${own}`;
    const edited = new Date(updatedAt);
    const { text, isMostlyPhotos } = await wholeJobFile(document);
    files[file] = { bytes: bytesOf(text), at: edited, isPacked: isMostlyPhotos };
    listed.push({ file, id: document.id, name, edited: edited.toISOString() });
  }
  const cards = await savedCards();
  if (cards.length > 0)
    files[PRACTICE_FILE] = {
      bytes: bytesOf(writePracticeFile(cards, await savedAnswers())),
      at: FIXED,
      isPacked: false,
    };
  files[MANIFEST_FILE] = { bytes: bytesOf(writeCopyManifest(listed)), at: FIXED, isPacked: false };
  // Packing takes seconds where there are many photographs; the page goes on meanwhile.
  return 'Worker' in globalThis ? inWorker(make, files) : zipped(files);
}

/** A file in a copy of all jobs. */
interface CopiedFile {
  readonly name: string;
  readonly text: string;
}

/** The files of a zip, by name; undefined where it is none, or damaged. */
export function filesInCopy(bytes: Uint8Array): readonly CopiedFile[] | undefined {
  try {
    return Object.entries(unzipSync(bytes, { filter: ({ name }) => name.endsWith('.json') })).map(
      ([name, content]) => ({ name, text: strFromU8(content) }),
    );
  } catch {
    return undefined;
  }
}
