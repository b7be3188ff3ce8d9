import type { Circuit, Stretch } from '../circuitSchema';
import { withStretch } from './circuitEdits';
import { saved } from '../savedShape';
import type { WayFitting, WayKind } from '../../code/routeKinds';
import type { AnyRouteFinding } from '../../findings/routeFinding';

type End = NonNullable<Stretch['end']>;

/** What may be taken out of a stretch by setting it to undefined. */
type Optional =
  'shares' | 'burial' | 'bored' | 'swingF' | 'edgeIn' | 'pieceFt' | 'sleeve' | 'without' | 'end';
type StretchChange = Partial<Omit<Stretch, Optional>> & { [K in Optional]?: Stretch[K] | undefined };

/** One stretch changed; what is set to undefined is taken out. */
export const withWay = (circuit: Circuit, index: number, change: StretchChange): Circuit => ({
  ...circuit,
  run: circuit.run.map((stretch, at) => (at === index ? saved({ ...stretch, ...change }) : stretch)),
});

/** What stands at the end of a stretch changed; a station that is as usual again is not kept. */
export function withEnd(
  circuit: Circuit,
  index: number,
  change: { [K in keyof End]?: End[K] | undefined },
): Circuit {
  const end = saved({ ...circuit.run[index]?.end, ...change });
  return withWay(circuit, index, { end: Object.keys(end).length === 0 ? undefined : end });
}

/** A fitting planned, or left out. */
export function withFitting(circuit: Circuit, index: number, fitting: WayFitting, planned: boolean): Circuit {
  const others = (circuit.run[index]?.without ?? []).filter((each) => each !== fitting);
  const without = planned ? others : [...others, fitting];
  return withWay(circuit, index, { without: without.length === 0 ? undefined : without });
}

/** The way of one circuit taken over by another: every stretch, what stands between them, and where it starts. */
export const withRouteOf = (circuit: Circuit, from: Circuit, newId: () => string): Circuit => ({
  ...circuit,
  startHeightFt: from.startHeightFt,
  run: from.run.map(({ shares: _shares, pieceFt: _piece, ...stretch }) => ({ ...stretch, id: newId() })),
});

/** Two stretches of two circuits. */
export interface SharedEnds {
  readonly circuit: Circuit;
  readonly index: number;
  readonly other: Circuit;
  readonly otherIndex: number;
}

/**
 * Two circuits made to share a stretch. In one raceway it is one and the same stretch, so the other's becomes
 * like this one's in method, place and length; in a trench or a bundle each keeps its own.
 */
export function sharing(
  { circuit, index, other, otherIndex }: SharedEnds,
  kind: WayKind,
  newId: string,
): readonly [Circuit, Circuit] {
  const stretch = circuit.run[index];
  const twin = other.run[otherIndex];
  const id = stretch?.shares?.[kind] ?? twin?.shares?.[kind] ?? newId;
  // What is in one raceway lies in one trench.
  const lies = kind === 'raceway' ? { ...twin?.shares, ...stretch?.shares } : twin?.shares;
  const alike: Partial<Stretch> =
    kind === 'raceway' && stretch !== undefined
      ? {
          method: stretch.method,
          place: stretch.place,
          lengthFt: stretch.lengthFt,
          ambientC: stretch.ambientC,
          bendsDeg: stretch.bendsDeg,
          heightFt: stretch.heightFt,
        }
      : {};
  return [
    withStretch(circuit, index, { shares: { ...stretch?.shares, [kind]: id } }),
    withStretch(other, otherIndex, { ...alike, shares: { ...lies, [kind]: id } }),
  ];
}

/** A stretch that shares one kind of way no longer. */
export function alone(circuit: Circuit, index: number, kind: WayKind): Circuit {
  const shares = saved({ ...circuit.run[index]?.shares, [kind]: undefined });
  return withWay(circuit, index, { shares: Object.keys(shares).length === 0 ? undefined : shares });
}

/** A way out of a finding about the way: what is put right, and the circuit as it would be. */
export interface RouteRemedy {
  readonly kind: 'deepen' | 'free-box' | 'free-pull-box' | 'plan' | 'pull-point' | 'free-piece' | 'free-hole';
  readonly figure: number;
  readonly circuit: Circuit;
}

/** The ways out of a finding about the way; none where only an answer helps. */
export function routeRemedies(circuit: Circuit, finding: AnyRouteFinding): readonly RouteRemedy[] {
  const { stretch: at, fitting } = finding;
  if (fitting !== null)
    return [{ kind: 'plan', figure: 0, circuit: withFitting(circuit, at, fitting, true) }];
  switch (finding.code) {
    case 'burial.depth': {
      const { needsIn } = finding.data;
      return [
        { kind: 'deepen', figure: needsIn, circuit: withWay(circuit, at, { heightFt: -needsIn / 12 }) },
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
          circuit: withWay(circuit, at, { pieceFt: undefined }),
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

/** Couplings from a stretch on made into bodies to pull at. */
const bodiesForCouplings = (circuit: Circuit, from: number): Circuit => ({
  ...circuit,
  run: circuit.run.map((stretch, index) =>
    index >= from && stretch.end?.kind === 'coupling'
      ? { ...stretch, end: { ...stretch.end, kind: 'body' } }
      : stretch,
  ),
});
