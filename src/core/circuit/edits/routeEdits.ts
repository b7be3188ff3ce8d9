import type { Circuit, Segment } from '../circuitSchema';
import { withSegment } from './circuitEdits';
import { omitUndefined } from '../../units/omitUndefined';
import type { RouteFitting, ShareKind } from '../../code/routeKinds';
import type { AnyRouteFinding } from '../../findings/routeFinding';

type End = NonNullable<Segment['end']>;

/** What may be taken out of a segment by setting it to undefined. */
type Optional =
  'shares' | 'burial' | 'bored' | 'swingF' | 'edgeIn' | 'pieceFt' | 'sleeve' | 'without' | 'end';
type SegmentChange = Partial<Omit<Segment, Optional>> & { [K in Optional]?: Segment[K] | undefined };

/** One segment changed; what is set to undefined is taken out. */
export const withSegmentSet = (circuit: Circuit, index: number, change: SegmentChange): Circuit => ({
  ...circuit,
  run: circuit.run.map((segment, at) => (at === index ? omitUndefined({ ...segment, ...change }) : segment)),
});

/** What stands at the end of a segment changed; a station that is as usual again is not kept. */
export function withEnd(
  circuit: Circuit,
  index: number,
  change: { [K in keyof End]?: End[K] | undefined },
): Circuit {
  const end = omitUndefined({ ...circuit.run[index]?.end, ...change });
  return withSegmentSet(circuit, index, { end: Object.keys(end).length === 0 ? undefined : end });
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
  return withSegmentSet(circuit, index, { without: without.length === 0 ? undefined : without });
}

/** The way of one circuit taken over by another: every segment, what stands between them, and where it starts. */
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
  return withSegmentSet(circuit, index, { shares: Object.keys(shares).length === 0 ? undefined : shares });
}

/** A way out of a finding about the way: what is put right, and the circuit as it would be. */
export interface RouteRemedy {
  readonly kind: 'deepen' | 'free-box' | 'free-pull-box' | 'plan' | 'pull-point' | 'free-piece' | 'free-hole';
  readonly figure: number;
  readonly circuit: Circuit;
}

/** The ways out of a finding about the way; none where only an answer helps. */
export function routeRemedies(circuit: Circuit, finding: AnyRouteFinding): readonly RouteRemedy[] {
  const { segment: at, fitting } = finding;
  if (fitting !== null)
    return [{ kind: 'plan', figure: 0, circuit: withFitting(circuit, at, fitting, true) }];
  switch (finding.code) {
    case 'burial.depth': {
      const { needsIn } = finding.data;
      return [
        {
          kind: 'deepen',
          figure: needsIn,
          circuit: withSegmentSet(circuit, at, { heightFt: -needsIn / 12 }),
        },
      ];
    }
    case 'box.fill':
      return [
        {
          kind: 'free-box',
          figure: finding.data.needsIn3,
          circuit: withEnd(circuit, at, { boxIn3: undefined, ringIn3: undefined }),
        },
      ];
    case 'box.pull-length':
      return [
        {
          kind: 'free-pull-box',
          figure: finding.data.needsIn,
          circuit: withEnd(circuit, at, { lengthIn: undefined }),
        },
      ];
    case 'route.bends':
      return [{ kind: 'pull-point', figure: finding.data.degrees, circuit: bodiesForCouplings(circuit, at) }];
    case 'piece.short':
      return [
        {
          kind: 'free-piece',
          figure: finding.data.needsFt,
          circuit: withSegmentSet(circuit, at, { pieceFt: undefined }),
        },
      ];
    case 'knockout.size':
      return [
        {
          kind: 'free-hole',
          figure: finding.data.needsIn,
          circuit: withEnd(circuit, at, { holeIn: undefined }),
        },
      ];
    default:
      return [];
  }
}

/** Couplings from a segment on made into bodies to pull at. */
const bodiesForCouplings = (circuit: Circuit, from: number): Circuit => ({
  ...circuit,
  run: circuit.run.map((segment, index) =>
    index >= from && segment.end?.kind === 'coupling'
      ? { ...segment, end: { ...segment.end, kind: 'body' } }
      : segment,
  ),
});
