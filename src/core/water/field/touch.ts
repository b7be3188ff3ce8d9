import { apart, middleOfBounds, type Point } from '../point';
import type { WaterReport } from '../waterReport';
import { cellAt, sourceOf, type FieldFrame } from './fieldModel';
import { feetOhm, STATED_SOIL, type FieldPart, type FieldValues } from './fieldParts';
import type { FieldSolution } from './solveField';

/** Somebody who touches two things: a hand on a part, and a foot in the yard or the other hand on a part. */
export interface Person {
  readonly id: string;
  readonly hand: { readonly partId: string } | { readonly at: Point };
  readonly other: { readonly partId: string } | { readonly at: Point };
}

/** What a person bridges. */
export interface Touch {
  readonly person: Person;
  readonly handV: number;
  readonly otherV: number;
  /** Between the two, before anybody touches them. */
  readonly volts: number;
  /** Through the body. */
  readonly milliamperes: number;
  /** Ohms of the body with feet, and of what feeds it. */
  readonly bodyOhm: number;
  readonly sourceOhm: number;
}

const OUT_FT = 2.5;
const STEP_FT = 3;

/** A place outside of the water, square out from its edge near another. */
function outFrom(place: Point, { placed }: WaterReport, ft: number): Point {
  const near = placed.edge.nearest(place) ?? place;
  const middle = middleOfBounds(placed.outline);
  const away = apart(near, place) > 0.2 ? place : middle;
  const sign = away === place ? 1 : -1;
  const long = apart(near, away) || 1;
  return [
    near[0] + (sign * (away[0] - near[0]) * ft) / long,
    near[1] + (sign * (away[1] - near[1]) * ft) / long,
  ];
}

/** The people that are asked about first: whoever climbs out, swims, works at the pump, or holds on to the fence. */
export function usualPeople({ parts }: Pick<FieldFrame, 'parts'>, report: WaterReport): readonly Person[] {
  const rail = parts.find(({ kind }) => kind === 'metal');
  const source = parts.find(({ kind }) => kind === 'equipment');
  const fence = parts.find(({ kind }) => kind === 'fence');
  const edge = rail?.at ?? report.placed.outline[0] ?? report.water.at;
  const foot = outFrom(edge, report, OUT_FT);
  const farther = outFrom(edge, report, OUT_FT + STEP_FT);
  return [
    ...(rail === undefined ? [] : [{ id: 'rail', hand: { partId: rail.id }, other: { at: foot } }]),
    { id: 'water', hand: { partId: 'water' }, other: { at: foot } },
    ...(source === undefined
      ? []
      : [
          {
            id: 'equipment',
            hand: { partId: source.id },
            other: { at: [source.at[0], source.at[1] - 2] as const },
          },
        ]),
    ...(fence === undefined ? [] : [{ id: 'fence', hand: { partId: 'water' }, other: { partId: fence.id } }]),
    { id: 'step', hand: { at: foot }, other: { at: farther } },
  ];
}

const partIndex = ({ parts }: FieldFrame, id: string): number => parts.findIndex((part) => part.id === id);

/** Volts of a place or part to remote earth. */
function voltsOf(end: Person['hand'], model: FieldFrame, { cells, parts }: FieldSolution): number {
  if ('partId' in end) return parts[partIndex(model, end.partId)] ?? 0;
  const cell = cellAt(model.grid, end.at);
  return cell === undefined ? 0 : (cells[cell] ?? 0);
}

/** Nearer than this in volts to what the source drives, a part is taken as tied to it. */
const TIED = 0.02;

/** What stands behind a hand: what the source drives, its leak beside its way to earth; anything else by where it stands. */
function behind(
  end: Person['hand'],
  model: FieldFrame,
  solution: FieldSolution,
  values: FieldValues,
): number {
  if (!('partId' in end)) return 0;
  const part: FieldPart | undefined = model.parts[partIndex(model, end.partId)];
  const source = sourceOf(model, values);
  if (part === undefined || source === undefined) return 0;
  const driven = voltsOf({ partId: source.id }, model, solution);
  const volts = voltsOf(end, model, solution);
  const leak = values.source === 'leak' ? values.leakOhm : 1;
  const toEarth = solution.currentA === 0 ? Infinity : driven / solution.currentA;
  if (Math.abs(volts - driven) <= TIED * Math.abs(driven)) return 1 / (1 / leak + 1 / toEarth);
  return part.earthOhm === null ? 0 : (part.earthOhm * values.soilOhmM) / STATED_SOIL;
}

/** What a person bridges, in a field. */
export function touchOf(
  person: Person,
  model: FieldFrame,
  solution: FieldSolution,
  values: FieldValues,
): Touch {
  const handV = voltsOf(person.hand, model, solution);
  const otherV = voltsOf(person.other, model, solution);
  const onHands = 'partId' in person.hand && 'partId' in person.other;
  const feet = feetOhm(values);
  // Both feet in one step stand one behind the other: twice a foot each.
  const step = !('partId' in person.hand);
  const bodyOhm = onHands ? values.handsOhm : values.bodyOhm + (step ? 4 : 1) * feet;
  const sourceOhm =
    behind(person.hand, model, solution, values) + behind(person.other, model, solution, values);
  const volts = Math.abs(handV - otherV);
  return {
    person,
    handV,
    otherV,
    volts,
    milliamperes: (1000 * volts) / (bodyOhm + sourceOhm),
    bodyOhm,
    sourceOhm,
  };
}
