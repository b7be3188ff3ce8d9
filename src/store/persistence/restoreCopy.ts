import { againstCopy, type AgainstCopy } from '../../core/job/againstCopy';
import { jobReplaced } from '../../core/job/changes';
import { readPracticeFile } from '../../core/practice/practiceFile';
import { takePractice } from '../practice/practiceStorage';
import { inWorker } from '../worker/workers';
import { addBelongings, asOneAct, bringIn, bringInBeside, type Brought } from './bringIn';
import { editSaved, type SavedEditOutcome } from './editSaved';
import { savedStates } from './jobStates';
import { savedJob } from './jobStorage';
import type { ReadCopied, ReadFiles } from './readCopyTask';

/** A job of a copy, and how it stands to the one here. */
export interface CopiedJob extends ReadCopied {
  readonly standing: AgainstCopy;
}

/** What is in a copy of all jobs. */
export interface CopyContents extends Omit<ReadFiles, 'jobs'> {
  readonly jobs: readonly CopiedJob[];
}

/** How a job of a copy stands to the one here, as that is now. */
async function standingOf({ read: { job }, editedAt }: ReadCopied): Promise<AgainstCopy> {
  const here = await savedJob(job.id);
  const isLater = here !== undefined && editedAt !== undefined && editedAt > here.updatedAt;
  return againstCopy(await savedStates(job.id), job, isLater);
}

/** Reads a copy and compares each job with the one here. Nothing is changed. A word says why it is no copy. */
export async function readCopy(
  bytes: Uint8Array<ArrayBuffer>,
): Promise<CopyContents | 'damaged' | 'too-large'> {
  const files = await inWorker('readCopy', bytes);
  if (typeof files === 'string') return files;
  const jobs: CopiedJob[] = [];
  for (const each of files.jobs) jobs.push({ ...each, standing: await standingOf(each) });
  return { ...files, jobs };
}

/** What is done with a job of a copy. */
export type RestoreChoice = 'take' | 'leave' | 'beside';

/** What is done with a job of a copy unless that is chosen otherwise: nothing that is only here is ever lost. */
export function usualChoice({ kind }: AgainstCopy): RestoreChoice {
  switch (kind) {
    case 'new':
    case 'newer-there':
      return 'take';
    case 'same':
    case 'newer-here':
      return 'leave';
    case 'both':
      return 'beside';
  }
}

/** What became of a job of a copy; `brought` says what of it did not go in as it was. */
export type Restored =
  | { readonly kind: 'taken' | 'left' | 'beside'; readonly brought: Brought }
  | { readonly kind: 'failed'; readonly why: Exclude<SavedEditOutcome, 'saved'> };

/** A job that is here taken from the copy, with all that belongs to it, as one edit and one act. */
async function taken({ read }: CopiedJob): Promise<Restored> {
  const { id } = read.job;
  let added = { job: read.job, renamed: 0, refused: 0 };
  const outcome = await editSaved(
    id,
    (here) => ({ command: jobReplaced(here, added.job), label: 'Restored from a copy' }),
    async () => {
      added = await addBelongings(id, read);
    },
  );
  const { renamed, refused } = added;
  return outcome === 'saved'
    ? { kind: 'taken', brought: { id, renamed, refused } }
    : { kind: 'failed', why: outcome };
}

/** What belongs to a job that stays as it is here: photographs and sealed packets only add. */
async function left({ read, standing }: CopiedJob): Promise<Restored> {
  const { id } = read.job;
  if (standing.kind === 'new') return { kind: 'left', brought: { id, renamed: 0, refused: 0 } };
  const added = await asOneAct(() => addBelongings(id, read));
  return { kind: 'left', brought: { id, renamed: added.renamed, refused: added.refused } };
}

/** Restores one job of a copy, as one act. */
export async function restoreJobOf(copied: CopiedJob, choice: RestoreChoice): Promise<Restored> {
  const { read, standing, editedAt } = copied;
  if (choice === 'leave') return left(copied);
  if (choice === 'beside') return { kind: 'beside', brought: await bringInBeside(read) };
  if (standing.kind !== 'new') return taken(copied);
  const brought = await bringIn(read, editedAt);
  // It came here meanwhile: nothing of it is overwritten.
  return brought === 'here-already'
    ? { kind: 'beside', brought: await bringInBeside(read) }
    : { kind: 'taken', brought };
}

/** Takes the record of practice of a copy; what is wrong with it, where anything is. */
export async function restorePractice(text: string | undefined): Promise<string | undefined> {
  if (text === undefined) return undefined;
  const read = readPracticeFile(text);
  if ('problem' in read) return `Record of practice: ${read.problem}`;
  await takePractice(read.cards, read.answers);
  return undefined;
}
