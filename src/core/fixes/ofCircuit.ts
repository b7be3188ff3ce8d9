import type { Circuit } from '../circuit/circuitSchema';
import { isSized, type SizedFigures } from '../circuit/figures';
import type { AnyFinding } from '../findings/finding';
import { circuitOf } from '../findings/subject';
import { circuitChange } from '../job/changes';
import { circuitAfter, type Candidate, type Candidates } from './candidate';
import type { FixChange } from './change';

/** A circuit as it would be, with what is said of it once it is solved. */
export interface Changed {
  readonly kind: FixChange['kind'];
  readonly circuit: Circuit;
  readonly describe: (figures: SizedFigures, circuit: Circuit) => FixChange;
}

/** Changes of the circuit that a finding is about, as changes of its job. */
export const ofCircuit =
  (change: (circuit: Circuit, finding: AnyFinding) => readonly Changed[]): Candidates =>
  ({ job }, finding) => {
    const id = circuitOf(finding.subject);
    const circuit = job.circuits.find((each) => each.id === id);
    if (circuit === undefined) return [];
    return change(circuit, finding).map(({ kind, circuit: changed, describe }): Candidate => ({
      kind,
      command: circuitChange(circuit, changed),
      describe: (after) => {
        const { figures } = circuitAfter(after, circuit).solved;
        return isSized(figures) ? describe(figures, changed) : undefined;
      },
    }));
  };
