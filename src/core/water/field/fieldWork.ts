import type { WaterReport } from '../waterReport';
import type { Yard } from '../yardSchema';
import { fieldModel, fieldWith, modelResponse } from './fieldModel';
import { fieldParts, type FieldPart, type FieldValues } from './fieldParts';
import { touchOf, type Person } from './touch';

/** One rung of the ladder: the bonds that are on, one kind more at a time. */
export interface Rung {
  /** The kind of part whose bonds were added last; null where there is none yet. */
  readonly added: FieldPart['kind'] | null;
  readonly volts: number;
  /** Over all that soil and leak may be. */
  readonly lowV: number;
  readonly highV: number;
}

/** Soil is known to a factor of three either way, the leak to a factor of two. */
const SOIL_SHARES = [1, 1 / 3, 3] as const;
const LEAK_SHARES = [1, 2] as const;
/** The ladder is read off a coarser field. */
const LADDER_CELLS = 128;
/** The order in which bonds are added on the ladder. */
const ORDER: readonly FieldPart['kind'][] = ['equipment', 'metal', 'shell', 'water', 'ring', 'grid', 'fence'];

/** Kinds of bonds that a water has, in the order of the ladder. */
const kindsOf = (bonds: readonly FieldPart[]): readonly FieldPart['kind'][] =>
  ORDER.filter((kind) => bonds.some((part) => part.kind === kind));

/** What is asked of the ladder. */
export interface LadderRequest {
  readonly report: WaterReport;
  readonly yard: Pick<Yard, 'lines'>;
  readonly values: FieldValues;
  readonly person: Person;
}

/**
 * The ladder of bonds for a person: none, then one kind more at a time, so that a partly bonded water can be seen to be
 * worse than none; each with the band of what soil and leak may be.
 */
export function* ladderOf(
  { report, yard, values, person }: LadderRequest,
  cells = LADDER_CELLS,
): Generator<number, readonly Rung[]> {
  const model = fieldModel(report, yard, cells);
  const bonds = fieldParts(report, yard).filter((part) => part.bonds);
  const kinds = kindsOf(bonds);
  const volts: number[][] = Array.from({ length: kinds.length + 1 }, () => []);
  for (const [at, share] of SOIL_SHARES.entries()) {
    const soilOhmM = values.soilOhmM * share;
    const soil = yield* modelResponse(model, report, soilOhmM);
    for (const [on, found] of volts.entries()) {
      const tied = new Set(kinds.slice(0, on));
      const lifted = new Set(bonds.filter(({ kind }) => !tied.has(kind)).map(({ id }) => id));
      for (const leak of LEAK_SHARES) {
        const other = { ...values, soilOhmM, leakOhm: values.leakOhm * leak };
        const solution = fieldWith(model, soil, lifted, other);
        found.push(solution === undefined ? 0 : touchOf(person, model, solution, other).volts);
      }
    }
    yield (at + 1) / SOIL_SHARES.length;
  }
  return volts.map((found, on) => ({
    added: kinds[on - 1] ?? null,
    volts: found[0] ?? 0,
    lowV: Math.min(...found),
    highV: Math.max(...found),
  }));
}
