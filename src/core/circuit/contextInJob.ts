import { applianceLoad } from '../appliances/registry';
import { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import { ownCarrying, type Companies, type StretchCompany, type WayMember } from './company';
import type { SolvedCircuit } from './figures';
import type { SolveContext } from './solveContext';

const onWay = (circuit: Circuit, id: string): boolean => circuit.run.some(({ way }) => way?.id === id);

/** Whether a circuit shares any part of its way. */
const shares = ({ run }: Circuit): boolean => run.some(({ way }) => way !== undefined);

const memberOf = (circuit: Circuit, context: SolveContext, solved: SolvedCircuit | null): WayMember => {
  const { code, practices } = context;
  const load =
    solved?.figures.load ??
    applianceLoad(circuit.appliance, { code, practices, work: new Working(code, 'load') });
  return {
    circuitId: circuit.id,
    name: circuit.name,
    carrying: ownCarrying(load),
    wires: load.neutral || load.phase === 3 ? 3 : 2,
    neutral: load.neutral,
    volts: load.volts,
    insulation: circuit.insulation,
    size: solved?.figures.size ?? null,
    ground: solved?.figures.groundTaken ?? null,
  };
};

function companies(
  circuit: Circuit,
  all: readonly Circuit[],
  member: (other: Circuit) => WayMember,
): Companies {
  const found: Record<string, StretchCompany> = {};
  for (const { id, way } of circuit.run) {
    if (way === undefined) continue;
    const others = all.filter((other) => other.id !== circuit.id && onWay(other, way.id));
    if (others.length > 0) found[id] = { kind: way.kind, members: others.map(member) };
  }
  return found;
}

/** How circuits are solved and contexts made: a store gives ones that remember. */
export interface Solvers {
  readonly solve: (circuit: Circuit, context: SolveContext) => SolvedCircuit;
  readonly withCompany: (context: SolveContext, company: Companies) => SolveContext;
}

/**
 * The context that a circuit of a job is solved in: what it shares its way with changes its ampacity, its
 * raceway and the shared ground. Company is counted first, which needs no sizes; with that every member is
 * sized, and its sizes fill the raceway. So two circuits on one way never wait for each other.
 */
export function contextInJob(
  circuit: Circuit,
  all: readonly Circuit[],
  base: SolveContext,
  { solve, withCompany }: Solvers,
): SolveContext {
  if (!shares(circuit)) return base;
  const counted = (each: Circuit): SolveContext =>
    withCompany(
      base,
      companies(each, all, (other) => memberOf(other, base, null)),
    );
  return withCompany(
    base,
    companies(circuit, all, (other) => memberOf(other, base, solve(other, counted(other)))),
  );
}
