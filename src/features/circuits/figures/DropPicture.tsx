import { isSized } from '../../../core/circuit/figures';
import { runDropPercent } from '../../../core/rules/voltageDrop';
import { printWireSize, sizeRank, WIRE_SIZES } from '../../../core/units/wireSize';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { DropChart } from '../../../ui/pictures/DropChart';

/** Voltage drop against length for the size of the run and its neighbors, along the same methods. */
export function DropPicture({ view }: { readonly view: CircuitEvaluation }) {
  const { circuit, solved, context } = view;
  const { figures } = solved;
  if (!isSized(figures)) return null;
  const lengthFt = circuit.run.reduce((sum, segment) => sum + segment.lengthFt, 0);
  const load = {
    amps: figures.load.runA,
    phase: figures.load.phase,
    volts: figures.load.volts,
    powerFactor: figures.load.powerFactor,
  };
  const at = sizeRank(figures.size);
  const sizes = WIRE_SIZES.slice(Math.max(0, at - 1), at + 2);
  const lines = sizes.map((size) => ({
    label: printWireSize(size),
    percentPerFt: runDropPercent(circuit.run, size, circuit.material, load, context.code) / lengthFt,
    highlighted: size === figures.size,
  }));
  return (
    <DropChart
      lines={lines}
      lengthFt={lengthFt}
      percent={figures.drop.percent}
      limitPct={circuit.maxDropPct}
    />
  );
}
