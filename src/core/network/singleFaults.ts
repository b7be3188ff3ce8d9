import {
  CONDUCTORS,
  PAIRS,
  PAIR_OF,
  pairIn,
  runsTo,
  type Conductor,
  type Fault,
  type Network,
  type Pair,
} from './network';

/** A place where one thing may be wrong: how that would look in the network, and what it is called. */
export interface FaultPlace {
  readonly what: 'series' | 'swap' | 'short';
  readonly conductor: Conductor | Pair;
  /** Stations ("B": its joint) and segments ("A-B": its wire) that no reading tells apart. */
  readonly at: readonly string[];
  /** The fault with so many ohms; a swap has none. */
  readonly faultOf: (ohms: number) => Fault;
}

const stationName = ({ stations }: Network, at: number): string => stations[at] ?? '';

/** Joints and the wires before them, of every conductor. */
function seriesPlaces(network: Network): readonly FaultPlace[] {
  return network.conductors.flatMap((name, conductor) =>
    network.stations.flatMap((own, station): readonly FaultPlace[] =>
      runsTo(network, conductor, station)
        ? [
            {
              what: 'series',
              conductor: name,
              at: station === 0 ? [own] : [`${stationName(network, station - 1)}-${own}`, own],
              faultOf: (ohms) => ({ kind: 'series', conductor, station, ohms }),
            },
          ]
        : [],
    ),
  );
}

/** What a pair may hang on where it is exchanged: both hots on the one or on the other leg, any others crosswise. */
function exchanges(network: Network, pair: Pair): readonly (readonly number[])[] {
  const ends = pairIn(network, pair);
  if (ends === undefined) return [];
  const [a, b] = ends;
  const own = network.conductors.map((_, at) => at);
  return pair === 'L1L2' ? [own.with(b, a), own.with(a, b)] : [own.with(a, b).with(b, a)];
}

/** Pairs exchanged on the line side of a station. */
function swapPlaces(network: Network): readonly FaultPlace[] {
  return PAIRS.flatMap((pair) =>
    network.stations.flatMap((own, station) =>
      exchanges(network, pair)
        .filter(() =>
          PAIR_OF[pair].every((each) => runsTo(network, network.conductors.indexOf(each), station)),
        )
        .map((from): FaultPlace => {
          return {
            what: 'swap',
            conductor: pair,
            at: [own],
            faultOf: () => ({ kind: 'swap', station, from }),
          };
        }),
    ),
  );
}

/** Neutral and ground joined past the source. */
function shortPlaces(network: Network): readonly FaultPlace[] {
  const between = pairIn(network, 'NG');
  if (between === undefined) return [];
  return network.stations.flatMap((own, station): readonly FaultPlace[] =>
    station > 0 && between.every((each) => runsTo(network, each, station))
      ? [
          {
            what: 'short',
            conductor: 'NG',
            at: [own],
            faultOf: (ohms) => ({ kind: 'short', station, between, ohms }),
          },
        ]
      : [],
  );
}

/** Every place of a network where one thing may be wrong. */
export const faultPlaces = (network: Network): readonly FaultPlace[] => [
  ...seriesPlaces(network),
  ...swapPlaces(network),
  ...shortPlaces(network),
];

/** A network of segments as they are read, station by station. */
export interface NetworkSegment {
  readonly from: string;
  readonly to: string;
  /** Ohms of the hots and the neutral, and of the ground. */
  readonly wireOhms: number;
  readonly groundOhms: number;
  readonly neutral: boolean;
}

/** A network by its segments in order; a segment without a neutral ends it. */
export function networkOf(
  segments: readonly NetworkSegment[],
  supply: { readonly L1: number; readonly L2?: number | undefined },
  loads: readonly { readonly at: string; readonly between: Pair; readonly ohms: number }[],
): Network {
  const first = segments[0];
  const stations = first === undefined ? [] : [first.from, ...segments.map(({ to }) => to)];
  const conductors = CONDUCTORS.filter(
    (each) => (each !== 'L2' || supply.L2 !== undefined) && (each !== 'N' || first?.neutral === true),
  );
  let neutral = true;
  return {
    stations,
    conductors,
    supply: conductors.map((each) => (each === 'L1' ? supply.L1 : each === 'L2' ? -(supply.L2 ?? 0) : 0)),
    wires: segments.map((segment) => {
      neutral &&= segment.neutral;
      return conductors.map((each) =>
        each === 'G' ? segment.groundOhms : each === 'N' && !neutral ? Infinity : segment.wireOhms,
      );
    }),
    loads: loads.map(({ at, between, ohms }) => ({ station: stations.indexOf(at), between, ohms })),
  };
}
