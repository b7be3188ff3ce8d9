import type { Network } from '../network/network';
import type { CircuitCheck } from './checksDocument';
import { expectedReadings, type ExpectedReading } from './expectedReadings';
import { networkDangers, type ReadingDanger } from '../network/readingDangers';
import type { Meter } from '../network/meter';
import { groundLimit } from './proofSteps';

/** What the readings of a circuit come to. */
export interface CircuitReport {
  readonly network: Network;
  readonly expected: readonly ExpectedReading[];
  /** Readings outside of their band. */
  readonly out: readonly ExpectedReading[];
  /** What is dangerous by the readings themselves, whatever explains them. */
  readonly dangers: readonly ReadingDanger[];
  /** The most that the ground may have from end to end. */
  readonly groundLimitOhms: number;
}

/** What the readings of a circuit come to: each beside its band. What explains those outside of theirs is worked out where it is asked. */
export function circuitReport(network: Network, check: CircuitCheck, meter: Meter | null): CircuitReport {
  const expected = expectedReadings(network, check);
  const ground = network.conductors.indexOf('G');
  const tableOhms = network.wires.reduce((sum, wire) => sum + (wire[ground] ?? 0), 0);
  const out = expected.filter(({ state }) => state === 'out');
  return {
    network,
    expected,
    out,
    dangers: networkDangers(network, check.readings, meter ?? undefined),
    groundLimitOhms: groundLimit(tableOhms),
  };
}
