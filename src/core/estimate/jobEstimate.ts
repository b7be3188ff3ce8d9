import { paceOf, type Pace } from '../labor/pace';
import type { LaborLine } from '../labor/laborLine';
import type { TakenHours } from '../labor/laborDocument';
import type { JobEvaluation } from '../job/evaluateJob';
import type { Job } from '../job/jobSchema';
import { moneyOf, NO_MONEY, plus, priceOf, type Money } from '../quote/money';
import type { Source } from '../takeoff/need';
import { pricedList, type PriceDesk } from './pricedList';

/** Hours, or money, as it may turn out. */
export interface Spread {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** What a part of the job costs, and why. */
export interface PartEstimate {
  readonly key: string;
  readonly source: Source;
  readonly lines: readonly LaborLine[];
  /** Hours by the units, before the pace. */
  readonly unitH: number;
  readonly pace: Pace;
  readonly hours: Spread;
  readonly money: Money;
  /** The price at the low, the likely and the high hours, cents. */
  readonly price: Spread;
  /** Whether a stop stands in it: it is in no total until that is mended. */
  readonly isStopped: boolean;
}

/** What a job costs, part by part; the sums are of what has no stop. */
export interface JobEstimate {
  readonly parts: readonly PartEstimate[];
  readonly money: Money;
  readonly hours: Spread;
  readonly price: Spread;
  /** Lines of material without a price: the total lacks them. */
  readonly unpriced: number;
  /** Lines at the list for comparing. */
  readonly comparing: number;
}

/** What an estimate is made with besides the job. */
export interface EstimateDesk extends PriceDesk {
  /** Past circuits of other jobs. */
  readonly elsewhere: readonly TakenHours[];
}

const addSpread = (a: Spread, b: Spread): Spread => ({
  low: a.low + b.low,
  likely: a.likely + b.likely,
  high: a.high + b.high,
});

const NOTHING: Spread = { low: 0, likely: 0, high: 0 };

/** Several spreads together. */
export const together = (all: readonly Spread[]): Spread => all.reduce(addSpread, NOTHING);

/** The pace of a part: of a circuit that of past circuits of its family, typed here, done here, or of other jobs. */
function paceFor(source: Source, { circuits, quote }: Job, elsewhere: readonly TakenHours[]): Pace {
  if (source.kind !== 'circuit') return paceOf([]);
  const family = circuits.find(({ id }) => id === source.id)?.appliance.family;
  const past = [...quote.labor.past, ...quote.labor.taken, ...elsewhere];
  return paceOf(past.filter((each) => each.family === family));
}

/** The permit fee that falls on a part: the job's own on its supplies, each new circuit its own. */
function permitOf({ kind }: Source, { house, quote: { terms } }: Job): number {
  if (kind === 'circuit') return terms.permitCircuitCents;
  if (kind === 'service') return house.larger ? terms.permitServiceCents : 0;
  return kind === 'job' ? terms.permitJobCents : 0;
}

/** Every part that material, work or a fee falls on, in the order of the list. */
function sourcesOf({ job, takeoff, labor }: JobEvaluation): ReadonlyMap<string, Source> {
  const sources = new Map<string, Source>();
  for (const { key, source } of [...takeoff.parts, ...labor]) if (!sources.has(key)) sources.set(key, source);
  if (job.quote.terms.permitJobCents > 0) sources.set('job', { kind: 'job' });
  return sources;
}

/** Whether a circuit cannot be built as it is planned. */
const isStopped = (source: Source, evaluation: JobEvaluation): boolean =>
  source.kind === 'circuit' &&
  (evaluation.circuit(source.id)?.solved.findings.some(({ severity }) => severity === 'stop') ?? false);

/**
 * What a job costs: material by the list and its cut plans, labor by the units, what slows it and the pace of past
 * jobs, permit, margin and tax. Every part is priced to the cent and the total is their sum.
 */
export function jobEstimate(evaluation: JobEvaluation, desk: EstimateDesk): JobEstimate {
  const { job, labor } = evaluation;
  const { terms } = job.quote;
  const priced = pricedList(evaluation, desk);
  const parts = [...sourcesOf(evaluation)].map(([key, source]): PartEstimate => {
    const work = labor.find((each) => each.key === key);
    const unitH = work?.unitH ?? 0;
    const pace = paceFor(source, job, desk.elsewhere);
    const hours = { low: unitH * pace.low, likely: unitH * pace.likely, high: unitH * pace.high };
    const material = priced.byPart.get(key) ?? 0;
    const permit = permitOf(source, job);
    const at = (h: number): Money => moneyOf(material, h, permit, terms);
    return {
      key,
      source,
      lines: work?.lines ?? [],
      unitH,
      pace,
      hours,
      money: at(hours.likely),
      price: {
        low: priceOf(at(hours.low)),
        likely: priceOf(at(hours.likely)),
        high: priceOf(at(hours.high)),
      },
      isStopped: isStopped(source, evaluation),
    };
  });
  const sound = parts.filter((part) => !part.isStopped);
  return {
    parts,
    money: sound.reduce((sum, { money }) => plus(sum, money), NO_MONEY),
    hours: together(parts.map(({ hours }) => hours)),
    price: together(sound.map(({ price }) => price)),
    unpriced: priced.unpriced,
    comparing: priced.comparing,
  };
}
