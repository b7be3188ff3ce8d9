import { LIMITS } from '../../core/code/limits';
import { TextArea } from '../../ui/fields/TextArea';
import { TextField } from '../../ui/fields/TextField';
import { OCCUPANCIES } from '../../core/code/locations';
import { edition as editionOf } from '../../core/code/edition';
import type { JobFields as Fields } from '../../core/job/command';
import type { Job } from '../../core/job/jobSchema';
import { occupancyName } from '../../core/wording/places';
import { useJobEditor } from '../../store/useJobEditor';
import { celsius } from '../../core/units/quantity';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { parseTemperature, printTemperature } from '../../core/units/temperature';
import { QuantityField } from '../../ui/fields/QuantityField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { HouseAge } from './HouseAge';
import { useStageActions } from './stageActions';
import classes from './JobFields.module.css';

const MIN_C = -40;
const MAX_C = 85;

/** An ambient that a place may have. */
function parseAmbient(text: string): number | Refused {
  const parsed = parseTemperature(text);
  if (isRefused(parsed)) return parsed;
  return parsed < MIN_C || parsed > MAX_C ? refuse(text, 'a temperature from -40 to 185 °F') : parsed;
}

/** A text of the job, saved as it is typed; one visit to the field is one step of undo. */
function JobText({
  job,
  field,
  label,
  min = 0,
}: {
  readonly job: Job;
  readonly field: 'name' | 'authority';
  readonly label: string;
  readonly min?: number;
}) {
  const { edit, canWrite } = useJobEditor();
  return (
    <TextField
      live
      label={label}
      value={job[field]}
      disabled={!canWrite}
      maxLength={field === 'name' ? LIMITS.nameLength : 120}
      onText={(text, key) => {
        if (text.trim().length < min) return;
        edit({ kind: 'change-job', fields: { [field]: min > 0 ? text.trim() : text } }, label, key);
      }}
    />
  );
}

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

const DESIGN = [
  ['outdoor', 'Outdoors'],
  ['attic', 'Attic'],
  ['garage', 'Garage'],
] as const;

/** The highest ambients that are expected here; new segments start with them. */
function DesignFields({ job }: { readonly job: Job }) {
  const { edit, canWrite } = useJobEditor();
  return (
    <fieldset className={classes['design']}>
      <legend className="second">Highest expected ambient: new segments start with it</legend>
      {DESIGN.map(([place, label]) => (
        <QuantityField<number>
          key={place}
          label={label}
          disabled={!canWrite}
          value={job.designC[place]}
          print={(value) => printTemperature(celsius(value))}
          parse={parseAmbient}
          onValue={(value, key) => {
            edit(
              { kind: 'change-job', fields: { designC: { ...job.designC, [place]: value } } },
              `Ambient, ${label}`,
              key,
            );
          }}
        />
      ))}
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
  const set = (fields: Partial<Fields>, label: string, mergeKey?: string): void => {
    edit({ kind: 'change-job', fields }, label, mergeKey);
  };
  return (
    <>
      <JobText job={job} field="name" label="Name of the job" min={1} />
      <EditionLine job={job} />
      <JobText job={job} field="authority" label="Authority having jurisdiction" />
      <TextField
        live
        label="Permit applied for on"
        help="Dated exceptions are read on this day."
        type="date"
        value={job.permitDate ?? ''}
        maxLength={10}
        disabled={!canWrite}
        onText={(text, key) => {
          set({ permitDate: text === '' ? null : text }, 'Permit date', key);
        }}
      />
      <ChoiceField
        label="Kind of building"
        value={job.occupancy}
        disabled={!canWrite}
        choices={OCCUPANCIES.map((value) => ({ value, label: occupancyName[value] }))}
        onChoose={(occupancy) => {
          set({ occupancy }, 'Kind of building');
        }}
      />
      <HouseAge job={job} />
      <TextArea
        live
        label="Future loads"
        help="A larger vehicle, visitors with a larger trailer, a heater on the pool."
        value={job.later}
        disabled={!canWrite}
        maxLength={500}
        rows={2}
        onText={(later, key) => {
          set({ later }, 'Future loads', key);
        }}
      />
      <DesignFields job={job} />
      <RulesLine job={job} />
    </>
  );
}
