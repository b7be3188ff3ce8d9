import { ChoiceField } from './ChoiceField';

interface YesNoFieldProps {
  readonly label: string;
  readonly help?: string | undefined;
  /** Undefined until somebody looked. */
  readonly value: boolean | undefined;
  readonly disabled: boolean;
  readonly onValue: (value: boolean | undefined) => void;
}

const CHOICES = [
  { value: 'unknown', label: 'Not looked at' },
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

/** Yes, no, or not looked at yet. */
export function YesNoField({ label, help, value, disabled, onValue }: YesNoFieldProps) {
  return (
    <ChoiceField
      label={label}
      help={help}
      disabled={disabled}
      value={value === undefined ? 'unknown' : value ? 'yes' : 'no'}
      choices={CHOICES}
      onChoose={(next) => {
        onValue(next === 'unknown' ? undefined : next === 'yes');
      }}
    />
  );
}
