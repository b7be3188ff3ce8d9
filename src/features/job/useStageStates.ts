import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { worstStanding, type FigureStanding } from '../../core/circuit/standings';
import type { Job } from '../../core/job/jobSchema';
import { circuitView } from '../../store/circuitView';
import type { openHouseFindings } from '../../store/houseView';
import { surveyOpen } from '../../store/surveyState';
import { useRoutes, type RouteJudge } from '../../store/useRoutes';
import type { StageName } from './stageActions';

type OpenHouse = typeof openHouseFindings;

/** What judges service and panels, once it was fetched: it comes after what is seen first. */
let openHouse: OpenHouse | undefined;

type States = Readonly<Record<StageName, { readonly standing: FigureStanding; readonly open: number }>>;

function states(job: Job, judge: OpenHouse | undefined, route: RouteJudge | undefined): States {
  const everything = job.circuits.flatMap((circuit) => [
    ...circuitView(job, circuit).open,
    ...(route?.(job, circuit).open ?? []),
  ]);
  const asked = surveyOpen(job);
  const { service, panel } = judge?.(job) ?? { service: [], panel: [] };
  return {
    survey: { standing: asked > 0 ? 'ask' : 'ok', open: asked },
    service: { standing: worstStanding(service), open: service.length },
    circuits: { standing: worstStanding(everything), open: everything.length },
    panel: { standing: worstStanding(panel), open: panel.length },
  };
}

/** The worst standing and the count of what is open, stage by stage. */
export function useStageStates(job: Job): States {
  const route = useRoutes();
  const [judge, setJudge] = useState<OpenHouse | undefined>(() => openHouse);
  useEffect(() => {
    if (judge !== undefined) return;
    void import('../../store/houseView').then((module) => {
      openHouse = module.openHouseFindings;
      setJudge(() => module.openHouseFindings);
    });
  }, [judge]);
  // The counts follow what is typed; they do not hold it up.
  const later = useDeferredValue(job);
  return useMemo(() => states(later, judge, route), [later, judge, route]);
}
