import type { Circuit } from '../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../core/circuit/figures';
import { solveCircuit, type SolveContext } from '../core/circuit/solveCircuit';
import { edition } from '../core/code/edition';
import type { Job } from '../core/job/jobSchema';

const contexts = new WeakMap<Job['amendments'], Map<string, SolveContext>>();

/** The code and practices that a job is solved under; the same object until one of them changes. */
export function jobContext({ edition: year, amendments, practices }: Job): SolveContext {
  let known = contexts.get(amendments);
  if (known === undefined) contexts.set(amendments, (known = new Map()));
  const key = `${year} ${practices.raceway} ${practices.supports}`;
  let context = known.get(key);
  if (context === undefined) known.set(key, (context = { code: edition(year, amendments), practices }));
  return context;
}

const solutions = new WeakMap<SolveContext, WeakMap<Circuit, SolvedCircuit>>();

/** A circuit solved, once for as long as neither it nor its context changes. */
export function solved(circuit: Circuit, context: SolveContext): SolvedCircuit {
  let known = solutions.get(context);
  if (known === undefined) solutions.set(context, (known = new WeakMap()));
  let solution = known.get(circuit);
  if (solution === undefined) known.set(circuit, (solution = solveCircuit(circuit, context)));
  return solution;
}
