import { pinsSchema } from '../../core/circuit/circuitSchema';
import { existingQuestions } from '../../core/circuit/existingQuestions';
import { existingSchema } from '../../core/circuit/existingSchema';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { omitUndefined } from '../../core/units/omitUndefined';
import { existingFields, foundFields } from '../../core/wording/fields/existingFields';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldList } from '../../ui/fields/FieldList';
import classes from './survey.module.css';

interface ExistingFieldsProps {
  readonly view: CircuitEvaluation;
}

/** Breaker and conductor that are there: an existing circuit is judged by them. */
function FoundFigures({ view: { circuit } }: ExistingFieldsProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  return (
    <FieldList
      schema={pinsSchema}
      fields={foundFields}
      of={circuit.pins}
      disabled={!canWrite}
      set={(fields, edit, key) => {
        replaceCircuit({ ...circuit, pins: omitUndefined({ ...circuit.pins, ...fields }) }, edit, key);
      }}
    />
  );
}

/** Whether the circuit is planned or there already, and what was looked at of one that is there. */
export function ExistingFields({ view }: ExistingFieldsProps) {
  const { circuit, solved } = view;
  const { existing } = circuit;
  const { canWrite, replaceCircuit } = useJobEditor();
  const disabled = !canWrite;
  return (
    <div className={classes['site']}>
      <ChoiceField
        label="Circuit"
        disabled={disabled}
        value={existing === null ? 'planned' : 'existing'}
        choices={[
          { value: 'planned', label: 'planned by this job' },
          { value: 'existing', label: 'existing: judged, never sized' },
        ]}
        onChoose={(value) => {
          replaceCircuit(
            { ...circuit, existing: value === 'existing' ? {} : null },
            value === 'existing' ? 'Existing circuit' : 'Planned circuit',
          );
        }}
      />
      {existing !== null && (
        <>
          <FoundFigures view={view} />
          <FieldList
            schema={existingSchema}
            fields={existingQuestions(existing, solved.figures.facts).map((key) => existingFields[key])}
            of={existing}
            disabled={disabled}
            set={(fields, edit, key) => {
              replaceCircuit({ ...circuit, existing: omitUndefined({ ...existing, ...fields }) }, edit, key);
            }}
          />
        </>
      )}
    </div>
  );
}
