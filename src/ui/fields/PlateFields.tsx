import { applianceQuestions, applianceSchema, type Appliance } from '../../core/appliances/registry';
import type { Question } from '../../core/appliances/family';
import { parseNumber, printNumber } from '../../core/units/number';
import { refuse, type Refused } from '../../core/units/refused';
import { ChoiceField } from './ChoiceField';
import { QuantityField } from './QuantityField';

interface PlateFieldsProps {
  readonly appliance: Appliance;
  readonly disabled?: boolean;
  readonly onAppliance: (appliance: Appliance, mergeKey: string | undefined) => void;
  readonly autoFocus?: boolean;
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

/** The questions of a nameplate, each as the field that fits it. */
export function PlateFields({
  appliance,
  disabled = false,
  onAppliance,
  autoFocus = false,
}: PlateFieldsProps) {
  const plate: Plate = appliance.nameplate;
  const set = (question: Question, value: unknown, mergeKey?: string): void => {
    const next = withField(appliance, question.key, value);
    if (!('refused' in next)) onAppliance(next, mergeKey);
  };
  return (
    <>
      {applianceQuestions(appliance).map((question, index) => {
        const value = plate[question.key];
        const common = { label: question.label, help: question.help, disabled };
        switch (question.kind) {
          case 'number':
            return (
              <QuantityField<number | undefined>
                key={question.key}
                {...common}
                autoFocus={autoFocus && index === 0}
                inputMode="decimal"
                value={typeof value === 'number' ? value : undefined}
                print={(shown) =>
                  shown === undefined ? '' : `${printNumber(shown)} ${question.range.shown}`
                }
                parse={(text) => {
                  if (question.optional && text.trim() === '') return undefined;
                  const parsed = parseNumber(text, question.range);
                  if (typeof parsed !== 'number') return parsed;
                  const fits = withField(appliance, question.key, parsed);
                  return 'refused' in fits
                    ? refuse(text, `a value that fits the rest: ${fits.accepts}`)
                    : parsed;
                }}
                onValue={(next, mergeKey) => {
                  set(question, next, mergeKey);
                }}
              />
            );
          case 'choice':
            return (
              <ChoiceField
                key={question.key}
                {...common}
                value={typeof value === 'number' ? value : String(value)}
                choices={question.choices}
                onChoose={(next) => {
                  set(question, next);
                }}
              />
            );
          case 'yes-no':
            return (
              <ChoiceField
                key={question.key}
                {...common}
                value={value === true ? 'yes' : 'no'}
                choices={[
                  { value: 'no', label: 'No, or not known' },
                  { value: 'yes', label: 'Yes' },
                ]}
                onChoose={(next) => {
                  set(question, next === 'yes');
                }}
              />
            );
        }
      })}
    </>
  );
}
