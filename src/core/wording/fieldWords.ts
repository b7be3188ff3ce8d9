import type { FieldPart, FieldValues } from '../water/field/fieldParts';
import type { Person, Touch } from '../water/field/touch';
import { printNumber as n } from '../units/number';

/** Volts as they are read: to the tenth, small ones to the hundredth. */
export const voltsWords = (volts: number): string => volts.toFixed(volts < 0.1 ? 2 : 1);

/** What a hand or a foot is on. */
function end(at: Person['hand'], parts: readonly FieldPart[], what: 'hand' | 'foot'): string {
  if (!('partId' in at)) return what === 'hand' ? 'one foot' : 'foot on the ground';
  const part = parts.find(({ id }) => id === at.partId);
  const name = part === undefined ? 'nothing' : part.kind === 'water' ? 'in the water' : `on ${part.name}`;
  return what === 'hand' ? `hand ${name}` : `other hand ${name}`;
}

/** Who touches what, in two lines. */
export function personWords(
  { hand, other, id }: Person,
  parts: readonly FieldPart[],
): readonly [string, string] {
  if (id === 'step') return ['One step, 3 ft', 'outward from the edge'];
  const first = end(hand, parts, 'hand');
  return [first.charAt(0).toUpperCase() + first.slice(1), end(other, parts, 'foot')];
}

/** Kinds of bonds as the ladder names them. */
export const rungName: Readonly<Record<FieldPart['kind'], string>> = {
  equipment: 'pump',
  metal: 'metal',
  shell: 'shell',
  water: 'water',
  ring: 'ring',
  fence: 'fence',
};

/** What drives the current. */
export const sourceWords = ({ source, leakOhm, neutralV }: FieldValues): string =>
  source === 'leak'
    ? `the motor leaks through ${n(leakOhm)} ohm, its equipment ground is open`
    : `the neutral brings ${n(neutralV, 1)} V over the equipment ground`;

/** How a figure came about, line by line. */
export function touchSteps(
  { handV, otherV, volts, bodyOhm, sourceOhm, milliamperes }: Touch,
  currentA: number,
): readonly (readonly [string, string])[] {
  return [
    ['Under the hand', `${voltsWords(handV)} V`],
    ['Under the foot or other hand', `${voltsWords(otherV)} V`],
    ['Bridged by this person', `${voltsWords(volts)} V`],
    [`÷ (${n(bodyOhm, 0)} + ${n(sourceOhm, 0)} ohm)`, `${n(milliamperes, 1)} mA`],
    ['From the source; a GFCI trips at 6 mA', `${n(currentA * 1000, 0)} mA`],
  ];
}
