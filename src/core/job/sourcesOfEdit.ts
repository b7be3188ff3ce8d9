import { sameInput } from '../sources/inputs';
import { sourceIndex } from '../sources/sourceIndex';
import type { Source } from '../sources/sourceSchema';
import type { SourceEntry } from '../sources/sourcesDocument';
import type { PutSources } from './command';
import { inputsOfPart, subjectsOf, usualInputs } from './jobInputs';
import type { Job } from './jobSchema';

/** Who answers for what an edit writes. */
export interface Answering {
  /** Where what it writes comes from. */
  readonly by: Source;
  /**
   * Of something new, the inputs that were said, as "circuit:kiln/terminals.load"; the rest of it stands for what nobody
   * said, by this rule. Left out: what differs from what stands in every new one was said.
   */
  readonly said?: ReadonlySet<string>;
  readonly rule?: string;
}

/** The source of one input of something new. */
function bornSource({ by, said, rule = 'default' }: Answering, input: string, isUsual: boolean): Source {
  if (by.kind === 'assumed') return by;
  const isSaid = said === undefined ? !isUsual : said.has(input);
  return isSaid ? by : { kind: 'assumed', rule };
}

/**
 * Where the inputs come from that an edit wrote: those whose value is another than before, and all of what is new. Of what
 * is gone nothing is kept. Undefined where the edit wrote none, or said itself where its values come from.
 */
export function sourcesOfEdit(before: Job, after: Job, answering: Answering): PutSources | undefined {
  if (before.sources !== after.sources) return undefined;
  const sources = sourceIndex(before.sources);
  const parts = new Map(subjectsOf(before).map(({ name, part }) => [name, part]));
  const put: SourceEntry[] = [];
  const drop: string[] = [];
  for (const { name, part } of subjectsOf(after)) {
    const prior = parts.get(name);
    parts.delete(name);
    if (prior === part) continue;
    const now = inputsOfPart(part);
    const was = prior === undefined ? usualInputs(part) : inputsOfPart(prior);
    for (const [at, value] of now) {
      const input = `${name}/${at}`;
      const isSame = was.has(at) && sameInput(was.get(at), value);
      const known = sources.get(input);
      if (prior === undefined) put.push({ input, source: bornSource(answering, input, isSame) });
      else if (!isSame) put.push({ input, source: answering.by, ...(known !== undefined && { was: known }) });
    }
    if (prior !== undefined)
      for (const at of was.keys())
        if (!now.has(at) && sources.has(`${name}/${at}`)) drop.push(`${name}/${at}`);
  }
  for (const name of parts.keys())
    for (const input of sources.keys()) if (input.startsWith(`${name}/`)) drop.push(input);
  return put.length + drop.length === 0 ? undefined : { kind: 'put-sources', put, drop };
}

/** A job that was just made, with where its inputs come from. */
export function withBornSources(job: Job, empty: Job, answering: Answering): Job {
  const sources = sourcesOfEdit({ ...empty, sources: job.sources }, job, answering);
  return sources === undefined ? job : { ...job, sources: [...sources.put].toSorted(byInput) };
}

const byInput = (a: SourceEntry, b: SourceEntry): number => (a.input < b.input ? -1 : 1);
