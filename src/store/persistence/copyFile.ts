import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { jobFileName } from '../../core/job/jobFile';
import { writePracticeFile } from '../../core/practice/practiceFile';
import { savedAnswers, savedCards } from '../practice/practiceStorage';
import type { JobRecord } from './database';
import { wholeJobFile } from './wholeJob';

/** The file of what was practiced, among the jobs of a copy. */
export const PRACTICE_FILE = 'practice.pasture.json';

/** Bytes of every job as one zip of job files, their photographs in them, and of what was practiced. */
export async function copyOfAll(jobs: readonly JobRecord[]): Promise<Uint8Array<ArrayBuffer>> {
  const files: Record<string, Uint8Array> = {};
  for (const { document } of jobs) {
    const name = jobFileName(document);
    // Two jobs may bear one name.
    const free = files[name] === undefined ? name : `${document.id}-${name}`;
    // Bytes of another realm would be taken for a folder.
    files[free] = new Uint8Array(strToU8(await wholeJobFile(document)));
  }
  const cards = await savedCards();
  if (cards.length > 0)
    files[PRACTICE_FILE] = new Uint8Array(strToU8(writePracticeFile(cards, await savedAnswers())));
  // Pictures are packed already; the lightest packing does for the rest.
  return new Uint8Array(zipSync(files, { level: 3 }));
}

/** A file in a copy of all jobs. */
interface CopiedFile {
  readonly name: string;
  readonly text: string;
}

/** The job files of a zip, by name; undefined where it is none, or damaged. */
export function filesInCopy(bytes: Uint8Array): readonly CopiedFile[] | undefined {
  try {
    return Object.entries(unzipSync(bytes, { filter: ({ name }) => name.endsWith('.json') })).map(
      ([name, content]) => ({ name, text: strFromU8(content) }),
    );
  } catch {
    return undefined;
  }
}
