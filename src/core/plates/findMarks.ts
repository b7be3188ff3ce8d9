import { LABELS, type Label } from './labels';
import type { MarkName, MarkValue, Reading } from './mark';
import type { Box } from './picture/gray';
import { boxAround } from './readWord';
import { wordsWithin, type TextLine } from './textLines';
import { inRows, withTorques } from './together';
import { BY_UNIT, valueIn, withDigits } from './valueText';

/** A stretch of a line that a label or a value has taken. */
interface Taken {
  readonly from: number;
  readonly to: number;
}

interface Labelled extends Taken {
  readonly label: Label;
}

/** A value stands near its label: so many letters after it, or from the beginning of what stands below it. */
const NEAR = 3;
/** The same for a figure of amperes, volts or watts beside its label: a word may stand between. */
const FAR = 8;
/** How sure a figure is whose letters were taken for the digits that they look like. */
const GUESSED_SCORE = 40;

/** How a text ends whose last figure belongs to the unit that follows. */
const BEFORE_UNIT: Readonly<Partial<Record<MarkName, RegExp>>> = {
  phase: /(^|[^\d.])[13] ?-?$/,
  hz: /(^|\D)[56]0 ?$/,
  hp: /(^| )(\d{1,2}[.,]\d{1,2}|\d{1,2}|(\d{1,2}[ -])?\d\/\d) ?$/,
  kW: /(^| )\d{1,2},?\d{0,3}([.,]\d{1,2})? ?$/,
};

const overlaps = (a: Taken, b: Taken): boolean => a.from < b.to && b.from < a.to;

/** The labels of a line from left to right, none over another. */
function labelsOf({ text }: TextLine): readonly Labelled[] {
  const found: Labelled[] = [];
  for (const label of LABELS)
    for (const match of text.matchAll(label.printed)) {
      const stretch = { label, from: match.index, to: match.index + match[0].trimEnd().length };
      const isPartOfName = text[stretch.from - 1] === '-' || /^-\w/.test(text.slice(stretch.to));
      if (match[0].trim() === '' || isPartOfName || found.some((other) => overlaps(other, stretch))) continue;
      found.push(stretch);
    }
  return found.toSorted((a, b) => a.from - b.from);
}

/** Reads the lines of a plate. Nothing is read twice: what a label has taken is not read by its unit. */
class MarkReader {
  readonly #lines: readonly TextLine[];
  readonly #labels: readonly (readonly Labelled[])[];
  readonly #taken: Taken[][];
  readonly #found: Reading[] = [];

  constructor(lines: readonly TextLine[]) {
    this.#lines = lines;
    this.#labels = lines.map(labelsOf);
    this.#taken = lines.map(() => []);
  }

  read(): readonly Reading[] {
    for (const [at, labels] of this.#labels.entries())
      for (const [index, each] of labels.entries()) this.#beside(at, each, labels[index + 1]?.from);
    for (const at of this.#lines.keys()) this.#byUnit(at);
    return this.#found;
  }

  #keep(at: number, mark: MarkName, unit: string | null, value: MarkValue, taken: Taken, most = 100): void {
    const line = this.#lines[at];
    if (line === undefined) return;
    const words = wordsWithin(line, taken.from, taken.to);
    this.#taken[at]?.push(taken);
    this.#found.push({
      mark,
      value,
      unit,
      text: line.text.slice(taken.from, taken.to).trim(),
      box: boxAround(words.map(({ box }) => box)),
      score: Math.min(most, ...words.map(({ score }) => score)),
      row: null,
    });
  }

  /** What stands right of a label, before the next one; else below it; where a unit follows the label, before it. */
  #beside(at: number, { label, from, to }: Labelled, next: number | undefined): void {
    const line = this.#lines[at];
    if (line === undefined) return;
    const { mark, kind, unit } = label;
    const taken = this.#taken[at] ?? [];
    const last = Math.max(0, ...taken.filter((each) => each.to <= from).map((each) => each.to));
    // "60 HZ", "1 PH": what stands before its unit is read by it.
    if (BEFORE_UNIT[mark]?.test(line.text.slice(last, from)) === true) return;
    const right = valueIn(line.text.slice(to, next), kind, mark);
    if (right !== undefined && right.from <= (kind === 'number' ? NEAR : FAR)) {
      this.#keep(at, mark, unit, right.value, { from: to + right.from, to: to + right.to });
      return;
    }
    const repaired = kind === 'amps' ? withDigits(line.text.slice(to, next)) : undefined;
    const guessed = repaired === undefined ? undefined : valueIn(repaired, kind, mark);
    if (guessed === undefined) this.#below(at, { label, from, to });
    else
      this.#keep(
        at,
        mark,
        unit,
        guessed.value,
        { from: to + guessed.from, to: to + guessed.to },
        GUESSED_SCORE,
      );
  }

  #below(at: number, { label: { mark, kind, unit }, from, to }: Labelled): void {
    const line = this.#lines[at];
    if (line === undefined) return;
    const label = this.#cellOf(at, from, to);
    for (const [index, other] of this.#lines.entries()) {
      const down = other.box.y - label.y - label.height;
      if (index <= at || down < -0.5 * label.height || down > 2.2 * label.height) continue;
      const words = other.words.filter(
        ({ box }) =>
          box.x < label.x + label.width * 1.5 + label.height && box.x + box.width > label.x - label.height,
      );
      const [first] = words;
      const start = first === undefined ? undefined : other.starts[other.words.indexOf(first)];
      if (start === undefined) continue;
      const end = start + words.reduce((sum, { text }) => sum + text.length + 1, -1);
      if ((this.#labels[index] ?? []).some((each) => overlaps(each, { from: start, to: end }))) continue;
      if ((this.#taken[index] ?? []).some((each) => overlaps(each, { from: start, to: end }))) continue;
      const below = valueIn(other.text.slice(start, end), kind, mark);
      if (below === undefined || below.from > NEAR) continue;
      this.#keep(index, mark, unit, below.value, { from: start + below.from, to: start + below.to });
      return;
    }
  }

  /** The box of a label with the words that lead to it: a value below stands at the left of the cell, under the first of them. */
  #cellOf(at: number, from: number, to: number): Box {
    const line = this.#lines[at];
    if (line === undefined) return boxAround([]);
    const others = (this.#labels[at] ?? []).filter((each) => each.to <= from);
    const since = Math.max(0, ...others.map((each) => each.to));
    const cell = [...wordsWithin(line, from, to)];
    for (const word of wordsWithin(line, since, from).toReversed()) {
      const left = boxAround(cell.map(({ box }) => box)).x;
      if (left - word.box.x - word.box.width > word.box.height) break;
      cell.push(word);
    }
    return boxAround(cell.map(({ box }) => box));
  }

  #byUnit(at: number): void {
    const line = this.#lines[at];
    if (line === undefined) return;
    for (const { mark, unit, printed, value } of BY_UNIT)
      for (const match of line.text.matchAll(printed)) {
        const stretch = { from: match.index, to: match.index + match[0].length };
        const read = value(match);
        if (read === undefined || (this.#taken[at] ?? []).some((each) => overlaps(each, stretch))) continue;
        this.#keep(at, mark, unit, read, stretch);
      }
  }
}

/** The marks that lines of a plate show, each with where it stands; a mark may be found several times. */
export const findMarks = (lines: readonly TextLine[]): readonly Reading[] =>
  withTorques(inRows(new MarkReader(lines).read()), lines);
