import type { LoadModel } from '../appliances/family';
import { applianceLoad } from '../appliances/registry';
import { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import {
  ownCarrying,
  shareKeys,
  type Neighbors,
  type SegmentNeighbors,
  type SharedSegment,
} from './neighbors';
import type { SolvedCircuit } from './figures';
import type { SolveContext } from './solveContext';
import { SHARE_KINDS, type ShareKind } from '../code/routeKinds';

const memberOf = (circuit: Circuit, load: LoadModel, solved: SolvedCircuit | null): SharedSegment => ({
  circuitId: circuit.id,
  name: circuit.name,
  carrying: ownCarrying(load),
  wires: load.neutral || load.phase === 3 ? 3 : 2,
  neutral: load.neutral,
  volts: load.volts,
  insulation: circuit.insulation,
  size: solved?.figures.size ?? null,
  ground: solved?.figures.groundTaken ?? null,
});

type Routes = ReadonlyMap<string, readonly Circuit[]>;

/** The circuits on every way, by its id. */
function sharersOf(circuits: readonly Circuit[]): Routes {
  const routes = new Map<string, Circuit[]>();
  for (const circuit of circuits) {
    for (const id of new Set(circuit.run.flatMap(shareKeys))) {
      routes.set(id, [...(routes.get(id) ?? []), circuit]);
    }
  }
  return routes;
}

function neighborsOfSegments(
  circuit: Circuit,
  routes: Routes,
  members: ReadonlyMap<string, SharedSegment>,
): Neighbors {
  const found: Record<string, SegmentNeighbors> = {};
  for (const { id, shares = {} } of circuit.run) {
    const neighbors: Partial<Record<ShareKind, readonly SharedSegment[]>> = {};
    for (const kind of SHARE_KINDS) {
      const others = (routes.get(`${kind} ${shares[kind] ?? ''}`) ?? []).flatMap((other) => {
        const member = other.id === circuit.id ? undefined : members.get(other.id);
        return member === undefined ? [] : [member];
      });
      if (others.length > 0) neighbors[kind] = others;
    }
    if (Object.keys(neighbors).length > 0) found[id] = neighbors;
  }
  return found;
}

/** How circuits are solved and contexts made: a store gives ones that remember. */
export interface Solvers {
  readonly solve: (circuit: Circuit, context: SolveContext) => SolvedCircuit;
  readonly withNeighbors: (context: SolveContext, neighbors: Neighbors) => SolveContext;
}

/**
 * The context that each circuit of a job is solved in, by its id, for those that share their way: what goes with
 * them changes their ampacity, their raceway and the shared ground. Neighbors is counted first, which needs no
 * sizes; with that every member is sized, and its sizes fill the raceway. So circuits on one way never wait for
 * each other. A circuit that goes alone is solved in the context of the job itself, and is left out.
 */
export function contextsInJob(
  circuits: readonly Circuit[],
  base: SolveContext,
  { solve, withNeighbors }: Solvers,
): ReadonlyMap<string, SolveContext> {
  const routes = sharersOf(circuits);
  const sharing = circuits.filter(({ run }) =>
    run.some((segment) => shareKeys(segment).some((key) => (routes.get(key)?.length ?? 0) > 1)),
  );
  const { code, practices } = base;
  const loads = new Map(
    sharing.map((each) => [
      each.id,
      applianceLoad(each.appliance, { code, practices, work: new Working(code, 'load') }),
    ]),
  );
  const members = (sized: (circuit: Circuit) => SolvedCircuit | null): ReadonlyMap<string, SharedSegment> =>
    new Map(
      sharing.flatMap((each) => {
        const load = loads.get(each.id);
        return load === undefined ? [] : [[each.id, memberOf(each, load, sized(each))] as const];
      }),
    );
  const counted = members(() => null);
  const sized = members((each) =>
    solve(each, withNeighbors(base, neighborsOfSegments(each, routes, counted))),
  );
  return new Map(
    sharing.map((each) => [each.id, withNeighbors(base, neighborsOfSegments(each, routes, sized))]),
  );
}
