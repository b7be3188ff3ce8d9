import type { MethodId, Environment } from '../code/methods';
import type { Segment } from '../circuit/circuitSchema';
import { stationKinds, stationLetter, type StationKind } from '../circuit/stations';

/** A point of the section: feet along the run from the panel, feet above grade. */
export interface SectionPoint {
  readonly xFt: number;
  readonly heightFt: number;
}

/** A place along the run where something stands. */
export interface Station extends SectionPoint {
  /** A at the panel, B at the next station, and so on: the same letters on section, tape and sheet. */
  readonly letter: string;
  readonly kind: StationKind;
}

/** One segment as it is drawn. */
export interface SectionSegment {
  readonly method: MethodId;
  readonly place: Environment;
  readonly lengthFt: number;
  /** From station to station: up or down to the height at which it runs, along, and to the next station. */
  readonly path: readonly SectionPoint[];
  /** Whether rise and fall alone are longer than the segment: it is then drawn longer than it is. */
  readonly drawnLonger: boolean;
}

/** The whole section, in feet. */
export interface SectionGeometry {
  readonly stations: readonly Station[];
  readonly segments: readonly SectionSegment[];
  readonly widthFt: number;
  readonly topFt: number;
  readonly bottomFt: number;
}

/** A segment is drawn at least this long along the run, so that its two stations can be told apart. */
const MIN_ALONG_FT = 2;

function segmentPath(segment: Segment, from: SectionPoint): { path: SectionPoint[]; drawnLonger: boolean } {
  const rise = Math.abs(segment.heightFt - from.heightFt) + Math.abs(segment.endHeightFt - segment.heightFt);
  const left = segment.lengthFt - rise;
  const along = Math.max(MIN_ALONG_FT, left);
  const xFt = from.xFt + along;
  const path = [
    from,
    { xFt: from.xFt, heightFt: segment.heightFt },
    { xFt, heightFt: segment.heightFt },
    { xFt, heightFt: segment.endHeightFt },
  ];
  const distinct = path.filter((point, at) => {
    const last = path[at - 1];
    return last === undefined || last.xFt !== point.xFt || last.heightFt !== point.heightFt;
  });
  return { path: distinct, drawnLonger: left < MIN_ALONG_FT };
}

/**
 * The run as a lengthwise section: every segment rises or falls from its station to the height at which it
 * runs, goes along, and meets the next station. Lengths along are what the wire has left after rise and fall.
 */
export function sectionGeometry(run: readonly Segment[], startHeightFt: number): SectionGeometry {
  const kinds = stationKinds(run);
  const stations: Station[] = [{ letter: 'A', xFt: 0, heightFt: startHeightFt, kind: 'panel' }];
  const segments: SectionSegment[] = [];
  let from: SectionPoint = { xFt: 0, heightFt: startHeightFt };
  for (const [index, segment] of run.entries()) {
    const { path, drawnLonger } = segmentPath(segment, from);
    const { method, place, lengthFt } = segment;
    segments.push({ method, place, lengthFt, path, drawnLonger });
    from = path.at(-1) ?? from;
    stations.push({ ...from, letter: stationLetter(index + 1), kind: kinds[index + 1] ?? 'appliance' });
  }
  const heights = segments.flatMap(({ path }) => path.map(({ heightFt }) => heightFt));
  return {
    stations,
    segments,
    widthFt: from.xFt,
    topFt: Math.max(0, ...heights),
    bottomFt: Math.min(0, ...heights),
  };
}
