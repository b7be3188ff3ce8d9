import { TextInput } from '@mantine/core';

interface MomentFieldProps {
  readonly label: string;
  /** Local time; null where there is none. */
  readonly value: string | null;
  readonly disabled: boolean;
  readonly onMoment: (moment: string | null) => void;
}

const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/;

/** A day and a time of day, by the browser's own field. */
export function MomentField({ label, value, disabled, onMoment }: MomentFieldProps) {
  return (
    <TextInput
      type="datetime-local"
      label={label}
      value={value ?? ''}
      disabled={disabled}
      onChange={({ currentTarget: { value: typed } }) => {
        if (typed === '') onMoment(null);
        else if (MOMENT.test(typed)) onMoment(typed);
      }}
    />
  );
}
