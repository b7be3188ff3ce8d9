import type { Network, Pair } from '../network/network';
import { networkOf, type NetworkSegment } from '../network/singleFaults';

/** What stands at a station of a bench. */
export type BenchPlace =
  | 'panel'
  | 'box'
  | 'outlet'
  | 'spa-enclosure'
  | 'tub'
  | 'disconnect'
  | 'charger'
  | 'subpanel'
  | 'pump'
  | 'pool-metal'
  | 'load';

/** A circuit to practice on: its network, what stands where, and where a GFCI does. */
export interface BenchCircuit {
  readonly network: Network;
  readonly places: readonly BenchPlace[];
  /** The station of its GFCI; null: none. */
  readonly gfci: number | null;
  /** What its load is called. */
  readonly load: string;
}

/** Ohms a thousand feet of copper: 12, 10, 6 AWG. */
const AWG_12 = 1.98;
const AWG_10 = 1.24;
const AWG_6 = 0.491;
const KFT = 1000;
/** What lies side by side in a cable of some fifty feet is coupled by about so many ohms at 60 Hz. */
const COUPLING_OHMS = 4e6;
const LEG_1 = 120.8;
const LEG_2 = 121.1;

interface Stretch {
  readonly ft: number;
  readonly perKft: number;
  readonly groundPerKft: number;
  readonly neutral?: boolean;
}

const LETTERS = 'ABCDEF';

const segmentsOf = (stretches: readonly Stretch[]): readonly NetworkSegment[] =>
  stretches.map(({ ft, perKft, groundPerKft, neutral = true }, at) => ({
    from: LETTERS.charAt(at),
    to: LETTERS.charAt(at + 1),
    wireOhms: (perKft * ft) / KFT,
    groundOhms: (groundPerKft * ft) / KFT,
    neutral,
  }));

interface Drawn {
  readonly stretches: readonly Stretch[];
  readonly hots: 1 | 2;
  readonly loads: readonly { readonly at: string; readonly between: Pair; readonly ohms: number }[];
  readonly places: readonly BenchPlace[];
  readonly load: string;
  readonly gfci?: number;
}

function circuitOf({ stretches, hots, loads, places, load, gfci }: Drawn): BenchCircuit {
  const network = networkOf(
    segmentsOf(stretches),
    hots === 2 ? { L1: LEG_1, L2: LEG_2 } : { L1: LEG_1 },
    loads,
  );
  return { network: { ...network, couplingOhms: COUPLING_OHMS }, places, gfci: gfci ?? null, load };
}

const outletWire = { perKft: AWG_12, groundPerKft: AWG_12 };
const tubWire = { perKft: AWG_6, groundPerKft: AWG_10 };

/** Circuits of the benches, by what they feed. */
export const BENCH_CIRCUITS = {
  outlet: circuitOf({
    stretches: [
      { ft: 35, ...outletWire },
      { ft: 18, ...outletWire },
    ],
    hots: 1,
    loads: [{ at: 'C', between: 'L1N', ohms: 10 }],
    places: ['panel', 'box', 'outlet'],
    load: 'heater, 12 A',
  }),
  'gfci-outlet': circuitOf({
    stretches: [
      { ft: 30, ...outletWire },
      { ft: 22, ...outletWire },
    ],
    hots: 1,
    loads: [{ at: 'C', between: 'L1N', ohms: 15 }],
    places: ['panel', 'outlet', 'pump'],
    load: 'pond pump, 8 A',
    gfci: 1,
  }),
  'shared-neutral': circuitOf({
    stretches: [
      { ft: 40, ...outletWire },
      { ft: 15, ...outletWire },
    ],
    hots: 2,
    loads: [
      { at: 'C', between: 'L1N', ohms: 10 },
      { at: 'C', between: 'L2N', ohms: 40 },
    ],
    places: ['panel', 'box', 'outlet'],
    load: 'heater on one leg, lamp on the other',
  }),
  tub: circuitOf({
    stretches: [
      { ft: 34, ...tubWire },
      { ft: 12, ...tubWire },
    ],
    hots: 2,
    loads: [
      { at: 'C', between: 'L1L2', ohms: 10.5 },
      { at: 'C', between: 'L1N', ohms: 13.2 },
    ],
    places: ['panel', 'spa-enclosure', 'tub'],
    load: 'heater, 240 V; pump, 120 V',
    gfci: 1,
  }),
  charger: circuitOf({
    stretches: [
      { ft: 48, perKft: AWG_6, groundPerKft: AWG_10, neutral: false },
      { ft: 6, perKft: AWG_6, groundPerKft: AWG_10, neutral: false },
    ],
    hots: 2,
    loads: [{ at: 'C', between: 'L1L2', ohms: 5 }],
    places: ['panel', 'disconnect', 'charger'],
    load: 'EV charger, 48 A',
  }),
  well: circuitOf({
    stretches: [
      { ft: 60, perKft: AWG_10, groundPerKft: AWG_10, neutral: false },
      { ft: 30, perKft: AWG_10, groundPerKft: AWG_10, neutral: false },
      { ft: 140, perKft: AWG_10, groundPerKft: AWG_10, neutral: false },
    ],
    hots: 2,
    loads: [{ at: 'D', between: 'L1L2', ohms: 24 }],
    places: ['panel', 'disconnect', 'box', 'pump'],
    load: 'well pump, 10 A',
  }),
  subpanel: circuitOf({
    stretches: [
      { ft: 55, perKft: AWG_6, groundPerKft: AWG_10 },
      { ft: 20, ...outletWire },
    ],
    hots: 2,
    loads: [
      { at: 'C', between: 'L1N', ohms: 12 },
      { at: 'B', between: 'L2N', ohms: 40 },
    ],
    places: ['panel', 'subpanel', 'outlet'],
    load: 'heater at C, lamps at B',
  }),
  /** The bonding conductor of a pool as it is measured: beside it a test wire from the pump. */
  ring: circuitOf({
    stretches: [
      { ft: 20, perKft: AWG_12, groundPerKft: 0.778 },
      { ft: 25, perKft: AWG_12, groundPerKft: 0.778 },
      { ft: 30, perKft: AWG_12, groundPerKft: 0.778 },
    ],
    hots: 1,
    loads: [],
    places: ['pump', 'pool-metal', 'pool-metal', 'pool-metal'],
    load: 'none: bonding alone',
  }),
} as const satisfies Readonly<Record<string, BenchCircuit>>;

/** A circuit of a bench. */
export type BenchCircuitId = keyof typeof BENCH_CIRCUITS;
