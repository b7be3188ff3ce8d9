import type { Circuit, Pins, Segment } from '../circuit/circuitSchema';
import type { SizedFigures } from '../circuit/figures';
import { usualHeightFt } from '../circuit/newCircuit';
import { allowedIn, isWet, type Environment, type MethodId } from '../code/methods';
import type { AnyFinding } from '../findings/finding';
import { segmentIndex } from '../findings/subject';
import { sizeRank, WIRE_SIZES } from '../units/wireSize';
import type { Candidates } from './candidate';
import type { FixChange } from './change';
import { ofCircuit } from './ofCircuit';

const without = (circuit: Circuit, pin: keyof Pins): Circuit => {
  const { [pin]: _gone, ...pins } = circuit.pins;
  return { ...circuit, pins };
};

/** A pinned figure left to the rules again. */
const free = (
  pin: keyof Pins,
  kind: FixChange['kind'],
  describe: (figures: SizedFigures, finding: AnyFinding) => FixChange,
): Candidates =>
  ofCircuit((circuit, finding) =>
    circuit.pins[pin] === undefined
      ? []
      : [{ kind, circuit: without(circuit, pin), describe: (figures) => describe(figures, finding) }],
  );

/** A segment that takes the size of the run again, and the cable that is bought for it. */
const withRun = ({ size: _size, cableWires: _wires, ...segment }: Segment): Segment => segment;

/** The size of the segment that the finding is about left to the rules again; that of the run where it has none. */
export const freeSize = ofCircuit((circuit, finding) => {
  const index = segmentIndex(finding.subject);
  const own = circuit.run.filter(
    (segment, at) =>
      (index === undefined || at === index) && (segment.size ?? segment.cableWires) !== undefined,
  );
  if (own.length === 0 && circuit.pins.size === undefined) return [];
  const freed =
    own.length > 0
      ? { ...circuit, run: circuit.run.map((each) => (own.includes(each) ? withRun(each) : each)) }
      : without(circuit, 'size');
  return [
    {
      kind: 'free-size' as const,
      circuit: freed,
      describe: ({ size, metal, segments }) => {
        const at = segments[index ?? 0];
        return { kind: 'free-size', size: at?.size ?? size, metal, what: at?.cable?.name ?? '' };
      },
    },
  ];
});
export const freeBreaker = free('ocpdA', 'free-breaker', ({ ocpd }) => ({
  kind: 'free-breaker',
  ocpdA: ocpd.ratingA,
}));
export const freeGround = free('egc', 'free-ground', ({ groundTaken }) => ({
  kind: 'free-ground',
  size: groundTaken,
}));
export const freeTrade = free('trade', 'free-trade', ({ raceway }) => ({
  kind: 'free-trade',
  trade: raceway?.taken ?? '1/2',
}));

/** The segment that a finding is about changed, or every one where it is about the whole run. */
const inSegments = (
  circuit: Circuit,
  { subject }: AnyFinding,
  change: (segment: Segment) => Segment,
): Circuit => {
  const at = segmentIndex(subject);
  return {
    ...circuit,
    run: circuit.run.map((segment, index) => (at === undefined || at === index ? change(segment) : segment)),
  };
};

/** Methods worth trying in the place of another, cheapest way of working first. */
export const INSTEAD: readonly MethodId[] = ['mc', 'emt', 'pvc40', 'uf-b', 'pvc80'];

/** Whether a method is worth offering in a place. */
export const mayRun = (method: MethodId, place: Environment): boolean => {
  if (isWet(place) || place === 'damp') return allowedIn(method, place) === 'yes';
  return method !== 'uf-b' && method !== 'pvc80';
};

/** A segment in another method: in the ground as deep as that method usually lies, or deeper where it was. */
export const inMethod = (segment: Segment, method: MethodId): Segment =>
  segment.place === 'underground'
    ? { ...segment, method, heightFt: Math.min(segment.heightFt, usualHeightFt(segment.place, method)) }
    : { ...segment, method };

export const otherMethod = ofCircuit((circuit, finding) => {
  const index = segmentIndex(finding.subject) ?? 0;
  const at = circuit.run[index];
  if (at === undefined) return [];
  return INSTEAD.filter((method) => method !== at.method && mayRun(method, at.place)).map((method) => ({
    kind: 'method',
    circuit: inSegments(circuit, finding, (segment) => inMethod(segment, method)),
    describe: ({ size, segments }) => ({
      kind: 'method',
      method,
      size,
      trade: segments[index]?.raceway?.taken ?? null,
    }),
  }));
});

export const noDropLimit = ofCircuit((circuit) => [
  {
    kind: 'no-drop-limit',
    circuit: { ...circuit, maxDropPct: null },
    describe: ({ drop }) => ({ kind: 'no-drop-limit', dropPct: drop.percent }),
  },
]);

export const marked75 = ofCircuit((circuit) => [
  {
    kind: 'marked-75',
    circuit: without({ ...circuit, terminals: { panel: 75, load: 75 } }, 'size'),
    describe: ({ size }) => ({ kind: 'marked-75', size }),
  },
]);

/** Whether a segment has neighbors that it could do without. */
const isCrowded = ({ currentCarrying, shares }: Segment): boolean =>
  currentCarrying !== null || shares?.raceway !== undefined || shares?.bundle !== undefined;

/** A segment in a raceway and a bundle of its own; the trench may be shared all the same. */
const byItself = ({ shares, ...rest }: Segment): Segment => ({
  ...rest,
  currentCarrying: null,
  ...(shares?.trench !== undefined && { shares: { trench: shares.trench } }),
});

export const spreadOut = ofCircuit((circuit, finding) =>
  circuit.run.some(isCrowded)
    ? [
        {
          kind: 'spread-out',
          circuit: inSegments(circuit, finding, byItself),
          describe: ({ size }) => ({ kind: 'spread-out', size }),
        },
      ]
    : [],
);

export const copper = ofCircuit((circuit) =>
  circuit.material === 'al'
    ? [
        {
          kind: 'copper',
          circuit: without({ ...circuit, material: 'cu' }, 'size'),
          describe: ({ size }) => ({ kind: 'copper', size }),
        },
      ]
    : [],
);

export const aluminum = ofCircuit((circuit) =>
  circuit.material === 'cu'
    ? [
        {
          kind: 'aluminum',
          circuit: without({ ...circuit, material: 'al' }, 'size'),
          describe: ({ size }) => ({ kind: 'aluminum', size }),
        },
      ]
    : [],
);

/** How many sizes up are tried. */
const SIZES_UP = 12;

/** The next sizes up, for what a larger conductor cures. */
export const larger = ofCircuit((circuit, { data }) => {
  const from = circuit.pins.size ?? ('size' in data ? data.size : undefined);
  const at = from === undefined ? 0 : sizeRank(from) + 1;
  return WIRE_SIZES.slice(at, at + SIZES_UP).map((size) => ({
    kind: 'larger',
    circuit: { ...circuit, pins: { ...circuit.pins, size } },
    describe: () => ({ kind: 'larger', size }),
  }));
});
