import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { worstSeverity, type FigureSeverity } from '../../core/circuit/severities';
import type { Job } from '../../core/job/jobSchema';
import { circuitView } from '../../store/circuitView';
import type { openHouseFindings } from '../../store/houseView';
import { surveyOpen } from '../../store/surveyState';
import { useRoutes, type RouteEvaluator } from '../../store/useRoutes';
import type { StageName } from './stageActions';

type OpenHouse = typeof openHouseFindings;

/** What judges service and panels, once it was fetched: it comes after what is seen first. */
let openHouse: OpenHouse | undefined;

type States = Readonly<Record<StageName, { readonly severity: FigureSeverity; readonly open: number }>>;

function states(job: Job, evaluate: OpenHouse | undefined, route: RouteEvaluator | undefined): States {
  const everything = job.circuits.flatMap((circuit) => [
    ...circuitView(job, circuit).open,
    ...(route?.(job, circuit).open ?? []),
  ]);
  const asked = surveyOpen(job);
  const { service, panel } = evaluate?.(job) ?? { service: [], panel: [] };
  return {
    survey: { severity: asked > 0 ? 'ask' : 'ok', open: asked },
    service: { severity: worstSeverity(service), open: service.length },
    circuits: { severity: worstSeverity(everything), open: everything.length },
    panel: { severity: worstSeverity(panel), open: panel.length },
  };
}

/** The worst severity and the count of what is open, stage by stage. */
export function useStageStates(job: Job): States {
  const route = useRoutes();
  const [evaluate, setJudge] = useState<OpenHouse | undefined>(() => openHouse);
  useEffect(() => {
    if (evaluate !== undefined) return;
    void import('../../store/houseView').then((module) => {
      openHouse = module.openHouseFindings;
      setJudge(() => module.openHouseFindings);
    });
  }, [evaluate]);
  // The counts follow what is typed; they do not hold it up.
  const later = useDeferredValue(job);
  return useMemo(() => states(later, evaluate, route), [later, evaluate, route]);
}
