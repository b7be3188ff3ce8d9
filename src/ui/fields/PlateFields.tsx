import { applianceQuestions, applianceSchema, type Appliance } from '../../core/appliances/registry';
import { legLoadSchema, parseLoads, printLoads, type LegLoad } from '../../core/appliances/legs';
import type { Question } from '../../core/appliances/family';
import { parseNumber, printNumber } from '../../core/units/number';
import { isRefused, refuse, type Refused } from '../../core/units/refused';
import { ChoiceField } from './ChoiceField';
import { QuantityField } from './QuantityField';

interface PlateFieldsProps {
  readonly appliance: Appliance;
  readonly disabled?: boolean;
  readonly onAppliance: (appliance: Appliance, mergeKey: string | undefined) => void;
  readonly autoFocus?: boolean;
  /** Leaves out what most plates do not have. */
  readonly essential?: boolean;
}

type Plate = Readonly<Record<string, unknown>>;

/** The appliance with one field of its plate changed, or why that plate cannot be. */
function withField({ family, nameplate }: Appliance, key: string, value: unknown): Appliance | Refused {
  const { [key]: _old, ...rest }: Plate = nameplate;
  const read = applianceSchema.safeParse({
    family,
    nameplate: value === undefined ? rest : { ...rest, [key]: value },
  });
  return read.success
    ? read.data
    : refuse(String(value), read.error.issues.at(-1)?.message ?? 'another value');
}

interface QuestionFieldProps {
  readonly question: Question;
  readonly appliance: Appliance;
  readonly disabled: boolean;
  readonly autoFocus: boolean;
  /** Shown on a plate: by the mark that the plate itself bears. */
  readonly stamped?: boolean;
  readonly onAppliance: PlateFieldsProps['onAppliance'];
}

/** What a typed number comes to, on this plate. */
function parsePlateNumber(
  text: string,
  question: Extract<Question, { kind: 'number' }>,
  appliance: Appliance,
): number | undefined | Refused {
  if (question.optional && text.trim() === '') return undefined;
  const parsed = parseNumber(text, question.range);
  if (isRefused(parsed)) return parsed;
  const fits = withField(appliance, question.key, parsed);
  return isRefused(fits) ? refuse(text, `a value that fits the rest: ${fits.accepts}`) : parsed;
}

const printPlateNumber = (shown: number | undefined, unit: string): string =>
  shown === undefined ? '' : `${printNumber(shown)} ${unit}`.trim();

const printPlateNumbers = (shown: readonly number[]): string =>
  shown.map((each) => printNumber(each)).join(', ');

/** Several numbers, apart by commas or spaces. */
function parsePlateNumbers(
  text: string,
  question: Extract<Question, { kind: 'numbers' }>,
): readonly number[] | Refused {
  const parts = text.split(/[\s,;+]+/).filter((part) => part !== '');
  const accepts = `1 to ${question.max} numbers from ${question.range.min} to ${question.range.max} ${question.range.shown}, apart by commas`;
  if (parts.length === 0 || parts.length > question.max) return refuse(text, accepts);
  const numbers: number[] = [];
  for (const part of parts) {
    const parsed = parseNumber(part, question.range);
    if (isRefused(parsed)) return refuse(text, accepts);
    numbers.push(parsed);
  }
  return numbers;
}

/** A sentence that goes on after a colon; a name in capitals stays one. */
const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.slice(0, 1).toLowerCase() + text.slice(1) : text;

const YES_NO = [
  { value: 'no', label: 'No, or not known' },
  { value: 'yes', label: 'Yes' },
] as const;

/** Label and help of a field: on a plate its mark with the label under it, elsewhere the label. */
function fieldWords({ label, mark, help, until }: Question, value: unknown, stamped: boolean) {
  const missing = value === undefined && until !== undefined ? `Until read: ${lowerFirst(until)}` : undefined;
  return stamped && mark !== undefined
    ? { label: mark, help: missing === undefined ? label : `${label}. ${missing}` }
    : { label, help: help ?? missing };
}

/** The loads of a plate, as its schema knows them; none where it has none. */
const loadsOf = (value: unknown): readonly LegLoad[] | undefined => {
  const read = legLoadSchema.array().safeParse(value);
  return read.success ? read.data : undefined;
};

interface OneFieldProps<T> {
  readonly label: string;
  readonly help: string | undefined;
  readonly disabled: boolean;
  readonly value: T;
  readonly onValue: (value: T) => void;
}

type Loads = readonly LegLoad[] | undefined;

function LoadsField({ optional, ...common }: OneFieldProps<Loads> & { readonly optional: boolean }) {
  return (
    <QuantityField<Loads>
      {...common}
      print={(shown) => printLoads(shown ?? [])}
      parse={(text) => (text.trim() === '' && optional ? undefined : parseLoads(text))}
    />
  );
}

function YesNo({ value, onValue, ...common }: OneFieldProps<boolean>) {
  return (
    <ChoiceField
      {...common}
      value={value ? 'yes' : 'no'}
      choices={YES_NO}
      onChoose={(next) => {
        onValue(next === 'yes');
      }}
    />
  );
}

/** One question of a plate as the field that fits it, with the mark that the plate itself bears. */
export function PlateField({
  question,
  appliance,
  disabled,
  autoFocus,
  stamped = false,
  onAppliance,
}: QuestionFieldProps) {
  const plate: Plate = appliance.nameplate;
  const value = plate[question.key];
  const set = (next: unknown, mergeKey?: string): void => {
    const changed = withField(appliance, question.key, next);
    if (!isRefused(changed)) onAppliance(changed, mergeKey);
  };
  const common = { ...fieldWords(question, value, stamped), disabled };
  switch (question.kind) {
    case 'number':
      return (
        <QuantityField<number | undefined>
          {...common}
          autoFocus={autoFocus}
          inputMode="decimal"
          value={typeof value === 'number' ? value : undefined}
          print={(shown) => printPlateNumber(shown, question.range.shown)}
          parse={(text) => parsePlateNumber(text, question, appliance)}
          onValue={set}
        />
      );
    case 'numbers':
      return (
        <QuantityField<readonly number[]>
          {...common}
          autoFocus={autoFocus}
          value={Array.isArray(value) ? value.map(Number) : []}
          print={printPlateNumbers}
          parse={(text) => parsePlateNumbers(text, question)}
          onValue={set}
        />
      );
    case 'loads':
      return (
        <LoadsField {...common} value={loadsOf(value)} optional={question.optional === true} onValue={set} />
      );
    case 'choice':
      return (
        <ChoiceField
          {...common}
          value={typeof value === 'number' ? value : String(value)}
          choices={question.choices}
          onChoose={set}
        />
      );
    case 'yes-no':
      return <YesNo {...common} value={value === true} onValue={set} />;
  }
}

/** The questions of a nameplate, each as the field that fits it. */
export function PlateFields(props: PlateFieldsProps) {
  const { appliance, disabled = false, onAppliance, autoFocus = false, essential = false } = props;
  const questions = applianceQuestions(appliance).filter(
    (question) => !(essential && question.kind === 'number' && question.optional),
  );
  return (
    <>
      {questions.map((question, index) => (
        <PlateField
          key={question.key}
          question={question}
          appliance={appliance}
          disabled={disabled}
          autoFocus={autoFocus && index === 0}
          onAppliance={onAppliance}
        />
      ))}
    </>
  );
}
