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
export const workedRun = (
  circuit: Circuit,
  own: 2 | 3,
  terminalC: TemperatureColumn,
  code: Edition,
): WorkedStretch[] =>
  circuit.run.map((stretch) => {
    // A neutral that carries only the unbalance of two legs does not count (310.15(E)), so two are this circuit's own.
    const currentCarrying = stretch.currentCarrying ?? own;
    const { method, place, ambientC } = stretch;
    return {
      method,
      ambientC,
      currentCarrying,
      terminals: circuit.terminals,
      terms: ampacityTerms({ method, place, ambientC, currentCarrying }, circuit.material, terminalC, code),
    };
  });

/** A welder's device may be twice the ampacity, so the conductor carries half of it at least (630.12(B)). */
const designAmps = (load: LoadModel, { minA, ratingA }: OcpdChoice, work: Working): number =>
  load.own === 'welder' && ratingA / 2 > minA
    ? work.step('conductor.half-device', 'load.welder', { ocpdA: ratingA }, ratingA / 2)
    : minA;

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
  demand: {
    designA: designAmps(load, ocpd, work),
    loadA: load.continuousA + load.otherA,
    ocpdA: ocpd.ratingA,
    own: load.own,
    nextUp: load.outlets < 2,
  },
  run: workedRun(circuit, load.phase === 3 ? 3 : 2, terminalColumn(circuit.terminals, ocpd.ratingA), code),
  wires: load.neutral || load.phase === 3 ? 3 : 2,
  code,
  work,
});
