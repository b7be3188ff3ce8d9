import { madeEverywhere } from '../rules/conductorSize';
import { runDropPercent } from '../rules/voltageDrop';
import { sizeRank, WIRE_SIZES, type WireSize } from '../units/wireSize';
import type { ConductorCase } from './conductorCase';

const larger = (size: WireSize, { run, wires, code }: ConductorCase): WireSize | undefined => {
  const next = WIRE_SIZES[sizeRank(size) + 1];
  return next === undefined ? undefined : madeEverywhere(next, run, wires, code);
};

/**
 * The least size at or above `least` whose drop is within the circuit's limit, or the largest that can be
 * had in every segment. Without a limit the size stays.
 */
export function raiseForDrop(about: ConductorCase, min: WireSize): WireSize {
  const { circuit, load, code, work } = about;
  const limit = circuit.maxDropPct;
  if (limit === null) return min;
  const amps = { amps: load.runA, volts: load.volts, powerFactor: load.powerFactor, phase: load.phase };
  const dropOf = (size: WireSize): number => runDropPercent(circuit.run, size, circuit.material, amps, code);
  const before = dropOf(min);
  let size = min;
  for (let drop = before; drop > limit; drop = dropOf(size)) {
    const next = larger(size, about);
    if (next === undefined) break;
    size = next;
  }
  if (size === min) return size;
  return work.step('conductor.raised', 'drop.advice', { from: min, dropPct: before, limitPct: limit }, size);
}
