import type { Job } from '../../core/job/jobSchema';
import { defaultPrices } from '../../core/price/defaultPrices';
import { largestSetting } from '../../core/service/serviceOptions';
import { chosenAnswer, type ServiceReport } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { elementName, methodTitle } from '../../core/wording/serviceNames';
import { evaluationOf } from '../../store/evaluation';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './service.module.css';

/** The largest setting of every charger with which the service still holds, the others as they are. */
function LargestSettings({ job, report }: { readonly job: Job; readonly report: ServiceReport }) {
  const question = {
    house: job.house,
    panel: job.panels.find(({ role }) => role === 'service'),
    additions: report.additions,
    code: evaluationOf(job).context.code,
    prices: defaultPrices,
  };
  const chargers = report.additions.filter(({ kind }) => kind === 'ev');
  if (chargers.length === 0) return null;
  return (
    <ul className="second" aria-label="Largest settings that fit">
      {chargers.map((charger) => {
        const found = largestSetting(question, charger);
        return (
          <li key={charger.circuitId}>
            {charger.what}:{' '}
            {found === null ? 'no setting of its own makes it fit' : `fits up to ${n(found.settingA)} A`}
          </li>
        );
      })}
    </ul>
  );
}

/** The answer in one figure: what is left or missing, and what limits it. */
export function Answer({ job, report }: { readonly job: Job; readonly report: ServiceReport }) {
  const answer = chosenAnswer(report, job.house);
  const { limit } = report;
  if (answer === undefined || answer.spareA === null || limit.amps === null || limit.element === null) {
    return (
      <div className={classes['answer']}>
        <h2>
          <SeverityShape severity="ask" /> Not known yet
        </h2>
        <p>Enter the main breaker and the living area, or open a demand record.</p>
      </div>
    );
  }
  const over = answer.spareA < 0;
  return (
    <div className={classes['answer']} data-over={over || undefined}>
      <h2>
        <SeverityShape severity={over ? 'stop' : 'ok'} />
        <span className="fig">{n(Math.abs(answer.spareA), 1)} A</span> {over ? 'too much' : 'left'}
      </h2>
      <p>
        {n(answer.after.amps, 1)} A of {n(limit.amps)} A, {methodTitle[answer.method].toLowerCase()} method.
        The {elementName[limit.element]} is the least of what was read.
      </p>
      <LargestSettings job={job} report={report} />
    </div>
  );
}
