import { Textarea } from '@mantine/core';
import { useTextEntry, type TextEntryProps } from './useTextEntry';

interface TextAreaProps extends TextEntryProps {
  readonly rows: number;
}

/** A field for some lines of words. It follows its value when that changes elsewhere, and keeps what is being typed. */
export function TextArea(props: TextAreaProps) {
  const { keep: _keep, ...entry } = useTextEntry(props);
  return <Textarea {...entry} rows={props.rows} />;
}
