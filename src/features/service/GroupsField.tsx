import type { Job } from '../../core/job/jobSchema';
import { LIMITS } from '../../core/code/limits';
import type { Changed } from '../../core/fields/field';
import { chargerGroupSchema, type ChargerGroup } from '../../core/service/houseSchema';
import { omitUndefined } from '../../core/units/omitUndefined';
import { groupFields, groupListedFields } from '../../core/wording/fields/houseFields';
import { useJobEditor } from '../../store/useJobEditor';
import { CheckField } from '../../ui/fields/CheckField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldList } from '../../ui/fields/FieldList';
import classes from './service.module.css';

const NO_FEEDER = '';

const chargersOf = ({ circuits }: Job) => circuits.filter(({ appliance }) => appliance.family === 'ev');
const feedersOf = ({ circuits }: Job) => circuits.filter(({ appliance }) => appliance.family === 'feeder');

interface GroupProps {
  readonly job: Job;
  readonly group: ChargerGroup;
  readonly set: (fields: Changed<ChargerGroup>, label: string, mergeKey?: string) => void;
  readonly disabled: boolean;
}

/** The chargers that a group holds, each to be ticked. */
function Members({ job, group, set, disabled }: GroupProps) {
  return chargersOf(job).map(({ id, name }) => (
    <CheckField
      key={id}
      label={name}
      spoken={`${name} in ${group.name}`}
      checked={group.circuitIds.includes(id)}
      disabled={disabled}
      onCheck={(is) => {
        const others = group.circuitIds.filter((each) => each !== id);
        set({ circuitIds: is ? [...others, id] : others }, `Chargers of ${group.name}`);
      }}
    />
  ));
}

function Group(props: GroupProps) {
  const { job, group, set, disabled } = props;
  const common = { schema: chargerGroupSchema, of: group, disabled, set };
  return (
    <fieldset className={classes['group']}>
      <legend>{group.name}</legend>
      <FieldList {...common} fields={groupFields} />
      <Members {...props} />
      <ChoiceField
        label="On one feeder"
        help="Its own load is entered without these chargers."
        disabled={disabled}
        value={group.feederId ?? NO_FEEDER}
        choices={[
          { value: NO_FEEDER, label: 'no: each from its panel' },
          ...feedersOf(job).map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChoose={(id) => {
          set({ feederId: id === NO_FEEDER ? null : id }, 'Feeder of the group');
        }}
      />
      <FieldList {...common} fields={groupListedFields} />
    </fieldset>
  );
}

const freshGroup = (job: Job): ChargerGroup => ({
  id: crypto.randomUUID(),
  name: `Chargers ${job.house.groups.length + 1}`,
  limitA: 48,
  listed: null,
  circuitIds: chargersOf(job).map(({ id }) => id),
  feederId: null,
});

/** Chargers that load management keeps under one limit: counted once in service and feeder. */
export function GroupsField({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const { groups } = job.house;
  const put = (next: readonly ChargerGroup[], label: string, key?: string): void => {
    edit({ kind: 'change', part: 'house', fields: { groups: [...next] } }, label, key);
  };
  return (
    <>
      {groups.map((group) => (
        <div key={group.id}>
          <Group
            job={job}
            group={group}
            disabled={!canWrite}
            set={(fields, label, key) => {
              put(
                groups.map((each) => (each.id === group.id ? omitUndefined({ ...each, ...fields }) : each)),
                label,
                key,
              );
            }}
          />
          <button
            type="button"
            className="act"
            disabled={!canWrite}
            onClick={() => {
              put(
                groups.filter(({ id }) => id !== group.id),
                'Dissolve a group of chargers',
              );
            }}
          >
            Dissolve {group.name}
          </button>
        </div>
      ))}
      {chargersOf(job).length > 1 && groups.length < LIMITS.chargerGroups && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            put([...groups, freshGroup(job)], 'Chargers under one limit');
          }}
        >
          Chargers under one limit
        </button>
      )}
    </>
  );
}
