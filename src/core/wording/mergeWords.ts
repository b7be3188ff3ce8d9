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

/** What an id of a job is called: circuits, panels, things in the yard. */
export function nameIn(jobs: readonly Job[], id: string): string | undefined {
  for (const { circuits, panels, yard } of jobs)
    for (const each of [...circuits, ...panels, ...yard.waters])
      if (each.id === id && 'name' in each && typeof each.name === 'string') return each.name;
  return undefined;
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
  if (typeof value === 'string') return value === '' ? 'empty' : value;
  if (Array.isArray(value)) return `a list of ${value.length}`;
  const text = Object.entries(value)
    .filter(([, each]) => typeof each !== 'object')
    .map(([key, each]) => `${plain(key)} ${String(each)}`)
    .join(', ');
  return text.length > LONGEST ? `${text.slice(0, LONGEST)} …` : text;
}
