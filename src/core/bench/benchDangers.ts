import { networkDangers, type ReadingDanger } from '../network/readingDangers';
import { isPair, type Network } from '../network/network';
import type { Reading } from '../network/diagnose';
import { takenIn, type BenchSession } from './session';

/** What is dangerous by the volts that were read at a bench, by either tester, whatever explains them. */
export function benchDangers(network: Network, session: BenchSession): readonly ReadingDanger[] {
  const volts = (tool: 'volts' | 'low'): readonly Reading[] =>
    takenIn(session).flatMap(({ measurement: { tool: by, station, of, on }, read }) => {
      const at = network.stations[station];
      return by === tool && at !== undefined && of !== null && isPair(of) && read !== null
        ? [{ at, pair: of, on, volts: read }]
        : [];
    });
  const low = networkDangers(network, volts('low'), 'low-z');
  const high = networkDangers(network, volts('volts'), 'high-z').filter(
    ({ code, at }) => !low.some((each) => each.code === code && each.at === at),
  );
  return [...low, ...high];
}
