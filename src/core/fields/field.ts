import type { NumberRange } from '../units/number';
import type { Refused } from '../units/refused';

/** What a number is measured in; its range where that is closer than the schema's. */
export type Unit = Pick<NumberRange, 'units' | 'shown'> & Partial<NumberRange>;

/** How a value of its own kind is written and read. */
interface OwnWriting<S, V> {
  print(this: void, value: V, subject: S): string;
  parse(this: void, text: string, subject: S): V | Refused;
}

/** What a value is called. */
interface NameOf<V> {
  nameOf(this: void, value: V): string;
}

/** What is offered where nothing is known; null: nothing is. */
type Unknown = string | null | undefined;

/** How a value is written and read. Its range and its choices are those of the schema. */
export type Writing<S> =
  | { readonly kind: 'number' | 'numbers'; readonly unit: Unit }
  | { readonly kind: PlainKind }
  | {
      readonly kind: 'choice';
      /** Names by value, in the order in which they are offered. */
      readonly names: Readonly<Record<string, string>>;
      readonly unknown?: Unknown;
    }
  /** Every value of the schema by its name. */
  | ({ readonly kind: 'named'; readonly unknown?: Unknown } & NameOf<unknown>)
  | { readonly kind: 'yes-no'; readonly unknown?: Unknown }
  | ({ readonly kind: 'own' } & OwnWriting<S, unknown>);

type PlainKind =
  | 'length'
  | 'height'
  | 'temperature'
  | 'size'
  | 'dollars'
  /** A word that is refused while it is none, a line and some lines of free text. */
  | 'word'
  | 'text'
  | 'lines'
  | 'date'
  | 'check';

/** Some fields of a thing with other values; one that is undefined is absent afterwards. */
export type Changed<S> = { readonly [K in keyof S]?: S[K] | undefined };

/** What a field may say besides its label. */
interface Told<S, V> {
  readonly help?: string | undefined;
  /** How a plate itself marks it: "MCA", "HP", "V". */
  readonly mark?: string;
  /** What stands until it is answered. */
  readonly until?: string;
  /** What is accepted, where the kind and the range do not say it; stands after "Type". */
  readonly accepts?: string;
  /** What the edit is called, where that is not the label. */
  readonly edit?: string;
  /** Asked only when this says so of what it belongs to. */
  when?(this: void, subject: S): boolean;
  /** The value, where the document holds it under another key or not at all. */
  get?(this: void, subject: S): V;
  /** What changes with a value besides its own key, or in its place. */
  put?(this: void, value: V, subject: S): Changed<S>;
}

/** One field of a document: what it is called, how it is written, when it is asked. */
export interface Field<S> extends Told<S, unknown> {
  readonly key: KeyOf<S>;
  readonly label: string;
  readonly writing: Writing<S>;
}

type KeyOf<S> = keyof S & string;
type Known<S, K extends KeyOf<S>> = Exclude<S[K], null | undefined>;
type Names<V> = [V] extends [boolean]
  ? Readonly<Record<'true' | 'false', string>>
  : [V] extends [string | number]
    ? Readonly<Record<V, string>>
    : never;
interface Offered {
  readonly unknown?: Unknown;
}

/** Makers of the fields of a document; the key decides what its choices are and what it is parsed to. */
export const fieldsOf = <S extends object>() => {
  const plain =
    (kind: PlainKind) =>
    <K extends KeyOf<S>>(key: K, label: string, told: Told<S, S[K]> = {}): Field<S> => ({
      key,
      label,
      writing: { kind },
      ...told,
    });
  return {
    length: plain('length'),
    height: plain('height'),
    temperature: plain('temperature'),
    size: plain('size'),
    dollars: plain('dollars'),
    word: plain('word'),
    text: plain('text'),
    lines: plain('lines'),
    date: plain('date'),
    check: plain('check'),
    number: <K extends KeyOf<S>>(key: K, label: string, unit: Unit, told: Told<S, S[K]> = {}): Field<S> => ({
      key,
      label,
      writing: { kind: 'number', unit },
      ...told,
    }),
    numbers: <K extends KeyOf<S>>(key: K, label: string, unit: Unit, told: Told<S, S[K]> = {}): Field<S> => ({
      key,
      label,
      writing: { kind: 'numbers', unit },
      ...told,
    }),
    choice: <K extends KeyOf<S>>(
      key: K,
      label: string,
      names: Names<Known<S, K>>,
      { unknown, ...told }: Told<S, S[K]> & Offered = {},
    ): Field<S> => ({ key, label, writing: { kind: 'choice', names, unknown }, ...told }),
    named: <K extends KeyOf<S>>(
      key: K,
      label: string,
      { unknown, nameOf, ...told }: Told<S, S[K]> & Offered & NameOf<Known<S, K>>,
    ): Field<S> => ({ key, label, writing: { kind: 'named', nameOf, unknown }, ...told }),
    yesNo: <K extends KeyOf<S>>(
      key: K,
      label: string,
      { unknown, ...told }: Told<S, S[K]> & Offered = {},
    ): Field<S> => ({ key, label, writing: { kind: 'yes-no', unknown }, ...told }),
    own: <K extends KeyOf<S>, V = S[K]>(
      key: K,
      label: string,
      { print, parse, ...told }: OwnWriting<S, V> & Told<S, V>,
    ): Field<S> => ({ key, label, writing: { kind: 'own', print, parse }, ...told }),
  };
};
