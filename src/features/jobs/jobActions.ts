import { USUAL_DESIGN } from '../../core/circuit/jobDefaults';
import { FRESH_HOUSE } from '../../core/service/freshHouse';
import { DEFAULT_PRACTICES } from '../../core/circuit/jobDefaults';
import type { Job } from '../../core/job/jobSchema';
import { addJob, savedJob } from '../../store/persistence/jobStorage';
import { keepPhotos } from '../../store/persistence/photoStorage';

/** What became of opening a file. */
export type Imported =
  | { readonly ok: true; readonly id: string; readonly note: string | null }
  | { readonly ok: false; readonly words: string };

/** A new job without circuits, under the newest edition that was read. */
export async function createJob(name: string): Promise<string> {
  const job: Job = {
    id: crypto.randomUUID(),
    name,
    edition: 2023,
    authority: '',
    permitDate: null,
    amendments: [],
    occupancy: 'one-family',
    designC: USUAL_DESIGN,
    later: '',
    practices: DEFAULT_PRACTICES,
    house: FRESH_HOUSE,
    panels: [],
    answers: [],
    locate: null,
    circuits: [],
  };
  await addJob(job);
  return job.id;
}

/** Puts the demo job as it ships, in the place of one that was changed. */
export async function putDemoJob(): Promise<string> {
  const { demoJob } = await import('../../core/job/demoJob');
  await addJob(demoJob);
  return demoJob.id;
}

/** Opens a file. A job that is here already is kept: the file becomes a copy beside it. */
export async function importJob(file: File): Promise<Imported> {
  const [{ readJobFile }, { fileProblemWords }] = await Promise.all([
    import('../../core/job/jobFile'),
    import('../../core/wording/fileProblems'),
  ]);
  const read = readJobFile(await file.text());
  if (!read.ok) return { ok: false, words: fileProblemWords(read.problem, file.name) };
  const here = await savedJob(read.job.id);
  if (here === undefined) {
    await addJob(read.job);
    await keepPhotos(read.job.id, read.photos);
    return { ok: true, id: read.job.id, note: null };
  }
  const copy: Job = {
    ...read.job,
    id: crypto.randomUUID(),
    name: `${read.job.name}, from file`.slice(0, 80),
  };
  await addJob(copy);
  await keepPhotos(copy.id, read.photos);
  return {
    ok: true,
    id: copy.id,
    note: 'A job of that file is here already, so the file was opened as a copy.',
  };
}

/** Whether the server asks a browser without jobs to start with the demo job. */
export async function startsWithDemo(): Promise<boolean> {
  try {
    const answer: unknown = await (await fetch('/start.json')).json();
    return typeof answer === 'object' && answer !== null && 'demo' in answer && answer.demo === true;
  } catch {
    // Without a server there is nobody to ask, and the list offers the demo job anyway.
    return false;
  }
}
