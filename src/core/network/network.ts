/** Conductors of a circuit in the order in which they are reckoned with. */
export const CONDUCTORS = ['L1', 'L2', 'N', 'G'] as const;
/** A conductor of a circuit. */
export type Conductor = (typeof CONDUCTORS)[number];

/** Conductors between which is measured. */
export const PAIRS = ['L1L2', 'L1N', 'L2N', 'L1G', 'L2G', 'NG'] as const;
/** Two of them. */
export type Pair = (typeof PAIRS)[number];

/** The two conductors of a pair. */
export const PAIR_OF: Readonly<Record<Pair, readonly [Conductor, Conductor]>> = {
  L1L2: ['L1', 'L2'],
  L1N: ['L1', 'N'],
  L2N: ['L2', 'N'],
  L1G: ['L1', 'G'],
  L2G: ['L2', 'G'],
  NG: ['N', 'G'],
};

/** Whether a name is that of a pair. */
export const isPair = (name: string): name is Pair => name in PAIR_OF;

/** A load between two conductors at a station, by its resistance in ohms. */
export interface NetworkLoad {
  readonly station: number;
  readonly between: Pair;
  readonly ohms: number;
}

/**
 * A circuit as a network: stations in their order from the source on, a joint of each conductor on the line side of each
 * station, wire between them, loads behind the joints. Line 1 and line 2 are in opposite phase, so that volts have a sign.
 */
export interface Network {
  readonly stations: readonly string[];
  readonly conductors: readonly Conductor[];
  /** Volts of each conductor at the source: line 2 is below nothing, neutral and ground lie on the bonded point. */
  readonly supply: readonly number[];
  /** Ohms of each conductor from each station to the next; Infinity where it does not run. */
  readonly wires: readonly (readonly number[])[];
  readonly loads: readonly NetworkLoad[];
  /** Volts between the legs as a share of both together: less than 1 where they are not in opposite phase. */
  readonly lineShare?: number;
  /** Ohms by which conductors beside each other are coupled at each station; left out where that is not reckoned. */
  readonly couplingOhms?: number;
}

/** How a network stands while it is measured. */
export interface State {
  /** All loads connected, or none. */
  readonly on: boolean;
  /** Fed; or each hot conductor lifted from the source by itself, neutral and ground left on it. */
  readonly live: boolean;
}

/** A single fault of a network; conductors by their place in it. */
export type Fault =
  | { readonly kind: 'series'; readonly conductor: number; readonly station: number; readonly ohms: number }
  | { readonly kind: 'swap'; readonly station: number; readonly from: readonly number[] }
  | {
      readonly kind: 'short';
      readonly station: number;
      readonly between: readonly [number, number];
      readonly ohms: number;
    };

/** The places of a pair in a network; undefined where one of them is not run. */
export function pairIn({ conductors }: Network, pair: Pair): readonly [number, number] | undefined {
  const [a, b] = PAIR_OF[pair].map((each) => conductors.indexOf(each));
  return a === undefined || b === undefined || a < 0 || b < 0 ? undefined : [a, b];
}

/** Whether a conductor runs to a station. */
export const runsTo = ({ wires }: Network, conductor: number, station: number): boolean =>
  wires.slice(0, station).every((ohms) => (ohms[conductor] ?? Infinity) < Infinity);
