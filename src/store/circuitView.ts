import type { Circuit } from '../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../core/circuit/figures';
import type { SolveContext } from '../core/circuit/solveContext';
import {
  figureSeverities,
  openFindings,
  worstSeverity,
  type FigureSeverity,
} from '../core/circuit/severities';
import type { Job } from '../core/job/jobSchema';
import type { AnyFinding, FigureKey } from '../core/findings/finding';
import { contextOf } from './sharedSegments';
import { solved } from './solved';

/** A circuit with everything that was computed of it. */
export interface CircuitView {
  readonly circuit: Circuit;
  readonly context: SolveContext;
  readonly solved: SolvedCircuit;
  /** Findings that are still open. */
  readonly open: readonly AnyFinding[];
  readonly severity: FigureSeverity;
  readonly severities: Readonly<Record<FigureKey, FigureSeverity>>;
}

const views = new WeakMap<SolvedCircuit, CircuitView>();

/** The view of a circuit of a job, computed once for as long as nothing that it depends on changes. */
export function circuitView(job: Job, circuit: Circuit): CircuitView {
  const context = contextOf(job, circuit);
  const solution = solved(circuit, context);
  const known = views.get(solution);
  if (known !== undefined) return known;
  const open = openFindings(circuit, solution.findings);
  const view: CircuitView = {
    circuit,
    context,
    solved: solution,
    open,
    severity: worstSeverity(open),
    severities: figureSeverities(open),
  };
  views.set(solution, view);
  return view;
}
