import type { Remedy } from '../core/circuit/remedy';
import { remediesFor } from '../core/circuit/remedies';
import { defaultPrices } from '../core/price/defaultPrices';
import type { AnyFinding } from '../core/findings/finding';
import type { CircuitView } from './circuitView';

const known = new WeakMap<AnyFinding, readonly Remedy[]>();

/** The proved ways out of a finding, worked out when they are first looked at. */
export function remediesOf(
  { circuit, solved, context }: CircuitView,
  finding: AnyFinding,
): readonly Remedy[] {
  let remedies = known.get(finding);
  if (remedies === undefined) {
    remedies = remediesFor(circuit, finding, solved, context, defaultPrices);
    known.set(finding, remedies);
  }
  return remedies;
}
