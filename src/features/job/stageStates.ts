import { worstStanding, type FigureStanding } from '../../core/circuit/standings';
import type { Job } from '../../core/job/jobSchema';
import { circuitView } from '../../store/circuitView';
import { openHouseFindings } from '../../store/houseView';
import { surveyOpen } from '../../store/surveyState';
import type { StageName } from './stageActions';

/** The worst standing and the count of what is open, stage by stage. */
export function stageStates(job: Job): Readonly<Record<StageName, { readonly standing: FigureStanding; readonly open: number }>> {
  const everything = job.circuits.flatMap((circuit) => circuitView(job, circuit).open);
  const asked = surveyOpen(job);
  const house = openHouseFindings(job);
  return {
    survey: { standing: asked > 0 ? 'ask' : 'ok', open: asked },
    service: { standing: worstStanding(house.service), open: house.service.length },
    panel: { standing: worstStanding(house.panel), open: house.panel.length },
    circuits: { standing: worstStanding(everything), open: everything.length },
  };
} // prettier-ignore
