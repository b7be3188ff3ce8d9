import type { Citation } from '../code/sections';
import type { CellRead, TableKey } from '../code/tableSet';
import { printNumber } from '../units/number';
import { isRefused } from '../units/refused';
import { parseTradeSize } from '../units/tradeSize';
import { parseWireSize, printWireSize, sizeRank, type WireSize } from '../units/wireSize';

/** What an answer is: a number to a decimal, a wire, a raceway, or a word of those offered. */
export type AnswerKind =
  | { readonly kind: 'number'; readonly unit: string }
  | { readonly kind: 'wire' | 'trade' }
  | { readonly kind: 'word'; readonly words: readonly string[] };

/** A rule that is none, with what it gives. */
export interface WrongRule {
  readonly id: string;
  /** What was done: "60 °C column for 19 A". */
  readonly words: string;
  readonly working: string;
  readonly answer: string;
}

/** One figure that is asked. */
export interface Figure {
  readonly id: string;
  readonly name: string;
  /** What it is for: "smallest that may be used". */
  readonly hint: string;
  readonly is: AnswerKind;
  /** The one right answer, as it is written. */
  readonly answer: string;
  readonly working: string;
  readonly cite: Citation;
  /** The cell that it is read in; null where it is worked out. */
  readonly read: CellRead | null;
  /** What of a table answers it when a cell is chosen; null: it is worked out from cells. */
  readonly picks: 'cell' | 'row' | 'column' | null;
  /** Every wrong rule that gives something else. */
  readonly wrong: readonly WrongRule[];
  /** More is safe ("up": a heavier wire), or less ("down": a smaller breaker); null where neither is. */
  readonly safe: 'up' | 'down' | null;
}

/** What is on the plate, and what is asked of it. */
export interface Drill {
  readonly plate: string;
  readonly lines: readonly (readonly [label: string, value: string])[];
  readonly figures: readonly Figure[];
  /** Tables that are in view, one of which is right for each figure that is read. */
  readonly tables: readonly CellRead[];
}

/** A cell of a table; without a row the table alone. */
export const cellOf = (table: TableKey, row = '', column = ''): CellRead => ({ table, row, column });

/** A number as an answer: to a tenth, no idle zeros. */
export const numberAnswer = (value: number): string => printNumber(value, 1);

/** A wire as an answer. */
export const wireAnswer = (size: WireSize): string => printWireSize(size);

/** A wrong rule as it is listed, before what it gives is compared with what is right. */
export type Tried = readonly [id: string, words: string, working: string, answer: string | undefined];

/** Wrong rules that give something, and something else than what is right. */
export const wrongRules = (answer: string, tried: readonly Tried[]): readonly WrongRule[] =>
  tried.flatMap(([id, words, working, gives]) =>
    gives === undefined || gives === answer ? [] : [{ id, words, working, answer: gives }],
  );

/** An answer as it is typed, written as answers are; undefined where it is none of its kind. */
export function readAnswer(is: AnswerKind, typed: string): string | undefined {
  const text = typed.trim();
  switch (is.kind) {
    case 'number': {
      const value = Number(
        text
          .toLowerCase()
          .replace(/,/g, '.')
          .replace(/[^0-9.]+$/, ''),
      );
      return !/\d/.test(text) || !Number.isFinite(value) ? undefined : numberAnswer(value);
    }
    case 'wire': {
      const size = parseWireSize(text);
      return isRefused(size) ? undefined : wireAnswer(size);
    }
    case 'trade': {
      const trade = parseTradeSize(text);
      return isRefused(trade) ? undefined : trade;
    }
    case 'word':
      return is.words.find((word) => word.toLowerCase() === text.toLowerCase());
  }
}

/** What an answer comes to. */
export interface Judgment {
  readonly right: boolean;
  /** Wrong rules that give just this answer. */
  readonly by: readonly WrongRule[];
  /** Whether it would hold all the same: heavier than asked. Null where that is not to be said. */
  readonly holds: boolean | null;
}

/** The rank of an answer among those of its kind; undefined where they have none. */
function rankOf(is: AnswerKind, answer: string): number | undefined {
  if (is.kind === 'number') return Number(answer);
  if (is.kind !== 'wire') return undefined;
  const size = parseWireSize(answer);
  return isRefused(size) ? undefined : sizeRank(size);
}

/** What an answer to a figure comes to. */
export function judge(figure: Figure, answer: string): Judgment {
  if (answer === figure.answer) return { right: true, by: [], holds: null };
  const [given, wanted] = [rankOf(figure.is, answer), rankOf(figure.is, figure.answer)];
  const holds =
    figure.safe === null || given === undefined || wanted === undefined
      ? null
      : figure.safe === 'up'
        ? given > wanted
        : given < wanted;
  return { right: false, by: figure.wrong.filter((rule) => rule.answer === answer), holds };
}
