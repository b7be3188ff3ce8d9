import type { CircuitFigures } from '../circuit/figures';
import { FIGURE_KEYS, type FigureKey } from '../findings/subject';
import type { AnyFinding } from '../findings/finding';
import { circuitChange } from '../job/changes';
import type { CircuitEvaluation } from '../job/evaluation';
import type { JobEvaluation } from '../job/evaluateJob';
import { branchOf, type JobMemo } from '../job/jobMemo';
import { materialOf, tried } from '../fixes/trial';
import type { PriceList } from '../price/priceList';
import { sizeRank, type WireSize } from '../units/wireSize';
import { ladderWords } from '../wording/ladder';
import { withInput } from './circuitInput';
import { assumptionsOf, type Assumption } from './assumptions';

/** A figure that another value of an input changes. */
export interface FigureChange {
  readonly figure: FigureKey;
  readonly was: string;
  readonly is: string;
}

/** A finding that another value brings or takes away. */
type Raised = Pick<AnyFinding, 'code' | 'severity'>;

/** What one other value of an input comes to. */
export interface Outcome {
  readonly value: unknown;
  readonly words: string;
  readonly figures: readonly FigureChange[];
  /** Material of the whole job with it, less that of the job as it stands, cents. */
  readonly cents: number;
  /** Stops, questions and doubts that come with it, and those that go. */
  readonly opens: readonly Raised[];
  readonly closes: readonly Raised[];
  /** Whether somebody may be hurt by what stands: it asks for more conductor or ground, other protection, or is a stop. */
  readonly isHazard: boolean;
}

/** An input that nobody gave, and that would change something were it another. */
export interface Unverified {
  readonly assumption: Assumption;
  readonly outcomes: readonly Outcome[];
  /** How much it matters: a stop above a figure, a figure above money, money above a question. */
  readonly weight: number;
}

/** What a circuit comes to that an input may change. */
interface Standing {
  readonly figures: ReadonlyMap<FigureKey, string>;
  readonly findings: ReadonlyMap<string, AnyFinding>;
}

function standingOf({ circuit, solved }: CircuitEvaluation): Standing {
  const figures = FIGURE_KEYS.map((key) => {
    const { figure, unit } = ladderWords(key, solved, circuit);
    return [key, `${figure} ${unit}`.trim()] as const;
  });
  const open = solved.findings.filter(({ severity }) => severity !== 'note');
  return {
    figures: new Map(figures),
    findings: new Map(open.map((finding) => [`${finding.severity} ${finding.code}`, finding])),
  };
}

const onlyIn = (some: Standing['findings'], others: Standing['findings']): readonly Raised[] =>
  [...some].flatMap(([key, { code, severity }]) => (others.has(key) ? [] : [{ code, severity }]));

const isLarger = (is: WireSize | null, was: WireSize | null): boolean =>
  is !== null && was !== null && sizeRank(is) > sizeRank(was);

/** Whether a circuit that is built as it stands would be a hazard if another were the case. */
const isHazardous = (
  was: CircuitFigures,
  is: CircuitFigures,
  changes: Pick<Outcome, 'figures' | 'opens'>,
): boolean =>
  changes.opens.some(({ severity }) => severity === 'stop') ||
  changes.figures.some(({ figure }) => figure === 'protection') ||
  isLarger(is.size, was.size) ||
  isLarger(is.groundTaken, was.groundTaken);

const WEIGHTS = { stop: 1000, figure: 100, finding: 1 } as const;

/** A job with what is known of it and the prices that it is compared by. */
export interface VerifyDesk {
  readonly evaluation: JobEvaluation;
  readonly memo: JobMemo;
  readonly prices: PriceList;
}

/** A job that is tried, with what its material comes to: worked out once, where anything asks for it. */
interface Trial extends VerifyDesk {
  readonly before: Standing;
  material(this: void): number;
}

/** What an input comes to if it is another; undefined where no other value changes anything. */
function verified(assumption: Assumption, view: CircuitEvaluation, trial: Trial): Unverified | undefined {
  const { evaluation, memo, prices, before, material } = trial;
  let weight = 0;
  const outcomes = assumption.alternatives.flatMap(({ value, words }): readonly Outcome[] => {
    const circuit = withInput(view.circuit, assumption.input, value);
    if (circuit === undefined) return [];
    const after = tried(evaluation, circuitChange(view.circuit, circuit), branchOf(memo));
    const now = after?.circuit(assumption.circuitId);
    if (after === undefined || now === undefined) return [];
    const then = standingOf(now);
    const figures = [...then.figures].flatMap(([figure, is]): readonly FigureChange[] => {
      const was = before.figures.get(figure) ?? '';
      return was === is ? [] : [{ figure, was, is }];
    });
    const opens = onlyIn(then.findings, before.findings);
    const closes = onlyIn(before.findings, then.findings);
    const isStop = [...opens, ...closes].some(({ severity }) => severity === 'stop');
    weight = Math.max(
      weight,
      (isStop ? WEIGHTS.stop : 0) + figures.length * WEIGHTS.figure + opens.length * WEIGHTS.finding,
    );
    const cents = figures.length === 0 ? 0 : materialOf(after, prices) - material();
    const isHazard = isHazardous(view.solved.figures, now.solved.figures, { figures, opens });
    return [{ value, words, figures, cents, opens, closes, isHazard }];
  });
  return weight === 0 ? undefined : { assumption, outcomes, weight };
}

/** What nobody gave of a circuit and would change a figure, money or a finding, what matters most first. */
export function verifyCircuit(view: CircuitEvaluation, desk: VerifyDesk): readonly Unverified[] {
  let known: number | undefined;
  const material = (): number => (known ??= materialOf(desk.evaluation, desk.prices));
  const trial: Trial = { ...desk, before: standingOf(view), material };
  return assumptionsOf(view, desk.evaluation.job.sources)
    .flatMap((assumption) => verified(assumption, view, trial) ?? [])
    .toSorted((a, b) => b.weight - a.weight);
}

/**
 * Everything in the circuits of a job that nobody gave and that would change a figure, money or a finding were it another
 * plausible value, what matters most first; each with both outcomes. What changes nothing is not asked.
 */
export const toVerify = (
  evaluation: JobEvaluation,
  memo: JobMemo,
  prices: PriceList,
): readonly Unverified[] =>
  evaluation.circuits
    .flatMap((view) => verifyCircuit(view, { evaluation, memo, prices }))
    .toSorted((a, b) => b.weight - a.weight);
