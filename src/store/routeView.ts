import type { Circuit } from '../core/circuit/circuitSchema';
import type { SolvedCircuit } from '../core/circuit/figures';
import { worstStanding, type FigureStanding } from '../core/circuit/standings';
import type { Job } from '../core/job/jobSchema';
import { routeReport, type RouteReport } from '../core/route/routeReport';
import type { Routed } from '../core/route/routeCase';
import type { AnyRouteFinding } from '../core/findings/routeFinding';
import { routeSentence } from '../core/wording/routeFindings';
import { circuitView } from './circuitView';
import { circuitWays } from './sharedWays';

/** The way of a circuit with everything that was computed of it. */
export interface RouteView {
  readonly report: RouteReport;
  /** Findings about the way that are still open. */
  readonly open: readonly AnyRouteFinding[];
  readonly standing: FigureStanding;
  /** A finding in one sentence; its words are fetched with the judgement. */
  readonly say: (finding: AnyRouteFinding) => string;
}

/** Whether a finding about the way was answered. A stop stays open: an answer does not make it legal. */
export const isRouteAnswered = (circuit: Circuit, { code, standing }: AnyRouteFinding): boolean =>
  standing !== 'stop' && circuit.answers.some((answer) => answer.code === code);

interface Known {
  readonly neighbours: readonly SolvedCircuit[];
  readonly located: boolean;
  readonly view: RouteView;
}

const views = new WeakMap<SolvedCircuit, Known>();

/** Circuits that share a part of the way, solved. */
function neighboursOf(job: Job, circuit: Circuit): readonly Routed[] {
  const ways = circuitWays(circuit);
  if (ways.length === 0) return [];
  return job.circuits
    .filter((other) => other.id !== circuit.id && circuitWays(other).some((key) => ways.includes(key)))
    .map((other) => ({ circuit: other, solved: circuitView(job, other).solved }));
}

/** The view of the way of a circuit, computed once for as long as nothing that it depends on changes. */
export function routeView(job: Job, circuit: Circuit): RouteView {
  const { solved, context } = circuitView(job, circuit);
  const neighbours = neighboursOf(job, circuit);
  const located = job.locate !== null;
  const known = views.get(solved);
  const same =
    known?.located === located &&
    known.neighbours.length === neighbours.length &&
    neighbours.every((each, at) => each.solved === known.neighbours[at]);
  if (known !== undefined && same) return known.view;
  const report = routeReport({ circuit, solved, context, neighbours, located });
  const open = report.findings.filter(
    (finding) => finding.standing !== 'note' && !isRouteAnswered(circuit, finding),
  );
  const view: RouteView = { report, open, standing: worstStanding(open), say: routeSentence };
  views.set(solved, { neighbours: neighbours.map((each) => each.solved), located, view });
  return view;
}
