import { LIMITS } from '../../code/limits';
import type { Circuit, Segment } from '../circuitSchema';
import { withStationMoved, withSegment } from './circuitEdits';

const MIN_FT = 1;

/** Heights that a dragged station or level is drawn to: ceiling, grade, and usual depths of cover. */
const USUAL_FT: readonly number[] = [10, 8, 0, -0.5, -1, -1.5, -2];
const REACH_FT = 0.25;

/** A dragged height on a usual one where it is near, else to the half foot above grade and the inch below it. */
export function snapHeight(heightFt: number): number {
  const near = USUAL_FT.find((each) => Math.abs(each - heightFt) <= REACH_FT);
  if (near !== undefined) return near;
  const parts = heightFt < 0 ? 12 : 2;
  return Math.min(30, Math.max(-10, Math.round(heightFt * parts) / parts));
}

const rise = ({ heightFt, endHeightFt }: Segment, fromFt: number): number =>
  Math.abs(heightFt - fromFt) + Math.abs(endHeightFt - heightFt);

/** The height at which a segment starts. */
const startOf = (circuit: Circuit, index: number): number =>
  circuit.run[index - 1]?.endHeightFt ?? circuit.startHeightFt;

const tidy = (lengthFt: number): number =>
  Math.min(LIMITS.segmentFt, Math.max(MIN_FT, Math.round(lengthFt * 100) / 100));

/** A circuit in which the routes of two segments rise otherwise than before, and are so much longer or shorter. */
function kept(before: Circuit, after: Circuit, indexes: readonly number[]): Circuit {
  return indexes.reduce((acc, index) => {
    const [was, is] = [before.run[index], after.run[index]];
    if (was === undefined || is === undefined) return acc;
    const more = rise(is, startOf(after, index)) - rise(was, startOf(before, index));
    return withSegment(acc, index, { lengthFt: tidy(is.lengthFt + more) });
  }, after);
}

/**
 * A station put at another height. What it stands above stays where it is, so both neighbors get the wire that
 * the new rise takes.
 */
export function withStationHeight(circuit: Circuit, station: number, heightFt: number): Circuit {
  const moved =
    station === 0
      ? { ...circuit, startHeightFt: heightFt }
      : withSegment(circuit, station - 1, { endHeightFt: heightFt });
  return kept(circuit, moved, [station - 1, station]);
}

/** A segment run at another height, with the wire that it then takes. */
export const withLevel = (circuit: Circuit, index: number, heightFt: number): Circuit =>
  kept(circuit, withSegment(circuit, index, { heightFt }), [index]);

/** A station moved along: between two segments what one gains the other loses; the last one makes the run longer. */
export function withStationAlong(circuit: Circuit, station: number, byFt: number): Circuit | undefined {
  const last = circuit.run.length;
  if (station !== last) return station === 0 ? undefined : withStationMoved(circuit, station, byFt);
  const lengthFt = (circuit.run[last - 1]?.lengthFt ?? 0) + byFt;
  return lengthFt < MIN_FT
    ? undefined
    : withSegment(circuit, last - 1, { lengthFt: tidy(Math.round(lengthFt * 2) / 2) });
}
