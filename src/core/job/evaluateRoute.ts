import { openFindings, type AnswerBook } from '../findings/answers';
import { worstSeverity } from '../findings/severity';
import type { Routed } from '../route/routeCase';
import { routeReport } from '../route/routeReport';
import { answeredKey } from './evaluateCircuits';
import type { CircuitEvaluation, RouteEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';

/** What the route of a circuit is judged with besides the circuit. */
export interface RouteSurroundings {
  /** Circuits that share a part of the route, solved. */
  readonly neighbors: readonly Routed[];
  /** Whether the lines in the ground were located: a ticket is known. */
  readonly located: boolean;
  readonly book: AnswerBook;
}

/** Of an existing circuit nothing is fitted, cut or bought. */
const NOTHING_PLANNED = { fittings: [], raceways: [], wires: [], bought: [], findings: [] };

/** The route of a solved circuit, with what is open on it. */
export function evaluateRoute(
  { circuit, solved, context }: CircuitEvaluation,
  { neighbors, located, book }: RouteSurroundings,
  memo: JobMemo,
): RouteEvaluation {
  const parts = [circuit, solved, context, located, ...neighbors.map((each) => each.solved)];
  const report = memo.reports.of(circuit.id, parts, () => {
    const built = routeReport({ circuit, solved, context, neighbors, located });
    // How an existing circuit was run is not planned: what is wrong with it is recorded as found on site.
    return circuit.existing === null ? built : { ...built, ...NOTHING_PLANNED };
  });
  const answered = answeredKey(book, report.findings);
  return memo.routes.of(circuit.id, [report, answered], () => {
    const open = openFindings(book, report.findings);
    return { report, open, severity: worstSeverity(open) };
  });
}
