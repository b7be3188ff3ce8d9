import { diagnose, type Candidate, type Diagnosis } from '../network/diagnose';
import type { Network } from '../network/network';
import { nextMeasurement, type NextMeasurement } from '../network/nextMeasurement';
import type { VoltageReading } from './checksDocument';
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

/** What readings outside of their band say: every single fault fitted to all readings; null where none is outside. */
export function diagnosed(
  { network, expected, out }: Pick<CircuitReport, 'network' | 'expected' | 'out'>,
  readings: readonly VoltageReading[],
): Diagnosed | null {
  if (out.length === 0) return null;
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
