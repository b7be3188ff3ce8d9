import { TextInput } from '@mantine/core';
import { useId, useRef, useState } from 'react';
import { isRefused, type Refused } from '../../core/units/refused';

export interface QuantityFieldProps<T> {
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

/**
 * A field for a quantity in the trade's writing. Every keystroke that is understood counts at once; one that
 * is not leaves the value as it was, keeps what was typed, and says what is accepted.
 */
export function QuantityField<T>(props: QuantityFieldProps<T>) {
  const {
    label,
    value,
    print,
    parse,
    onValue,
    help,
    disabled,
    bare = false,
    className,
    inputMode = 'text',
  } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  const visit = useRef(0);
  const refusal = typed === null ? undefined : parse(typed);
  const refused = isRefused(refusal) ? refusal : undefined;
  return (
    <TextInput
      {...(bare ? { 'aria-label': label } : { label })}
      {...(className !== undefined && { className })}
      description={bare ? undefined : help}
      value={typed ?? print(value)}
      inputMode={inputMode}
      disabled={disabled ?? false}
      autoFocus={props.autoFocus ?? false}
      data-autofocus={props.autoFocus ?? undefined}
      autoComplete="off"
      spellCheck={false}
      error={refused && `Type ${refused.accepts}.`}
      onFocus={(event) => {
        visit.current += 1;
        event.currentTarget.select();
      }}
      onChange={(event) => {
        const text = event.currentTarget.value;
        setTyped(text);
        const parsed = parse(text);
        if (!isRefused(parsed)) onValue(parsed, `${id} ${visit.current} ${performance.timeOrigin}`);
      }}
      onBlur={() => {
        if (refused === undefined) setTyped(null);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && typed !== null) {
          event.stopPropagation();
          setTyped(null);
        }
      }}
    />
  );
}
