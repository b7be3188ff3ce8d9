import type { FieldProblem } from '../job/zodProblem';

/** One line of a working, in words. */
export interface WorkingLine {
  readonly step: string;
  readonly formula: string;
  readonly result: string;
  readonly rule: string;
  readonly table?: { readonly id: string; readonly row: string; readonly column: string };
}

/** A finding in words, with its fixes. */
export interface FindingLine {
  readonly code: string;
  readonly standing: string;
  readonly text: string;
  readonly rule: string;
  readonly remedies: readonly { readonly text: string; readonly costUSD: number }[];
}

/** What one item of a worksheet came to. */
export interface ItemAnswer {
  readonly id: string;
  readonly kind: string;
  readonly result: Readonly<Record<string, unknown>>;
  readonly findings: readonly FindingLine[];
  readonly working: readonly WorkingLine[];
}

/** An item that could not be read; the others are answered all the same. */
export interface ItemError {
  readonly id: string;
  readonly kind: string;
  readonly error: FieldProblem;
}

/** An answer, or why there is none. */
export type ItemOutcome = ItemAnswer | ItemError;

/** Whether an item was not valid. */
export const isItemError = (outcome: ItemOutcome): outcome is ItemError => 'error' in outcome;

/** A figure that was not given and was taken as usual: said in the working, never silent. */
const defaultLine = (field: string, value: unknown): WorkingLine => ({
  step: field,
  formula: 'not given: taken as',
  result: String(value),
  rule: 'default',
});

/** Lines for those of the fields that the item left out. */
export const defaultLines = (
  given: Readonly<Record<string, unknown>>,
  taken: Readonly<Record<string, unknown>>,
): readonly WorkingLine[] =>
  Object.entries(taken)
    .filter(([field]) => given[field] === undefined)
    .map(([field, value]) => defaultLine(field, value));
