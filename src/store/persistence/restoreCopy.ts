import { againstCopy, type AgainstCopy } from '../../core/job/againstCopy';
import { jobReplaced } from '../../core/job/changes';
import { MANIFEST_FILE, readCopyManifest } from '../../core/job/copyManifest';
import { readJobFile, type FileProblem, type ReadJob } from '../../core/job/jobFile';
import { readPracticeFile } from '../../core/practice/practiceFile';
import { takePractice } from '../practice/practiceStorage';
import { filesInCopy, PRACTICE_FILE } from './copyFile';
import { editSaved, type SavedEditOutcome } from './editSaved';
import { savedStates } from './jobStates';
import { addJob, savedJob } from './jobStorage';
import { keepPhotos } from './photoStorage';
import { keepSeals } from './sealStorage';

/** A job of a copy, and how it stands to the one here. */
export interface CopiedJob {
  readonly file: string;
  readonly read: Extract<ReadJob, { ok: true }>;
  readonly standing: AgainstCopy;
  /** When it was edited last, milliseconds since 1970; undefined for a copy that does not say. */
  readonly editedAt: number | undefined;
}

/** What is in a copy of all jobs. */
export interface CopyContents {
  readonly jobs: readonly CopiedJob[];
  /** Files that are no job, with what is wrong. */
  readonly refused: readonly { readonly file: string; readonly problem: FileProblem }[];
  /** The record of practice as text; undefined where there is none. */
  readonly practice: string | undefined;
}

/** Reads a copy and compares each job with the one here; undefined where it is no copy, or damaged. Nothing is changed. */
export async function readCopy(bytes: Uint8Array): Promise<CopyContents | undefined> {
  const files = filesInCopy(bytes);
  if (files === undefined || files.length === 0) return undefined;
  const textOf = (file: string): string | undefined => files.find(({ name }) => name === file)?.text;
  const manifest = readCopyManifest(textOf(MANIFEST_FILE) ?? '');
  const jobs: CopiedJob[] = [];
  const refused: { file: string; problem: FileProblem }[] = [];
  for (const { name: file, text } of files) {
    if (file === MANIFEST_FILE || file === PRACTICE_FILE) continue;
    const read = readJobFile(text);
    if (!read.ok) {
      refused.push({ file, problem: read.problem });
      continue;
    }
    const edited = manifest?.jobs.find((each) => each.file === file)?.edited;
    const editedAt = edited === undefined ? undefined : Date.parse(edited);
    const here = await savedJob(read.job.id);
    const isLater = here !== undefined && editedAt !== undefined && editedAt > here.updatedAt;
    const standing = againstCopy(await savedStates(read.job.id), read.job, isLater);
    jobs.push({ file, read, standing, editedAt });
  }
  return { jobs, refused, practice: textOf(PRACTICE_FILE) };
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

/** What became of a job of a copy; `beside` bears the id of the new one. */
export type Restored =
  | { readonly kind: 'taken' | 'left' }
  | { readonly kind: 'beside'; readonly id: string }
  | { readonly kind: 'failed'; readonly why: Exclude<SavedEditOutcome, 'saved'> };

/** Restores one job of a copy. Its photographs and sealed packets are kept in any case: they only add. */
export async function restoreJobOf(
  { read, standing, editedAt }: CopiedJob,
  choice: RestoreChoice,
): Promise<Restored> {
  const { job, photos, seals } = read;
  await keepPhotos(job.id, photos);
  if (choice === 'beside') {
    const id = crypto.randomUUID();
    await addJob({ ...job, id, name: `${job.name}, from file`.slice(0, 80) });
    await keepSeals(id, seals);
    return { kind: 'beside', id };
  }
  if (standing.kind === 'new' && choice === 'leave') return { kind: 'left' };
  await keepSeals(job.id, seals);
  if (choice === 'leave') return { kind: 'left' };
  if (standing.kind === 'new') {
    await addJob(job, editedAt);
    return { kind: 'taken' };
  }
  const [here] = await savedStates(job.id);
  if (here === undefined) return { kind: 'failed', why: 'damaged' };
  const edit = { command: jobReplaced(here, job), label: 'Restored from a copy' };
  const outcome = await editSaved(job.id, edit);
  return outcome === 'saved' ? { kind: 'taken' } : { kind: 'failed', why: outcome };
}

/** Takes the record of practice of a copy; what is wrong with it, where anything is. */
export async function restorePractice(text: string | undefined): Promise<string | undefined> {
  if (text === undefined) return undefined;
  const read = readPracticeFile(text);
  if ('problem' in read) return `Record of practice: ${read.problem}`;
  await takePractice(read.cards, read.answers);
  return undefined;
}
