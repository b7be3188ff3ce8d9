import type { HouseLoad } from './houseSchema';
import { SERVICE_KINDS, type ServiceKind } from './serviceLoad';

/** What is wrong with one typed load. */
export interface LoadProblem {
  /** Position among what was typed, from 1. */
  readonly row: number;
  readonly text: string;
  readonly accepts: string;
}

/** Typed loads: those that were understood, and what was not. */
export interface ReadLoads {
  readonly loads: readonly HouseLoad[];
  readonly problems: readonly LoadProblem[];
}

/** Kinds by the words of a load's name; the first that fits. */
const WORDS: readonly (readonly [RegExp, ServiceKind])[] = [
  [/\bdryer\b/i, 'dryer'],
  [/\b(?:range|oven|cooktop|stove)\b/i, 'range'],
  [/\bheat ?pump\b|\bmini ?split\b/i, 'heat-pump'],
  [/\bwater heater\b/i, 'fixed'],
  [/\b(?:air condition\w*|ac|a\/c|cooling)\b/i, 'cool'],
  [/\b(?:heat|heating|heater|baseboard|furnace)\b/i, 'heat'],
  [/\b(?:charger|ev|vehicle)\b/i, 'ev'],
  [/\b(?:pump|motor|disposal|compressor|opener)\b/i, 'motor'],
];

const guessed = (name: string): ServiceKind => WORDS.find(([pattern]) => pattern.test(name))?.[1] ?? 'fixed';

const ACCEPTS = `a name, then volt-amperes or kW, such as "water heater 4500" or "dryer 5 kW"; after it a kind (${SERVICE_KINDS.join(', ')}), units of heat as x5, and "goes" for what is taken out`;
const LOAD = /^(.+?)\s+([\d,.]+)\s*(kva|kw|va|w)?((?:\s+\S+)*)$/i;
const MAX_VA = 100000;
const MAX_LOADS = 40;

const kindOf = (word: string): ServiceKind | undefined => SERVICE_KINDS.find((kind) => kind === word);

function loadOf(text: string, newId: () => string): HouseLoad | undefined {
  const read = LOAD.exec(text);
  if (read === null) return undefined;
  const [, what = '', amount = '', unit, rest = ''] = read;
  const value = Number(amount.replaceAll(',', ''));
  const va = unit !== undefined && /^k/i.test(unit) ? value * 1000 : value;
  if (!(va >= 0 && va <= MAX_VA) || what.length > 60) return undefined;
  let load: HouseLoad = { id: newId(), what, va, kind: guessed(what) };
  for (const word of rest.trim().toLowerCase().split(/\s+/)) {
    const units = /^x(\d{1,2})$/.exec(word)?.[1];
    const kind = kindOf(word);
    if (word === '') continue;
    if (word === 'removed' || word === 'goes') load = { ...load, goes: true };
    else if (units !== undefined && Number(units) >= 1 && Number(units) <= 20)
      load = { ...load, units: Number(units) };
    else if (kind !== undefined) load = { ...load, kind };
    else return undefined;
  }
  return load;
}

/**
 * Loads of a house as they are typed: entries apart by semicolons or lines, such as "water heater 4500; dryer 5 kW;
 * baseboard 6000 heat x5 goes". The kind follows from the name where none is given.
 */
export function readLoads(text: string, newId: () => string): ReadLoads {
  const loads: HouseLoad[] = [];
  const problems: LoadProblem[] = [];
  for (const [at, row] of text.split(/[;\n]+/).entries()) {
    const entry = row.trim();
    if (entry === '') continue;
    const load = loads.length < MAX_LOADS ? loadOf(entry, newId) : undefined;
    if (load === undefined) problems.push({ row: at + 1, text: entry, accepts: ACCEPTS });
    else loads.push(load);
  }
  return { loads, problems };
}

/** Loads as they are typed: what is read back is the same. */
export const printLoads = (loads: readonly HouseLoad[]): string =>
  loads
    .map(({ what, va, kind, units, goes }) =>
      [
        what,
        `${va}`,
        ...(kind === guessed(what) ? [] : [kind]),
        ...(units === undefined ? [] : [`x${units}`]),
        ...(goes === true ? ['removed'] : []),
      ].join(' '),
    )
    .join('\n');
