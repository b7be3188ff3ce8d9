import { TextInput } from '@mantine/core';
import { useCallbackRef } from '@mantine/hooks';
import { memo, useId, useState, type KeyboardEvent } from 'react';
import { isRefused, type Refused } from '../../core/units/refused';
import { useTyped } from './useTyped';

interface QuantityFieldProps<T> {
  readonly label: string;
  readonly value: T;
  readonly print: (value: T) => string;
  readonly parse: (text: string) => T | Refused;
  /** A value that was understood; the key is the same for one visit to the field. */
  readonly onValue: (value: T, mergeKey: string) => void;
  readonly help?: string | undefined;
  readonly disabled?: boolean;
  /** Shows the field without its label, which is then only spoken. */
  readonly bare?: boolean;
  readonly className?: string | undefined;
  readonly inputMode?: 'decimal' | 'text';
  readonly autoFocus?: boolean;
}

interface EntryProps {
  readonly label: string;
  readonly help: string | undefined;
  readonly text: string;
  readonly error: string | undefined;
  readonly disabled: boolean;
  readonly bare: boolean;
  readonly className: string | undefined;
  readonly inputMode: 'decimal' | 'text';
  readonly autoFocus: boolean;
  readonly onEnter: () => void;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
  readonly onKey: (event: KeyboardEvent) => void;
}

/** The entry itself, drawn again only when what it shows is another. */
const Entry = memo(function Entry(props: EntryProps) {
  const { label, help, text, error, bare, className, onEnter, onText, onLeave, onKey } = props;
  return (
    <TextInput
      {...(bare ? { 'aria-label': label } : { label })}
      {...(className !== undefined && { className })}
      description={bare ? undefined : help}
      value={text}
      inputMode={props.inputMode}
      disabled={props.disabled}
      autoFocus={props.autoFocus}
      data-autofocus={props.autoFocus || undefined}
      autoComplete="off"
      spellCheck={false}
      error={error}
      onFocus={(event) => {
        event.currentTarget.select();
        onEnter();
      }}
      onChange={(event) => {
        onText(event.currentTarget.value);
      }}
      onBlur={onLeave}
      onKeyDown={onKey}
    />
  );
});

/**
 * A field for a quantity in the trade's writing. Every keystroke that is understood counts at once; one that
 * is not leaves the value as it was, keeps what was typed, and says what is accepted.
 */
export function QuantityField<T>(props: QuantityFieldProps<T>) {
  const { value, print, parse, onValue } = props;
  const { text: typed, type, forget } = useTyped(print(value));
  const [visit, setVisit] = useState(0);
  const id = useId();
  const refusal = typed === null ? undefined : parse(typed);
  const refused = isRefused(refusal) ? refusal : undefined;
  const onEnter = useCallbackRef(() => {
    setVisit(visit + 1);
  });
  const onText = useCallbackRef((text: string) => {
    type(text);
    const parsed = parse(text);
    if (!isRefused(parsed)) onValue(parsed, `${id} ${visit} ${performance.timeOrigin}`);
  });
  const onLeave = useCallbackRef(() => {
    if (refused === undefined) forget();
  });
  const onKey = useCallbackRef((event: KeyboardEvent) => {
    if (event.key !== 'Escape' || typed === null) return;
    event.stopPropagation();
    forget();
  });
  return (
    <Entry
      label={props.label}
      help={props.help}
      text={typed ?? print(value)}
      error={refused && `Type ${refused.accepts}.`}
      disabled={props.disabled ?? false}
      bare={props.bare ?? false}
      className={props.className}
      inputMode={props.inputMode ?? 'text'}
      autoFocus={props.autoFocus ?? false}
      onEnter={onEnter}
      onText={onText}
      onLeave={onLeave}
      onKey={onKey}
    />
  );
}
