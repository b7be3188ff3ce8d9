import { serviceVolts } from '../../core/service/houseSchema';
import { cite } from '../../core/code/edition';
import type { Job } from '../../core/job/jobSchema';
import { chosenAnswer, type LoadThen, type ServiceReport } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { methodTitle } from '../../core/wording/serviceNames';
import { evaluationOf } from '../../store/evaluation';
import classes from './service.module.css';

interface ServiceWorkingProps {
  readonly job: Job;
  readonly report: ServiceReport;
}

function Lines({ job, then, name }: { readonly job: Job; readonly then: LoadThen; readonly name: string }) {
  const { code } = evaluationOf(job).context;
  return (
    <table className={classes['working']}>
      <caption>{name}</caption>
      <thead>
        <tr>
          <th scope="col">Part</th>
          <th scope="col">Connected VA</th>
          <th scope="col">Demand VA</th>
          <th scope="col">Rule</th>
        </tr>
      </thead>
      <tbody>
        {then.parts.map(({ what, connectedVA, countedVA, section }, at) => (
          <tr key={`${what} ${at}`}>
            <th scope="row">{what}</th>
            <td className="fig">{n(connectedVA, 0)}</td>
            <td className="fig">{n(countedVA, 0)}</td>
            <td className="fig">{cite(code, section).section}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">Total ÷ {serviceVolts(job.house)} V</th>
          <td />
          <td className="fig">{n(then.totalVA, 0)}</td>
          <td className="fig">{n(then.amps, 1)} A</td>
        </tr>
      </tbody>
    </table>
  );
}

/** The working of the method of the permit, after the job and before it. */
export function ServiceWorking({ job, report }: ServiceWorkingProps) {
  const answer = chosenAnswer(report, job.house);
  if (answer === undefined) return null;
  return (
    <section aria-label="Working">
      <h2>{methodTitle[answer.method]} method, line by line</h2>
      <Lines job={job} then={answer.after} name="After this job" />
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
        <Lines job={job} then={answer.before} name="As it was" />
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
