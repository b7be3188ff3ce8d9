import { TextInput } from '@mantine/core';
import { useState } from 'react';

interface AnswerFieldProps {
  /** A question is answered; anything else is accepted for a reason. */
  readonly asks: boolean;
  readonly given: string;
  readonly disabled: boolean;
  /** What was typed, without outer spaces, once it is another than was given. */
  readonly onAnswer: (text: string) => void;
}

/** The answer to a finding, kept when the field is left or Enter is pressed. */
export function AnswerField({ asks, given, disabled, onAnswer }: AnswerFieldProps) {
  const [typed, setTyped] = useState(given);
  const keep = (): void => {
    const text = typed.trim();
    if (text !== given) onAnswer(text);
  };
  return (
    <TextInput
      label={asks ? 'Answer, and who gave it' : 'Why it is accepted'}
      value={typed}
      disabled={disabled}
      maxLength={500}
      onChange={(event) => {
        setTyped(event.currentTarget.value);
      }}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
      }}
    />
  );
}
