import { namedValues } from '../fields/choices';
import { shapeOf } from '../fields/shape';
import {
  applianceSchema,
  applianceTitle,
  familyList,
  familyQuestions,
  plateSchema,
  typedWords,
  type Appliance,
  type FamilyId,
} from '../appliances/registry';
import type { TypedFigures } from '../appliances/typedWords';
import { LIMITS } from '../code/limits';
import type { MethodId, Environment } from '../code/methods';
import { inEnvironment, methodName } from '../wording/words';
import { firstProblem, type FieldProblem } from '../job/zodProblem';
import { METHOD_WORDS, PLACE_WORDS } from './placeAndMethod';

/** A circuit as somebody typed it: appliance, and what was said of its run. */
export interface Typed {
  readonly appliance: Appliance;
  readonly lengthFt: number | undefined;
  readonly method: MethodId | undefined;
  readonly place: Environment | undefined;
  /** What was understood, in the words of the survey. */
  readonly understood: string;
}

/** Why a line was not understood, and what would be. */
export interface NotTyped {
  readonly problem: string;
}

const UNITS = [
  ['kw', /^(\d+(?:\.\d+)?)kw$/],
  ['hp', /^(\d+(?:\.\d+)?|\d+\/\d+|\d+-\d+\/\d+)hp$/],
  ['va', /^(\d+(?:\.\d+)?)va$/],
  ['volts', /^(\d+(?:\.\d+)?)v$/],
  ['amps', /^(\d+(?:\.\d+)?)(?:a|amps?)$/],
  ['percent', /^(\d+(?:\.\d+)?)%$/],
  ['lengthFt', /^(\d+(?:\.\d+)?)(?:ft|feet|')$/],
] as const;

const fraction = (text: string): number =>
  text.split('-').reduce((sum, part) => {
    const [over = '0', under = '1'] = part.split('/');
    return sum + Number(over) / Number(under);
  }, 0);

/** "50 A", "40 %", "62 ft" are one word each; a stroke or plus keeps its two numbers together. */
const tidy = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[,;]+(?=\s|$)/g, ' ')
    .replace(/(\d)\s+(kw|hp|va|v|amps?|a|%|percent|ft|feet)(?=\s|$)/g, '$1$2')
    .replace(/percent/g, '%')
    .replace(/\b(3|three)[ -]?phases?\b/g, '3-phase')
    .replace(/\s*([/+])\s*/g, '$1')
    .trim();

/** The figures that may stand before the name: "48a charger", "12kw range". */
const FIGURES_FIRST = /^(?:\d[\w./%'-]*\s+)+/;

/** The family whose name a line starts with, figures before it aside, the longest first, and the rest of the line. */
function familyOf(line: string): { readonly family: FamilyId; readonly rest: string } | undefined {
  const before = FIGURES_FIRST.exec(line)?.[0] ?? '';
  const named = line.slice(before.length);
  let best: { family: FamilyId; name: string } | undefined;
  for (const { id, typed } of familyList) {
    for (const name of typed.names) {
      const starts = named === name || named.startsWith(`${name} `);
      if (starts && name.length > (best?.name.length ?? 0)) best = { family: id, name };
    }
  }
  return best && { family: best.family, rest: `${before}${named.slice(best.name.length)}`.trim() };
}

interface Words {
  readonly figures: TypedFigures;
  readonly lengthFt: number | undefined;
  readonly method: MethodId | undefined;
  readonly place: Environment | undefined;
  readonly unknown: readonly string[];
}

const KNOWN = new Set([
  'plug',
  'receptacle',
  'cord',
  'hardwired',
  'hard-wired',
  'wired',
  'neutral',
  '4-wire',
  '3-wire',
  'tankless',
  'resistance',
  'detached',
  'shop',
  'short',
  'kitchen',
  'laundry',
  'bathroom',
  'basement',
  'bedroom',
  'living',
  'crawl',
  '3-phase',
  'three-phase',
  'in',
  'the',
  'of',
  'on',
  'with',
  'and',
  'a',
]);

function readWords(rest: string): Words {
  const figures: Record<'amps' | 'kw' | 'hp' | 'volts' | 'percent' | 'va', number | undefined> = {
    amps: undefined,
    kw: undefined,
    hp: undefined,
    volts: undefined,
    percent: undefined,
    va: undefined,
  };
  const plain: number[] = [];
  const words = new Set<string>();
  const unknown: string[] = [];
  let pair: [number, number] | undefined;
  let sum: number[] | undefined;
  let [lengthFt, method, place]: [number | undefined, MethodId | undefined, Environment | undefined] = [
    undefined,
    undefined,
    undefined,
  ];
  for (const word of rest.split(/\s+/).filter((each) => each !== '')) {
    const unit = UNITS.find(([, shape]) => shape.test(word));
    const stroke = /^(\d+(?:\.\d+)?)\/(\d+(?:\.\d+)?)$/.exec(word);
    if (unit !== undefined) {
      const value = fraction(unit[1].exec(word)?.[1] ?? '0');
      if (unit[0] === 'lengthFt') lengthFt = value;
      else figures[unit[0]] = value;
    } else if (/^\d+(?:\.\d+)?$/.test(word)) plain.push(Number(word));
    else if (stroke !== null) pair = [Number(stroke[1]), Number(stroke[2])];
    else if (/^\d+(?:\.\d+)?(\+\d+(?:\.\d+)?)+(kw)?$/.test(word))
      sum = word.replace('kw', '').split('+').map(Number);
    else if (METHOD_WORDS.has(word)) method = METHOD_WORDS.get(word);
    else {
      if (PLACE_WORDS[word] !== undefined) place = PLACE_WORDS[word];
      words.add(word);
      if (PLACE_WORDS[word] === undefined && !KNOWN.has(word)) unknown.push(word);
    }
  }
  return { figures: { ...figures, plain, pair, sum, words }, lengthFt, method, place, unknown };
}

function understood(appliance: Appliance, { lengthFt, method, place }: Words): string {
  const parts = [
    applianceTitle(appliance),
    lengthFt === undefined ? '' : `${lengthFt} ft`,
    method === undefined ? '' : methodName(method),
    place === undefined ? '' : inEnvironment(place),
  ];
  return parts.filter((part) => part !== '').join(', ');
}

/** What is wrong with a figure of a plate, by the name and in the unit that the survey gives it. */
function plateProblem(family: FamilyId, { path, message, accepts }: FieldProblem): string {
  const key = path.replace(/^nameplate\./, '');
  const question = familyQuestions(family).find((each) => each.key === key);
  if (question === undefined) return message;
  const label = question.label.replace(/\?$/, '');
  const { writing } = question;
  const shown = 'unit' in writing ? writing.unit.shown : '';
  const unit = shown === '%' ? ' %' : shown === '' ? '' : ` ${shown}`;
  const named = namedValues(question, shapeOf(plateSchema(family), key));
  if (named.length > 0) return `${label}: ${named.map((each) => each.label).join('; or ')}.`;
  if (accepts?.kind === 'at-most') return `${label}: at most ${accepts.figure}${unit}.`;
  if (accepts?.kind === 'at-least') return `${label}: at least ${accepts.figure}${unit}.`;
  return `${label}: ${message}`;
}

/**
 * Reads a circuit from a line: the appliance's name, its figures, and if wanted length, method and place:
 * "hot tub 50", "mini split 19/30 62 ft pvc outdoors". Says what was not understood and what would be.
 */
export function readTyped(text: string): Typed | NotTyped {
  if (text.length > LIMITS.typedLine)
    return { problem: `The line has ${text.length} characters; ${LIMITS.typedLine} is the most.` };
  const line = tidy(text);
  const found = familyOf(line);
  if (found === undefined) {
    return {
      problem: `"${text.trim()}" names no appliance: start with one, as in "${typedWords('range').example}".`,
    };
  }
  const words = readWords(line.startsWith('tankless') ? `tankless ${found.rest}` : found.rest);
  const [stranger] = words.unknown;
  if (stranger !== undefined) {
    return {
      problem: `"${stranger}" was not understood. Write it as in "${typedWords(found.family).example} 62 ft pvc outdoors".`,
    };
  }
  const plate = typedWords(found.family).plate(words.figures);
  if (plate === undefined) return { problem: `Missing: ${typedWords(found.family).needs}.` };
  const read = applianceSchema.safeParse({ family: found.family, nameplate: plate });
  if (!read.success) {
    return { problem: plateProblem(found.family, firstProblem(read.error)) };
  }
  const { lengthFt, method, place } = words;
  return { appliance: read.data, lengthFt, method, place, understood: understood(read.data, words) };
}

/** Lines that would complete what was typed so far, at most `most` of them. */
export function completions(text: string, max = 6): readonly string[] {
  const line = text.trim().toLowerCase();
  if (line === '') return familyList.slice(0, max).map(({ typed }) => typed.example);
  return familyList
    .flatMap(({ typed }) => {
      const { names, example } = typed;
      return names.some((name) => name.startsWith(line) && name !== line) ||
        example.toLowerCase().startsWith(line)
        ? [example]
        : [];
    })
    .filter((each) => each.toLowerCase() !== line)
    .slice(0, max);
}
