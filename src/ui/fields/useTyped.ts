import { useState } from 'react';

interface Typed {
  readonly text: string;
  /** What the value printed once this was typed; null until that is known. */
  readonly over: string | null;
}

/**
 * What is being typed over a value. It is kept, also where the value does not take it, until the field is left or
 * the value is changed elsewhere: by undo, by another tab, by a fix.
 */
export function useTyped(shown: string) {
  const [typed, setTyped] = useState<Typed | null>(null);
  const kept = typed !== null && (typed.over === null || typed.over === shown) ? typed : null;
  // The first value after the keystroke is what it came to; any other one came from elsewhere.
  if (typed !== kept) setTyped(kept);
  else if (typed?.over === null) setTyped({ text: typed.text, over: shown });
  return {
    text: kept?.text ?? null,
    type: (text: string): void => {
      setTyped({ text, over: null });
    },
    forget: (): void => {
      setTyped(null);
    },
  };
}
