import { groundAmps, neutralAmps } from '../network/amperes';
import type { Network } from '../network/network';
import type { CircuitCheck } from './checksDocument';
import { DEAD_V, TRIP_MA } from './proofSteps';

/** What may be wrong about a GFCI that voltages alone do not show. */
export type GfciFault =
  /** The load's neutral lies on the neutral bar, not on the device. */
  | { readonly kind: 'neutral-on-bar' }
  /** Neutral and ground touch past the device, at a station. */
  | { readonly kind: 'joined-past-it'; readonly at: string }
  /** The supply feeds the load terminals. */
  | { readonly kind: 'line-load-reversed' }
  | { readonly kind: 'device-fails' }
  /** The load leaks to the ground. */
  | { readonly kind: 'load-leaks' }
  /** Wire or a joint past the device leaks to the ground. */
  | { readonly kind: 'wire-leaks' };

/** What a fault does: whether it trips as the load comes on, what is left past the tripped device; null: either. */
export interface GfciSigns {
  readonly tripsOnLoad: boolean | null;
  /** With the load disconnected. */
  readonly tripsAlone: boolean | null;
  readonly deadWhenTripped: boolean | null;
  readonly tripsByTest: boolean | null;
  /** What flows past the device and not back through it with the load on, milliamperes. */
  readonly unbalancedMa: number;
}

/** A fault of a GFCI that everything observed agrees with. */
export interface GfciCandidate {
  readonly fault: GfciFault;
  readonly signs: GfciSigns;
}

/** What was observed of a GFCI. */
export type GfciObserved = Pick<
  CircuitCheck,
  'button' | 'tripMa' | 'tripsOnLoad' | 'tripsAlone' | 'trippedV'
>;

/** What can be tried to tell the faults of a GFCI apart, what tells most first. */
export const GFCI_TESTS = ['tripsAlone', 'tripsOnLoad', 'trippedV', 'button'] as const;
/** One of them, by the field that it fills. */
export type GfciTest = (typeof GFCI_TESTS)[number];

const MILLI = 1000;
const SOUND: GfciSigns = {
  tripsOnLoad: false,
  tripsAlone: false,
  deadWhenTripped: true,
  tripsByTest: true,
  unbalancedMa: 0,
};

/** Whether a device trips at so much; null within the range in which one may and another may not. */
const trips = (milliamperes: number): boolean | null =>
  milliamperes > TRIP_MA.high ? true : milliamperes < TRIP_MA.low ? false : null;

/** Every fault of a GFCI at a station, with what it does: solved, as the readings are. */
export function gfciFaults(network: Network, device: number): readonly GfciCandidate[] {
  const bypassed = MILLI * neutralAmps(network);
  const hasNeutral = network.conductors.includes('N');
  const joined = hasNeutral
    ? network.stations.flatMap((at, station): readonly GfciCandidate[] => {
        if (station === 0 || station < device) return [];
        const unbalancedMa = MILLI * groundAmps(network, station);
        const signs = {
          ...SOUND,
          tripsByTest: null,
          // Neutral and ground that touch may trip it without a load too.
          tripsAlone: null,
          tripsOnLoad: trips(unbalancedMa),
          unbalancedMa,
        };
        return [{ fault: { kind: 'joined-past-it', at }, signs }];
      })
    : [];
  return [
    ...(hasNeutral
      ? [
          {
            fault: { kind: 'neutral-on-bar' },
            signs: { ...SOUND, tripsOnLoad: trips(bypassed), unbalancedMa: bypassed },
          } as const,
        ]
      : []),
    ...joined,
    {
      fault: { kind: 'line-load-reversed' },
      signs: { ...SOUND, deadWhenTripped: false, tripsByTest: null },
    },
    { fault: { kind: 'load-leaks' }, signs: { ...SOUND, tripsOnLoad: true, tripsByTest: null } },
    {
      fault: { kind: 'wire-leaks' },
      signs: { ...SOUND, tripsOnLoad: true, tripsAlone: true, tripsByTest: null },
    },
    { fault: { kind: 'device-fails' }, signs: { ...SOUND, tripsByTest: false, tripsAlone: null } },
  ];
}

/** Whether a device tripped in its range by its button and by a tester; null where neither was tried. */
function testedWell({ button, tripMa }: GfciObserved): boolean | null {
  if (button === false || (tripMa !== null && (tripMa < TRIP_MA.low || tripMa > TRIP_MA.high))) return false;
  return button === null && tripMa === null ? null : true;
}

const agrees = (expected: boolean | null, seen: boolean | null): boolean =>
  expected === null || seen === null || expected === seen;

/** Whether all that was observed agrees with what a fault does. */
function isConsistent(signs: GfciSigns, observed: GfciObserved): boolean {
  const { tripsOnLoad, tripsAlone, trippedV } = observed;
  return (
    agrees(signs.tripsOnLoad, tripsOnLoad) &&
    agrees(signs.tripsAlone, tripsAlone) &&
    agrees(signs.deadWhenTripped, trippedV === null ? null : trippedV < DEAD_V) &&
    agrees(signs.tripsByTest, testedWell(observed))
  );
}

/**
 * What is wrong about a GFCI by what was observed of it: every fault that all observations agree with.
 *
 * @param device - the station at which it stands.
 * @returns Nothing where a sound device agrees with them, which says nothing about its safety.
 */
export const explainGfci = (
  network: Network,
  device: number,
  observed: GfciObserved,
): readonly GfciCandidate[] =>
  isConsistent(SOUND, observed)
    ? []
    : gfciFaults(network, device).filter(({ signs }) => isConsistent(signs, observed));

const SIGN_OF = {
  tripsAlone: 'tripsAlone',
  tripsOnLoad: 'tripsOnLoad',
  trippedV: 'deadWhenTripped',
  button: 'tripsByTest',
} as const satisfies Readonly<Record<GfciTest, keyof GfciSigns>>;

/** What is tried next: what was not tried yet and shows another thing for some of what is left. Null where nothing does. */
export function nextGfciTest(candidates: readonly GfciCandidate[], observed: GfciObserved): GfciTest | null {
  return (
    GFCI_TESTS.find((test) => {
      if (observed[test] !== null) return false;
      const shown = new Set(
        candidates.map(({ signs }) => signs[SIGN_OF[test]]).filter((sign) => sign !== null),
      );
      return shown.size > 1;
    }) ?? null
  );
}
