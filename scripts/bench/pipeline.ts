import { Bench } from 'tinybench';
import { fixesFor } from '../../src/core/fixes/fixesFor';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshMemo } from '../../src/core/job/jobMemo';
import { familyList, freshAppliance } from '../../src/core/appliances/registry';
import { newCircuit, newSegment } from '../../src/core/circuit/newCircuit';
import { solveCircuit } from '../../src/core/circuit/solveCircuit';
import { fullHouse } from '../../tests/support/fullHouse/job';
import { jobContext } from '../../src/core/job/jobContext';
import { defaultPrices } from '../../src/core/price/defaultPrices';
import { packConductors } from '../../src/core/route/packConductors';
import { straightLine } from '../../tests/support/straightLine';

const context = jobContext(fullHouse);
// The straight-line program sizes chargers and plain loads that are free, so both sides get those.
const circuits = fullHouse.circuits
  .filter(({ appliance: { family } }) => family === 'ev' || family === 'load')
  .map((circuit) => ({ ...circuit, pins: {} }));
const segment = newSegment('run', 'pvc40', 60, 'outdoor');
const families = familyList.map(({ id }) => newCircuit(id, freshAppliance(id), [segment]));

const micro = (milliseconds: number): number => milliseconds * 1000;

/** Median times of the pipeline for every circuit of a whole job, and what explaining costs. */
export async function benchPipeline(): Promise<void> {
  const bench = new Bench({ time: 300, warmupTime: 150 });
  for (const circuit of circuits) {
    bench.add(`working ${circuit.id}`, () => void solveCircuit(circuit, context));
    bench.add(`plain ${circuit.id}`, () => void straightLine(circuit, context.code));
  }
  for (const circuit of families)
    bench.add(`family ${circuit.id}`, () => void solveCircuit(circuit, context));
  const memo = freshMemo();
  const evaluation = evaluateJob(fullHouse, memo);
  const [stop] = evaluation.findings;
  if (stop !== undefined) bench.add('fixes', () => void fixesFor(evaluation, stop, memo, defaultPrices));
  bench.add('packing', () => void packConductors([0.254, 0.254, 0.254, 0.164], 1.029));
  await bench.run();
  const median = (name: string): number => {
    const result = bench.getTask(name)?.result;
    return micro(result !== undefined && 'latency' in result ? (result.latency.p50 ?? NaN) : NaN);
  };
  const rows = circuits.map(({ id }) => {
    const working = median(`working ${id}`);
    const plain = median(`plain ${id}`);
    return { circuit: id, working, plain };
  });
  for (const { circuit, working, plain } of rows) {
    const ratio = (working / plain).toFixed(1);
    console.log(
      `  ${circuit.padEnd(18)} ${working.toFixed(1)} µs with working, ${plain.toFixed(1)} without: × ${ratio}`,
    );
  }
  const worst = Math.max(...rows.map((row) => row.working));
  const ratio = Math.max(...rows.map(({ working, plain }) => working / plain));
  console.log(
    `  slowest median ${worst.toFixed(1)} µs (at most 100), price of explaining × ${ratio.toFixed(1)} (at most 10)`,
  );
  const slowest = families
    .map(({ id }) => ({ id, median: median(`family ${id}`) }))
    .reduce((max, each) => (each.median > max.median ? each : max));
  console.log(
    `  slowest family: ${slowest.id}, ${slowest.median.toFixed(1)} µs with working (at most 150), of ${families.length}`,
  );
  console.log(
    `  fixes of one stop, each tried on the whole job, ${median('fixes').toFixed(0)} µs; packing four conductors ${median('packing').toFixed(0)} µs`,
  );
}
