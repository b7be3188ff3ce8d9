import { circuitNeeds } from '../takeoff/circuitNeeds';
import type { Need } from '../takeoff/need';
import { onTandem, panelNeeds } from '../takeoff/panelNeeds';
import { suppliesNeeds } from '../takeoff/suppliesNeeds';
import { takeoffOf, type Takeoff } from '../takeoff/takeoff';
import { waterNeeds } from '../takeoff/waterNeeds';
import type { PanelEvaluation, RouteEvaluation, WaterEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';

/** What a job is taken off by. */
export interface TakenOff {
  readonly routes: readonly RouteEvaluation[];
  readonly panels: readonly PanelEvaluation[];
  readonly waters: readonly WaterEvaluation[];
}

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

/** The list of everything that a job takes; a circuit is taken off anew only when its route, or what it shares, has changed. */
export function evaluateTakeoff({ routes, panels, waters }: TakenOff, memo: JobMemo): Takeoff {
  const bring = bringers(routes);
  const tandem = onTandem(panels);
  const ofCircuits = routes.flatMap(({ report }): readonly Need[] => {
    const { id, run } = report.about.circuit;
    const brings = (segment: number, kind: 'raceway' | 'trench'): boolean => {
      const shared = run[segment]?.shares?.[kind];
      return shared === undefined || bring.get(`${kind} ${shared}`) === id;
    };
    const shares = run.map((_, at) => `${brings(at, 'raceway')} ${brings(at, 'trench')}`).join(', ');
    return memo.needs.of(`circuit ${id}`, [report, shares, tandem.has(id)], () =>
      circuitNeeds({ route: report, brings, onTandem: tandem.has(id) }),
    );
  });
  const ofPanels = panels.flatMap(({ panel, wanted }) =>
    memo.needs.of(`panel ${panel.id}`, [panel, ...wanted], () => panelNeeds(panel, wanted)),
  );
  const ofWaters = waters.flatMap(({ report }) =>
    memo.needs.of(`water ${report.water.id}`, [report], () => waterNeeds(report)),
  );
  return takeoffOf([
    ...ofCircuits,
    ...ofPanels,
    ...ofWaters,
    ...suppliesNeeds(routes.map(({ report }) => report)),
  ]);
}
