import { nth } from '../units/nth';
import { tally } from '../units/tally';
import type { Measured } from '../service/houseSchema';
import { monthOf, stamped } from './calendar';
import type { Intervals, Reading } from './intervals';

/** What may be wrong with a demand record. */
export type RecordProblem =
  | 'too-short'
  | 'hourly'
  | 'season'
  | 'gaps'
  | 'export'
  | 'unit'
  | 'clock'
  | 'duplicates'
  | 'disorder';

/** What a demand record came to, with how it was put right. */
export interface DemandAnalysis {
  readonly measured: Measured;
  readonly intervals: number;
  readonly missing: number;
  readonly duplicates: number;
  readonly disorder: number;
  readonly exported: number;
  /** Hours by which clocks changed within it. */
  readonly clockHours: number;
  /** Factor by which a longer interval than 15 minutes was raised. */
  readonly raised: number;
}

const MINUTE = 60_000;
const DAY = 86_400_000;
const VOLTS = 240;
/** The window of the rule, minutes (220.87). */
const WINDOW = 15;
/** Averages over longer than the window hide its peak: raised by this, which is judgement and not code. */
const LONGER_FACTOR = 1.3;
const YEAR_DAYS = 365;
const RECORDING_DAYS = 30;
/** Missing readings worth a word, as a share. */
const GAP_SHARE = 0.005;
/** A dwelling's peak lies between these, amperes; outside, the unit is doubtful. */
const MIN_PEAK_A = 3;
const MAX_PEAK_A = 500;
/** Months in which heating or cooling shows: December to February, June to August. */
const SEASON: ReadonlySet<number> = new Set([12, 1, 2, 6, 7, 8]);
/** Readings between two tellings of progress. */
const STEP = 8000;

interface Ordered {
  readonly startMs: Float64Array;
  readonly value: Float64Array;
  readonly duplicates: number;
  readonly disorder: number;
  readonly repeatedHours: number;
}

/** Readings in the order of time. Of two for one time the larger is kept, which is never the smaller load. */
function ordered({ startMs, value, minutes, absolute }: Intervals): Ordered {
  const order = Array.from(startMs.keys());
  let disorder = 0;
  for (let at = 1; at < startMs.length; at += 1) if (nth(startMs, at) < nth(startMs, at - 1)) disorder += 1;
  if (disorder > 0) order.sort((a, b) => nth(startMs, a) - nth(startMs, b) || a - b);
  const [starts, values] = [new Float64Array(order.length), new Float64Array(order.length)];
  const doubled = new Map<number, number>();
  let [kept, duplicates] = [0, 0];
  for (const at of order) {
    const [start, amount] = [nth(startMs, at), nth(value, at)];
    if (kept > 0 && starts[kept - 1] === start) {
      duplicates += 1;
      const hour = Math.floor(start / (60 * MINUTE));
      tally(doubled, hour);
      values[kept - 1] = Math.max(nth(values, kept - 1), amount);
      continue;
    }
    starts[kept] = start;
    values[kept] = amount;
    kept += 1;
  }
  // On a clock without an offset one whole hour of autumn is there twice: no fault of the file.
  const perHour = 60 / minutes;
  const repeatedHours = absolute
    ? 0
    : [...doubled].filter(([hour, count]) => count === perHour && isAutumn(hour)).length;
  const isClock = repeatedHours === 1;
  return {
    startMs: starts.slice(0, kept),
    value: values.slice(0, kept),
    duplicates: isClock ? duplicates - perHour : duplicates,
    disorder: isClock && disorder === 1 ? 0 : disorder,
    repeatedHours: isClock ? 1 : 0,
  };
}

const isAutumn = (hour: number): boolean => [10, 11].includes(monthOf(hour * 60 * MINUTE));
const isSpring = (ms: number): boolean => [3, 4].includes(monthOf(ms));

/** Readings that are not there, without the hour that spring takes from a clock without an offset. */
function missingIn(
  { startMs }: Ordered,
  { minutes, absolute }: Intervals,
): { readonly missing: number; readonly skippedHours: number } {
  let [missing, skippedHours] = [0, 0];
  for (let at = 1; at < startMs.length; at += 1) {
    const step = (nth(startMs, at) - nth(startMs, at - 1)) / MINUTE;
    const lost = Math.round(step / minutes) - 1;
    if (lost <= 0) continue;
    const isHour = lost * minutes === 60 && isSpring(nth(startMs, at)) && skippedHours === 0 && !absolute;
    if (isHour) skippedHours += 1;
    else missing += lost;
  }
  return { missing, skippedHours };
}

/** Averages over the window where readings are shorter; they are taken as they are where not. */
function windows(
  { startMs, value }: Ordered,
  minutes: number,
): { readonly startMs: Float64Array; readonly value: Float64Array } {
  const per = Math.round(WINDOW / minutes);
  if (per <= 1) return { startMs, value };
  const [starts, averages]: [number[], number[]] = [[], []];
  for (let at = 0; at + per <= value.length; at += 1) {
    const span = ((startMs[at + per - 1] ?? 0) - (startMs[at] ?? 0)) / MINUTE;
    // With one missing the window is longer than its readings: an average over a gap is none.
    if (span > (per - 1) * minutes + minutes / 2) continue;
    let sum = 0;
    for (let offset = 0; offset < per; offset += 1) sum += value[at + offset] ?? 0;
    starts.push(nth(startMs, at));
    averages.push(sum / per);
  }
  return { startMs: Float64Array.from(starts), value: Float64Array.from(averages) };
}

/** Position of the first reading at or after a time. */
function firstAt(startMs: Float64Array, ms: number): number {
  let [low, high] = [0, startMs.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (nth(startMs, middle) < ms) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The week around the peak, amperes, one value a quarter hour or as coarse as the record. */
function weekAround(
  startMs: Float64Array,
  amps: Float64Array,
  peakMs: number,
  minutes: number,
): readonly number[] {
  const step = Math.max(WINDOW, minutes) * MINUTE;
  const from = Math.floor(peakMs / DAY) * DAY - 3 * DAY;
  return Array.from({ length: Math.round((7 * DAY) / step) }, (_, at) => {
    const index = firstAt(startMs, from + at * step);
    const here = (startMs[index] ?? Infinity) < from + (at + 1) * step ? (amps[index] ?? 0) : 0;
    return Math.round(Math.max(0, here) * 10) / 10;
  });
}

function season(fromMs: number, toMs: number): boolean {
  for (let day = fromMs; day <= toMs; day += DAY) if (SEASON.has(monthOf(day))) return true;
  return false;
}

/**
 * Finds the governing demand of a record (220.87): the largest average of 15 minutes, in amperes at 240 V or of the
 * heavier leg. Disorder, doubled readings and changes of clocks are put right and counted; what makes the record
 * unfit is named.
 *
 * @param source file or meter that it came from
 */
export function* analyseDemand(intervals: Intervals, source: string): Reading<DemandAnalysis> {
  const record = ordered(intervals);
  yield 0.4;
  const { missing, skippedHours } = missingIn(record, intervals);
  const { minutes, measures, exported } = intervals;
  const raised = minutes > WINDOW ? LONGER_FACTOR : 1;
  const averaged = windows(record, minutes);
  yield 0.6;
  const times = (measures === 'kw' ? 1000 / VOLTS : 1) * raised;
  const amps = averaged.value.map((each) => each * times);
  let peak = 0;
  for (let at = 1; at < amps.length; at += 1) {
    if (at % STEP === 0) yield 0.6 + (0.3 * at) / amps.length;
    if (nth(amps, at) > nth(amps, peak)) peak = at;
  }
  const peakA = amps[peak] ?? 0;
  const fromMs = record.startMs[0] ?? 0;
  const toMs = (record.startMs.at(-1) ?? 0) + minutes * MINUTE;
  const days = (toMs - fromMs) / DAY;
  const basis = measures === 'amps' || days < 60 ? 'recording' : 'utility';
  const total = record.startMs.length + missing;
  // A year that begins in a leap day or loses an hour to the clock is a year all the same.
  const min = basis === 'utility' ? YEAR_DAYS - 1 : RECORDING_DAYS - 0.1;
  const problems: readonly (readonly [RecordProblem, boolean])[] = [
    ['too-short', days < min],
    ['hourly', minutes > WINDOW],
    ['season', basis === 'recording' && !season(fromMs, toMs)],
    ['gaps', missing > total * GAP_SHARE],
    ['export', exported > 0],
    ['unit', peakA < MIN_PEAK_A || peakA > MAX_PEAK_A],
    ['clock', skippedHours + record.repeatedHours > 0],
    ['duplicates', record.duplicates > 0],
    ['disorder', record.disorder > 0],
  ];
  const measured: Measured = {
    source: source.slice(0, 120),
    basis,
    intervalMinutes: minutes,
    from: stamped(fromMs),
    to: stamped(toMs),
    days: Math.round(days * 10) / 10,
    peakA: Math.min(2000, Math.round(peakA * 100) / 100),
    peakAt: stamped(averaged.startMs[peak] ?? 0),
    problems: problems.flatMap(([problem, is]) => (is ? [problem] : [])),
    week: [...weekAround(averaged.startMs, amps, averaged.startMs[peak] ?? 0, minutes)].map((each) =>
      Math.min(2000, each),
    ),
  };
  return {
    measured,
    intervals: record.startMs.length,
    missing,
    duplicates: record.duplicates,
    disorder: record.disorder,
    exported,
    clockHours: skippedHours + record.repeatedHours,
    raised,
  };
}
