import { madeEverywhere } from '../rules/conductorSize';
import { runDropPercent, withinDrop } from '../rules/voltageDrop';
import { sizeRank, WIRE_SIZES, type WireSize } from '../units/wireSize';
import type { ConductorCase } from './conductorCase';

const larger = (size: WireSize, { together, wires, code }: ConductorCase): WireSize | undefined => {
  const next = WIRE_SIZES[sizeRank(size) + 1];
  return next === undefined ? undefined : madeEverywhere(next, together, wires, code);
};

const dropOf = ({ circuit, load, code }: ConductorCase, size: WireSize): number =>
  runDropPercent(
    circuit.run,
    size,
    circuit.material,
    { amps: load.runA, volts: load.volts, powerFactor: load.powerFactor, phase: load.phase },
    code,
  );

/**
 * The least size at or above `min` whose drop is within the circuit's limit, or the largest that can be
 * had in every segment. Without a limit the size stays.
 */
export function sizeWithinDrop(about: ConductorCase, min: WireSize): WireSize {
  const limit = about.circuit.maxDropPct;
  if (limit === null) return min;
  let size = min;
  while (!withinDrop(dropOf(about, size), limit)) {
    const next = larger(size, about);
    if (next === undefined) break;
    size = next;
  }
  return size;
}

/** The same, with the step that says why it was raised. */
export function raiseForDrop(about: ConductorCase, min: WireSize): WireSize {
  const size = sizeWithinDrop(about, min);
  const limitPct = about.circuit.maxDropPct;
  if (size === min || limitPct === null) return size;
  const inputs = { from: min, dropPct: dropOf(about, min), limitPct };
  return about.work.step('conductor.raised', 'drop.advice', inputs, size);
}
