import type { Conductor } from '../network/network';
import { BENCH_CIRCUITS, type BenchCircuit, type BenchCircuitId } from './benchCircuits';
import type { FaultFamily } from './benchFaults';

/** A circuit with one thing hidden in it. */
export interface Bench {
  readonly id: string;
  /** What is seen before anything is measured. */
  readonly name: string;
  readonly circuit: BenchCircuit;
  /** What kinds of things may be wrong. */
  readonly families: readonly FaultFamily[];
  /** The only conductors that may be it; any where left out. */
  readonly only?: readonly Conductor[];
  /** What is wrong, by its key. */
  readonly hidden: string;
}

type Row = readonly [
  id: string,
  name: string,
  circuit: BenchCircuitId,
  families: readonly FaultFamily[],
  hidden: string,
  only?: readonly Conductor[],
];

const WIRES: readonly FaultFamily[] = ['open', 'swap'];
const GFCI: readonly FaultFamily[] = ['open', 'joined', 'gfci'];

/** From easy to hard. */
const ROWS: readonly Row[] = [
  ['dead-outlet', 'Nothing at the outlet', 'outlet', ['open'], 'open L1 C'],
  ['reversed', 'Outlet wired backward', 'outlet', WIRES, 'swap L1N C'],
  ['open-ground', 'Tester says no ground', 'outlet', WIRES, 'open G B'],
  ['open-neutral', 'Hot is there, nothing runs', 'outlet', WIRES, 'open N A-B'],
  ['ghost', 'Ghost volts', 'outlet', WIRES, 'open L1 A-B'],
  ['hot-to-ground', 'The frame tingles', 'outlet', WIRES, 'swap L1G C'],
  ['neutral-ground', 'Neutral carries on the bare wire', 'outlet', ['open', 'swap', 'joined'], 'swap NG B'],
  ['one-leg-twice', 'Charger will not start', 'charger', WIRES, 'swap L1L2 A'],
  ['lost-leg', 'Half of the volts', 'charger', WIRES, 'open L2 B'],
  ['supply-208', 'Heats slowly', 'charger', ['open', 'swap', 'hot-joint', 'supply'], 'supply-208'],
  ['hot-lug', 'A lug smells', 'charger', ['open', 'hot-joint'], 'resistance L1 B'],
  ['pump-dead', 'Heater runs, pump is dead', 'tub', ['open', 'swap'], 'open N B'],
  ['tub-ground', 'Water tingles', 'tub', ['open', 'swap', 'joined'], 'open G A-B'],
  ['neutral-joint', 'Pump slows, lights brighten', 'tub', ['open', 'hot-joint'], 'resistance N B'],
  ['trips-with-pump', 'Trips with the pump', 'tub', GFCI, 'neutral-on-bar'],
  ['trips-joined', 'Trips with the pump again', 'tub', GFCI, 'short NG C'],
  ['stays-live', 'Tripped and still live', 'gfci-outlet', GFCI, 'line-load-reversed'],
  ['never-trips', 'The button does nothing', 'gfci-outlet', GFCI, 'device-fails'],
  ['shared-open', 'One lamp bright, one dim', 'shared-neutral', WIRES, 'open N B'],
  [
    'bonded-subpanel',
    'Ground wire carries current',
    'subpanel',
    ['open', 'joined', 'hot-joint'],
    'short NG B',
  ],
  [
    'subpanel-neutral',
    'Volts wander in the garage',
    'subpanel',
    ['open', 'hot-joint', 'joined'],
    'resistance N A',
  ],
  ['well-splice', 'Well pump hums', 'well', ['open', 'swap'], 'open L2 C-D'],
  ['well-lug', 'Well pump is slow', 'well', ['open', 'hot-joint'], 'resistance L2 C'],
  ['ring-broken', 'Ring broken at the pool', 'ring', ['open'], 'open G B-C', ['G']],
  ['two-faults', 'Repaired, still dead', 'outlet', ['open', 'two'], 'open L1 B + open N C'],
];

/** Every bench, from easy to hard. */
export const BENCHES: readonly Bench[] = ROWS.map(([id, name, circuit, families, hidden, only]) => ({
  id,
  name,
  circuit: BENCH_CIRCUITS[circuit],
  families,
  hidden,
  ...(only !== undefined && { only }),
}));
