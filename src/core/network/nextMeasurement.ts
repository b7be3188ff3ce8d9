import { nth } from '../units/nth';
import { METER, type Candidate, type Reading } from './diagnose';
import {
  isPair,
  PAIRS,
  pairIn,
  runsTo,
  type Conductor,
  type Network,
  type Pair,
  type State,
} from './network';
import { NetworkSolver, readOhms, readVolts, type Seen } from './networkSolver';

/** A measurement that tells candidates apart, and what each of them predicts: volts live, ohms dead (null: no path). */
export interface NextMeasurement extends State {
  readonly at: string;
  /** Two conductors; one of a dead network: across its joint. */
  readonly pair: Pair | Conductor;
  readonly predicts: readonly (number | null)[];
  /** How many candidates are left at worst, and how far apart they lie. */
  readonly leaves: number;
  readonly apart: number;
}

const NO_PATH = 1e9;

const worthOf = (predicted: number | null): number => predicted ?? NO_PATH;

/** The tester's error at the larger of what is told apart. */
const errorAt = (value: number): number => METER.share * value + METER.least;

/** Of what is predicted, the largest number that no tester tells apart. */
function leaves(predicts: readonly (number | null)[]): number {
  const sorted = predicts.map(worthOf).toSorted((a, b) => a - b);
  let most = 0;
  let from = 0;
  for (const [at, value] of sorted.entries()) {
    while (value - nth(sorted, from) > errorAt(value)) from += 1;
    most = Math.max(most, at - from + 1);
  }
  return most;
}

/** Whether what is predicted differs by more than the tester's error. */
const tellsApart = (predicts: readonly (number | null)[]): boolean => {
  const all = predicts.map(worthOf);
  const largest = Math.max(...all);
  return largest - Math.min(...all) > errorAt(largest);
};

function isBetter(a: NextMeasurement, b: NextMeasurement): boolean {
  if (a.live !== b.live) return b.live;
  if (a.leaves !== b.leaves) return a.leaves < b.leaves;
  return a.apart > b.apart * (1 + 1e-6);
}

/** Candidates of a network solved in one state. */
class Solved {
  readonly #network: Network;
  readonly #state: State;
  readonly #candidates: readonly Candidate[];
  readonly #solver: NetworkSolver;
  readonly #seen: readonly (readonly Seen[])[];

  constructor(network: Network, candidates: readonly Candidate[], state: State) {
    this.#network = network;
    this.#state = state;
    this.#candidates = candidates;
    this.#solver = new NetworkSolver(network, state);
    this.#seen = candidates.map(({ inNetwork }) => this.#solver.seen(inNetwork));
  }

  /** What each candidate predicts between two conductors of a station. */
  between(station: number, ends: readonly [number, number]): readonly (number | null)[] {
    return this.#seen.map((all) => {
      const seen = all[station];
      if (seen === undefined) return null;
      return this.#state.live ? Math.abs(readVolts(seen, ends)) : readOhms(seen, ends);
    });
  }

  /** What each predicts across a joint; undefined where conductors may be exchanged there. */
  across(station: number, conductor: number): readonly (number | null)[] | undefined {
    const own = this.#network.stations[station];
    const name = this.#network.conductors[conductor];
    if (this.#candidates.some(({ fault, at }) => fault === 'swap' && at === own)) return undefined;
    return this.#candidates.map((each) => {
      const isHere = each.at === own && each.conductor === name && each.inNetwork.kind === 'series';
      if (!isHere) return 0;
      return this.#solver.jointOhms({ conductor, station, ohms: each.inNetwork.ohms });
    });
  }
}

/** Ohms that each candidate predicts where a dead network is read; undefined where that tells nothing. */
export function predictOhms(
  network: Network,
  candidates: readonly Candidate[],
  { at, of, on }: { readonly at: string; readonly of: Pair | Conductor; readonly on: boolean },
): readonly (number | null)[] | undefined {
  const solved = new Solved(network, candidates, { on, live: false });
  const station = network.stations.indexOf(at);
  if (station < 0) return undefined;
  if (!isPair(of)) return solved.across(station, network.conductors.indexOf(of));
  const ends = pairIn(network, of);
  return ends === undefined ? undefined : solved.between(station, ends);
}

/** Whether ohms that were read are what is predicted, within a few times the error of a tester and its leads. */
export function agreesOhms(read: number | null, predicted: number | null): boolean {
  const LEADS = 3;
  const [a, b] = [worthOf(read), worthOf(predicted)];
  return Math.abs(a - b) <= LEADS * errorAt(Math.max(a, b));
}

const STATES: readonly State[] = [
  { live: false, on: false },
  { live: false, on: true },
  { live: true, on: false },
  { live: true, on: true },
];

/**
 * The measurement that tells tied candidates apart best: dead before live, then the one that leaves fewest at worst.
 *
 * @param ohms - What was read dead already.
 * @returns Null where there are fewer than two, or none tells them apart.
 */
export function nextMeasurement(
  network: Network,
  tied: readonly Candidate[],
  readings: readonly Reading[],
  ohms: readonly { readonly at: string; readonly of: string; readonly on: boolean }[] = [],
): NextMeasurement | null {
  if (tied.length < 2) return null;
  const known = new Set([
    ...readings.map(({ at, pair, on }) => `live ${at} ${pair} ${String(on)}`),
    ...ohms.map(({ at, of, on }) => `dead ${at} ${of} ${String(on)}`),
  ]);
  let best: NextMeasurement | null = null;
  const consider = (found: Pick<NextMeasurement, 'at' | 'pair' | 'predicts'> & State): void => {
    const { live, at, pair, on } = found;
    if (known.has(`${live ? 'live' : 'dead'} ${at} ${pair} ${String(on)}`)) return;
    if (!tellsApart(found.predicts)) return;
    const all = found.predicts.map(worthOf);
    const made = { ...found, leaves: leaves(found.predicts), apart: Math.max(...all) - Math.min(...all) };
    if (best === null || isBetter(made, best)) best = made;
  };
  for (const state of STATES) {
    const solved = new Solved(network, tied, state);
    for (const [station, at] of network.stations.entries()) {
      for (const pair of PAIRS) {
        const ends = pairIn(network, pair);
        if (ends === undefined || !ends.every((each) => runsTo(network, each, station))) continue;
        consider({ at, pair, ...state, predicts: solved.between(station, ends) });
      }
      if (state.live) continue;
      for (const [conductor, name] of network.conductors.entries()) {
        const predicts = runsTo(network, conductor, station) ? solved.across(station, conductor) : undefined;
        if (predicts !== undefined) consider({ at, pair: name, ...state, predicts });
      }
    }
  }
  return best;
}
