import { TextInput } from '@mantine/core';
import { useTextEntry, type TextEntryProps } from './useTextEntry';

interface TextFieldProps extends TextEntryProps {
  readonly type?: 'text' | 'date';
}

/** A field for a line of words. It follows its value when that changes elsewhere, and keeps what is being typed. */
export function TextField(props: TextFieldProps) {
  const { keep, ...entry } = useTextEntry(props);
  return (
    <TextInput
      {...entry}
      type={props.type ?? 'text'}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
      }}
    />
  );
}
