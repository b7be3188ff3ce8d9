import { NativeSelect } from '@mantine/core';

export interface Choice<T> {
  readonly value: T;
  readonly label: string;
}

interface ChoiceFieldProps<T extends string | number> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onChoose: (value: T) => void;
  readonly help?: string | undefined;
  readonly disabled?: boolean;
  /** Shows the field without its label, which is then only spoken. */
  readonly bare?: boolean;
  readonly className?: string | undefined;
  readonly autoFocus?: boolean;
}

/** One of a few, by the browser's own list: it works with any keyboard and any thumb. */
export function ChoiceField<T extends string | number>(props: ChoiceFieldProps<T>) {
  const { label, value, choices, onChoose, help, disabled = false, bare = false, className } = props;
  return (
    <NativeSelect
      {...(bare ? { 'aria-label': label } : { label })}
      {...(className !== undefined && { className })}
      description={bare ? undefined : help}
      value={String(value)}
      disabled={disabled}
      data-autofocus={props.autoFocus ?? undefined}
      data={choices.map((choice) => ({ value: String(choice.value), label: choice.label }))}
      onChange={(event) => {
        const chosen = choices.find((choice) => String(choice.value) === event.currentTarget.value);
        if (chosen !== undefined) onChoose(chosen.value);
      }}
    />
  );
}
