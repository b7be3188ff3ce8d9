import { present } from '../units/present';
import type { LoadModel } from '../appliances/family';
import type { Edition } from '../code/edition';
import type { OcpdChoice } from '../rules/branchOcpd';
import { METHODS } from '../code/methods';
import { conductorSection } from '../rules/articleSections';
import { ampacityTerms, terminalColumn } from '../rules/conductorAmpacity';
import { shortParts } from '../rules/shortPart';
import type { ConductorDemand } from '../rules/conductorTests';
import type { WorkedSegment } from '../rules/conductorWorking';
import type { TemperatureColumn } from '../code/tables/shapes';
import type { Working } from '../working/worked';
import { hasFeedNeutral } from './feedNeutral';
import type { Circuit } from './circuitSchema';
import type { SolveContext } from './solveContext';
import { carryingTogether, ownCarrying, type Neighbors } from './neighbors';
import { isNipple } from './stations';

/** What every step of choosing a conductor looks at. */
export interface ConductorCase {
  readonly circuit: Circuit;
  readonly load: LoadModel;
  readonly demand: ConductorDemand;
  readonly run: readonly WorkedSegment[];
  /** Those of them that take the size of the run: all, save where some have a size of their own. */
  readonly together: readonly WorkedSegment[];
  readonly neighbors: Neighbors;
  /** Insulated conductors without the ground: two, or three with a neutral. */
  readonly wires: number;
  /** Volts between the legs of the house. */
  readonly houseV: 208 | 240;
  readonly code: Edition;
  readonly work: Working;
}

/** Whether the rule of the short part may help a segment: never cables bundled or sealed together (334.80). */
const mayBeSpared = ({ method, terms }: WorkedSegment): boolean =>
  METHODS[method].kind === 'raceway' || terms.adjustment === 1;

const factorOf = ({ terms }: WorkedSegment): number => terms.ambient * terms.adjustment;

/** Lets a short part of lower ampacity take the factors of the rest of the run (310.14(A)(2) exception). */
function spareShortParts(circuit: Circuit, run: WorkedSegment[]): WorkedSegment[] {
  const [first] = run;
  // Most runs have one ampacity all the way.
  if (first === undefined || run.every((each) => factorOf(each) === factorOf(first))) return run;
  const short = shortParts(
    run.map((each, index) => ({
      lengthFt: present(circuit.run[index], 'segment', index).lengthFt,
      factor: factorOf(each),
      mayBeSpared: mayBeSpared(each) && each.terms.ambient > 0,
    })),
  );
  const rest = run[short?.by ?? 0]?.terms;
  if (short === undefined || rest === undefined) return run;
  const { lengthFt, allowedFt } = short;
  return run.map((each, index) => {
    if (!short.spared.has(index) || each.terms.startC !== rest.startC) return each;
    const { ambient, adjustment } = rest;
    return { ...each, terms: { ...each.terms, ambient, adjustment }, short: { lengthFt, allowedFt } };
  });
}

/** The segments with columns and factors, for terminals that allow one column. */
export const workedRun = (
  circuit: Circuit,
  own: 2 | 3,
  terminalC: TemperatureColumn,
  code: Edition,
  neighbors: Neighbors,
): WorkedSegment[] =>
  spareShortParts(
    circuit,
    circuit.run.map((segment, index) => {
      const { method, place, ambientC } = segment;
      const together = carryingTogether(segment, own, neighbors);
      // Conductors in a nipple are not adjusted, however many they are.
      const currentCarrying = isNipple(circuit.run, index) ? own : together;
      return {
        method,
        ambientC,
        currentCarrying,
        terminals: circuit.terminals,
        terms: ampacityTerms({ method, place, ambientC, currentCarrying }, circuit.material, terminalC, code),
        short: null,
      };
    }),
  );

/** The segments of a run that take its size, by position; all of them where each has its own. */
export function takingRunSize({ run }: Circuit): readonly number[] {
  const all = [...run.keys()];
  const some = all.filter((index) => run[index]?.size === undefined);
  return some.length === 0 ? all : some;
}

/** Those of the worked segments that take the size of the run. */
export const togetherOf = (circuit: Circuit, run: readonly WorkedSegment[]): readonly WorkedSegment[] => {
  const taking = takingRunSize(circuit);
  return taking.length === run.length ? run : taking.flatMap((index) => run[index] ?? []);
};

/** A welder's device may be twice the ampacity, so the conductor carries half of it at least (630.12(B)). */
const designAmps = (load: LoadModel, { minA, ratingA }: OcpdChoice, work: Working): number =>
  load.own === 'welder' && ratingA / 2 > minA
    ? work.step('conductor.half-device', 'load.welder', { ocpdA: ratingA }, ratingA / 2)
    : minA;

/** Insulated conductors of a circuit without the ground. */
export const insulatedWires = ({ neutral, phase }: Pick<LoadModel, 'neutral' | 'phase'>): 2 | 3 =>
  neutral || phase === 3 ? 3 : 2;

/** Gathers what the choice of a conductor depends on. */
export function conductorCase(
  circuit: Circuit,
  load: LoadModel,
  ocpd: OcpdChoice,
  { code, survey, neighbors = {} }: Pick<SolveContext, 'code' | 'survey' | 'neighbors'>,
  work: Working,
): ConductorCase {
  const terminalC = terminalColumn(circuit.terminals, ocpd.ratingA);
  const run = workedRun(circuit, ownCarrying(load, survey.houseV), terminalC, code, neighbors);
  return {
    circuit,
    load,
    demand: {
      designA: designAmps(load, ocpd, work),
      section: conductorSection(load),
      loadA: load.continuousA + load.otherA,
      ocpdA: ocpd.ratingA,
      own: load.own,
      pluggedMotor: load.own === 'motor' && load.connection === 'receptacle',
      matchBreaker: load.matchBreaker,
      nextUp: load.outlets < 2,
    },
    run,
    together: togetherOf(circuit, run),
    neighbors,
    houseV: survey.houseV,
    wires: insulatedWires(load) + (hasFeedNeutral(circuit) ? 1 : 0),
    code,
    work,
  };
}
