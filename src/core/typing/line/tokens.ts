/** What a number with a unit measures. */
export type Measure =
  | 'amps'
  | 'volts'
  | 'kw'
  | 'hp'
  | 'va'
  | 'percent'
  | 'ft'
  | 'in'
  | 'tons'
  | 'poles'
  | 'wires'
  | 'phase'
  | 'size'
  | 'count'
  /** What no circuit has a field for: gallons, pounds. */
  | 'other';

/** A word of a line, or a number with what belongs to it, and where it stands. */
export interface Token {
  /** As it was typed. */
  readonly word: string;
  /** First character, and the one after the last, UTF-16 units from 0. */
  readonly from: number;
  readonly to: number;
  readonly is:
    | { readonly kind: 'word'; readonly text: string }
    | { readonly kind: 'number'; readonly value: number }
    | { readonly kind: 'measure'; readonly of: Measure; readonly value: number; readonly text: string }
    /** "19/30", "6/3", "10-3": two numbers with a stroke or a hyphen between. */
    | { readonly kind: 'pair'; readonly a: number; readonly b: number }
    | { readonly kind: 'sum'; readonly values: readonly number[] }
    /** "14-50", "TT-30", "L14-30". */
    | { readonly kind: 'receptacle'; readonly id: string }
    | { readonly kind: 'stop'; readonly hard: boolean };
}

const NUMBER = String.raw`(?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?|\.\d+`;
/** A fraction as a tape or a plate has it: halves to sixty-fourths. */
const MIXED = String.raw`\d+[ -]\d\/(?:2|4|8|16|32|64)|\d{1,2}\/(?:2|4|8|16|32|64)`;
/** What is written in fractions. */
const IN_FRACTIONS: ReadonlySet<Measure> = new Set(['hp', 'in', 'ft']);

/** Units as they are typed after a number, with what they measure and what a figure of them is in that measure. */
const UNITS: readonly (readonly [pattern: string, of: Measure, factor: number])[] = [
  [
    String.raw`gallons?|gals?|k?\s?btus?(?:\/?h)?|lbs?|pounds?|psi|gpm|cfm|rpm|kwh|sq\.?\s?ft|sqft|ft2|persons?|people|seats?|jets?|miles?|mm`,
    'other',
    1,
  ],
  [String.raw`kva`, 'va', 1000],
  [String.raw`va|volt-?amperes?`, 'va', 1],
  [String.raw`kw|kilowatts?|kws`, 'kw', 1],
  [String.raw`w(?![/.])|watts?`, 'kw', 0.001],
  [String.raw`hp|horse(?:\s?power)?`, 'hp', 1],
  [String.raw`amperes?|amps?|a`, 'amps', 1],
  [String.raw`volts?|vac|v`, 'volts', 1],
  [String.raw`percent|pct|%`, 'percent', 1],
  [String.raw`tons?`, 'tons', 1],
  [String.raw`poles?|p`, 'poles', 1],
  [String.raw`wires?|conductors?|prongs?|pins?`, 'wires', 1],
  [String.raw`phases?|ph`, 'phase', 1],
  [String.raw`awg|gauge|ga`, 'size', 1],
  [String.raw`feet|foot|ft\.?|'|′`, 'ft', 1],
  [String.raw`inch(?:es)?|in\.|in(?=$|[\s,;])|"|″`, 'in', 1],
];

const WORD_END = String.raw`(?![a-z0-9])`;

interface Rule {
  readonly pattern: RegExp;
  readonly read: (match: RegExpExecArray) => Token['is'] | undefined;
}

const fraction = (text: string): number =>
  text.split(/[ -]/).reduce((sum, part) => {
    const [over = '0', under = '1'] = part.replaceAll(',', '').split('/');
    return sum + Number(over) / Number(under);
  }, 0);

const rule = (pattern: string, read: Rule['read']): Rule => ({ pattern: new RegExp(pattern, 'iy'), read });

const RULES: readonly Rule[] = [
  rule(
    // "40 ft 1 in pvc": the inches are the size of the raceway.
    String.raw`(?!\d+\s*(?:ft\.?|feet|')\s*[12]\s*(?:in\.?|inch|")\s*(?:pvc|emt|rmc|imc|rigid|conduit))(\d+)\s*(?:'|′|ft\.?|feet)\s*-?\s*(\d+(?:\.\d+)?)\s*(?:"|″|in\.?|inches)${WORD_END}`,
    ([text, ft, inch]) => ({
      kind: 'measure',
      of: 'ft',
      value: Number(ft) + Number(inch) / 12,
      text,
    }),
  ),
  rule(
    String.raw`(?:nema\s*)?((?:l|ss)?(?:14|10|6|5)-(?:15|20|30|50|60)|tt-?30)r?${WORD_END}`,
    ([, id = '']) => ({
      kind: 'receptacle',
      id: id.toUpperCase().replace(/^TT-?30/, 'TT-30'),
    }),
  ),
  rule(
    String.raw`(${NUMBER})((?:\s*\+\s*(?:${NUMBER}))+)(?:\s*kw)?${WORD_END}`,
    ([, first = '', rest = '']) => ({
      kind: 'sum',
      values: [first, ...rest.split('+').slice(1)].map((each) => fraction(each.trim())),
    }),
  ),
  // "3 x 40 amp": how many, no figure of a plate.
  rule(String.raw`(\d)\s?x(?=\s?\d)`, ([text, count = '']) => ({
    kind: 'measure',
    of: 'count',
    value: Number(count),
    text,
  })),
  // "2-2-4": a cable of several sizes goes by its hots.
  rule(String.raw`(\d(?:\/0)?)([-/])\1(?:\2\d(?:\/0)?)+${WORD_END}`, ([, size = '']) => ({
    kind: 'measure',
    of: 'size',
    value: 0,
    text: size,
  })),
  rule(String.raw`i1\s?eff\s*(${NUMBER})\s*a?${WORD_END}`, ([text, figure = '']) => ({
    kind: 'measure',
    of: 'other',
    value: Number(figure),
    text,
  })),
  rule(
    String.raw`duty(?:\s+cycle)?\s*(${NUMBER})\s*(?:%|percent)?${WORD_END}(?!\s*(?:ft|feet|'|a(?:mps?)?(?![a-z])))`,
    ([, share = '']) => ({
      kind: 'measure',
      of: 'percent',
      value: Number(share),
      text: share,
    }),
  ),
  rule(String.raw`(?:#|no\.?\s*)(\d+(?:\/0)?)${WORD_END}`, ([, size = '']) => ({
    kind: 'measure',
    of: 'size',
    value: Number(size.replace('/0', '')),
    text: size,
  })),
  rule(String.raw`([1-4]\/0)(?:\s*awg)?${WORD_END}`, ([, size = '']) => ({
    kind: 'measure',
    of: 'size',
    value: 0,
    text: size,
  })),
  rule(
    String.raw`(two|three|four|single|double|one)[\s-]+(pole|wires?|conductors?|prongs?|phase)${WORD_END}`,
    ([, count = '', unit = '']) => ({
      kind: 'measure',
      of: /^pole/i.test(unit) ? 'poles' : /^phase/i.test(unit) ? 'phase' : 'wires',
      value: { one: 1, single: 1, two: 2, double: 2, three: 3, four: 4 }[count.toLowerCase()] ?? 1,
      text: count,
    }),
  ),
  rule(String.raw`(\d{3})\s*[/-]\s*(\d{3})\s*(?:volts?|vac|v)?${WORD_END}`, ([, a, b]) => ({
    kind: 'pair',
    a: Number(a),
    b: Number(b),
  })),
  ...UNITS.map(([unit, of, factor]) =>
    rule(
      String.raw`(${IN_FRACTIONS.has(of) ? `${MIXED}|` : ''}${of === 'hp' ? String.raw`\d\/[36]|` : ''}${NUMBER})[\s-]*(?:${unit})(?:${WORD_END}|(?<=['"′″%]))`,
      ([text, figure = '']) => ({
        kind: 'measure',
        of,
        value: fraction(figure) * factor,
        text: figure.trim() === '' ? text : figure,
      }),
    ),
  ),
  rule(String.raw`\d-\d\/[248]${WORD_END}`, ([text]) => ({
    kind: 'measure',
    of: 'other',
    value: fraction(text),
    text,
  })),
  rule(
    String.raw`(\d+(?:\.\d+)?)\s*(?:\/|-)\s*(\d+(?:\.\d+)?)(?:\s?w?\/?g(?![a-z]))?${WORD_END}`,
    ([, a, b]) => ({
      kind: 'pair',
      a: Number(a),
      b: Number(b),
    }),
  ),
  rule(String.raw`(${NUMBER})(?=p\d)p`, ([text, figure = '']) => ({
    kind: 'measure',
    of: 'poles',
    value: Number(figure),
    text,
  })),
  rule(String.raw`(${NUMBER})${WORD_END}`, ([, figure = '']) => ({
    kind: 'number',
    value: Number(figure.replaceAll(',', '')),
  })),
  rule(String.raw`(two|three|four|five|six)${WORD_END}`, ([, count = '']) => ({
    kind: 'number',
    value: { two: 2, three: 3, four: 4, five: 5, six: 6 }[count.toLowerCase()] ?? 1,
  })),
  rule(String.raw`[,;:()&+|]+|->|→|--?|–|—|\/`, ([text]) => ({ kind: 'stop', hard: /[;→>]/.test(text) })),
  rule(String.raw`[^\s,;:()&+|]+`, ([text]) => ({
    kind: 'word',
    text: text.toLowerCase().replace(/[.!?]+$/, ''),
  })),
];

/** The words, numbers and stops of a line, in order, each with its place. */
export function tokensOf(line: string): readonly Token[] {
  const tokens: Token[] = [];
  let at = 0;
  while (at < line.length) {
    if (/\s/.test(line.charAt(at))) {
      at += 1;
      continue;
    }
    let end = at + 1;
    for (const { pattern, read } of RULES) {
      pattern.lastIndex = at;
      const match = pattern.exec(line);
      const is = match === null || match[0] === '' ? undefined : read(match);
      if (match === null || is === undefined) continue;
      end = at + match[0].length;
      const word = match[0].trimEnd();
      tokens.push({ word, from: at, to: at + word.length, is });
      break;
    }
    at = end;
  }
  return tokens;
}
