import { NativeSelect } from '@mantine/core';
import { useCallbackRef } from '@mantine/hooks';
import { memo } from 'react';

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
}

interface ListProps {
  readonly label: string;
  readonly help: string | undefined;
  readonly value: string;
  readonly choices: readonly Choice<string | number>[];
  readonly disabled: boolean;
  readonly bare: boolean;
  readonly className: string | undefined;
  readonly onText: (text: string) => void;
}

const sameChoices = (a: ListProps['choices'], b: ListProps['choices']): boolean =>
  a === b ||
  (a.length === b.length && a.every((each, at) => each.value === b[at]?.value && each.label === b[at].label));

/** The list itself, drawn again only when what it shows is another: choices are often made anew by their owner. */
const List = memo(
  function List({ label, help, value, choices, disabled, bare, className, onText }: ListProps) {
    return (
      <NativeSelect
        {...(bare ? { 'aria-label': label } : { label })}
        {...(className !== undefined && { className })}
        description={bare ? undefined : help}
        value={value}
        disabled={disabled}
        data={choices.map((choice) => ({ value: String(choice.value), label: choice.label }))}
        onChange={(event) => {
          onText(event.currentTarget.value);
        }}
      />
    );
  },
  (a, b) =>
    a.label === b.label &&
    a.help === b.help &&
    a.value === b.value &&
    a.disabled === b.disabled &&
    a.onText === b.onText &&
    sameChoices(a.choices, b.choices),
);

/** One of a few, by the browser's own list: it works with any keyboard and any thumb. */
export function ChoiceField<T extends string | number>(props: ChoiceFieldProps<T>) {
  const { label, value, choices, onChoose, help, disabled = false, bare = false, className } = props;
  const onText = useCallbackRef((text: string) => {
    const chosen = choices.find((choice) => String(choice.value) === text);
    if (chosen !== undefined) onChoose(chosen.value);
  });
  return (
    <List
      label={label}
      help={help}
      value={String(value)}
      choices={choices}
      disabled={disabled}
      bare={bare}
      className={className}
      onText={onText}
    />
  );
}
