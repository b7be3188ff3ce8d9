import { METHODS } from '../code/methods';
import type { Segment } from './circuitSchema';
import type { StationBetween } from '../code/routeKinds';

/** What stands at a station of the run. */
export type StationKind = 'panel' | StationBetween | 'appliance';

/**
 * What a station between two methods usually is: cable ends in a box, conductors of two sizes are spliced in one,
 * raceway goes on through a conduit body.
 */
export const usualStation = (before: Segment, after: Segment): StationBetween =>
  before.size !== after.size ||
  METHODS[before.method].kind === 'cable' ||
  METHODS[after.method].kind === 'cable'
    ? 'box'
    : 'body';

/** What conductors may be spliced or landed in. */
const HOLDS_SPLICES: ReadonlySet<StationBetween> = new Set(['box', 'pull-box', 'disconnect']);

/** What stands at each station of a run, from the panel to the appliance. */
export const stationKinds = (run: readonly Segment[]): readonly StationKind[] => [
  'panel',
  ...run.map((segment, index): StationKind => {
    const after = run[index + 1];
    if (after === undefined) return 'appliance';
    const { kind = usualStation(segment, after) } = segment.end ?? {};
    // Conductors of two sizes are spliced, which only a box takes.
    return segment.size !== after.size && !HOLDS_SPLICES.has(kind) ? 'box' : kind;
  }),
];

/** Letter of a station by its position: A at the panel. */
export const stationLetter = (index: number): string => String.fromCharCode('A'.charCodeAt(0) + index);

/** A segment by its two stations: "B to C". */
export const segmentSpan = (index: number): string =>
  `${stationLetter(index)} to ${stationLetter(index + 1)}`;

/** Stations that are enclosures, between which a raceway may be a nipple. */
const ENCLOSURES: readonly StationKind[] = ['panel', 'box', 'pull-box', 'disconnect', 'appliance'];

/** Longest raceway between two enclosures that is a nipple, feet (Ch. 9 Table 1 Note 4). */
const NIPPLE_FT = 2;

/** Whether a segment is a nipple: filled to 60 %, its conductors not adjusted (310.15(C)(1)(b)). */
export function isNipple(run: readonly Segment[], index: number): boolean {
  const segment = run[index];
  if (segment === undefined || METHODS[segment.method].raceway === null || segment.lengthFt > NIPPLE_FT) {
    return false;
  }
  const kinds = stationKinds(run);
  return [kinds[index], kinds[index + 1]].every((kind) => kind !== undefined && ENCLOSURES.includes(kind));
}
