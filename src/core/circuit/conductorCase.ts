import type { LoadModel } from '../appliances/family';
import type { Edition } from '../code/edition';
import type { OcpdChoice } from '../rules/branchOcpd';
import { ampacityTerms, terminalColumn } from '../rules/conductorAmpacity';
import type { ConductorDemand } from '../rules/conductorTests';
import type { WorkedStretch } from '../rules/conductorWorking';
import type { TemperatureColumn } from '../code/tables/shapes';
import type { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';

/** What every step of choosing a conductor looks at. */
export interface ConductorCase {
  readonly circuit: Circuit;
  readonly load: LoadModel;
  readonly demand: ConductorDemand;
  readonly run: readonly WorkedStretch[];
  /** Insulated conductors without the ground: two, or three with a neutral. */
  readonly wires: number;
  readonly code: Edition;
  readonly work: Working;
}

/** The stretches with columns and factors, for terminals that allow one column. */
export const workedRun = (circuit: Circuit, terminalC: TemperatureColumn, code: Edition): WorkedStretch[] =>
  circuit.run.map((stretch) => {
    // A neutral that carries only the unbalance of two legs does not count (310.15(E)), so two are this circuit's own.
    const currentCarrying = stretch.currentCarrying ?? 2;
    const { method, place, ambientC } = stretch;
    return {
      method,
      ambientC,
      currentCarrying,
      terminals: circuit.terminals,
      terms: ampacityTerms({ method, place, ambientC, currentCarrying }, circuit.material, terminalC, code),
    };
  });

/** Gathers what the choice of a conductor depends on. */
export const conductorCase = (
  circuit: Circuit,
  load: LoadModel,
  ocpd: OcpdChoice,
  code: Edition,
  work: Working,
): ConductorCase => ({
  circuit,
  load,
  demand: { designA: ocpd.minA, loadA: load.continuousA + load.otherA, ocpdA: ocpd.ratingA },
  run: workedRun(circuit, terminalColumn(circuit.terminals, ocpd.ratingA), code),
  wires: load.neutral ? 3 : 2,
  code,
  work,
});
