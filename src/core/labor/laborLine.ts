import type { Source } from '../takeoff/need';
import type { LaborTerms } from './laborDocument';
import {
  LABOR_FACTORS,
  LABOR_UNITS,
  type LaborFactor,
  type LaborMeasure,
  type LaborTask,
} from './laborTasks';

/** So much work of a kind, before it is counted in hours. */
export interface LaborNeed {
  readonly task: LaborTask;
  readonly source: Source;
  /** The segment that it is done in, by position; null where it is at an end, or of no circuit. */
  readonly segment: number | null;
  readonly count: number;
  readonly slowedBy: readonly LaborFactor[];
}

/** Work of a kind in hours, with how they came about. */
export interface LaborLine {
  readonly task: LaborTask;
  readonly source: Source;
  readonly count: number;
  readonly per: LaborMeasure;
  /** Hours of one, and whether they were set by hand. */
  readonly each: number;
  readonly byHand: boolean;
  /** Count times hours of one. */
  readonly unitH: number;
  readonly slowedBy: readonly { readonly factor: LaborFactor; readonly value: number }[];
  /** All of them together. */
  readonly factor: number;
  readonly hours: number;
}

/** What a condition slows work by: as it was set by hand, or the starting figure. */
export const factorOf = (factor: LaborFactor, { factors }: LaborTerms): number =>
  factors[factor] ?? LABOR_FACTORS[factor];

/** Whether a condition is so on this job, of those that are said for the whole of it. */
const isOn = (factor: LaborFactor, { people, hardGround, oldPanel, rain }: LaborTerms): boolean => {
  switch (factor) {
    case 'hard-ground':
      return hardGround;
    case 'old-panel':
      return oldPanel;
    case 'rain':
      return rain;
    case 'two':
      return people === 2;
    case 'attic':
    case 'finished':
      return true;
  }
};

/** One kind of work of a source: what is alike in it is one line. */
const lineKey = ({ task, slowedBy }: LaborNeed): string => `${task} ${slowedBy.join(' ')}`;

/** Work in hours: count times hours of one times what slows it. Alike work of one source is one line. */
export function laborLines(needs: readonly LaborNeed[], terms: LaborTerms): readonly LaborLine[] {
  const alike = new Map<string, LaborNeed>();
  for (const need of needs) {
    const on = { ...need, slowedBy: [...need.slowedBy, 'two' as const].filter((each) => isOn(each, terms)) };
    const known = alike.get(lineKey(on));
    alike.set(lineKey(on), known === undefined ? on : { ...known, count: known.count + need.count });
  }
  return [...alike.values()].map(({ task, source, count, slowedBy }) => {
    const { hours, per } = LABOR_UNITS[task];
    const own = terms.units[task];
    const each = own ?? hours;
    const slowed = slowedBy.map((factor) => ({ factor, value: factorOf(factor, terms) }));
    const factor = slowed.reduce((product, { value }) => product * value, 1);
    const unitH = count * each;
    return {
      task,
      source,
      count,
      per,
      each,
      byHand: own !== undefined,
      unitH,
      slowedBy: slowed,
      factor,
      hours: unitH * factor,
    };
  });
}
