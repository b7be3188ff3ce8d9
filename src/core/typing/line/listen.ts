import type { FamilyId } from '../../appliances/registry';
import type { TypedFigures } from '../../appliances/typedWords';
import { isRefused } from '../../units/refused';
import { parseWireSize } from '../../units/wireSize';
import { allNames, isNameOf, phraseAt, type Named } from './families';
import { LEXICON } from './lexicon';
import type { FigureLabel, Meaning } from './meaning';
import { nearest } from './near';
import type { Figure, Measured, Said, Stretch, Unread } from './said';
import type { Token } from './tokens';

const MOST_WORDS = 4;
/** Said of a figure for which a circuit has no field. */
export const AS_NOTE = 'kept as a note';

const VOLTS = new Set([110, 115, 120, 125, 208, 220, 230, 240, 250, 277, 480]);
/** A bare number that is one of these is the voltage: no breaker and no plate has it. */
const BARE_VOLTS = new Set([120, 208, 220, 230, 240, 277, 480]);
const CABLE_SIZES = new Set([14, 12, 10, 8, 6, 4, 3, 2, 1]);

/** Between a number and the place that it is of stand so few words. */
const MOST_BETWEEN = 3;
/** So near a disconnect may stand to its equipment, feet: no run is that short. */
const NEAR_FT = 10;
/** Nobody says more of them in a line. */
const MOST_COUNTED = 6;
const INSULATION = /^(?:thhn|thwn|xhhw)/i;

const NOWHERE: Stretch = { method: null, lengthFt: null, place: null };
/** No breaker is smaller. */
const LEAST_BREAKER_A = 10;

type Growing = { -readonly [K in keyof TypedFigures]: TypedFigures[K] };

/** Whether marks of a plate stand before their figures, "mca 24 mocp 35", and not behind them: the last of them says. */
function labelsLead(tokens: readonly Token[]): boolean {
  const last = tokens.findLastIndex(({ word }) => /^(?:mca|mocp|mop|fuse)$/i.test(word));
  const next = tokens[last + 1]?.is;
  return last >= 0 && (next?.kind === 'number' || (next?.kind === 'measure' && next.of === 'amps'));
}

/** Goes through a line from left to right and keeps what each word says. */
export class Listener {
  readonly #tokens: readonly Token[];
  readonly #family: FamilyId;
  readonly #nameAt: number;
  readonly #figures: Figure[] = [];
  readonly #typed: Growing & { words: Set<string> };
  readonly #stretches: Stretch[] = [];
  readonly #unread: Unread[] = [];
  #now: Stretch = NOWHERE;
  #stands: Stretch['place'] = null;
  #material: Said['material'] = null;
  #size: Said['size'] = null;
  #gfci: boolean | null = null;
  readonly #measured = new Map<Measured, Token>();
  #pending: FigureLabel | undefined;
  /** The last length in feet, and what stood before it. */
  #lastFt: { readonly token: Token; readonly before: Stretch; readonly stretches: number } | undefined;
  /** Whether the last thing that was read is a figure that nobody spoke of yet. */
  #open = false;

  constructor(tokens: readonly Token[], { family, name, at, count }: Named) {
    this.#tokens = tokens;
    this.#family = family;
    this.#nameAt = at;
    this.#typed = { building: false, words: new Set([name, ...name.split(' ')]) };
    for (const [phrase, meaning] of LEXICON)
      if (name.includes(phrase)) {
        if (meaning.is === 'plate-word') this.#typed.words.add(meaning.word);
        if (meaning.is === 'gfci' && name !== phrase) this.#gfci = meaning.gfci;
        if (meaning.is === 'place' && family === 'receptacle' && name !== phrase) this.#place(meaning);
      }
    for (let next = 0; next < tokens.length;) {
      if (next === at) this.#stand();
      next += next === at ? count : this.#hear(next, at);
    }
  }

  /** "Carport charger": where the thing stands, which is a place of the run only where no other is named. */
  #stand(): void {
    const { method, lengthFt, place } = this.#now;
    if (place === null || method !== null || lengthFt !== null) return;
    this.#stands = place;
    this.#now = NOWHERE;
  }

  #settle(): void {
    this.#turn();
    const [out, down] = this.#stretches.slice(-2);
    // "To the post in the drive, 60 ft buried": it ends outdoors, and all of it is in the ground.
    if (
      out?.place === 'outdoor' &&
      down?.place === 'underground' &&
      down.lengthFt === null &&
      out.lengthFt !== null
    )
      this.#stretches.splice(-2, 2, { ...out, place: 'underground', method: out.method ?? down.method });
    const [whole, ...parts] = this.#stretches;
    const sum = parts.reduce((ft, { lengthFt }) => ft + (lengthFt ?? 0), 0);
    // What was said of the whole is not a part of it.
    if (whole?.lengthFt === sum && whole.method === null && whole.place === null && parts.length > 1)
      this.#stretches.shift();
    const place = this.#stands;
    if (place === null || this.#stretches.some((each) => each.place !== null)) return;
    const [first = NOWHERE] = this.#stretches;
    this.#stretches.splice(0, 1, { ...first, place });
  }

  /** What the line said. */
  said(): Said {
    this.#settle();
    return {
      figures: this.#figures,
      measured: this.#measured,
      typed: this.#typed,
      stretches: this.#stretches,
      material: this.#material,
      size: this.#size,
      gfci: this.#gfci,
      unread: this.#unread,
    };
  }

  /** Takes the next words; how many of them. */
  #hear(at: number, nameAt: number): number {
    for (let count = MOST_WORDS; count > 0; count -= 1) {
      if (at < nameAt && at + count > nameAt) continue;
      const phrase = phraseAt(this.#tokens, at, count);
      if (phrase === undefined) continue;
      const meaning = LEXICON.get(phrase);
      if (meaning !== undefined) {
        this.#mean(meaning, at, count);
        return count;
      }
      if (isNameOf(phrase, this.#family)) return count;
    }
    const token = this.#tokens[at];
    if (token !== undefined) this.#one(token);
    return 1;
  }

  #one(token: Token): void {
    const { is } = token;
    switch (is.kind) {
      case 'word':
        this.#guess(token, is.text);
        return;
      case 'number':
        this.#figure(token, is.value, false);
        return;
      case 'measure':
        this.#measure(token, is);
        return;
      case 'pair':
        this.#pair(token, is);
        return;
      case 'sum':
        this.#typed.sum = is.values;
        this.#measured.set('sum', token);
        return;
      case 'receptacle':
        this.#typed.receptacle = is.id;
        this.#typed.connection = 'receptacle';
        this.#typed.wires ??= is.id.startsWith('14') || is.id.startsWith('L14') ? 4 : 3;
        return;
      case 'stop':
        if (is.hard) this.#turn();
        this.#open = false;
        return;
    }
  }

  #mean(meaning: Meaning, at: number, count: number): void {
    switch (meaning.is) {
      case 'method':
        if (this.#now.method !== null && this.#now.method !== meaning.method) this.#turn();
        this.#now = { ...this.#now, method: meaning.method };
        return;
      case 'place':
        this.#place(meaning);
        return;
      case 'material':
        this.#material = meaning.material;
        this.#sizeBefore();
        return;
      case 'building':
        this.#typed.building = true;
        return;
      case 'neutral':
        this.#typed.neutral = meaning.neutral;
        if (this.#tokens[at]?.is.kind === 'pair') this.#typed.volts ??= 240;
        return;
      case 'gfci':
        this.#gfci = meaning.gfci;
        return;
      case 'connection':
        this.#typed.connection = meaning.connection;
        return;
      case 'label':
        this.#label(meaning.label);
        return;
      case 'plate-word':
        this.#typed.words.add(meaning.word);
        return;
      case 'then':
        this.#turn();
        return;
      case 'apart':
        this.#apart();
        return;
      case 'note': {
        const { word = '' } = this.#tokens[at] ?? {};
        if (INSULATION.test(word)) this.#sizeBefore();
        // "7 ft disconnect": how far it stands off the water, no run.
        if (/^disconnect/i.test(word) && this.#lastFt?.token === this.#tokens[at - 1] && this.#isNear())
          this.#apart();
        const last = this.#unread.at(-1);
        const { from = 0 } = this.#tokens[at] ?? {};
        const joined = last !== undefined && last.suggestion === AS_NOTE && from - last.to <= 1;
        if (!joined) for (const token of this.#tokens.slice(at, at + count)) this.#keep(token, AS_NOTE);
        return;
      }
      case 'joiner':
    }
  }

  /** "4 al", "6 thhn": a bare number before the metal or the insulation is the size of it. */
  #sizeBefore(): void {
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
    if (this.#lastFt === undefined) return false;
    const next = this.#tokens.indexOf(token) + 1;
    for (let at = next; at < next + MOST_BETWEEN; at += 1) {
      const meaning = LEXICON.get(phraseAt(this.#tokens, at, 1) ?? '');
      if (meaning?.is === 'place') return true;
      if (meaning?.is !== 'joiner') return false;
    }
    return false;
  }

  #place({ place, room, method }: Extract<Meaning, { readonly is: 'place' }>): void {
    if (this.#now.place !== null && this.#now.place !== place) this.#turn();
    this.#now = { ...this.#now, place, method: this.#now.method ?? method ?? null };
    this.#typed.room ??= room;
  }

  #label(label: FigureLabel): void {
    const last = this.#figures.at(-1);
    const leads = (label === 'mca' || label === 'mocp') && labelsLead(this.#tokens);
    if (!leads && this.#open && last !== undefined && last.label === undefined) {
      if (label === 'length' && !last.isAmps) {
        this.#figures.pop();
        this.#length(last.value);
      } else if (label === 'breaker' && !last.isAmps && last.value < LEAST_BREAKER_A) {
        // "2 circuits" are two of them.
        this.#figures.pop();
        this.#keep(last.token, null);
      } else this.#figures[this.#figures.length - 1] = { ...last, label };
      this.#open = false;
    } else this.#pending = label;
  }

  #figure(token: Token, value: number, isAmps: boolean): void {
    // "Run a 50 A circuit": nothing runs 50 A long.
    const label = this.#pending === 'length' && isAmps ? undefined : this.#pending;
    this.#pending = undefined;
    if (label === 'length' || (!isAmps && label === undefined && this.#isFeet(token))) this.#length(value);
    else if (!isAmps && label === undefined && this.#isCount(token, value)) this.#keep(token, null);
    else if (!isAmps && label === undefined && BARE_VOLTS.has(value)) {
      this.#typed.volts = value;
      this.#measured.set('volts', token);
    } else if (label === 'size' && !isAmps) this.#wire(token, `${value}`);
    else {
      this.#figures.push({ token, value, isAmps, label });
      this.#open = label === undefined;
    }
  }

  /** "8 ft from the tub": a distance, no length of the run. */
  #apart(): void {
    const last = this.#lastFt;
    if (last === undefined) return;
    this.#now = last.before;
    this.#stretches.splice(last.stretches);
    this.#keep(last.token, AS_NOTE);
    this.#lastFt = undefined;
  }

  #isNear(): boolean {
    return (this.#now.lengthFt ?? Infinity) <= NEAR_FT;
  }

  #length(ft: number): void {
    if (this.#now.lengthFt !== null) this.#turn();
    this.#now = { ...this.#now, lengthFt: ft };
  }

  #wire(token: Token, text: string): void {
    const size = parseWireSize(text);
    if (isRefused(size)) this.#keep(token, null);
    else this.#size = size;
  }

  #measure(token: Token, is: Extract<Token['is'], { readonly kind: 'measure' }>): void {
    if (is.of === 'amps') {
      this.#figure(token, is.value, true);
      return;
    }
    this.#open = false;
    if (is.of !== 'volts') this.#pending = undefined;
    switch (is.of) {
      case 'ft':
        this.#lastFt = { token, before: this.#now, stretches: this.#stretches.length };
        this.#length(Math.round(is.value * 1000) / 1000);
        return;
      case 'size':
        this.#wire(token, is.text);
        return;
      case 'wires':
        if (is.value === 2 || is.value === 3 || is.value === 4) this.#typed.wires = is.value;
        else this.#keep(token, null);
        return;
      case 'poles':
        if (is.value === 1) this.#typed.volts ??= 120;
        return;
      case 'count':
        if (this.#family === 'water-heater') this.#typed.count = is.value;
        else this.#keep(token, null);
        return;
      case 'in':
        // "20 in the attic": no inches.
        if (this.#isFeet(token) && /in$/i.test(token.word)) this.#length(is.value);
        else this.#keep(token, AS_NOTE);
        return;
      case 'tons':
      case 'other':
        this.#keep(token, AS_NOTE);
        return;
      case 'phase':
        this.#typed.phase = is.value;
        this.#measured.set('phase', token);
        return;
      case 'kw':
        // "4.8 kw oven and 7.4 kw cooktop": both of them on one circuit.
        if (this.#typed.kw !== undefined && this.#family === 'cooktop-oven') {
          this.#typed.sum = [...(this.#typed.sum ?? [this.#typed.kw]), is.value];
          this.#measured.delete('kw');
        } else {
          this.#typed.kw = is.value;
          this.#measured.set('kw', token);
        }
        return;
      default:
        this.#typed[is.of] = is.value;
        this.#measured.set(is.of, token);
        return;
    }
  }

  #pair(token: Token, { a, b }: { readonly a: number; readonly b: number }): void {
    if (VOLTS.has(a) && VOLTS.has(b)) {
      this.#typed.volts = b;
      if (a === 120 && b === 240) this.#typed.neutral ??= true;
    } else if (CABLE_SIZES.has(a) && (b === 2 || b === 3 || (b === 4 && a > 4))) {
      this.#wire(token, `${a}`);
      this.#typed.wires = b === 2 ? 3 : 4;
    } else if (token.word.includes('/') && a < b && b <= 8 && a >= 1) {
      // A trade size.
      this.#keep(token, AS_NOTE);
    } else if (a > 8 && b >= a) {
      this.#typed.mca = a;
      this.#typed.mocp = b;
      this.#measured.set('mca', token);
    } else this.#keep(token, null);
  }

  /** A word that is in no list: read where it is a slip of one letter, else kept with what it may have been. */
  #guess(token: Token, text: string): void {
    if (!/[a-z]/.test(text)) return;
    const { sure, suggestion } = nearest(text, LEXICON.keys());
    const meaning = sure === null ? undefined : LEXICON.get(sure);
    if (meaning === undefined || meaning.is === 'joiner' || meaning.is === 'note')
      this.#keep(token, suggestion ?? nearest(text, allNames()).suggestion);
    else this.#mean(meaning, this.#tokens.indexOf(token), 1);
  }

  #keep({ word, from, to }: Token, suggestion: string | null): void {
    this.#unread.push({ word, from, to, suggestion });
  }

  /** The stretch so far is whole; what follows belongs to the next. */
  #turn(): void {
    const { method, lengthFt, place } = this.#now;
    if (method === null && lengthFt === null && place === null) return;
    this.#stretches.push(this.#now);
    this.#now = NOWHERE;
  }
}
