import type { Job } from '../../core/job/jobSchema';
import { panelSchema, type Panel } from '../../core/panel/panelSchema';
import { panelBarFields, panelLabelFields, panelStateFields } from '../../core/wording/fields/panelFields';
import { usePanelEditor } from '../../store/usePanelEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldList } from '../../ui/fields/FieldList';
import { SourceFields } from './SourceFields';
import classes from './survey.module.css';

interface PanelFieldsProps {
  readonly panel: Panel;
  readonly job: Job;
}

const NO_FEEDER = '';

/** The feeder of the job that supplies a subpanel: the circuits in the panel then count once. */
function FedBy({ panel, job }: PanelFieldsProps) {
  const { change, canWrite } = usePanelEditor(panel);
  const feeders = job.circuits.filter(({ appliance }) => appliance.family === 'feeder');
  if (panel.role !== 'subpanel' || feeders.length === 0) return null;
  return (
    <ChoiceField
      label="Fed by"
      value={panel.feederId ?? NO_FEEDER}
      disabled={!canWrite}
      choices={[
        { value: NO_FEEDER, label: 'No feeder of this job' },
        ...feeders.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChoose={(id) => {
        change({ feederId: id === NO_FEEDER ? null : id }, 'Feeder of a panel');
      }}
    />
  );
}

/** What is read from the label of a panel and seen behind its cover. */
export function PanelFields({ job, panel }: PanelFieldsProps) {
  const { change, canWrite } = usePanelEditor(panel);
  const common = { schema: panelSchema, of: panel, disabled: !canWrite, set: change };
  return (
    <div className={classes['pairs']} data-help="directory">
      <FieldList {...common} fields={panelLabelFields} />
      <FedBy panel={panel} job={job} />
      <FieldList {...common} fields={panelBarFields} />
      <SourceFields panel={panel} />
      <FieldList {...common} fields={panelStateFields} />
    </div>
  );
}
