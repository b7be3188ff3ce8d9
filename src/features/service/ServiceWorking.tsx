import { serviceVolts } from '../../core/service/houseSchema';
import type { Job } from '../../core/job/jobSchema';
import { chosenAnswer, type ServiceReport } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { methodTitle } from '../../core/wording/serviceNames';
import { evaluationOf } from '../../store/evaluation';
import { LoadTable } from '../../ui/tables/LoadTable';
import classes from './service.module.css';

interface ServiceWorkingProps {
  readonly job: Job;
  readonly report: ServiceReport;
}

/** The working of the method of the permit, after the job and before it. */
export function ServiceWorking({ job, report }: ServiceWorkingProps) {
  const answer = chosenAnswer(report, job.house);
  if (answer === undefined) return null;
  const about = { code: evaluationOf(job).context.code, houseV: serviceVolts(job.house) };
  return (
    <section aria-label="Working">
      <h2>{methodTitle[answer.method]} method, line by line</h2>
      <LoadTable {...about} then={answer.after} name="After this job" />
      {answer.after.base.length > 0 && (
        <details>
          <summary>Loads in each block</summary>
          <ul className={classes['limits']}>
            {answer.after.base.map(({ what, countedVA }, at) => (
              <li key={`${what} ${at}`} className={classes['base']}>
                <span>{what}</span> <span className="fig">{n(countedVA, 0)} VA</span>
              </li>
            ))}
          </ul>
        </details>
      )}
      <details>
        <summary>Before this job, {n(answer.before.amps, 1)} A</summary>
        <LoadTable {...about} then={answer.before} name="As it was" />
      </details>
      <ul className={classes['limits']} aria-label="What limits the service">
        {report.limit.elements.map(({ element, amps }) => (
          <li key={element} className="second">
            {element === 'conductors' ? 'service conductors' : element}:{' '}
            <span className="fig">{n(amps)} A</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
