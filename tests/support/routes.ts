import type { Circuit, Segment } from '../../src/core/circuit/circuitSchema';
import { contextsInJob } from '../../src/core/circuit/contextsInJob';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import type { SolveContext } from '../../src/core/circuit/solveContext';
import { routeReport, type RouteReport } from '../../src/core/route/routeReport';
import { circuit, context, segment } from './circuits';

/** A buried segment of raceway at 18 in. */
export const trench = (part: Partial<Segment> = {}): Segment =>
  segment({
    id: 'trench',
    method: 'pvc40',
    place: 'underground',
    lengthFt: 60,
    heightFt: -1.5,
    endHeightFt: 4,
    ...part,
  });

const plainSolvers = {
  solve: solveCircuit,
  withNeighbors: (base: SolveContext, neighbors: NonNullable<SolveContext['neighbors']>) => ({
    ...base,
    neighbors,
  }),
};

/** A circuit of a job of several, solved with what it shares its way with. */
export const solvedIn = (of: Circuit, all: readonly Circuit[], base: SolveContext = context()) => {
  const under = contextsInJob(all, base, plainSolvers).get(of.id) ?? base;
  return { solved: solveCircuit(of, under), context: under };
};

/** The way of a circuit judged, alone or in a job. */
export function routeOf(
  part: Partial<Circuit>,
  { others = [], located = true }: { readonly others?: readonly Circuit[]; readonly located?: boolean } = {},
): RouteReport {
  const of = circuit(part);
  const all = [of, ...others];
  const neighbors = others.map((each) => ({ circuit: each, solved: solvedIn(each, all).solved }));
  return routeReport({ circuit: of, ...solvedIn(of, all), neighbors, located });
}

/** Codes of what was found about the way. */
export const routeCodes = (report: RouteReport): readonly string[] => report.findings.map(({ code }) => code);
