import type { Circuit } from '../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../core/circuit/figures';
import { solveCircuit } from '../core/circuit/solveCircuit';
import type { SolveContext } from '../core/circuit/solveContext';
import { jobContext } from '../core/job/jobContext';
import type { Job } from '../core/job/jobSchema';

const contexts = new WeakMap<Job['amendments'], Map<string, SolveContext>>();
const ofJob = new WeakMap<Job, SolveContext>();

/** The code and practices that a job is solved under; the same object until one of them changes. */
export function sharedContext(job: Job): SolveContext {
  const already = ofJob.get(job);
  if (already !== undefined) return already;
  const { edition: year, amendments, practices, permitDate, occupancy } = job;
  const known = contexts.get(amendments) ?? new Map<string, SolveContext>();
  const key = JSON.stringify([year, practices, permitDate, occupancy]);
  const context = known.get(key) ?? jobContext(job);
  known.set(key, context);
  contexts.set(amendments, known);
  ofJob.set(job, context);
  return context;
}

const solutions = new WeakMap<SolveContext, WeakMap<Circuit, SolvedCircuit>>();

/** A circuit solved, once for as long as neither it nor its context changes. */
export function solved(circuit: Circuit, context: SolveContext): SolvedCircuit {
  const known = solutions.get(context) ?? new WeakMap<Circuit, SolvedCircuit>();
  const solution = known.get(circuit) ?? solveCircuit(circuit, context);
  known.set(circuit, solution);
  solutions.set(context, known);
  return solution;
}
