import { existingQuestions } from '../../core/circuit/existingQuestions';
import type { Existing } from '../../core/circuit/existingSchema';
import { withPin } from '../../core/circuit/edits/circuitEdits';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { parseNumber, printNumber } from '../../core/units/number';
import { parseWireSize, printWireSize, type WireSize } from '../../core/units/wireSize';
import { existingLabel } from '../../core/wording/existingWords';
import { useJobEditor } from '../../store/useJobEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { YesNoField } from '../../ui/fields/YesNoField';
import classes from './survey.module.css';

const AMPS = { min: 15, max: 400, units: ['a', 'amp', 'amps'], shown: 'A', whole: true } as const;

const optional =
  <T,>(parse: (text: string) => T) =>
  (text: string): T | undefined =>
    text.trim() === '' ? undefined : parse(text);

const sizeText = (size: WireSize | undefined): string => (size === undefined ? '' : printWireSize(size));

const CHOICES = {
  frame: [
    { value: '', label: 'Not looked at' },
    { value: 'ground', label: 'a ground of its own: four wires' },
    { value: 'neutral', label: 'the neutral: three wires' },
  ],
  neutral: [
    { value: '', label: 'Not looked at' },
    { value: 'insulated', label: 'insulated' },
    { value: 'bare', label: 'bare' },
  ],
} as const;

interface OneProps {
  readonly of: keyof Existing;
  readonly existing: Existing;
  readonly disabled: boolean;
  readonly set: (fields: Partial<Existing>, mergeKey?: string) => void;
}

/** A record without what is not known of it. */
function recorded(existing: Existing, fields: Partial<Existing>): Existing {
  const all = { ...existing, ...fields };
  for (const key of Object.keys(all))
    if (Reflect.get(all, key) === undefined) Reflect.deleteProperty(all, key);
  return all;
}

function ExistingField({ of, existing, disabled, set }: OneProps) {
  const { label, help } = existingLabel[of];
  if (of === 'frame' || of === 'neutral')
    return (
      <ChoiceField
        label={label}
        help={help}
        disabled={disabled}
        value={existing[of] ?? ''}
        choices={CHOICES[of]}
        onChoose={(value) => {
          set({ [of]: value === '' ? undefined : value });
        }}
      />
    );
  if (of === 'neutralSize')
    return (
      <QuantityField<WireSize | undefined>
        label={label}
        help={help}
        disabled={disabled}
        inputMode="text"
        value={existing.neutralSize}
        print={sizeText}
        parse={optional(parseWireSize)}
        onValue={(neutralSize, key) => {
          set({ neutralSize }, key);
        }}
      />
    );
  return (
    <YesNoField
      label={label}
      help={help}
      disabled={disabled}
      value={existing[of]}
      onValue={(value) => {
        set({ [of]: value });
      }}
    />
  );
}

interface ExistingFieldsProps {
  readonly view: CircuitEvaluation;
}

/** Breaker and conductor that are there: an existing circuit is judged by them. */
function FoundFigures({ view: { circuit } }: ExistingFieldsProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const { ocpdA, size } = circuit.pins;
  return (
    <>
      <QuantityField<number | undefined>
        label="Breaker that is there"
        disabled={!canWrite}
        inputMode="decimal"
        value={ocpdA}
        print={(value) => (value === undefined ? '' : `${printNumber(value)} A`)}
        parse={optional((text) => parseNumber(text, AMPS))}
        onValue={(value, key) => {
          replaceCircuit(withPin(circuit, 'ocpdA', value), 'Breaker that is there', key);
        }}
      />
      <QuantityField<WireSize | undefined>
        label="Conductor that is there"
        disabled={!canWrite}
        inputMode="text"
        value={size}
        print={sizeText}
        parse={optional(parseWireSize)}
        onValue={(value, key) => {
          replaceCircuit(withPin(circuit, 'size', value), 'Conductor that is there', key);
        }}
      />
    </>
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
          {existingQuestions(existing, solved.figures.facts).map((each) => (
            <ExistingField
              key={each}
              of={each}
              existing={existing}
              disabled={disabled}
              set={(fields, key) => {
                replaceCircuit(
                  { ...circuit, existing: recorded(existing, fields) },
                  existingLabel[each].label,
                  key,
                );
              }}
            />
          ))}
        </>
      )}
    </div>
  );
}
