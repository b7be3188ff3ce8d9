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

/** The route of a solved circuit, with what is open on it. */
export function evaluateRoute(
  { circuit, solved, context }: CircuitEvaluation,
  { neighbors, located, book }: RouteSurroundings,
  memo: JobMemo,
): RouteEvaluation {
  const parts = [circuit, solved, context, located, ...neighbors.map((each) => each.solved)];
  const report = memo.reports.of(circuit.id, parts, () =>
    routeReport({ circuit, solved, context, neighbors, located }),
  );
  const answered = answeredKey(book, report.findings);
  return memo.routes.of(circuit.id, [report, answered], () => {
    const open = openFindings(book, report.findings);
    return { report, open, severity: worstSeverity(open) };
  });
}
