import { pairIn, type Network } from './network';
import { NetworkSolver, type Seen } from './networkSolver';

/** Volts of a conductor at a station, of what a solver saw. */
const voltsAt = (seen: readonly Seen[], station: number, conductor: number): number =>
  seen[station]?.volts[conductor] ?? 0;

/** Amperes that the loads of a sound network send into its neutral. */
export function neutralAmps(network: Network): number {
  const seen = new NetworkSolver(network, { on: true, live: true }).seen(null);
  const sum = network.loads.reduce((amps, { station, between, ohms }) => {
    const ends = pairIn(network, between);
    if (ends === undefined || !between.endsWith('N')) return amps;
    return amps + (voltsAt(seen, station, ends[0]) - voltsAt(seen, station, ends[1])) / ohms;
  }, 0);
  return Math.abs(sum);
}

/** Amperes in the ground before a station where neutral and ground touch: what returns beside the neutral. */
export function groundAmps(network: Network, station: number): number {
  const ends = pairIn(network, 'NG');
  const ohms = ends && network.wires[station - 1]?.[ends[1]];
  if (ends === undefined || ohms === undefined) return 0;
  const seen = new NetworkSolver(network, { on: true, live: true }).seen({
    kind: 'short',
    station,
    between: ends,
    ohms: 0,
  });
  return Math.abs(voltsAt(seen, station - 1, ends[1]) - voltsAt(seen, station, ends[1])) / ohms;
}
