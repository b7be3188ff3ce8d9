import { useId, useState } from 'react';
import { useTyped } from './useTyped';

export interface TextEntryProps {
  readonly label: string;
  readonly value: string;
  readonly maxLength: number;
  readonly disabled: boolean;
  /** What was typed. The key is the same for one visit to the field. */
  readonly onText: (text: string, mergeKey: string) => void;
  /** Whether every keystroke counts; otherwise what was typed counts when the field is left or Enter is pressed. */
  readonly live?: boolean;
  readonly bare?: boolean;
  readonly help?: string | undefined;
  readonly placeholder?: string;
  readonly className?: string | undefined;
}

/** What an entry for words shows and does, whatever it looks like. */
export function useTextEntry(props: TextEntryProps) {
  const { label, value, maxLength, disabled, onText, live = false, bare = false } = props;
  const { text, type, forget } = useTyped(value);
  const [visit, setVisit] = useState(0);
  const id = useId();
  const key = `${id} ${visit} ${performance.timeOrigin}`;
  const keep = (): void => {
    if (!live && text !== null && text.trim() !== value) onText(text.trim(), key);
  };
  return {
    ...(bare ? { 'aria-label': label } : { label }),
    ...(props.help !== undefined && { description: props.help }),
    ...(props.placeholder !== undefined && { placeholder: props.placeholder }),
    ...(props.className !== undefined && { className: props.className }),
    value: text ?? value,
    maxLength,
    disabled,
    keep,
    onFocus: (): void => {
      setVisit(visit + 1);
    },
    onChange: ({ currentTarget }: { readonly currentTarget: { readonly value: string } }): void => {
      type(currentTarget.value);
      if (live) onText(currentTarget.value, key);
    },
    onBlur: (): void => {
      keep();
      forget();
    },
  };
}
