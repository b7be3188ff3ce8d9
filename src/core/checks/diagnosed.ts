import { diagnose, type Candidate, type Diagnosis } from '../network/diagnose';
import type { Network } from '../network/network';
import { agreesOhms, nextMeasurement, predictOhms, type NextMeasurement } from '../network/nextMeasurement';
import type { OhmsReading, VoltageReading } from './checksDocument';
import type { CircuitReport } from './circuitReport';
import { dangersOf, type Danger } from './dangers';
import { predictedReadings, type Predicted } from './predicted';

/** What explains the readings, what is dangerous about it, and what is measured next. */
export interface Diagnosed extends Diagnosis {
  readonly first: readonly Candidate[];
  readonly dangers: readonly Danger[];
  readonly next: NextMeasurement | null;
  /** What readings that were not taken would show, where the leading explanations differ. */
  readonly predicted: readonly Predicted[];
  /** Whether no single fault explains the readings: two at once, or one of them is wrong. */
  readonly unexplained: boolean;
  /** The reading without which a single fault explains the rest best. */
  readonly suspect: VoltageReading | null;
}

/** A misfit above this explains nothing. */
const EXPLAINS = 2;

/** The reading whose removal helps most, where that makes a single fault explain the rest. */
function suspectIn(network: Network, readings: readonly VoltageReading[]): VoltageReading | null {
  let best: { readonly reading: VoltageReading; readonly misfit: number } | null = null;
  for (const reading of readings) {
    const { sound, soundMisfit, candidates } = diagnose(
      network,
      readings.filter((each) => each !== reading),
    );
    const misfit = sound ? soundMisfit : (candidates[0]?.misfit ?? Infinity);
    if (misfit <= EXPLAINS && (best === null || misfit < best.misfit)) best = { reading, misfit };
  }
  return best?.reading ?? null;
}

/** Of candidates those that predict what was read dead; all of them, and that it is so, where none does. */
function withOhms(
  network: Network,
  candidates: readonly Candidate[],
  ohms: readonly OhmsReading[],
): { readonly left: readonly Candidate[]; readonly isContradicted: boolean } {
  const predicted = ohms.map((each) => ({ each, all: predictOhms(network, candidates, each) }));
  const left = candidates.filter((_, at) =>
    predicted.every(({ each, all }) => all === undefined || agreesOhms(each.ohms, all[at] ?? null)),
  );
  return left.length === 0 ? { left: candidates, isContradicted: true } : { left, isContradicted: false };
}

/** Volts between the legs as they are where both are in opposite phase: in which the network reckons. */
const inOpposition = (share: number, readings: readonly VoltageReading[]): readonly VoltageReading[] =>
  share === 1
    ? readings
    : readings.map((each) => (each.pair === 'L1L2' ? { ...each, volts: each.volts / share } : each));

/** The next measurement as a tester shows it. */
const asShown = (share: number, next: NextMeasurement | null): NextMeasurement | null =>
  next === null || !next.live || next.pair !== 'L1L2'
    ? next
    : { ...next, predicts: next.predicts.map((volts) => (volts === null ? null : share * volts)) };

/** What readings outside of their band say: every single fault fitted to all readings; null where none is outside. */
export function diagnosed(
  { network, expected, out }: Pick<CircuitReport, 'network' | 'expected' | 'out'>,
  shown: readonly VoltageReading[],
  ohms: readonly OhmsReading[],
): Diagnosed | null {
  if (out.length === 0) return null;
  const share = network.lineShare ?? 1;
  const readings = inOpposition(share, shown);
  const found = diagnose(network, readings);
  const { left: first, isContradicted } = withOhms(network, found.candidates.slice(0, found.tied), ohms);
  const leader = first[0];
  const unexplained = isContradicted || (leader !== undefined && leader.misfit > EXPLAINS);
  return {
    ...found,
    first,
    dangers: leader === undefined || unexplained ? [] : dangersOf(network, leader),
    next: asShown(share, nextMeasurement(network, first, readings, ohms)),
    predicted: predictedReadings(network, expected, first),
    unexplained,
    suspect: unexplained ? suspectIn(network, readings) : null,
  };
}
