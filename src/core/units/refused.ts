/** Input that was not understood: what was typed is kept, and what would be accepted is said. */
export interface Refused {
  readonly refused: true;
  /** What was typed, unchanged. */
  readonly got: string;
  /** What is accepted, ready to stand after "Type". */
  readonly accepts: string;
}

/** A refusal of `got`, naming what is accepted. */
export const refuse = (got: string, accepts: string): Refused => ({ refused: true, got, accepts });

/** Whether a parsed value is a refusal. */
export const isRefused = (value: unknown): value is Refused =>
  typeof value === 'object' && value !== null && 'refused' in value;
