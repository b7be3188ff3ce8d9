import { fileProblemWords } from '../../core/wording/fileProblems';
import { counted } from '../../core/wording/words';
import { brokenWords, broughtWords } from './jobActions';
import { notStored, storing } from '../../store/persistence/quota';
import {
  readCopy,
  restoreJobOf,
  restorePractice,
  usualChoice,
  type CopyContents,
  type Restored,
  type RestoreChoice,
} from '../../store/persistence/restoreCopy';

/** A copy that was opened: its contents, or why it was not. */
export type OpenedCopy =
  | { readonly ok: true; readonly contents: CopyContents }
  | { readonly ok: false; readonly words: string };

/** Opens a copy of all jobs and compares it with what is here. Nothing is changed. */
export async function openCopy(file: File): Promise<OpenedCopy> {
  const contents = await readCopy(new Uint8Array(await file.arrayBuffer()));
  if (contents === 'too-large')
    return {
      ok: false,
      words: `${file.name} holds more than is unpacked here: 60 MB a file, 1 GB in all. Nothing was changed.`,
    };
  return contents === 'damaged'
    ? { ok: false, words: `${file.name} is damaged, or no copy of jobs. Nothing was changed.` }
    : { ok: true, contents };
}

/** Whether a copy needs no question: all of it is new here, or the same. */
export const isPlain = ({ jobs }: CopyContents): boolean =>
  jobs.every(({ standing }) => standing.kind === 'new' || standing.kind === 'same');

const WHY = {
  refused: 'it was refused',
  gone: 'it is gone',
  'in-use': 'it is open in another tab: close it there',
  damaged: 'the one here is damaged: open it first',
} as const;

/** What became of a copy: a sentence, what went wrong, and a job that may be merged. */
export interface CopyOutcome {
  readonly ok: boolean;
  readonly words: string;
  /** The only job that was opened beside another one. */
  readonly beside?: { readonly of: string; readonly id: string };
}

/** Restores the jobs of a copy as chosen; a job that is not named, as is usual. */
export async function restoreAll(
  { jobs, refused, practice }: CopyContents,
  choices: ReadonlyMap<string, RestoreChoice>,
): Promise<CopyOutcome> {
  const problems = refused.map(({ file, problem }) => fileProblemWords(problem, file));
  const done: { readonly of: string; readonly restored: Restored }[] = [];
  let same = 0;
  for (const each of jobs) {
    const { id, name } = each.read.job;
    const stored = await storing(() =>
      restoreJobOf(each, choices.get(each.file) ?? usualChoice(each.standing)),
    );
    if (!stored.ok) {
      problems.push(notStored(name, stored));
      continue;
    }
    const restored = stored.value;
    if (each.standing.kind === 'same') same += 1;
    done.push({ of: id, restored });
    if (restored.kind === 'failed') problems.push(`${name} was not restored: ${WHY[restored.why]}.`);
    else problems.push(...broughtWords(restored.brought).map((words) => `${name}: ${words}`));
    if (each.broken > 0) problems.push(`${name}: ${brokenWords(each.broken)}`);
  }
  const wrong = await restorePractice(practice);
  if (wrong !== undefined) problems.push(wrong);
  const count = (kind: Restored['kind']): number =>
    done.filter(({ restored }) => restored.kind === kind).length;
  const beside = done.flatMap(({ of, restored }) =>
    restored.kind === 'beside' ? [{ of, id: restored.brought.id }] : [],
  );
  const parts = [
    `${counted(count('taken') + beside.length, 'job')} opened`,
    ...(same === 0 ? [] : [`${counted(same, 'job')} here already, the same`]),
    ...(count('left') > same ? [`${counted(count('left') - same, 'job')} left as here`] : []),
  ];
  const [only] = beside;
  return {
    ok: problems.length === 0,
    words: [`${parts.join(', ')}.`, ...problems].join(' '),
    ...(beside.length === 1 && only !== undefined && { beside: only }),
  };
}
