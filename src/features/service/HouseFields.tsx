import { Textarea } from '@mantine/core';
import { useState } from 'react';
import type { Changed } from '../../core/fields/field';
import { changeOf } from '../../core/job/fieldChange';
import type { Job } from '../../core/job/jobSchema';
import { houseSchema, type House } from '../../core/service/houseSchema';
import { printLoads, readLoads, type LoadProblem } from '../../core/service/typedLoads';
import { dwellingFields, managementFields, serviceFields } from '../../core/wording/fields/houseFields';
import { useJobEditor } from '../../store/useJobEditor';
import { FieldList } from '../../ui/fields/FieldList';
import { GroupsField } from './GroupsField';
import classes from './service.module.css';

/** The loads of the house, typed one after the other. */
function LoadsField({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const [typed, setTyped] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly LoadProblem[]>([]);
  const { house } = job;
  return (
    <>
      <Textarea
        label="Loads of the house"
        description="Name and VA or kW, by line. The kind follows from the name; add x5 for units of heat, removed for what is taken out."
        rows={8}
        spellCheck={false}
        disabled={!canWrite}
        className={classes['loads']}
        value={typed ?? printLoads(house.loads)}
        onChange={(event) => {
          const text = event.currentTarget.value;
          setTyped(text);
          const read = readLoads(text, () => crypto.randomUUID());
          setProblems(read.problems);
          const loads = read.loads.map((each) => ({
            ...each,
            id: house.loads.find(({ what }) => what === each.what)?.id ?? each.id,
          }));
          edit({ kind: 'change', part: 'house', fields: { loads } }, 'Loads of the house', 'house loads');
        }}
        onBlur={() => {
          if (problems.length === 0) setTyped(null);
        }}
      />
      {problems.length > 0 && (
        <ul role="alert" className={classes['problems']}>
          {problems.map(({ row, text, accepts }) => (
            <li key={`${row} ${text}`}>
              Row {row}, “{text}”: type {accepts}.
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** What is known of the house and its service. */
export function HouseFields({ job }: { readonly job: Job }) {
  const { canWrite, edit } = useJobEditor();
  const { house } = job;
  const common = {
    schema: houseSchema,
    of: house,
    disabled: !canWrite,
    set: (fields: Changed<House>, label: string, key?: string) => {
      edit({ kind: 'change', part: 'house', ...changeOf(fields) }, label, key);
    },
  };
  return (
    <>
      <FieldList {...common} fields={serviceFields} />
      <div className={classes['two']}>
        <FieldList {...common} fields={dwellingFields} />
      </div>
      <LoadsField job={job} />
      <FieldList {...common} fields={managementFields} />
      {house.sharing !== null && (
        <button
          type="button"
          className="act"
          disabled={!canWrite}
          onClick={() => {
            common.set({ sharing: null }, 'No sharing device');
          }}
        >
          Remove the sharing device
        </button>
      )}
      <GroupsField job={job} />
    </>
  );
}
