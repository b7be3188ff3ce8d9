import type { FamilyId } from '../../appliances/registry';
import { allNames, isNameOf, phraseAt, type Named } from './families';
import { AS_NOTE, HeardFigures } from './heardFigures';
import { LEXICON } from './lexicon';
import type { Meaning } from './meaning';
import { nearest } from './near';
import type { Said } from './said';
import type { Token } from './tokens';

const MOST_WORDS = 4;
const INSULATION = /^(?:thhn|thwn|xhhw)/i;

/** Goes through a line from left to right and keeps what each word says. */
export class Listener {
  readonly #tokens: readonly Token[];
  readonly #family: FamilyId;
  readonly #heard: HeardFigures;
  #material: Said['material'] = null;
  #gfci: boolean | null = null;

  constructor(tokens: readonly Token[], named: Named) {
    const { family, name, at, count } = named;
    this.#tokens = tokens;
    this.#family = family;
    this.#heard = new HeardFigures(tokens, named);
    for (const [phrase, meaning] of LEXICON)
      if (name.includes(phrase)) {
        if (meaning.is === 'plate-word') this.#heard.typed.words.add(meaning.word);
        if (meaning.is === 'gfci' && name !== phrase) this.#gfci = meaning.gfci;
        if (meaning.is === 'place' && family === 'receptacle' && name !== phrase) this.#place(meaning);
      }
    for (let next = 0; next < tokens.length;) {
      if (next === at) this.#heard.run.stand();
      next += next === at ? count : this.#hear(next, at);
    }
  }

  /** What the line said. */
  said(): Said {
    return { ...this.#heard.heard(), material: this.#material, gfci: this.#gfci };
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
        this.#heard.figure(token, is.value, false);
        return;
      case 'measure':
        this.#heard.measure(token, is);
        return;
      case 'pair':
        this.#heard.pair(token, is);
        return;
      case 'sum':
        this.#heard.typed.sum = is.values;
        this.#heard.measured.set('sum', token);
        return;
      case 'receptacle':
        this.#heard.typed.receptacle = is.id;
        this.#heard.typed.connection = 'receptacle';
        this.#heard.typed.wires ??= is.id.startsWith('14') || is.id.startsWith('L14') ? 4 : 3;
        return;
      case 'stop':
        if (is.hard) this.#heard.run.turn();
        this.#heard.close();
        return;
    }
  }

  #mean(meaning: Meaning, at: number, count: number): void {
    switch (meaning.is) {
      case 'method':
        this.#heard.run.by(meaning.method);
        return;
      case 'place':
        this.#place(meaning);
        return;
      case 'material':
        this.#material = meaning.material;
        this.#heard.sizeBefore();
        return;
      case 'building':
        this.#heard.typed.building = true;
        return;
      case 'neutral':
        this.#heard.typed.neutral = meaning.neutral;
        if (this.#tokens[at]?.is.kind === 'pair') this.#heard.typed.volts ??= 240;
        return;
      case 'gfci':
        this.#gfci = meaning.gfci;
        return;
      case 'connection':
        this.#heard.typed.connection = meaning.connection;
        return;
      case 'label':
        this.#heard.label(meaning.label);
        return;
      case 'plate-word':
        this.#heard.typed.words.add(meaning.word);
        return;
      case 'then':
        this.#heard.run.turn();
        return;
      case 'apart':
        this.#heard.apart();
        return;
      case 'note': {
        const { word = '' } = this.#tokens[at] ?? {};
        if (INSULATION.test(word)) this.#heard.sizeBefore();
        // "7 ft disconnect": how far it stands off the water, no run.
        if (/^disconnect/i.test(word) && this.#heard.run.isNear(this.#tokens[at - 1])) this.#heard.apart();
        const last = this.#heard.unread.at(-1);
        const { from = 0 } = this.#tokens[at] ?? {};
        const joined = last !== undefined && last.suggestion === AS_NOTE && from - last.to <= 1;
        if (!joined) for (const token of this.#tokens.slice(at, at + count)) this.#heard.keep(token, AS_NOTE);
        return;
      }
      case 'joiner':
    }
  }

  #place({ place, room, method }: Extract<Meaning, { readonly is: 'place' }>): void {
    this.#heard.run.through(place, method);
    this.#heard.typed.room ??= room;
  }

  /** A word that is in no list: read where it is a slip of one letter, else kept with what it may have been. */
  #guess(token: Token, text: string): void {
    if (!/[a-z]/.test(text)) return;
    const { sure, suggestion } = nearest(text, LEXICON.keys());
    const meaning = sure === null ? undefined : LEXICON.get(sure);
    if (meaning === undefined || meaning.is === 'joiner' || meaning.is === 'note')
      this.#heard.keep(token, suggestion ?? nearest(text, allNames()).suggestion);
    else this.#mean(meaning, this.#tokens.indexOf(token), 1);
  }
}
