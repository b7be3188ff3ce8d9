import { sourceOf } from '../water/field/fieldModel';
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
  grid: 'grid',
  fence: 'fence',
};

/** What drives the current. */
export function sourceWords(values: FieldValues, parts: readonly FieldPart[]): string {
  const { source, leakOhm, neutralV } = values;
  if (source === 'neutral') return `the neutral brings ${n(neutralV, 1)} V over the equipment ground`;
  const from = sourceOf({ parts }, values);
  return from?.kind === 'water'
    ? `a light leaks into the water through ${n(leakOhm)} ohm`
    : `${from?.name ?? 'the motor'} leaks through ${n(leakOhm)} ohm, its equipment ground is open`;
}

const NEUTRAL = 'over the neutral';

/** What may go wrong, one at a time: each part that may leak, and the neutral. */
export const sourceChoices = (
  parts: readonly FieldPart[],
): readonly { readonly value: string; readonly label: string }[] => [
  ...parts
    .filter(({ leaks }) => leaks)
    .map(({ id, kind, name }) => ({
      value: id,
      label: kind === 'water' ? 'a light leaks into the water' : `${name} leaks, its ground is open`,
    })),
  { value: NEUTRAL, label: 'voltage on the neutral' },
];

/** Values with one of those choices, and which of them values have. */
export const withSource = (values: FieldValues, choice: string): FieldValues =>
  choice === NEUTRAL ? { ...values, source: 'neutral' } : { ...values, source: 'leak', leaksAt: choice };
export const sourceChoice = (values: FieldValues, parts: readonly FieldPart[]): string =>
  values.source === 'neutral' ? NEUTRAL : (sourceOf({ parts }, values)?.id ?? NEUTRAL);

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
