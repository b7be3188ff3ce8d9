import type { FamilyId } from '../../appliances/registry';
import type { TypedFigures } from '../../appliances/typedWords';
import { isRefused } from '../../units/refused';
import { parseWireSize } from '../../units/wireSize';
import { phraseAt, type Named } from './families';
import { HeardRun } from './heardRun';
import { LEXICON } from './lexicon';
import type { FigureLabel } from './meaning';
import type { Figure, Measured, Said, Unread } from './said';
import type { Token } from './tokens';

/** Said of a figure for which a circuit has no field. */
export const AS_NOTE = 'kept as a note';

const VOLTS = new Set([110, 115, 120, 125, 208, 220, 230, 240, 250, 277, 480]);
/** A bare number that is one of these is the voltage: no breaker and no plate has it. */
const BARE_VOLTS = new Set([120, 208, 220, 230, 240, 277, 480]);
const CABLE_SIZES = new Set([14, 12, 10, 8, 6, 4, 3, 2, 1]);

/** Between a number and the place that it is of stand so few words. */
const MOST_BETWEEN = 3;
/** Nobody says more of them in a line. */
const MOST_COUNTED = 6;
/** No breaker is smaller. */
const LEAST_BREAKER_A = 10;

type Growing = { -readonly [K in keyof TypedFigures]: TypedFigures[K] };

/** Whether marks of a plate stand before their figures, "mca 24 mocp 35", and not behind them: the last of them says. */
function labelsLead(tokens: readonly Token[]): boolean {
  const last = tokens.findLastIndex(({ word }) => /^(?:mca|mocp|mop|fuse)$/i.test(word));
  const next = tokens[last + 1]?.is;
  return last >= 0 && (next?.kind === 'number' || (next?.kind === 'measure' && next.of === 'amps'));
}

/** What the numbers of a line are, as they are heard from left to right. */
export class HeardFigures {
  readonly #tokens: readonly Token[];
  readonly #family: FamilyId;
  readonly #nameAt: number;
  readonly #figures: Figure[] = [];
  #size: Said['size'] = null;
  #pending: FigureLabel | undefined;
  /** Whether the last thing that was read is a figure that nobody spoke of yet. */
  #open = false;
  readonly run = new HeardRun();
  readonly typed: Growing & { words: Set<string> };
  readonly unread: Unread[] = [];
  readonly measured = new Map<Measured, Token>();

  constructor(tokens: readonly Token[], { family, name, at }: Named) {
    this.#tokens = tokens;
    this.#family = family;
    this.#nameAt = at;
    this.typed = { building: false, words: new Set([name, ...name.split(' ')]) };
  }

  /** What was heard of numbers and of the run. */
  heard(): Pick<Said, 'figures' | 'measured' | 'typed' | 'stretches' | 'size' | 'unread'> {
    return {
      figures: this.#figures,
      measured: this.measured,
      typed: this.typed,
      stretches: this.run.whole(),
      size: this.#size,
      unread: this.unread,
    };
  }

  /** What follows belongs to other words than the last figure. */
  close(): void {
    this.#open = false;
  }

  /** "4 al", "6 thhn": a bare number before the metal or the insulation is the size of it. */
  sizeBefore(): void {
    const last = this.#figures.at(-1);
    if (!this.#open || last?.label !== undefined || last?.isAmps !== false || !CABLE_SIZES.has(last.value))
      return;
    this.#figures.pop();
    this.#open = false;
    this.#wire(last.token, `${last.value}`);
  }

  /** "Two chargers": how many of a thing that stands alone on its circuit. */
  #isCount(token: Token, value: number): boolean {
    return value <= MOST_COUNTED && this.#family !== 'receptacle' && this.#tokens[this.#nameAt - 1] === token;
  }

  /** "60 ft, 20 in the attic, 40 underground": where feet were said, a bare number with a place after it is more of them. */
  #isFeet(token: Token): boolean {
    if (!this.run.isMeasured) return false;
    const next = this.#tokens.indexOf(token) + 1;
    for (let at = next; at < next + MOST_BETWEEN; at += 1) {
      const meaning = LEXICON.get(phraseAt(this.#tokens, at, 1) ?? '');
      if (meaning?.is === 'place') return true;
      if (meaning?.is !== 'joiner') return false;
    }
    return false;
  }

  /** What a figure before or after is: "60 a breaker", "output 48". */
  label(label: FigureLabel): void {
    const last = this.#figures.at(-1);
    const leads = (label === 'mca' || label === 'mocp') && labelsLead(this.#tokens);
    if (!leads && this.#open && last !== undefined && last.label === undefined) {
      if (label === 'length' && !last.isAmps) {
        this.#figures.pop();
        this.run.length(last.value);
      } else if (label === 'breaker' && !last.isAmps && last.value < LEAST_BREAKER_A) {
        // "2 circuits" are two of them.
        this.#figures.pop();
        this.keep(last.token, null);
      } else this.#figures[this.#figures.length - 1] = { ...last, label };
      this.#open = false;
    } else this.#pending = label;
  }

  /** A number that no unit but amperes stands with. */
  figure(token: Token, value: number, isAmps: boolean): void {
    // "Run a 50 A circuit": nothing runs 50 A long.
    const label = this.#pending === 'length' && isAmps ? undefined : this.#pending;
    this.#pending = undefined;
    if (label === 'length' || (!isAmps && label === undefined && this.#isFeet(token))) this.run.length(value);
    else if (!isAmps && label === undefined && this.#isCount(token, value)) this.keep(token, null);
    else if (!isAmps && label === undefined && BARE_VOLTS.has(value)) {
      this.typed.volts = value;
      this.measured.set('volts', token);
    } else if (label === 'size' && !isAmps) this.#wire(token, `${value}`);
    else {
      this.#figures.push({ token, value, isAmps, label });
      this.#open = label === undefined;
    }
  }

  /** "8 ft from the tub": a distance, no length of the run. */
  apart(): void {
    const token = this.run.apart();
    if (token !== undefined) this.keep(token, AS_NOTE);
  }

  #wire(token: Token, text: string): void {
    const size = parseWireSize(text);
    if (isRefused(size)) this.keep(token, null);
    else this.#size = size;
  }

  /** A number with its unit. */
  measure(token: Token, is: Extract<Token['is'], { readonly kind: 'measure' }>): void {
    if (is.of === 'amps') {
      this.figure(token, is.value, true);
      return;
    }
    this.#open = false;
    if (is.of !== 'volts') this.#pending = undefined;
    switch (is.of) {
      case 'ft':
        this.run.length(Math.round(is.value * 1000) / 1000, token);
        return;
      case 'size':
        this.#wire(token, is.text);
        return;
      case 'wires':
        if (is.value === 2 || is.value === 3 || is.value === 4) this.typed.wires = is.value;
        else this.keep(token, null);
        return;
      case 'poles':
        if (is.value === 1) this.typed.volts ??= 120;
        return;
      case 'count':
        if (this.#family === 'water-heater') this.typed.count = is.value;
        else this.keep(token, null);
        return;
      case 'in':
        // "20 in the attic": no inches.
        if (this.#isFeet(token) && /in$/i.test(token.word)) this.run.length(is.value);
        else this.keep(token, AS_NOTE);
        return;
      case 'tons':
      case 'other':
        this.keep(token, AS_NOTE);
        return;
      case 'phase':
        this.typed.phase = is.value;
        this.measured.set('phase', token);
        return;
      case 'kw':
        // "4.8 kw oven and 7.4 kw cooktop": both of them on one circuit.
        if (this.typed.kw !== undefined && this.#family === 'cooktop-oven') {
          this.typed.sum = [...(this.typed.sum ?? [this.typed.kw]), is.value];
          this.measured.delete('kw');
        } else {
          this.typed.kw = is.value;
          this.measured.set('kw', token);
        }
        return;
      default:
        this.typed[is.of] = is.value;
        this.measured.set(is.of, token);
        return;
    }
  }

  /** Two numbers with a stroke between: volts, a cable, a trade size, MCA and MOCP. */
  pair(token: Token, { a, b }: { readonly a: number; readonly b: number }): void {
    if (VOLTS.has(a) && VOLTS.has(b)) {
      this.typed.volts = b;
      if (a === 120 && b === 240) this.typed.neutral ??= true;
    } else if (CABLE_SIZES.has(a) && (b === 2 || b === 3 || (b === 4 && a > 4))) {
      this.#wire(token, `${a}`);
      this.typed.wires = b === 2 ? 3 : 4;
    } else if (token.word.includes('/') && a < b && b <= 8 && a >= 1) {
      // A trade size.
      this.keep(token, AS_NOTE);
    } else if (a > 8 && b >= a) {
      this.typed.mca = a;
      this.typed.mocp = b;
      this.measured.set('mca', token);
    } else this.keep(token, null);
  }

  /** A word stays where it was typed: with what it may have been, or as a note. */
  keep({ word, from, to }: Token, suggestion: string | null): void {
    this.unread.push({ word, from, to, suggestion });
  }
}
