import type { MarkName, MarkValue } from './mark';
import type { ValueKind } from './labels';

/** A value found in a text, and the stretch of it. */
export interface FoundValue {
  readonly value: MarkValue;
  readonly from: number;
  readonly to: number;
}

const NUMBER = String.raw`\d{1,5}(?:[.,]\d{1,3})?`;
const numberOf = (text: string): number => {
  const whole = /^(\d+)[ -](\d)\/(\d{1,2})$/.exec(text.trim());
  if (whole !== null) return Number(whole[1]) + Number(whole[2]) / Number(whole[3]);
  const part = /^(\d)\/(\d{1,2})$/.exec(text.trim());
  if (part !== null) return Number(part[1]) / Number(part[2]);
  // A thousand is parted by a comma from three digits, a fraction by one from fewer.
  const plain = /,\d{3}$/.test(text) ? text.replace(',', '') : text.replace(/[,:]/, '.');
  return Number(plain);
};

type Reader = (text: string, mark: MarkName) => FoundValue | undefined;

const matched = (
  text: string,
  pattern: RegExp,
  value: (found: RegExpExecArray) => MarkValue | undefined,
): FoundValue | undefined => {
  const found = pattern.exec(text);
  const read = found === null ? undefined : value(found);
  return found === null || read === undefined
    ? undefined
    : { value: read, from: found.index, to: found.index + found[0].length };
};

const pair = (first: string | undefined, second: string | undefined): MarkValue | undefined => {
  if (first === undefined) return undefined;
  return second === undefined ? numberOf(first) : [numberOf(first), numberOf(second)];
};

const amps: Reader = (text) =>
  matched(
    text,
    new RegExp(
      String.raw`(?<![\d.A-Z-])(${NUMBER})(?:\s?[/-]\s?(${NUMBER}))?(?![\d%]| ?\/| ?(?:V|VOLTS?|HZ|KA|KW|W|PH|LB)(?![A-Z]))`,
    ),
    ([, first, second]) => pair(first, second),
  );

const NUMBERS: Readonly<Partial<Record<MarkName, RegExp>>> = {
  phase: /(?<![\d.])([13])(?![\d.]| ?(?:HP|HZ))/,
  hz: /(?<!\d)([56]0)(?!\d)/,
  hp: /(?<![\d.])(\d{1,2}[ -]\d\/\d{1,2}|\d\/\d{1,2}|\d{1,2}(?:[.,]\d{1,2})?)(?!\d| ?PH)/,
  serviceFactor: /(?<!\d)(1[.,:]\d{1,2})(?!\d)/,
  spaces: /(?<!\d)(\d{1,2})(?!\d)/,
};

const number: Reader = (text, mark) =>
  matched(text, NUMBERS[mark] ?? /(\d+)/, ([, figure]) =>
    figure === undefined ? undefined : numberOf(figure),
  );

/** 120/240 is a service of 240 V with a neutral; 208/230 is one of the two. */
const PAIRED_WITH_NEUTRAL: readonly (readonly [number, number])[] = [
  [120, 240],
  [120, 208],
  [125, 250],
];
const VOLTS = String.raw`(?<![\d.])((?:1[12]\d|2[0-4]\d|250|277|4[1468]\d)(?=\D|$))(?:\s?[/-]\s?(1[12]\d|2[0-4]\d|250|277|4[1468]\d)(?!\d))?`;

/** The volts of a text: one, or two of which the machine takes either. */
const voltsValue = (first: string | undefined, second: string | undefined): MarkValue | undefined => {
  if (first === undefined) return undefined;
  if (second === undefined) return Number(first);
  const [low, high] = [Number(first), Number(second)];
  return PAIRED_WITH_NEUTRAL.some(([a, b]) => a === low && b === high) ? high : [low, high];
};

const volts: Reader = (text) =>
  matched(text, new RegExp(VOLTS), ([, first, second]) => voltsValue(first, second));

const kilo: Reader = (text, mark) =>
  matched(text, new RegExp(String.raw`(?<![\d.])(${NUMBER})\s?(KA|KW|W|A)?\b`), ([, figure, unit]) => {
    if (figure === undefined) return undefined;
    const read = numberOf(figure);
    // A rating of amperes that can be interrupted always bears its unit, or is thousands of amperes.
    if (mark === 'interruptingKA' && unit !== 'KA' && read < 1000) return undefined;
    const isThousand =
      unit === 'W' || unit === 'A' || (unit === undefined && read >= (mark === 'kW' ? 300 : 1000));
    return isThousand ? Math.round(read) / 1000 : read;
  });

const SIZE = String.raw`(?:#\s?)?(\d{1,2}(?:\/0)?|\d{3})`;
const wires: Reader = (text) =>
  matched(
    text,
    new RegExp(String.raw`${SIZE}\s?(?:-|TO|–)\s?${SIZE}(?:\s?(?:AWG|KCMIL|GA))?`),
    ([, from, to]) => (from === undefined || to === undefined ? undefined : { from, to }),
  );

const torque: Reader = (text) =>
  matched(text, /(?<![\d.])(\d{1,3}(?:\.\d)?)\s?(?:LB|1B|IB)S?[-. ]*[I1L]N/, ([, figure]) =>
    figure === undefined ? undefined : Number(figure),
  );

const percent: Reader = (text) =>
  matched(text, /(?<!\d)(\d{1,3})\s?%?/, ([, figure]) => (figure === undefined ? undefined : Number(figure)));

const types: Reader = (text) =>
  matched(text, /\b([A-Z]{1,4})((?:,? (?:AND |OR )?[A-Z]{1,4})*?)(?= BREAKERS?| ONLY|$)/, ([all]) =>
    all.split(/[, ]+/).filter((each) => each !== '' && each !== 'AND' && each !== 'OR'),
  );

const READERS: Readonly<Record<ValueKind, Reader>> = {
  amps,
  number,
  volts,
  kilo,
  wires,
  torque,
  percent,
  types,
};

/** Letters that recognizers read for digits. */
const LOOK_ALIKE: Readonly<Record<string, string>> = {
  A: '4',
  B: '8',
  G: '6',
  I: '1',
  L: '1',
  O: '0',
  S: '5',
  Z: '2',
};

/** A text whose first word is two or three digits with a letter among them that looks like one; undefined for any other. */
export function withDigits(text: string): string | undefined {
  const [, gap = '', word = '', rest = ''] = /^(\W*)([A-Z\d]{2,3})(?![A-Z\d.])(.*)$/.exec(text) ?? [];
  const digits = word.replaceAll(/[A-Z]/g, (letter) => LOOK_ALIKE[letter] ?? letter);
  return /\d/.test(word) && /[A-Z]/.test(word) && /^\d+$/.test(digits) ? `${gap}${digits}${rest}` : undefined;
}

/** The first value of a kind in a text; undefined where there is none. */
export const valueIn = (text: string, kind: ValueKind, mark: MarkName): FoundValue | undefined =>
  READERS[kind](text, mark);

/** What stands by no label but bears its unit: the mark, what it looks like, and its value. */
export const BY_UNIT: readonly {
  readonly mark: MarkName;
  readonly unit: string | null;
  readonly printed: RegExp;
  readonly value: (found: RegExpExecArray) => MarkValue | undefined;
}[] = [
  {
    mark: 'volts',
    unit: 'V',
    printed: new RegExp(String.raw`${VOLTS}\s?(?:V|VOLTS?|VAC|V~)(?![A-Z])`, 'g'),
    value: ([, first, second]) => voltsValue(first, second),
  },
  {
    mark: 'kW',
    unit: 'kW',
    printed: /(?<![\d.])(\d{1,2}(?:[.,]\d{1,2})?)\s?KW\b/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'kW',
    unit: 'kW',
    printed: /(?<![\d.,])(\d{1,2},?\d{3})\s?W(?:ATTS)?\b/g,
    value: ([, n]) => (n === undefined ? undefined : numberOf(n) / 1000),
  },
  {
    mark: 'interruptingKA',
    unit: 'kA',
    printed: /(?<![\d.])(\d{1,3})\s?KA\b/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'hz',
    unit: 'Hz',
    printed: /(?<!\d)([56]0)\W{0,2}(?:HZ|HERTZ|CY)\b/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'phase',
    unit: null,
    printed: /(?<![\d.])([13])\s?[-]?\s?(?:PH|PHASE|Ø)\b/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'hp',
    unit: 'hp',
    printed: /(?<![\d.])(\d{1,2}[ -]\d\/\d|\d\/\d|\d{1,2}(?:\.\d{1,2})?)\s?HP\b/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'torqueLbIn',
    unit: 'lb-in',
    printed: /(?<![\d.])(\d{1,3})\s?LB[-. ]*IN/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'wireRange',
    unit: null,
    printed: new RegExp(String.raw`(?<![\d.])${SIZE}\s?(?:-|TO|–|\s)\s?${SIZE}\s?(?:AW\w?|KCMIL)\b`, 'g'),
    value: ([, from, to]) => (from === undefined || to === undefined ? undefined : { from, to }),
  },
  {
    mark: 'breakerA',
    unit: 'A',
    printed: /\b[12]-?\s?POLE\s*(\d{2,3})\s?A(?:MPS?\b|\b|(?=TYPE))/g,
    value: ([, n]) => pair(n, undefined),
  },
  {
    mark: 'terminalC',
    unit: '°C',
    printed: /\b(?:60\s?\/\s?(75)|(60|75|90))\s?(?:°|DEG\.?)?\s?C\b/g,
    value: ([, both, one]) => pair(both ?? one, undefined),
  },
  {
    mark: 'breakerTypes',
    unit: null,
    printed: /\b((?:[A-Z]{1,3}(?:, ?| AND | OR | & ))*[A-Z]{1,3}) BREAKERS? ONLY/g,
    value: ([, all = '']) => all.split(/, ?| AND | OR | & /),
  },
  {
    mark: 'gfciRequired',
    unit: null,
    printed: /\bCLASS A\b.{0,12}|\bGFCI\b|\bG\.F\.C\.I\b|\bGROUND[ -]FAULT CIRCUIT/g,
    value: () => true,
  },
];
