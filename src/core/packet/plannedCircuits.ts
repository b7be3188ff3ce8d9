import type { CircuitEvaluation } from '../job/evaluation';
import type { JobEvaluation } from '../job/evaluateJob';

/** Circuits of this job, those that were there already left out. */
export const plannedCircuits = ({ circuits }: JobEvaluation): readonly CircuitEvaluation[] =>
  circuits.filter(({ circuit }) => circuit.existing === null);
