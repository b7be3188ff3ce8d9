import { PAIRS, pairIn, runsTo, type Network, type Pair } from '../network/network';
import { NetworkSolver, readVolts } from '../network/networkSolver';
import type { CircuitCheck } from './checksDocument';

/** What a tester should show between two conductors of a station, and what it showed. */
export interface ExpectedReading {
  readonly at: string;
  readonly pair: Pair;
  readonly on: boolean;
  /** Solved from the network, volts. */
  readonly nominal: number;
  readonly low: number;
  readonly high: number;
  readonly read: number | null;
  readonly state: 'unread' | 'ok' | 'out';
}

/** The supply may be off by so much (the usual range of a service). */
const SERVICE_SHARE = 0.05;
/** Wire by its table, with so much more for its temperature and for joints. */
const DROP_FACTOR = 1.25;
const BESIDES_V = 1;
/** Nominal volts of a leg, by what is between the conductors. */
const NOMINAL: Readonly<Record<Pair, number>> = { L1L2: 240, L1N: 120, L2N: 120, L1G: 120, L2G: 120, NG: 0 };

/** The band around what is expected: at the panel that of the service; past it what the wire may take. */
function band(
  pair: Pair,
  station: number,
  on: boolean,
  volts: number,
  off: number,
  share: number,
): readonly [number, number] {
  if (pair === 'NG') return [0, on ? DROP_FACTOR * volts + BESIDES_V : BESIDES_V];
  if (station === 0 && !on) {
    const usual = share * NOMINAL[pair];
    return [usual * (1 - SERVICE_SHARE), usual * (1 + SERVICE_SHARE)];
  }
  if (!on) return [off - BESIDES_V, off + BESIDES_V];
  return [volts - (DROP_FACTOR - 1) * Math.max(0, off - volts) - BESIDES_V, Math.max(off, volts) + BESIDES_V];
}

/** Every reading of a circuit in the order in which it is taken: panel to load, off then on. */
export function expectedReadings(network: Network, { readings }: CircuitCheck): readonly ExpectedReading[] {
  const [unloaded, loaded] = [false, true].map((state) =>
    new NetworkSolver(network, { on: state, live: true }).seen(null),
  );
  const known = new Map(readings.map((each) => [`${each.at} ${each.pair} ${String(each.on)}`, each.volts]));
  return [false, true].flatMap((isOn) =>
    network.stations.flatMap((at, station) =>
      PAIRS.flatMap((pair): readonly ExpectedReading[] => {
        const ends = pairIn(network, pair);
        const [without, seen] = [unloaded?.[station], (isOn ? loaded : unloaded)?.[station]];
        if (ends === undefined || without === undefined || seen === undefined) return [];
        if (!ends.every((each) => runsTo(network, each, station))) return [];
        const share = pair === 'L1L2' ? (network.lineShare ?? 1) : 1;
        const nominal = share * Math.abs(readVolts(seen, ends));
        const off = share * Math.abs(readVolts(without, ends));
        const [low, high] = band(pair, station, isOn, nominal, off, share);
        const read = known.get(`${at} ${pair} ${String(isOn)}`) ?? null;
        const state = read === null ? 'unread' : read >= low && read <= high ? 'ok' : 'out';
        return [{ at, pair, on: isOn, nominal, low: Math.max(0, low), high, read, state }];
      }),
    ),
  );
}
