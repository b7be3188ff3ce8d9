import type { Job } from '../job/jobSchema';
import type { MergePath } from '../files/merger';
import { printNumber } from '../units/number';

/** Fields of a job by what they are called where their own name says too little. */
const FIELD: Readonly<Record<string, string>> = {
  circuits: 'circuit',
  run: 'segment',
  maxDropPct: 'limit of the drop',
  lengthFt: 'length, ft',
  groundOhms: 'ground, end to end',
  insulationMohm: 'insulation',
  checks: 'checks',
  order: 'order',
  pins: 'set by hand',
  appliance: 'appliance',
  house: 'service',
};

/** A name of the code in words: "permitDate" is "permit date". */
const plain = (name: string): string => name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();

/** An id that was drawn, not given by a person: it says nothing to one. */
const isDrawn = (text: string): boolean => /^[0-9a-f]{8}-[0-9a-f-]{20,}$/i.test(text);

/** Fields by which something with an id is known to people, the first that it has. */
const CALLED_BY = ['name', 'what', 'title', 'caption', 'question'] as const;

/** What of a job, or below it, has an id and a name, by that name. */
function calledBelow(value: unknown, id: string): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  const own = idOf(value) === id ? ownName(value) : undefined;
  if (own !== undefined) return own;
  for (const each of Object.values(value)) {
    const called = calledBelow(each, id);
    if (called !== undefined) return called;
  }
  return undefined;
}

/** A segment by where it stands in its run. */
function segmentIn({ circuits }: Job, id: string): string | undefined {
  const at = circuits.map(({ run }) => run.findIndex((each) => each.id === id)).find((found) => found >= 0);
  return at === undefined ? undefined : `number ${at + 1}`;
}

const idOf = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'id' in value ? value.id : undefined;

function ownName(value: unknown): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  const own: Readonly<Record<string, unknown>> = { ...value };
  const [name] = CALLED_BY.flatMap((key) => own[key] ?? []);
  return typeof name === 'string' && name !== '' ? name : undefined;
}

/** What an id of a job is called: circuits, panels, breakers, loads, things in the yard, segments by their number. */
export function nameIn(jobs: readonly Job[], id: string): string | undefined {
  for (const job of jobs) {
    const called = calledBelow(job, id) ?? segmentIn(job, id);
    if (called !== undefined) return called;
  }
  return isDrawn(id) ? 'an entry' : undefined;
}

/** A place in a job: "Hot tub, deck: limit of the drop". */
export function pathWords(path: MergePath, jobs: readonly Job[]): string {
  const parts = path.map((part) => nameIn(jobs, part) ?? FIELD[part] ?? plain(part));
  const [first, ...rest] = parts;
  // "circuit: Hot tub" says no more than its name.
  const said = path[0] === 'circuits' && rest.length > 0 ? rest : [first ?? 'the job', ...rest];
  const words = said.join(': ');
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}

const LONGEST = 60;

/** One side of what both changed. */
export function sideWords(value: unknown): string {
  if (value === undefined) return 'removed';
  if (value === null) return 'none';
  if (typeof value === 'number') return printNumber(value, 2);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value === '' ? 'empty' : isDrawn(value) ? 'another entry' : value;
  if (Array.isArray(value)) return `a list of ${value.length}`;
  const text = Object.entries(value)
    .filter(([key, each]) => typeof each !== 'object' && !/^id$|Id$/.test(key) && !isDrawn(String(each)))
    .map(([key, each]) => `${plain(key)} ${String(each)}`)
    .join(', ');
  return text.length > LONGEST ? `${text.slice(0, LONGEST)} …` : text;
}
