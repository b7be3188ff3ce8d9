import type { Candidate } from '../network/diagnose';
import { pairIn, type Network } from '../network/network';
import { NetworkSolver, readVolts } from '../network/networkSolver';
import type { ExpectedReading } from './expectedReadings';

/** Volts that are told apart. */
const APART_V = 1;
/** So many explanations are asked: more of them would not be told apart on a track. */
const ASKED = 8;

/** What a reading that was not taken would show by each of the leading explanations; only where they differ. */
export interface Predicted extends Pick<ExpectedReading, 'at' | 'pair' | 'on'> {
  /** Volts, each told apart from the others, the largest first. */
  readonly volts: readonly number[];
}

/** The values of some that lie apart from each other. */
function apart(all: readonly number[]): readonly number[] {
  const kept: number[] = [];
  for (const volts of all.toSorted((a, b) => b - a))
    if (kept.every((each) => Math.abs(each - volts) > APART_V)) kept.push(volts);
  return kept;
}

/** What the readings that were not taken would show by each leading explanation, where those differ. */
export function predictedReadings(
  network: Network,
  expected: readonly ExpectedReading[],
  first: readonly Candidate[],
): readonly Predicted[] {
  if (first.length < 2) return [];
  const [off, on] = [false, true].map((state) => {
    const solver = new NetworkSolver(network, { on: state, live: true });
    return first.slice(0, ASKED).map(({ inNetwork }) => solver.seen(inNetwork));
  });
  return expected
    .filter(({ read }) => read === null)
    .flatMap(({ at, pair, on: isOn }): readonly Predicted[] => {
      const [station, ends] = [network.stations.indexOf(at), pairIn(network, pair)];
      if (ends === undefined) return [];
      const volts = apart(
        ((isOn ? on : off) ?? []).flatMap((seen) => {
          const there = seen[station];
          const share = pair === 'L1L2' ? (network.lineShare ?? 1) : 1;
          return there === undefined ? [] : [share * Math.abs(readVolts(there, ends))];
        }),
      );
      return volts.length < 2 ? [] : [{ at, pair, on: isOn, volts }];
    });
}
