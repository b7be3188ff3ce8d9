import { familyList, type FamilyId } from '../../appliances/registry';
import { LEXICON } from './lexicon';
import { nearest } from './near';
import type { Token } from './tokens';

/** A name of a family as it stands in a line. */
export interface Named {
  readonly family: FamilyId;
  readonly name: string;
  /** First token of the name, and how many it has. */
  readonly at: number;
  readonly count: number;
}

/** Names that stand beside others as a plain word: "dryer outlet" is a dryer. */
const PLAIN: ReadonlySet<string> = new Set([
  'receptacle',
  'receptacles',
  'outlet',
  'outlets',
  'plugs',
  'load',
  'equipment',
  'machine',
  'pump',
  'heater',
]);

const MOST_WORDS = 4;

const NAMES: ReadonlyMap<string, FamilyId> = new Map(
  familyList.flatMap(({ id, typed }) => typed.names.map((name) => [name, id] as const)),
);

/** Tokens as one phrase; undefined where they do not stand side by side. */
export function phraseAt(tokens: readonly Token[], at: number, count: number): string | undefined {
  const part = tokens.slice(at, at + count);
  if (part.length < count || part.some(({ is }) => is.kind === 'stop')) return undefined;
  return part.map(({ word }) => word.toLowerCase().replace(/[.!?]+$/, '')).join(' ');
}

function* namesIn(tokens: readonly Token[]): Generator<Named> {
  for (let at = 0; at < tokens.length; at += 1)
    for (let count = MOST_WORDS; count > 0; count -= 1) {
      const name = phraseAt(tokens, at, count);
      if (name === undefined) continue;
      const plain = name.replaceAll('-', ' ');
      const family = NAMES.get(name) ?? NAMES.get(plain) ?? NAMES.get(plain.replace(/s$/, ''));
      if (family !== undefined) yield { family, name, at, count };
    }
}

/** A short word with another letter in it is as likely another word: "cell" is no slip of "well". */
const SHORT = 4;

const lettersOf = (word: string): string => Array.from(word).toSorted().join('');

const isOther = (word: string, name: string): boolean =>
  word.length <= SHORT && word.length === name.length && lettersOf(word) !== lettersOf(name);

/** Names with a slip of one letter, where no other name is as near. */
function* slipsIn(tokens: readonly Token[]): Generator<Named> {
  for (let at = 0; at < tokens.length; at += 1)
    for (let count = 2; count > 0; count -= 1) {
      const phrase = phraseAt(tokens, at, count);
      if (phrase === undefined || tokens[at]?.is.kind !== 'word' || LEXICON.has(phrase)) continue;
      const { sure } = nearest(phrase, NAMES.keys());
      const family = sure === null ? undefined : NAMES.get(sure);
      if (sure !== null && family !== undefined && !isOther(phrase, sure))
        yield { family, name: sure, at, count };
    }
}

const better = (a: Named, b: Named): Named => {
  const plain = Number(PLAIN.has(a.name)) - Number(PLAIN.has(b.name));
  if (plain !== 0) return plain < 0 ? a : b;
  return b.name.length > a.name.length ? b : a;
};

/** Whether a name holds the words of another and more. */
const covers = (name: Named, other: Named): boolean =>
  name.at <= other.at && other.at + other.count <= name.at + name.count && name.count > other.count;

/** Circuits of a room that nobody calls by what stands there: "kitchen counter circuit 20 amp", "laundry 20a". */
const OF_ROOMS = new Set([15, 20]);

function meaningAt(tokens: readonly Token[], at: number) {
  for (let count = 2; count > 0; count -= 1) {
    const meaning = LEXICON.get(phraseAt(tokens, at, count) ?? '');
    if (meaning !== undefined) return meaning;
  }
  return undefined;
}

/** Where a name stands that no word says: each word of the line says what it says by itself. */
const NOWHERE = -1;

/** What a line is of that names a building or a room alone: a feeder, or a circuit of outlets. */
function impliedIn(tokens: readonly Token[]): Named | undefined {
  const amps = tokens.flatMap(({ is }) => (is.kind === 'measure' && is.of === 'amps' ? [is.value] : []));
  const [rating] = amps;
  if (rating === undefined || amps.length > 1) return undefined;
  for (const [at] of tokens.entries()) {
    const meaning = meaningAt(tokens, at);
    if (meaning?.is === 'building') return { family: 'feeder', name: '', at: NOWHERE, count: 0 };
    if (meaning?.is === 'place' && meaning.room !== undefined && OF_ROOMS.has(rating))
      return { family: 'receptacle', name: '', at: NOWHERE, count: 0 };
  }
  return undefined;
}

/** The appliance that a line names: the most particular name, the longest of them, the first of these. */
export function namedIn(tokens: readonly Token[]): Named | undefined {
  const exact = [...namesIn(tokens)];
  // A slip beside a plain word names the thing: "watr heater" is no heater of a room.
  const isPlain = exact.every(({ name }) => PLAIN.has(name));
  const slips = isPlain ? [...slipsIn(tokens)] : [];
  const all =
    exact.length === 0
      ? slips
      : [...exact, ...slips.filter((slip) => slip.count > 1 && exact.some((each) => covers(slip, each)))];
  return all.length === 0 ? impliedIn(tokens) : all.reduce(better);
}

/** Whether a phrase is a name of this family: "feeder" beside "subpanel" says it twice. */
export const isNameOf = (phrase: string, family: FamilyId): boolean => NAMES.get(phrase) === family;

/** Every name of an appliance, for what was mistyped. */
export const allNames = (): Iterable<string> => NAMES.keys();
