import { namedValues } from '../fields/choices';
import { shapeOf } from '../fields/shape';
import {
  applianceTitle,
  familyList,
  familyQuestions,
  plateSchema,
  typedWords,
  type Appliance,
  type FamilyId,
} from '../appliances/registry';
import { LIMITS } from '../code/limits';
import type { FieldProblem } from '../job/zodProblem';
import { inEnvironment, methodName } from '../wording/words';
import { applianceOf } from './line/lineCircuit';
import { readLine, type Reading } from './line/readLine';

/** A circuit as somebody typed it: appliance, and what was said of its run. */
export interface Typed {
  readonly reading: Reading;
  readonly appliance: Appliance;
  /** What was understood, in the words of the survey. */
  readonly understood: string;
}

/** Why a line is no circuit, and what would be. */
export interface NotTyped {
  readonly problem: string;
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

/** The appliance and each stretch of its run as it was said, in words. */
function understood(appliance: Appliance, { stretches, breakerA, size }: Reading): string {
  const run = stretches.flatMap(({ lengthFt, method, place }) => [
    lengthFt === null ? '' : `${lengthFt} ft`,
    method === null ? '' : methodName(method),
    place === null ? '' : inEnvironment(place),
  ]);
  return [
    applianceTitle(appliance),
    breakerA === null ? '' : `${breakerA} A circuit`,
    size === null ? '' : `${size} AWG`,
    ...run,
  ]
    .filter((part) => part !== '')
    .join(', ');
}

/**
 * Reads a circuit from a line: the appliance's name, its figures, and how it runs: "hot tub 50",
 * "mini split 19/30 62 ft pvc outdoors". What was not understood stands in the reading; the rest is read all the same.
 */
export function readTyped(text: string): Typed | NotTyped {
  if (text.length > LIMITS.typedLine)
    return { problem: `The line has ${text.length} characters; ${LIMITS.typedLine} is the most.` };
  const reading = readLine(text);
  if (reading.family === null)
    return {
      problem: `"${text.trim()}" names no appliance: name one, as in "${typedWords('range').example}".`,
    };
  const appliance = applianceOf(reading);
  if (appliance === undefined)
    return {
      problem: 'family' in reading.appliance ? '' : plateProblem(reading.family, reading.appliance),
    };
  return { reading, appliance, understood: understood(appliance, reading) };
}

/** Lines that would complete what was typed so far, at most `most` of them. */
export function completions(text: string, max = 6): readonly string[] {
  const line = text.trim().toLowerCase();
  if (line === '') return familyList.slice(0, max).map(({ typed }) => typed.example);
  const begins = (text: string): boolean => text.toLowerCase().startsWith(line);
  const [own, others]: [string[], string[]] = [[], []];
  for (const {
    typed: { names, example },
  } of familyList) {
    if (example.toLowerCase() === line) continue;
    if (begins(example) || begins(names[0] ?? '')) own.push(example);
    else if (names.some((name) => begins(name) && name !== line)) others.push(example);
  }
  return [...own, ...others].slice(0, max);
}
