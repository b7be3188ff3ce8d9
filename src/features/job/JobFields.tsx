import { edition as editionOf } from '../../core/code/edition';
import { designSchema } from '../../core/circuit/designTemperatures';
import type { Changed } from '../../core/fields/field';
import type { JobFields as Fields } from '../../core/job/command';
import { changeOf } from '../../core/job/fieldChange';
import { jobSchema, type Job } from '../../core/job/jobSchema';
import { omitUndefined } from '../../core/units/omitUndefined';
import {
  designFields,
  jobFactFields,
  jobLaterFields,
  jobNameFields,
} from '../../core/wording/fields/jobFields';
import { useJobEditor } from '../../store/useJobEditor';
import { FieldList } from '../../ui/fields/FieldList';
import { HouseAge } from './HouseAge';
import { useStageActions } from './stageActions';
import classes from './JobFields.module.css';

/** The edition in force, with the way to another. */
function EditionLine({ job }: { readonly job: Job }) {
  const { open } = useStageActions();
  return (
    <p className={classes['edition']}>
      <span className="second">Edition of the code</span>
      <b className="fig">{job.edition}</b>
      <button
        type="button"
        className="act"
        onClick={() => {
          open('edition');
        }}
      >
        Change it, and see what changes
      </button>
      {editionOf(job.edition).certainty === 'preliminary' && (
        <span>Preliminary, not verified. Verify against the adopted code.</span>
      )}
    </p>
  );
}

/** The highest ambients that are expected here; new segments start with them. */
function DesignFields({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  return (
    <fieldset className={classes['design']}>
      <legend className="second">Highest expected ambient: new segments start with it</legend>
      <FieldList
        schema={designSchema}
        fields={designFields}
        of={job.designC}
        disabled={!canWrite}
        set={(fields, label, key) => {
          const designC = omitUndefined({ ...job.designC, ...fields });
          edit({ kind: 'change-job', fields: { designC } }, label, key);
        }}
      />
    </fieldset>
  );
}

/** Shop practices and local amendments, each a dialog of its own. */
function RulesLine({ job }: { readonly job: Job }) {
  const { open } = useStageActions();
  const act = (dialog: 'practices' | 'amendments', name: string) => (
    <button
      type="button"
      className="act"
      onClick={() => {
        open(dialog);
      }}
    >
      {name}
    </button>
  );
  return (
    <p className={classes['acts']}>
      {act('practices', 'Shop practices')}
      {act('amendments', `Local amendments, ${job.amendments.length}`)}
    </p>
  );
}

/** The facts of a job that its rules read: code in force, authority, permit, kind of building, what comes later. */
export function JobFields({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  const common = {
    schema: jobSchema,
    of: job,
    disabled: !canWrite,
    set: (fields: Changed<Job>, label: string, mergeKey?: string) => {
      edit({ kind: 'change-job', ...changeOf<Fields>(fields) }, label, mergeKey);
    },
  };
  return (
    <>
      <FieldList {...common} fields={jobNameFields} />
      <EditionLine job={job} />
      <FieldList {...common} fields={jobFactFields} />
      <HouseAge job={job} />
      <FieldList {...common} fields={jobLaterFields} />
      <DesignFields job={job} />
      <RulesLine job={job} />
    </>
  );
}
