import type { RouteEvaluation } from './evaluation';

/** Whether a circuit brings what one of its segments shares with others: of those that share it only one does. */
export type Brings = (segment: number, kind: 'raceway' | 'trench') => boolean;

/** For what is shared along the way, the circuit that brings it: the first of those that are not there yet. */
function bringers(routes: readonly RouteEvaluation[]): ReadonlyMap<string, string> {
  const first = new Map<string, string>();
  for (const { report } of routes) {
    const { circuit } = report.about;
    if (circuit.existing !== null) continue;
    for (const { shares } of circuit.run)
      for (const kind of ['raceway', 'trench'] as const) {
        const id = shares?.[kind];
        if (id !== undefined && !first.has(`${kind} ${id}`)) first.set(`${kind} ${id}`, circuit.id);
      }
  }
  return first;
}

/** What each circuit brings along its way. */
export function bringing(routes: readonly RouteEvaluation[]): (route: RouteEvaluation) => Brings {
  const first = bringers(routes);
  return ({ report }) => {
    const { id, run } = report.about.circuit;
    return (segment, kind) => {
      const shared = run[segment]?.shares?.[kind];
      return shared === undefined || first.get(`${kind} ${shared}`) === id;
    };
  };
}
