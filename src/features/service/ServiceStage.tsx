import { serviceVolts } from '../../core/service/houseSchema';
import { CIRCUITS_CAUTION } from '../../core/wording/footCautions';
import { methodTitle } from '../../core/wording/serviceNames';
import { counted } from '../../core/wording/words';
import { evaluationOf } from '../../store/evaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { LoadStack } from '../../ui/pictures/LoadStack';
import { FindingList } from '../job/FindingList';
import { useReadyJob } from '../job/JobPage';
import { StageFrame } from '../job/StageFrame';
import { Answer } from './Answer';
import { DemandPane } from './DemandPane';
import { FaultPane } from './FaultPane';
import { HouseFields } from './HouseFields';
import { ServiceWorking } from './ServiceWorking';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './service.module.css';

/** Whether the house can carry what the job adds: by each method, before and after, and what to do where it cannot. */
export function ServiceStage() {
  const { job } = useReadyJob();
  const { edit } = useJobEditor();
  const evaluation = evaluationOf(job);
  const { report, findings } = evaluation.service;
  const open = evaluation.openInService.length;
  const foot = (
    <>
      <span>{counted(open, 'thing')} open about the service</span>
      <span className="second">{CIRCUITS_CAUTION}</span>
    </>
  );
  return (
    <StageFrame current="service" board={classes['board']} foot={foot}>
      <section className={columnClass('list', classes['house'])} aria-label="The house" data-help="service">
        <h1>The house</h1>
        <HouseFields job={job} />
      </section>
      <div className={columnClass('middle', classes['middle'])}>
        <section aria-label="Load and rating">
          <h1>What the service carries</h1>
          {report.answers.length === 0 ? (
            <p>Enter the living area, or open a demand record: the load is calculated at once.</p>
          ) : (
            <>
              <p className="second">
                Upper bar: existing. Lower bar: with this job. Method used for the permit is highlighted,{' '}
                {methodTitle[job.house.method].toLowerCase()}.
              </p>
              <LoadStack
                volts={serviceVolts(job.house)}
                report={report}
                chosen={job.house.method}
                onMethod={(method) => {
                  edit({ kind: 'change', part: 'house', fields: { method } }, 'Method of the permit');
                }}
              />
            </>
          )}
        </section>
        <DemandPane job={job} />
        <FaultPane job={job} />
      </div>
      <aside className={columnClass('side', classes['side'])} aria-label="Answer and working">
        <Answer job={job} report={report} />
        <FindingList sizes={evaluation} findings={findings} />
        <ServiceWorking job={job} report={report} />
      </aside>
    </StageFrame>
  );
}
