import { bondsOf, provedMarks, type Bond, type Figures } from './arithmetic';
import { isSameValue, MARKS, type MarkName, type MarkValue, type Reading } from './mark';
import { isPlausible } from './plausible';

/** Why a value is not given without doubt. */
export type Doubt = 'passes-differ' | 'read-once' | 'low-score' | 'out-of-bounds' | 'contradicts';

/** A mark of a plate: the value that most speaks for, and what else it may be. */
export interface PlateMark extends Omit<Reading, 'score'> {
  /** 0 to 1. */
  readonly confidence: number;
  readonly doubts: readonly Doubt[];
  readonly alternatives: readonly MarkValue[];
}

/** A value with the readings that gave it. */
interface Candidate {
  readonly reading: Reading;
  readonly passes: ReadonlySet<number>;
  readonly isPlausible: boolean;
}

/** Of the readings of one mark each value once, the likeliest first. */
function candidatesOf(
  readings: readonly (readonly [pass: number, reading: Reading])[],
  ratings: readonly number[],
): readonly Candidate[] {
  const found: Candidate[] = [];
  for (const [pass, reading] of readings) {
    const at = found.findIndex(({ reading: other }) => isSameValue(other.value, reading.value));
    const before = found[at];
    if (before === undefined)
      found.push({
        reading,
        passes: new Set([pass]),
        isPlausible: isPlausible(reading.mark, reading.value, ratings),
      });
    else
      found[at] = {
        ...before,
        reading: reading.score > before.reading.score ? reading : before.reading,
        passes: new Set([...before.passes, pass]),
      };
  }
  return found.toSorted(
    (a, b) =>
      Number(b.isPlausible) - Number(a.isPlausible) ||
      b.passes.size - a.passes.size ||
      b.reading.score - a.reading.score,
  );
}

/** Below this the recognizer guesses. */
const SURE_SCORE = 55;

const keyOf = ({ mark, row }: Pick<Reading, 'mark' | 'row'>): string => `${mark} ${row ?? ''}`;

/** Marks whose figures often have a tenth: its point is what recognizers lose first. */
const WITH_TENTHS: readonly MarkName[] = ['MCA', 'RLA', 'FLA', 'amps', 'I1eff', 'kW'];

/** The value that a figure has if its point was lost; nothing where it bears one, or would be too small. */
function withLostPoint(candidates: readonly Candidate[], ratings: readonly number[]): readonly Candidate[] {
  return candidates.flatMap((each): Candidate[] => {
    const { mark, value } = each.reading;
    if (!WITH_TENTHS.includes(mark) || typeof value !== 'number' || !Number.isInteger(value) || value < 10)
      return [];
    const tenth = value / 10;
    if (candidates.some(({ reading }) => reading.value === tenth) || !isPlausible(mark, tenth, ratings))
      return [];
    return [{ reading: { ...each.reading, value: tenth }, passes: new Set(), isPlausible: true }];
  });
}

/** Sums of three figures by which a plate proves itself. */
const PROOFS: readonly (readonly [MarkName, MarkName, MarkName])[] = [
  ['MCA', 'RLA', 'FLA'],
  ['kW', 'amps', 'volts'],
  ['I1eff', 'I1max', 'dutyPct'],
];

/** Of the readings of three figures those that prove each other, where the likeliest do not. */
function provedTogether(all: ReadonlyMap<MarkName, readonly Candidate[]>): ReadonlyMap<MarkName, Candidate> {
  const settled = new Map<MarkName, Candidate>();
  for (const [a, b, c] of PROOFS)
    for (const first of all.get(a) ?? [])
      for (const second of all.get(b) ?? [])
        for (const third of all.get(c) ?? []) {
          const three = [first, second, third];
          const figures = Object.fromEntries(three.map(({ reading }) => [reading.mark, reading.value]));
          const isRead = three.filter(({ passes }) => passes.size > 0).length > 1;
          if (settled.has(a) || !isRead || !provedMarks(bondsOf(figures)).has(a)) continue;
          for (const each of three) settled.set(each.reading.mark, each);
        }
  return settled;
}

/** Of the values of a mark the likeliest that does not contradict what the plate says beside it. */
function chosen(mark: MarkName, all: readonly Candidate[], others: Figures): Candidate | undefined {
  // Where the first contradicts what stands beside it and another does not, that one is likelier.
  const fits = all.find(
    ({ reading, passes, isPlausible: may }) =>
      may &&
      (passes.size > 0 || all[0]?.isPlausible === false) &&
      bondsOf({ ...others, [mark]: reading.value }).every(
        ({ marks, holds }) => holds || !marks.includes(mark),
      ),
  );
  return fits ?? all[0];
}

/** The likeliest reading of a mark with what makes it doubtful. */
function markOf(
  best: Candidate,
  candidates: readonly Candidate[],
  { isProved, contradicts }: { readonly isProved: boolean; readonly contradicts: boolean },
): PlateMark {
  const { score, ...reading } = best.reading;
  const others = candidates.filter((each) => each !== best);
  const doubts: Doubt[] = [];
  if (!isProved) {
    if (others.some((other) => other.isPlausible && other.passes.size > 0)) doubts.push('passes-differ');
    if (best.passes.size < 2) doubts.push('read-once');
    if (score < SURE_SCORE) doubts.push('low-score');
  }
  if (!best.isPlausible) doubts.push('out-of-bounds');
  if (contradicts) doubts.push('contradicts');
  return {
    ...reading,
    confidence: Math.max(0, Math.min(1, score / 100)),
    doubts,
    alternatives: others
      .filter(({ passes }) => passes.size > 0 || !best.isPlausible)
      .map((other) => other.reading.value),
  };
}

/** Marks read off a plate, and which of them contradict each other. */
export interface ReadMarks {
  readonly marks: readonly PlateMark[];
  readonly contradictions: readonly Bond[];
}

/**
 * The marks of a plate from several passes over it. Neither a high score nor agreement of passes proves a figure; the
 * arithmetic of the plate does, where it has one.
 *
 * @param passes Readings, one list for each time that the plate was read.
 * @param ratings Ratings that overcurrent devices have (240.6(A)).
 */
export function readMarks(passes: readonly (readonly Reading[])[], ratings: readonly number[]): ReadMarks {
  const groups = new Map<string, (readonly [number, Reading])[]>();
  for (const [pass, readings] of passes.entries())
    for (const reading of readings) {
      const key = keyOf(reading);
      groups.set(key, [...(groups.get(key) ?? []), [pass, reading]]);
    }
  const all = [...groups.values()].map((readings) => {
    const candidates = candidatesOf(readings, ratings);
    return [...candidates, ...withLostPoint(candidates, ratings)];
  });
  const alone = all.filter(([first]) => first?.reading.row === null);
  const settled = provedTogether(
    new Map(alone.flatMap((each) => (each[0] === undefined ? [] : [[each[0].reading.mark, each] as const]))),
  );
  const figures: Partial<Record<MarkName, MarkValue>> = {};
  for (const [first] of alone) if (first !== undefined) figures[first.reading.mark] = first.reading.value;
  for (const [mark, { reading }] of settled) figures[mark] = reading.value;
  const picked = all.flatMap((candidates) => {
    const [first] = candidates;
    if (first === undefined) return [];
    const { mark, row } = first.reading;
    const best = (row === null ? settled.get(mark) : undefined) ?? chosen(mark, candidates, figures) ?? first;
    if (row === null) figures[mark] = best.reading.value;
    return [{ best, candidates }];
  });
  const bonds = bondsOf(figures);
  const proved = provedMarks(bonds);
  // A figure that no device has, or that was guessed, is misread: the plate is not to blame.
  const isRead = (mark: MarkName): boolean =>
    picked.some(
      ({ best: { reading, isPlausible: may } }) =>
        reading.mark === mark && may && reading.score >= SURE_SCORE,
    );
  const broken = bonds.filter(({ holds, marks: of }) => !holds && of.every(isRead));
  const marks = picked.map(({ best, candidates }): PlateMark => {
    const { mark, row } = best.reading;
    const isAlone = row === null;
    return markOf(best, candidates, {
      isProved: isAlone && proved.has(mark),
      contradicts: isAlone && broken.some(({ marks: of }) => of.includes(mark)),
    });
  });
  const order = (mark: MarkName): number => MARKS.indexOf(mark);
  return {
    marks: marks.toSorted((a, b) => (a.row ?? -1) - (b.row ?? -1) || order(a.mark) - order(b.mark)),
    contradictions: broken,
  };
}
