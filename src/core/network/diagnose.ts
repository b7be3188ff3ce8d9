import { nth } from '../units/nth';
import { pairIn, type Conductor, type Fault, type Network, type Pair } from './network';
import { faultPlaces, type FaultPlace } from './singleFaults';
import { NetworkSolver, readVolts } from './networkSolver';

/** What a tester showed between two conductors of a live station. */
export interface Reading {
  readonly at: string;
  readonly pair: Pair;
  /** All loads connected, or none. */
  readonly on: boolean;
  readonly volts: number;
}

/** One thing that may be wrong, and how well it explains all readings. */
export interface Candidate {
  readonly fault: 'open' | 'resistance' | 'swap' | 'short';
  readonly conductor: Conductor | Pair;
  /** A station ("B": its joint) or a segment ("A-B": its wire). */
  readonly at: string;
  /** The fitted figure of a resistance or a short. */
  readonly ohms: number | null;
  /** Root of the mean square of what is left, in errors of the tester. */
  readonly misfit: number;
  /** The fault as the network bears it. */
  readonly inNetwork: Fault;
}

/** What readings say of a network. */
export interface Diagnosis {
  /** Whether the sound network is within the tester's error at every reading: nothing is explained then. */
  readonly sound: boolean;
  readonly soundMisfit: number;
  /** In rising order of misfit. */
  readonly candidates: readonly Candidate[];
  /** So many of the first explain the readings equally well. */
  readonly tied: number;
}

/** The tester's error, of the larger of what was read and what was expected: a share, and volts or ohms besides. */
export const METER = { share: 0.005, least: 0.1 } as const;
/** Candidates whose misfit is within this of the first are tied with it. */
const TIE = 0.05;
const SERIES = { from: 0.01, to: 1000 } as const;
const SHORT = { from: 0.001, to: 10 } as const;
const STEPS_PER_DECADE = 5;
const REFINED = 24;
const GOLDEN = (Math.sqrt(5) - 1) / 2;
/** Volts below which a fault moves nothing. */
const NOTHING = 1e-9;

/** How far a reading is from what is expected, in errors of the tester. */
export const offBy = (read: number, expected: number): number =>
  Math.abs(read - expected) / (METER.share * Math.max(read, expected) + METER.least);

/** Where leads were put: a station, two conductors, in which state. */
interface Leads {
  readonly station: number;
  readonly ends: readonly [number, number];
  readonly on: boolean;
}

/** A network in one state, the stations that were read in it, and for each reading where it is among all. */
interface ReadState {
  readonly solver: NetworkSolver;
  readonly stations: readonly number[];
  readonly leads: readonly (Leads & { readonly at: number; readonly among: number })[];
}

/** Readings with the places of their leads and the network in the states that were read: found once, read for every fault. */
interface Measured {
  readonly volts: Float64Array;
  readonly states: readonly ReadState[];
}

/** The readings of one state; none where nothing was read in it. */
function readState(network: Network, all: readonly Leads[], on: boolean): readonly ReadState[] {
  const own = all.flatMap((lead, at) => (lead.on === on ? [{ ...lead, at }] : []));
  if (own.length === 0) return [];
  const stations = [...new Set(own.map(({ station }) => station))];
  const leads = own.map((lead) => ({ ...lead, among: stations.indexOf(lead.station) }));
  return [{ solver: new NetworkSolver(network, { on, live: true }), stations, leads }];
}

/** Readings as they lie in a network; what it does not have is left out. */
function measuredIn(network: Network, readings: readonly Reading[]): Measured {
  const found = readings.flatMap(({ at, pair, on, volts }) => {
    const [station, ends] = [network.stations.indexOf(at), pairIn(network, pair)];
    return station < 0 || ends === undefined ? [] : [{ volts, lead: { station, ends, on } }];
  });
  const leads = found.map(({ lead }) => lead);
  return {
    volts: Float64Array.from(found, ({ volts }) => volts),
    states: [...readState(network, leads, false), ...readState(network, leads, true)],
  };
}

/** Root of the mean square of what is left, in errors of the tester. */
function misfitOf({ volts }: Measured, expected: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < volts.length; at += 1) sum += offBy(nth(volts, at), Math.abs(nth(expected, at))) ** 2;
  return Math.sqrt(sum / Math.max(1, volts.length));
}

/** Volts with their sign at each reading, with a fault. */
function signedVolts({ volts, states }: Measured, fault: Fault | null): Float64Array {
  const expected = new Float64Array(volts.length);
  for (const { solver, stations, leads } of states) {
    const seen = solver.seenAt(fault, stations);
    for (const { at, among, ends } of leads) {
      const there = seen[among];
      if (there !== undefined) expected[at] = readVolts(there, ends);
    }
  }
  return expected;
}

/** The ohms at which a misfit is least, on a scale of decades: steps first, then by the golden section. */
function fitted(
  misfit: (ohms: number) => number,
  { from, to }: { readonly from: number; readonly to: number },
) {
  const [low, high] = [Math.log10(from), Math.log10(to)];
  const of = (decade: number): number => misfit(10 ** decade);
  const steps = Math.round((high - low) * STEPS_PER_DECADE);
  let best = { decade: low, misfit: of(low) };
  const keep = (decade: number, here: number): void => {
    if (here < best.misfit) best = { decade, misfit: here };
  };
  for (let step = 1; step <= steps; step += 1) {
    const decade = low + ((high - low) * step) / steps;
    keep(decade, of(decade));
  }
  let [a, b] = [
    Math.max(low, best.decade - 1 / STEPS_PER_DECADE),
    Math.min(high, best.decade + 1 / STEPS_PER_DECADE),
  ];
  let [left, right] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
  let [atLeft, atRight] = [of(left), of(right)];
  for (let time = 0; time < REFINED; time += 1) {
    keep(left, atLeft);
    keep(right, atRight);
    if (atLeft <= atRight) {
      [b, right, atRight] = [right, left, atLeft];
      left = b - GOLDEN * (b - a);
      atLeft = of(left);
    } else {
      [a, left, atLeft] = [left, right, atRight];
      right = a + GOLDEN * (b - a);
      atRight = of(right);
    }
  }
  return { ohms: 10 ** best.decade, misfit: best.misfit };
}

type Fit = Pick<Candidate, 'fault' | 'ohms' | 'misfit' | 'inNetwork'>;

/**
 * A place of a fault fitted to readings. Each voltage of a linear network is one fraction of first degree in the ohms of
 * the fault: three solutions give it for all ohms.
 */
function fitPlace(place: FaultPlace, measured: Measured, sound: Float64Array): Fit {
  const volts = (ohms: number): Float64Array => signedVolts(measured, place.faultOf(ohms));
  if (place.what === 'swap')
    return { fault: 'swap', ohms: null, misfit: misfitOf(measured, volts(0)), inNetwork: place.faultOf(0) };
  const isSeries = place.what === 'series';
  const none = isSeries ? sound : volts(0);
  const full = isSeries ? volts(Infinity) : sound;
  const one = volts(1);
  const rates = none.map((from, at) => {
    const [to, between] = [nth(full, at), nth(one, at)];
    return Math.abs(from - to) < NOTHING ? 0 : (from - between) / (between - to);
  });
  const expected = new Float64Array(none.length);
  const misfit = (ohms: number): number => {
    for (let at = 0; at < expected.length; at += 1) {
      const share = nth(rates, at) * ohms;
      expected[at] = (nth(none, at) + nth(full, at) * share) / (1 + share);
    }
    return misfitOf(measured, expected);
  };
  const fit = fitted(misfit, isSeries ? SERIES : SHORT);
  const end = misfitOf(measured, isSeries ? full : none);
  if (isSeries)
    return end <= fit.misfit
      ? { fault: 'open', ohms: null, misfit: end, inNetwork: place.faultOf(Infinity) }
      : { fault: 'resistance', ...fit, inNetwork: place.faultOf(fit.ohms) };
  const ohms = end <= fit.misfit ? 0 : fit.ohms;
  return { fault: 'short', ohms, misfit: Math.min(end, fit.misfit), inNetwork: place.faultOf(ohms) };
}

/** The better of two fits of one name: both hots may hang on either leg. */
function bestByName(candidates: readonly Candidate[]): readonly Candidate[] {
  const best = new Map<string, Candidate>();
  for (const each of candidates) {
    const name = `${each.fault === 'swap' ? 'swap' : each.fault === 'short' ? 'short' : 'series'} ${each.conductor} ${each.at}`;
    const other = best.get(name);
    if (other === undefined || each.misfit < other.misfit) best.set(name, each);
  }
  return [...best.values()];
}

/**
 * Every single fault of a network fitted to all readings.
 *
 * Readings are magnitudes, as a tester shows them. A candidate never says that anything is safe: it says what explains
 * the readings.
 */
export function diagnose(network: Network, readings: readonly Reading[]): Diagnosis {
  const measured = measuredIn(network, readings);
  const expected = signedVolts(measured, null);
  const soundMisfit = misfitOf(measured, expected);
  const sound = measured.volts.every((volts, at) => offBy(volts, Math.abs(nth(expected, at))) <= 1);
  if (sound) return { sound, soundMisfit, candidates: [], tied: 0 };
  const candidates = bestByName(
    faultPlaces(network).flatMap((place) => {
      const fit = fitPlace(place, measured, expected);
      return place.at.map((at): Candidate => ({ ...fit, conductor: place.conductor, at }));
    }),
  ).toSorted((a, b) => a.misfit - b.misfit);
  const least = candidates[0]?.misfit ?? 0;
  return {
    sound,
    soundMisfit,
    candidates,
    tied: candidates.filter(({ misfit }) => misfit <= least + TIE).length,
  };
}
