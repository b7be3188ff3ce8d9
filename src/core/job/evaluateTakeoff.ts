import { circuitNeeds } from '../takeoff/circuitNeeds';
import type { Need } from '../takeoff/need';
import { onTandem, panelNeeds } from '../takeoff/panelNeeds';
import { serviceNeeds } from '../takeoff/serviceNeeds';
import { suppliesNeeds } from '../takeoff/suppliesNeeds';
import { takeoffOf, type Takeoff } from '../takeoff/takeoff';
import { waterNeeds } from '../takeoff/waterNeeds';
import { bringing } from './brings';
import type { PanelEvaluation, RouteEvaluation, WaterEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';
import type { Job } from './jobSchema';

/** What a job is taken off by. */
export interface TakenOff {
  readonly job: Job;
  readonly routes: readonly RouteEvaluation[];
  readonly panels: readonly Pick<PanelEvaluation, 'panel' | 'wanted'>[];
  readonly waters: readonly WaterEvaluation[];
}

/** The list of everything that a job takes; a circuit is taken off anew only when its route, or what it shares, has changed. */
export function evaluateTakeoff({ job, routes, panels, waters }: TakenOff, memo: JobMemo): Takeoff {
  const brought = bringing(routes);
  const tandem = onTandem(panels);
  const ofCircuits = routes.flatMap((route): readonly Need[] => {
    const { report } = route;
    const { id, run } = report.about.circuit;
    const brings = brought(route);
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
    ...serviceNeeds(job.house),
    ...suppliesNeeds(routes.map(({ report }) => report)),
  ]);
}
