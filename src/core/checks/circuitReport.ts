import { diagnose, type Candidate, type Diagnosis } from '../network/diagnose';
import type { Network } from '../network/network';
import { nextMeasurement, type NextMeasurement } from '../network/nextMeasurement';
import type { CircuitCheck, VoltageReading } from './checksDocument';
import { dangersOf, type Danger } from './dangers';
import { predictedReadings, type Predicted } from './predicted';
import { groundLimit } from './proofSteps';
import { expectedReadings, type ExpectedReading } from './expectedReadings';

/** What the readings of a circuit come to. */
export interface CircuitReport {
  readonly network: Network;
  readonly expected: readonly ExpectedReading[];
  /** Readings outside of their band. */
  readonly out: readonly ExpectedReading[];
  /** Null while every reading is in its band. */
  readonly diagnosis: Diagnosed | null;
  /** The most that the ground may have from end to end. */
  readonly groundLimitOhms: number;
}

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

function diagnosed(
  network: Network,
  readings: readonly VoltageReading[],
  expected: readonly ExpectedReading[],
): Diagnosed {
  const found = diagnose(network, readings);
  const first = found.candidates.slice(0, found.tied);
  const leader = first[0];
  const unexplained = leader !== undefined && leader.misfit > EXPLAINS;
  return {
    ...found,
    first,
    dangers: leader === undefined || unexplained ? [] : dangersOf(network, leader),
    next: nextMeasurement(network, first, readings),
    predicted: predictedReadings(network, expected, first),
    unexplained,
    suspect: unexplained ? suspectIn(network, readings) : null,
  };
}

/** What the readings of a circuit come to: each beside its band, and what explains those outside of theirs. */
export function circuitReport(network: Network, check: CircuitCheck): CircuitReport {
  const expected = expectedReadings(network, check);
  const ground = network.conductors.indexOf('G');
  const tableOhms = network.wires.reduce((sum, wire) => sum + (wire[ground] ?? 0), 0);
  const out = expected.filter(({ state }) => state === 'out');
  return {
    network,
    expected,
    out,
    diagnosis: out.length === 0 ? null : diagnosed(network, check.readings, expected),
    groundLimitOhms: groundLimit(tableOhms),
  };
}
