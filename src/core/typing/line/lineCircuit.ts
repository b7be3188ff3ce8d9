import type { Appliance, FamilyId } from '../../appliances/registry';
import { USUAL_LENGTH_FT } from '../../circuit/jobDefaults';
import type { Environment, MethodId } from '../../code/methods';
import type { Reading } from './readLine';
import type { Stretch } from './said';

/** A stretch of a run with what stands for what was not said of it. */
export interface RunStretch {
  readonly method: MethodId;
  readonly lengthFt: number;
  readonly place: Environment;
}

/** Families whose plate names the circuit, or whose load makes it. */
const BY_PLATE: ReadonlySet<FamilyId> = new Set(['ev', 'hot-tub', 'mini-split', 'rv', 'receptacle', 'load']);

const usualMethod = (place: Environment): MethodId =>
  place === 'outdoor' || place === 'underground' || place === 'damp' ? 'pvc40' : 'nm-b';

/** The stretches of a line as they were said; one of which nothing was said where there are none. */
export const saidRun = ({ stretches }: Reading): readonly Stretch[] =>
  stretches.length === 0 ? [{ method: null, lengthFt: null, place: null }] : stretches;

/** The run of a line: at least one stretch; what was not said is as usual, and a method goes on until another is said. */
export function runOf(reading: Reading): readonly RunStretch[] {
  let last: MethodId | undefined;
  return saidRun(reading).map((each) => {
    const place = each.place ?? 'indoor';
    last = each.method ?? last;
    return { method: last ?? usualMethod(place), lengthFt: each.lengthFt ?? USUAL_LENGTH_FT, place };
  });
}

/** Breaker and conductor that a line sets by hand. */
export const pinsOf = ({ family, breakerA, size }: Reading) => ({
  ...(breakerA !== null && !BY_PLATE.has(family) && { ocpdA: breakerA }),
  ...(size !== null && { size }),
});

/** What stands for what a line does not say, by the names of its fields. */
export function assumedIn({
  plate,
  stretches,
  material,
  family,
  breakerA,
  others,
}: Reading): readonly string[] {
  const [first] = stretches;
  const told = new Set(Object.keys(plate.told));
  return [
    ...(stretches.every(({ method }) => method === null) ? ['method'] : []),
    ...(stretches.length === 0 || stretches.some(({ place }) => place === null) ? ['location'] : []),
    ...(first === undefined || stretches.some(({ lengthFt }) => lengthFt === null) ? ['lengthFt'] : []),
    ...(material === null ? ['material'] : []),
    // A bare number that was taken for the circuit.
    ...(breakerA !== null && (others.length > 0 || family === 'feeder') ? ['breakerA'] : []),
    ...Object.keys(plate.usual)
      .filter((key) => !told.has(key))
      .map((key) => `nameplate.${key}`),
  ];
}

/** The appliance of a reading; undefined where its plate cannot be. */
export const applianceOf = ({ appliance }: Reading): Appliance | undefined =>
  'family' in appliance ? appliance : undefined;
