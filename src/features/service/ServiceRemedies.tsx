import { useMemo } from 'react';
import type { Command } from '../../core/job/commands';
import type { Job } from '../../core/job/jobSchema';
import { defaultPrices } from '../../core/price/defaultPrices';
import { serviceRemedies, type ServiceRemedy } from '../../core/service/serviceRemedies';
import type { ServiceReport } from '../../core/service/serviceReport';
import { printNumber as n } from '../../core/units/number';
import { printPriceChange } from '../../core/units/money';
import { cents } from '../../core/units/quantity';
import { serviceRemedyBrings, serviceRemedyWords } from '../../core/wording/serviceWords';
import { sharedContext } from '../../store/solved';
import { useJobEditor } from '../../store/useJobEditor';
import classes from './service.module.css';

interface ServiceRemediesProps {
  readonly job: Job;
  readonly report: ServiceReport;
}

/** A way to make the load fit as an edit of the job; undefined where its charger is gone. */
function commandOf(job: Job, remedy: ServiceRemedy): Command | undefined {
  const { house, panels, circuits } = job;
  switch (remedy.kind) {
    case 'setting': {
      const circuit = circuits.find(({ id }) => id === remedy.circuitId);
      if (circuit?.appliance.family !== 'ev') return undefined;
      const { settingA } = remedy;
      const nameplate = { ...circuit.appliance.nameplate, settingA, settingRestricted: true };
      return { kind: 'replace-circuit', circuit: { ...circuit, appliance: { family: 'ev', nameplate } } };
    }
    case 'management':
      return { kind: 'set-job', fields: { house: { ...house, managedA: remedy.setpointA } } };
    case 'sharing': {
      const { circuitId, loadId } = remedy;
      return { kind: 'set-job', fields: { house: { ...house, sharing: { circuitId, loadId } } } };
    }
    case 'service': {
      const { ratingA, size } = remedy;
      return {
        kind: 'set-job',
        fields: {
          panels: panels.map((panel) =>
            panel.role === 'service' ? { ...panel, mainA: ratingA, busA: null } : panel,
          ),
          house: { ...house, ratingA, meterA: null, conductor: { size, metal: 'cu' } },
        },
      };
    }
  }
}

/** Ways to make the load fit, tried before they are offered; one click and one undo each. */
export function ServiceRemedies({ job, report }: ServiceRemediesProps) {
  const { canWrite, edit } = useJobEditor();
  const remedies = useMemo(
    () =>
      serviceRemedies({
        house: job.house,
        panel: job.panels.find(({ role }) => role === 'service'),
        additions: report.additions,
        code: sharedContext(job).code,
        prices: defaultPrices,
      }),
    [job, report.additions],
  );
  const take = (remedy: ServiceRemedy): void => {
    const command = commandOf(job, remedy);
    if (command !== undefined) edit(command, serviceRemedyWords(remedy));
  };
  if (remedies.length === 0) return null;
  return (
    <ul className={classes['remedies']} aria-label="Ways to make the load fit">
      {remedies.map((remedy) => (
        <li key={serviceRemedyWords(remedy)}>
          <button
            type="button"
            disabled={!canWrite}
            onClick={() => {
              take(remedy);
            }}
          >
            <span>
              {serviceRemedyWords(remedy)}
              <span className={classes['after']}>
                {n(remedy.spareA, 1)} A left. {serviceRemedyBrings(remedy)}
              </span>
            </span>
            <span className="fig" title="By the default price list">
              {printPriceChange(cents(remedy.cents))}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
