import { TextInput } from '@mantine/core';
import type { AmendedNumber, AmendmentChange } from '../../core/code/amendment';
import { GROUND_FAULT_RULES } from '../../core/code/groundFaultRules';
import { METHOD_IDS, ENVIRONMENTS } from '../../core/code/methods';
import { LOCATIONS } from '../../core/code/locations';
import { parseNumber, printNumber } from '../../core/units/number';
import { printWireSize, WIRE_SIZES } from '../../core/units/wireSize';
import { loadKindName, locationName, ruleWords } from '../../core/wording/places';
import { methodName, environmentName } from '../../core/wording/words';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';

const LIMITS: Readonly<
  Record<string, { readonly min: number; readonly max: number; readonly shown: string }>
> = {
  'continuous-factor': { min: 1, max: 2, shown: '' },
  'bend-limit': { min: 90, max: 360, shown: '°' },
  'sink-distance': { min: 0, max: 30, shown: 'ft' },
  'outdoor-outlet-amps': { min: 0, max: 400, shown: 'A' },
  'ev-disconnect-over': { min: 0, max: 200, shown: 'A' },
  'in-sight-distance': { min: 1, max: 200, shown: 'ft' },
  'pool-disconnect-distance': { min: 1, max: 50, shown: 'ft' },
};

type ChangeOf<K extends AmendmentChange['kind']> = Extract<AmendmentChange, { readonly kind: K }>;
type NumberChange = ChangeOf<AmendedNumber>;

interface PartProps<C> {
  readonly change: C;
  readonly disabled: boolean;
  readonly onChange: (change: AmendmentChange) => void;
}

/** Changes that choose one of a list: a rule, a location, a load, a size. */
function ChoiceChange({
  change,
  disabled,
  onChange,
}: PartProps<ChangeOf<'strike-gfci' | 'require-gfci' | 'exempt-gfci' | 'smallest-copper'>>) {
  switch (change.kind) {
    case 'strike-gfci':
      return (
        <ChoiceField
          label="The rule"
          disabled={disabled}
          value={change.rule}
          choices={GROUND_FAULT_RULES.filter((rule) => rule !== 'local').map((value) => ({
            value,
            label: ruleWords[value],
          }))}
          onChoose={(rule) => {
            onChange({ ...change, rule });
          }}
        />
      );
    case 'require-gfci':
      return (
        <ChoiceField
          label="The place"
          disabled={disabled}
          value={change.room}
          choices={LOCATIONS.map((value) => ({ value, label: locationName[value] }))}
          onChoose={(room) => {
            onChange({ ...change, room });
          }}
        />
      );
    case 'exempt-gfci':
      return (
        <ChoiceField
          label="The load"
          disabled={disabled}
          value={change.load}
          choices={Object.entries(loadKindName).map(([value, label]) => ({ value, label }))}
          onChoose={(load) => {
            onChange({ ...change, load });
          }}
        />
      );
    case 'smallest-copper':
      return (
        <ChoiceField
          label="The size"
          disabled={disabled}
          value={change.size}
          choices={WIRE_SIZES.slice(0, 5).map((value) => ({ value, label: printWireSize(value) }))}
          onChoose={(size) => {
            onChange({ ...change, size });
          }}
        />
      );
  }
}

function MethodChange({ change, disabled, onChange }: PartProps<ChangeOf<'forbid-method'>>) {
  return (
    <>
      <ChoiceField
        label="The method"
        disabled={disabled}
        value={change.method}
        choices={METHOD_IDS.map((value) => ({ value, label: methodName(value) }))}
        onChoose={(method) => {
          onChange({ ...change, method });
        }}
      />
      <ChoiceField
        label="Where"
        disabled={disabled}
        value={change.place}
        choices={[
          { value: 'anywhere', label: 'anywhere' },
          ...ENVIRONMENTS.map((value) => ({ value, label: environmentName[value] })),
        ]}
        onChoose={(place) => {
          onChange({ ...change, place: ENVIRONMENTS.find((each) => each === place) ?? 'anywhere' });
        }}
      />
    </>
  );
}

function FigureChange({ change, disabled, onChange }: PartProps<NumberChange>) {
  const { min = 0, max = 1000, shown = '' } = LIMITS[change.kind] ?? {};
  return (
    <QuantityField<number>
      label="The figure"
      disabled={disabled}
      inputMode="decimal"
      value={change.value}
      print={(value) => `${printNumber(value)} ${shown}`.trim()}
      parse={(text) =>
        parseNumber(text, { min, max, units: shown === '' ? [] : [shown.toLowerCase()], shown })
      }
      onValue={(value) => {
        onChange({ ...change, value });
      }}
    />
  );
}

/** What one kind of change says: a rule, a location, a load, a date, a number, a size, a method, or words. */
export function ChangeFields({ change, disabled, onChange }: PartProps<AmendmentChange>) {
  const common = { disabled, onChange };
  switch (change.kind) {
    case 'strike-gfci':
    case 'require-gfci':
    case 'exempt-gfci':
    case 'smallest-copper':
      return <ChoiceChange change={change} {...common} />;
    case 'forbid-method':
      return <MethodChange change={change} {...common} />;
    case 'hvac-exempt-until':
      return (
        <TextInput
          label="Until"
          type="date"
          disabled={disabled}
          value={change.date}
          onChange={(event) => {
            onChange({ ...change, date: event.currentTarget.value });
          }}
        />
      );
    case 'requirement':
      return (
        <TextInput
          label="In words"
          disabled={disabled}
          value={change.text}
          maxLength={300}
          onChange={(event) => {
            onChange({ ...change, text: event.currentTarget.value });
          }}
        />
      );
    case 'no-arc-fault':
      return null;
    default:
      return <FigureChange change={change} {...common} />;
  }
}
