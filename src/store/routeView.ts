import type { Circuit } from '../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../core/circuit/figures';
import { worstSeverity, type FigureSeverity } from '../core/circuit/severities';
import type { Job } from '../core/job/jobSchema';
import { routeReport, type RouteReport } from '../core/route/routeReport';
import type { Routed } from '../core/route/routeCase';
import type { AnyRouteFinding } from '../core/findings/routeFinding';
import { routeSentence } from '../core/wording/routeFindings';
import { circuitView } from './circuitView';
import { circuitShareKeys } from './sharedSegments';

/** The way of a circuit with everything that was computed of it. */
export interface RouteView {
  readonly report: RouteReport;
  /** Findings about the way that are still open. */
  readonly open: readonly AnyRouteFinding[];
  readonly severity: FigureSeverity;
  /** A finding in one sentence; its words are fetched with the judgement. */
  readonly say: (finding: AnyRouteFinding) => string;
}

/** Whether a finding about the way was answered. A stop stays open: an answer does not make it legal. */
export const isRouteAnswered = (circuit: Circuit, { code, severity }: AnyRouteFinding): boolean =>
  severity !== 'stop' && circuit.answers.some((answer) => answer.code === code);

interface Known {
  readonly neighbors: readonly SolvedCircuit[];
  readonly located: boolean;
  readonly view: RouteView;
}

const views = new WeakMap<SolvedCircuit, Known>();

/** Circuits that share a part of the way, solved. */
function neighborsOf(job: Job, circuit: Circuit): readonly Routed[] {
  const routes = circuitShareKeys(circuit);
  if (routes.length === 0) return [];
  return job.circuits
    .filter((other) => other.id !== circuit.id && circuitShareKeys(other).some((key) => routes.includes(key)))
    .map((other) => ({ circuit: other, solved: circuitView(job, other).solved }));
}

/** The view of the way of a circuit, computed once for as long as nothing that it depends on changes. */
export function routeView(job: Job, circuit: Circuit): RouteView {
  const { solved, context } = circuitView(job, circuit);
  const neighbors = neighborsOf(job, circuit);
  const located = job.locate !== null;
  const known = views.get(solved);
  const same =
    known?.located === located &&
    known.neighbors.length === neighbors.length &&
    neighbors.every((each, at) => each.solved === known.neighbors[at]);
  if (known !== undefined && same) return known.view;
  const report = routeReport({ circuit, solved, context, neighbors, located });
  const open = report.findings.filter(
    (finding) => finding.severity !== 'note' && !isRouteAnswered(circuit, finding),
  );
  const view: RouteView = { report, open, severity: worstSeverity(open), say: routeSentence };
  views.set(solved, { neighbors: neighbors.map((each) => each.solved), located, view });
  return view;
}
