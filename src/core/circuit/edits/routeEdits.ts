import type { Circuit, Segment } from '../circuitSchema';
import { withSegment } from './circuitEdits';
import { omitUndefined } from '../../units/omitUndefined';
import type { RouteFitting, ShareKind } from '../../code/routeKinds';

type End = NonNullable<Segment['end']>;

/** What stands at the end of a segment changed; a station that is as usual again is not kept. */
export function withEnd(
  circuit: Circuit,
  index: number,
  change: { [K in keyof End]?: End[K] | undefined },
): Circuit {
  const end = omitUndefined({ ...circuit.run[index]?.end, ...change });
  return withSegment(circuit, index, { end: Object.keys(end).length === 0 ? undefined : end });
}

/** A fitting planned, or left out. */
export function withFitting(
  circuit: Circuit,
  index: number,
  fitting: RouteFitting,
  planned: boolean,
): Circuit {
  const others = (circuit.run[index]?.without ?? []).filter((each) => each !== fitting);
  const without = planned ? others : [...others, fitting];
  return withSegment(circuit, index, { without: without.length === 0 ? undefined : without });
}

/** The route of one circuit taken over by another: every segment, what stands between them, and where it starts. */
export const withRouteOf = (circuit: Circuit, from: Circuit, newId: () => string): Circuit => ({
  ...circuit,
  startHeightFt: from.startHeightFt,
  run: from.run.map(({ shares: _shares, pieceFt: _piece, ...segment }) => ({ ...segment, id: newId() })),
});

/** Two segments of two circuits. */
export interface SharedEnds {
  readonly circuit: Circuit;
  readonly index: number;
  readonly other: Circuit;
  readonly otherIndex: number;
}

/**
 * Two circuits made to share a segment. In one raceway it is one and the same segment, so the other's becomes
 * like this one's in method, place and length; in a trench or a bundle each keeps its own.
 */
export function sharing(
  { circuit, index, other, otherIndex }: SharedEnds,
  kind: ShareKind,
  newId: string,
): readonly [Circuit, Circuit] {
  const segment = circuit.run[index];
  const twin = other.run[otherIndex];
  const id = segment?.shares?.[kind] ?? twin?.shares?.[kind] ?? newId;
  // What is in one raceway lies in one trench.
  const lies = kind === 'raceway' ? { ...twin?.shares, ...segment?.shares } : twin?.shares;
  const alike: Partial<Segment> =
    kind === 'raceway' && segment !== undefined
      ? {
          method: segment.method,
          place: segment.place,
          lengthFt: segment.lengthFt,
          ambientC: segment.ambientC,
          bendsDeg: segment.bendsDeg,
          heightFt: segment.heightFt,
        }
      : {};
  return [
    withSegment(circuit, index, { shares: { ...segment?.shares, [kind]: id } }),
    withSegment(other, otherIndex, { ...alike, shares: { ...lies, [kind]: id } }),
  ];
}

/** A segment that shares one kind of way no longer. */
export function alone(circuit: Circuit, index: number, kind: ShareKind): Circuit {
  const shares = omitUndefined({ ...circuit.run[index]?.shares, [kind]: undefined });
  return withSegment(circuit, index, { shares: Object.keys(shares).length === 0 ? undefined : shares });
}
