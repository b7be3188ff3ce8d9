import type { Network } from '../network/network';
import type { BenchPlace } from './benchCircuits';
import { benchFaults, faultKey, type FaultFamily } from './benchFaults';
import type { Bench } from './benches';

const FAMILIES: readonly FaultFamily[] = ['open', 'hot-joint', 'swap'];

/** A bench of a planned circuit, with one of its faults hidden by lot: a share from 0 to 1 picks it. */
export function ownBench(
  name: string,
  network: Network,
  places: readonly BenchPlace[],
  lot: number,
): Bench | undefined {
  const circuit = { network, places, gfci: null, load: name };
  const families: readonly FaultFamily[] = network.conductors.includes('N')
    ? [...FAMILIES, 'joined']
    : FAMILIES;
  const faults = benchFaults(circuit, families);
  const hidden = faults[Math.min(faults.length - 1, Math.floor(lot * faults.length))];
  return hidden && { id: `own ${name}`, name, circuit, families, hidden: faultKey(hidden) };
}
