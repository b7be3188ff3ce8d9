import { TextArea } from './TextArea';
import { TextField } from './TextField';
import type { TextEntryProps } from './useTextEntry';

interface TextControlProps extends TextEntryProps {
  readonly kind: 'text' | 'lines' | 'date';
}

/** Free text of a line, some lines of it, or a day. */
export function TextControl({ kind, ...entry }: TextControlProps) {
  return kind === 'lines' ? (
    <TextArea {...entry} rows={2} />
  ) : (
    <TextField {...entry} type={kind === 'date' ? 'date' : 'text'} />
  );
}
