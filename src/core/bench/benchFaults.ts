import type { Conductor, Fault, Network, Pair } from '../network/network';
import { faultPlaces } from '../network/singleFaults';
import type { BenchCircuit } from './benchCircuits';

/** A fault that the network of a circuit bears. */
export interface WiringFault {
  readonly kind: 'wiring';
  readonly fault: 'open' | 'resistance' | 'swap' | 'short';
  readonly conductor: Conductor | Pair;
  /** A station ("B": its joint) or a segment ("A-B": its wire). */
  readonly at: string;
  readonly ohms: number | null;
  readonly inNetwork: Fault;
}

/** Something that may be wrong on a bench. */
export type BenchFault =
  | WiringFault
  | { readonly kind: 'neutral-on-bar' | 'line-load-reversed' | 'device-fails' | 'supply-208' }
  | { readonly kind: 'two'; readonly first: WiringFault; readonly second: WiringFault };

/** Kinds of faults that a bench hides one of. */
export type FaultFamily = 'open' | 'hot-joint' | 'swap' | 'joined' | 'gfci' | 'supply' | 'two';

/** Ohms of a joint that heats: 0.5 at what draws little, less where forty amperes pass. */
const JOINT_OHMS = { light: 0.5, heavy: 0.05 } as const;
const HEAVY_A = 30;

const isJoint = (at: string): boolean => !at.includes('-');

/** Amperes of the largest load. */
const largestA = ({ loads }: Network): number =>
  Math.max(0, ...loads.map(({ between, ohms }) => (between === 'L1L2' ? 240 : 120) / ohms));

/** Ohms that a bad joint of a circuit has. */
export const jointOhms = (network: Network): number =>
  largestA(network) > HEAVY_A ? JOINT_OHMS.heavy : JOINT_OHMS.light;

/** Conductors in series with one fault each: every joint, and every wire where that may be it. */
function series(network: Network, ohms: number, joints: boolean): readonly WiringFault[] {
  return faultPlaces(network)
    .filter(({ what }) => what === 'series')
    .flatMap(({ conductor, at, faultOf }) =>
      at
        .filter((place) => !joints || isJoint(place))
        .map((place): WiringFault => ({
          kind: 'wiring',
          fault: ohms === Infinity ? 'open' : 'resistance',
          conductor,
          at: place,
          ohms: ohms === Infinity ? null : ohms,
          inNetwork: faultOf(ohms),
        })),
    );
}

/** Conductors exchanged past the panel; both hots on one leg once. */
function swaps(network: Network): readonly WiringFault[] {
  const seen = new Set<string>();
  return faultPlaces(network)
    .filter(({ what }) => what === 'swap')
    .flatMap(({ conductor, at: [at = ''], faultOf }): readonly WiringFault[] => {
      const key = `${conductor} ${at}`;
      if (seen.has(key) || (at === network.stations[0] && conductor !== 'L1L2')) return [];
      seen.add(key);
      return [{ kind: 'wiring', fault: 'swap', conductor, at, ohms: null, inNetwork: faultOf(0) }];
    });
}

/** Neutral and ground joined past the panel. */
const joined = (network: Network): readonly WiringFault[] =>
  faultPlaces(network)
    .filter(({ what }) => what === 'short')
    .map(({ conductor, at: [at = ''], faultOf }) => ({
      kind: 'wiring',
      fault: 'short',
      conductor,
      at,
      ohms: 0,
      inNetwork: faultOf(0),
    }));

/** Two conductors open at once: the first one past the panel, so that it stays in the wire. */
function pairs(network: Network): readonly BenchFault[] {
  const all = series(network, Infinity, true).filter(({ conductor }) => conductor !== 'G');
  return all.flatMap((first, at) =>
    all
      .slice(at + 1)
      .filter(
        ({ conductor, inNetwork }) =>
          first.inNetwork.station > 0 && inNetwork.station > 0 && conductor !== first.conductor,
      )
      .map((second): BenchFault => ({ kind: 'two', first, second })),
  );
}

const OF_FAMILY: Readonly<Record<FaultFamily, (circuit: BenchCircuit) => readonly BenchFault[]>> = {
  open: ({ network }) => series(network, Infinity, false),
  'hot-joint': ({ network }) =>
    series(network, jointOhms(network), true).filter(({ conductor }) => conductor !== 'G'),
  swap: ({ network }) => swaps(network),
  joined: ({ network }) => joined(network),
  gfci: () => [{ kind: 'neutral-on-bar' }, { kind: 'line-load-reversed' }, { kind: 'device-fails' }],
  supply: () => [{ kind: 'supply-208' }],
  two: ({ network }) => pairs(network),
};

/** Everything that may be wrong on a bench that hides a fault of some families. */
export const benchFaults = (circuit: BenchCircuit, families: readonly FaultFamily[]): readonly BenchFault[] =>
  families.flatMap((family) => OF_FAMILY[family](circuit));

/** A fault by a word that stays the same: "open N B". */
export function faultKey(fault: BenchFault): string {
  if (fault.kind === 'wiring') return `${fault.fault} ${fault.conductor} ${fault.at}`;
  if (fault.kind === 'two') return `${faultKey(fault.first)} + ${faultKey(fault.second)}`;
  return fault.kind;
}
