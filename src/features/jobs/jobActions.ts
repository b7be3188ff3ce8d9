import { DEMO_JOB_ID } from '../../core/job/demo/demoJobId';
import type { Seal } from '../../core/paper/sealSchema';
import { counted } from '../../core/wording/words';
import { bringIn, bringInBeside, type Brought } from '../../store/persistence/bringIn';
import { addJob, savedJob } from '../../store/persistence/jobStorage';
import { notStored, storing } from '../../store/persistence/quota';
import { toldNow } from '../../store/answering';

/** What became of opening a file. */
export type Imported =
  | {
      readonly ok: true;
      readonly id: string;
      readonly note: string | null;
      /** The job that it is a copy of, where that is here too and another one. */
      readonly copyOf?: string;
    }
  | { readonly ok: false; readonly words: string };

/** A new job without circuits. */
export async function createJob(name: string): Promise<string> {
  // Loaded when it is asked for: the list itself needs no checker of documents.
  const { freshJob } = await import('../../core/job/freshJob');
  const job = freshJob(crypto.randomUUID(), name);
  await addJob(job);
  return job.id;
}

/** Where a job that was started opens. */
interface Started {
  readonly jobId: string;
  /** The circuit that it opens at, or a stage. */
  readonly path: string;
}

/** A new job with the pool or tub of a typed line; undefined where it was not understood. */
async function startWater(text: string): Promise<Started | undefined> {
  const [{ readYard }, { freshJob }, { applyCommand, isRefusal }, { withBornSources }] = await Promise.all([
    import('../../core/typing/readYard'),
    import('../../core/job/freshJob'),
    import('../../core/job/commands'),
    import('../../core/job/sourcesOfEdit'),
  ]);
  const read = readYard(text, { newId: () => crypto.randomUUID(), water: undefined, northDeg: 0 });
  if ('problem' in read) return undefined;
  const commands = read.items.map((item, at) => ({ kind: 'put-in-yard', ...item, at }) as const);
  const fresh = freshJob(crypto.randomUUID(), 'New job');
  const applied = applyCommand(fresh, { kind: 'batch', commands });
  if (isRefusal(applied)) return undefined;
  const name = applied.job.yard.waters[0]?.name ?? 'New job';
  await addJob(withBornSources({ ...applied.job, name }, fresh, { by: toldNow() }));
  return { jobId: applied.job.id, path: 'water' };
}

/** A new job with what a typed line names, called after it until somebody names it; undefined where it was not understood. */
export async function startTyped(text: string): Promise<Started | undefined> {
  const [{ readTyped }, { kindOf }, { freshJob }, { typedCircuit }, ...rest] = await Promise.all([
    import('../../core/typing/readTyped'),
    import('../../core/typing/line/lineKind'),
    import('../../core/job/freshJob'),
    import('../job/typedCircuit'),
    import('../../core/job/sourcesOfEdit'),
    import('../../core/typing/line/lineSources'),
  ]);
  const [{ withBornSources }, { lineAnswering }] = rest;
  if (kindOf(text) === 'water') return startWater(text);
  const typed = readTyped(text);
  if ('problem' in typed) return undefined;
  const job = freshJob(crypto.randomUUID(), 'New job');
  const circuit = typedCircuit(typed, job, () => crypto.randomUUID());
  const born = { ...job, name: circuit.name, circuits: [circuit] };
  await addJob(withBornSources(born, job, lineAnswering(typed.reading, circuit, toldNow())));
  return { jobId: job.id, path: circuit.id };
}

/** Puts the demo job here for the first time. */
export async function putDemoJob(): Promise<string> {
  const { demoJob } = await import('../../core/job/demo/demoJob');
  await addJob(demoJob);
  return demoJob.id;
}

/** Why the demo job was not put back; undefined where it was. */
type NotReset = string | undefined;

/** The demo job as it ships, put back as one edit of the one that is here, so that it can be undone. */
export async function resetDemoJob(): Promise<NotReset> {
  const here = await savedJob(DEMO_JOB_ID);
  if (here === undefined) {
    await putDemoJob();
    return undefined;
  }
  const [{ demoJob }, { jobReplaced }, { editSaved }] = await Promise.all([
    import('../../core/job/demo/demoJob'),
    import('../../core/job/changes'),
    import('../../store/persistence/editSaved'),
  ]);
  const command = jobReplaced(here.document, demoJob);
  switch (await editSaved(DEMO_JOB_ID, { command, label: 'Reset the demo job' })) {
    case 'saved':
      return undefined;
    case 'in-use':
      return 'The demo job is open in another tab: close it there, then reset it.';
    default:
      // What cannot be edited any more is put there anew.
      await putDemoJob();
      return undefined;
  }
}

/** How many of some sealed packets do not agree with their hash. */
async function brokenSeals(seals: readonly Seal[]): Promise<number> {
  if (seals.length === 0) return 0;
  const { isWhole } = await import('../../core/paper/sealHash');
  return seals.filter((seal) => !isWhole(seal)).length;
}

/** What is said of sealed packets that do not agree with their hash. */
export const brokenWords = (count: number): string =>
  `${counted(count, 'sealed packet')} in the file ${count === 1 ? 'does' : 'do'} not agree with its hash: something in it was changed after it was sealed.`;

/** What of a job did not go in as it was, in sentences. */
export const broughtWords = ({ renamed, refused }: Brought): readonly string[] => [
  ...(renamed === 0
    ? []
    : [`${counted(renamed, 'photograph')} bore the id of another one here: kept under a new id.`]),
  ...(refused === 0
    ? []
    : [`${counted(refused, 'sealed packet')} bore the id of another one here: refused, the one here stays.`]),
];

/** Opens the text of a job file. A job that is here already is kept: the file becomes a copy beside it. */
async function importText(text: string, fileName: string): Promise<Imported> {
  const [{ readJobFile }, { fileProblemWords }] = await Promise.all([
    import('../../core/job/jobFile'),
    import('../../core/wording/fileProblems'),
  ]);
  const read = readJobFile(text);
  if (!read.ok) return { ok: false, words: fileProblemWords(read.problem, fileName) };
  const stored = await storing(async () => {
    const put = await bringIn(read);
    return put === 'here-already'
      ? { brought: await bringInBeside(read), isCopy: true }
      : { brought: put, isCopy: false };
  });
  if (!stored.ok) return { ok: false, words: notStored(`the job of ${fileName}`, stored) };
  const { brought, isCopy } = stored.value;
  const broken = await brokenSeals(read.seals);
  const notes = [
    isCopy ? 'A job of that file is here already, so the file was opened as a copy.' : '',
    ...broughtWords(brought),
    broken === 0 ? '' : brokenWords(broken),
    read.renamed === 0
      ? ''
      : `${counted(read.renamed, 'id')} in the file ${read.renamed === 1 ? 'was' : 'were'} there twice or not usable, and given anew.`,
  ].filter((note) => note !== '');
  return {
    ok: true,
    id: brought.id,
    note: notes.length === 0 ? null : notes.join(' '),
    ...(isCopy && { copyOf: read.job.id }),
  };
}

/** Opens the file of a job. */
export const importJob = async (file: File): Promise<Imported> => importText(await file.text(), file.name);

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
