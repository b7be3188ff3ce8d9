import type { Breaker, Space } from './panelSchema';
import { below, bySpace, spaceLabel, slotsOf } from './spaces';

/** What is wrong with one typed breaker: which field, what was typed, what is accepted. */
export interface BreakerProblem {
  /** Position among what was typed, from 1. */
  readonly row: number;
  readonly text: string;
  readonly field: 'space' | 'rating' | 'name' | 'row';
  readonly accepts: string;
}

/** Typed breakers: those that were understood, and what was not. */
export interface ReadBreakers {
  readonly breakers: readonly Breaker[];
  readonly problems: readonly BreakerProblem[];
}

/** Ratings of breakers that a dwelling's panel holds. */
const RATINGS: readonly number[] = [
  10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200,
];
const KINDS: Readonly<Record<string, Breaker['kind']>> = { gfci: 'gfci', afci: 'afci', dual: 'dual' };

interface Rating {
  readonly amps: readonly number[];
  readonly poles: 1 | 2;
  readonly sharedNeutral: boolean;
}

/** "20", "2p30", "mw20" (two hots with one neutral), "mu20" (one of them, not tied to the other), "15/20" (two in one space). */
function ratingOf(text: string): Rating | undefined {
  const read = /^(?:(2p|mw|mu)(\d+)|(\d+)(?:\/(\d+))?)$/i.exec(text);
  if (read === null) return undefined;
  const [, prefix, double, single, second] = read;
  const amps = [double ?? single, second].flatMap((each) => (each === undefined ? [] : [Number(each)]));
  if (!amps.every((each) => RATINGS.includes(each))) return undefined;
  const kind = prefix?.toLowerCase();
  return {
    amps,
    poles: kind === '2p' || kind === 'mw' ? 2 : 1,
    sharedNeutral: kind === 'mw' || kind === 'mu',
  };
}

/** "4", "4b", or "1,3" for two poles. */
function spacesOf(
  text: string,
  spaces: number,
): { readonly place: Space; readonly second: number | undefined } | undefined {
  const read = /^(\d+)(?:([ab])|[,+](\d+))?$/i.exec(text);
  if (read === null) return undefined;
  const [, first, half, second] = read;
  const slot = Number(first);
  const other = second === undefined ? undefined : Number(second);
  if (slot < 1 || slot > spaces || (other !== undefined && other > spaces)) return undefined;
  return {
    place: { slot, half: half?.toLowerCase() === 'a' ? 'a' : half === undefined ? null : 'b' },
    second: other,
  };
}

const refused = (
  row: number,
  text: string,
  field: BreakerProblem['field'],
  accepts: string,
): BreakerProblem => ({ row, text, field, accepts });

/** A trailing "1200 VA", and what is before it. */
function loadOf(text: string): { readonly name: string; readonly va: number | null } {
  const read = /^(.*?)[\s,]+(\d+)\s*va$/i.exec(text);
  return read === null ? { name: text, va: null } : { name: read[1] ?? '', va: Number(read[2]) };
}

/** One entry: spaces, rating, perhaps a kind, what it feeds. */
function entry(
  text: string,
  row: number,
  spaces: number,
  newId: () => string,
): readonly Breaker[] | BreakerProblem {
  const [where = '', rated = '', ...rest] = text.split(/\s+/);
  const at = spacesOf(where, spaces);
  if (at === undefined)
    return refused(row, where, 'space', `a space from 1 to ${spaces}: 4, 4b for a half, 1,3 for two poles`);
  const rating = ratingOf(rated);
  if (rating === undefined)
    return refused(
      row,
      rated,
      'rating',
      'amperes of a breaker: 20, 2p30, mw20 with a shared neutral, mu20 for one pole of it that is not tied, 15/20 for two in one space',
    );
  const { amps, poles, sharedNeutral } = rating;
  const lower = below(at.place.slot);
  if (poles === 2 && (at.place.half !== null || lower > spaces || (at.second ?? lower) !== lower)) {
    return refused(
      row,
      where,
      'space',
      `two spaces of one column, one above the other: ${at.place.slot},${lower}; two halves of a space are on one leg`,
    );
  }
  if (poles === 1 && at.second !== undefined)
    return refused(row, rated, 'rating', `2p${amps[0] ?? 0} or mw${amps[0] ?? 0} on two spaces`);
  if (amps.length === 2 && at.place.half !== null)
    return refused(row, where, 'space', `the space alone, ${at.place.slot}, for two in one space`);
  const kind = KINDS[rest[0]?.toLowerCase() ?? ''];
  const { name, va } = loadOf((kind === undefined ? rest : rest.slice(1)).join(' '));
  const names = amps.length === 2 ? name.split(/\s*,\s*/) : [name];
  if (names.length > 2) return refused(row, name, 'name', 'two names with a comma between them');
  if (names.some((each) => each.length > 60)) return refused(row, name, 'name', 'at most 60 characters');
  return amps.map((each, index): Breaker => ({
    id: newId(),
    place: amps.length === 2 ? { slot: at.place.slot, half: index === 0 ? 'a' : 'b' } : at.place,
    poles,
    amps: each,
    name: names[index]?.trim() ?? '',
    kind: kind ?? 'plain',
    sharedNeutral,
    va: amps.length === 2 && va !== null ? va / 2 : va,
  }));
}

const holds = (breaker: Breaker): readonly string[] =>
  slotsOf(breaker).flatMap((slot) =>
    (breaker.place.half === null ? ['a', 'b'] : [breaker.place.half]).map((half) => `${slot}${half}`),
  );

/**
 * Breakers of a panel as they are typed while installed before it: entries apart by semicolons or lines, such as
 * "1,3 2p30 dryer; 2 20 kitchen; 4 20/20 bed, hall; 9,11 mw20 counter; 5 20 gfci bath". What is not understood
 * is told by row, and the rest is read all the same.
 *
 * @param spaces how many the panel has
 * @param newId gives each breaker its id
 */
export function readBreakers(text: string, spaces: number, newId: () => string): ReadBreakers {
  const breakers: Breaker[] = [];
  const problems: BreakerProblem[] = [];
  const taken = new Map<string, number>();
  const rows = text.split(/[;\n]+/).map((each) => each.trim());
  for (const [at, each] of rows.entries()) {
    if (each === '') continue;
    const read = entry(each, at + 1, spaces, newId);
    if ('field' in read) {
      problems.push(read);
      continue;
    }
    const before = read.flatMap(holds).find((half) => taken.has(half));
    if (before === undefined) {
      for (const half of read.flatMap(holds)) taken.set(half, at + 1);
      breakers.push(...read);
    } else {
      problems.push(
        refused(at + 1, each, 'space', `a space that row ${taken.get(before) ?? 0} does not take`),
      );
    }
  }
  return { breakers, problems };
}

/** Spaces as they are typed: 4, 4b, or 1,3. */
export const spaceWord = (breaker: Pick<Breaker, 'place' | 'poles'>): string =>
  breaker.poles === 2 ? slotsOf(breaker).join(',') : spaceLabel(breaker.place);

/** A rating as it is typed: 20, 2p30, or mw20 with a shared neutral. */
export const ratingWord = ({
  poles,
  amps,
  sharedNeutral,
}: Pick<Breaker, 'poles' | 'amps' | 'sharedNeutral'>): string =>
  poles === 1 ? `${amps}` : `${sharedNeutral ? 'mw' : '2p'}${amps}`;

const printed = (breaker: Breaker): string => {
  const { kind, name, va } = breaker;
  return [
    spaceWord(breaker),
    ratingWord(breaker),
    ...(kind === 'plain' ? [] : [kind]),
    name,
    ...(va === null ? [] : [`${va} VA`]),
  ]
    .filter((each) => each !== '')
    .join(' ');
};

/** Breakers as they are typed, in the order of their spaces: what is read back is the same. */
export const printBreakers = (breakers: readonly Breaker[]): string =>
  breakers.toSorted(bySpace).map(printed).join('\n');
