import { offBy, type Reading } from './diagnose';
import { PAIR_OF, pairIn, type Conductor, type Network, type NetworkLoad, type Pair } from './network';
import { NetworkSolver, readVolts, type Seen } from './networkSolver';

/** Heat in one joint that is noticed, watts. */
const HEATS_W = 5;
/** A neutral further from the ground than this is live rather than hot: another danger. */
const NEUTRAL_V = 30;

/** Amperes of each conductor in one piece of wire; away from the source counts up. */
type Currents = Readonly<Record<Conductor, number>>;

/** A circuit with its loads on: sound, as it was read, and what its loads draw. */
interface Loaded {
  readonly network: Network;
  readonly on: readonly Reading[];
  /** What a sound circuit would show. */
  readonly sound: readonly Seen[];
}

const stationOf = ({ network }: Loaded, { at }: Reading): number => network.stations.indexOf(at);

/** What a sound circuit would show at a station; null where it lacks one of the two. */
function soundVolts({ network, sound }: Loaded, pair: Pair, station: number): number | null {
  const [ends, there] = [pairIn(network, pair), sound[station]];
  const share = pair === 'L1L2' ? (network.lineShare ?? 1) : 1;
  return ends === undefined || there === undefined ? null : share * Math.abs(readVolts(there, ends));
}

/** Volts at a load: as they were read nearest to it, else those of a sound circuit. */
function voltsAtLoad(loaded: Loaded, { station, between }: NetworkLoad): number {
  const away = (each: Reading): number => Math.abs(stationOf(loaded, each) - station);
  const [nearest] = loaded.on.filter(({ pair }) => pair === between).toSorted((a, b) => away(a) - away(b));
  return nearest?.volts ?? soundVolts(loaded, between, station) ?? 0;
}

/** What the loads past a piece of wire draw through it, at the volts that were read. */
function currentsIn(loaded: Loaded, wire: number): Currents {
  const amps = { L1: 0, L2: 0, N: 0, G: 0 };
  for (const load of loaded.network.loads) {
    if (load.station <= wire) continue;
    const drawn = voltsAtLoad(loaded, load) / load.ohms;
    const [from, to] = PAIR_OF[load.between];
    // The legs are in opposite phase: what the first brings over the neutral, the second takes back.
    const sign = from === 'L2' ? -1 : 1;
    amps[from] += sign * drawn;
    amps[to] -= sign * drawn;
  }
  return amps;
}

/** Volts that sound wire and the way into it take from a pair between two places, and the largest current there. */
function soundDrop(
  loaded: Loaded,
  pair: Pair,
  [from, to]: readonly [number, number],
): { readonly volts: number; readonly amps: number } {
  const { wires, conductors } = loaded.network;
  const [a, b] = PAIR_OF[pair];
  const sign = a === 'L2' || a === 'N' ? -1 : 1;
  let [volts, amps] = [0, 0];
  for (let wire = from; wire < to; wire += 1) {
    const current = currentsIn(loaded, wire);
    const ohmsOf = (name: Conductor): number => wires[wire]?.[conductors.indexOf(name)] ?? 0;
    volts += sign * (current[a] * ohmsOf(a) - current[b] * ohmsOf(b));
    amps = Math.max(amps, Math.abs(current[a]), Math.abs(current[b]));
  }
  return { volts, amps };
}

/** The last place before a station at which a pair was read; the source, where none was. */
function before(loaded: Loaded, { at, pair }: Reading): { readonly station: number; readonly volts: number } {
  const station = loaded.network.stations.indexOf(at);
  const last = loaded.on
    .map((each) => ({ pair: each.pair, station: stationOf(loaded, each), volts: each.volts }))
    .filter((each) => each.pair === pair && each.station >= 0 && each.station < station)
    .toSorted((a, b) => b.station - a.station)[0];
  return last ?? { station: -1, volts: soundVolts(loaded, pair, 0) ?? 0 };
}

/** Watts that are lost in one joint or wire on the way to where a pair was read. */
function wattsLost(loaded: Loaded, reading: Reading): number {
  const { station, volts } = before(loaded, reading);
  const drop = soundDrop(loaded, reading.pair, [station, stationOf(loaded, reading)]);
  // What the neutral loses, it has against the ground.
  return reading.pair === 'NG'
    ? (reading.volts - volts - Math.abs(drop.volts)) * drop.amps
    : (volts - reading.volts - drop.volts) * drop.amps;
}

/**
 * Stations at which volts are lost beyond what sound wire takes, in a joint or wire before them that heats by 5 W or
 * more: the volts lost since the last place that was read, times the current that the loads draw at the volts that were
 * read. What a sound circuit would show within the error of the tester is no loss.
 */
export function jointHeats(network: Network, readings: readonly Reading[]): readonly string[] {
  const sound = new NetworkSolver(network, { on: true, live: true }).seen(null);
  const loaded: Loaded = { network, on: readings.filter(({ on }) => on), sound };
  return network.stations.filter((at, station) =>
    loaded.on.some((reading) => {
      if (reading.at !== at || (reading.pair === 'NG' && reading.volts > NEUTRAL_V)) return false;
      const volts = soundVolts(loaded, reading.pair, station);
      return volts !== null && offBy(reading.volts, volts) > 1 && wattsLost(loaded, reading) >= HEATS_W;
    }),
  );
}
