import { TextField } from './TextField';

interface AnswerFieldProps {
  /** A question is answered; anything else is accepted for a reason. */
  readonly asks: boolean;
  readonly given: string;
  readonly disabled: boolean;
  /** What was typed, without outer spaces, once it is another than was given. */
  readonly onAnswer: (text: string) => void;
}

const MAX_LENGTH = 500;

/** The answer to a finding, kept when the field is left or Enter is pressed. */
export function AnswerField({ asks, given, disabled, onAnswer }: AnswerFieldProps) {
  return (
    <TextField
      label={asks ? 'Answer, and who gave it' : 'Why it is accepted'}
      value={given}
      maxLength={MAX_LENGTH}
      disabled={disabled}
      onText={onAnswer}
    />
  );
}
