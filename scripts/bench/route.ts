import { withStationMoved } from '../../src/core/circuit/edits/circuitEdits';
import type { Circuit, Segment } from '../../src/core/circuit/circuitSchema';
import { newCircuit, newSegment } from '../../src/core/circuit/newCircuit';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshMemo } from '../../src/core/job/jobMemo';
import type { Job } from '../../src/core/job/jobSchema';
import { packConductors } from '../../src/core/route/packConductors';

import { median } from './median';

const CIRCUITS = 20;

/** A way of six segments; four circuits each share one raceway and one trench. */
const route = (group: number): Segment[] => [
  newSegment('a', 'nm-b', 22, 'indoor'),
  { ...newSegment('b', 'emt', 14, 'garage'), bendsDeg: 180, shares: { raceway: `pipe ${group}` } },
  { ...newSegment('c', 'pvc80', 9, 'outdoor'), bendsDeg: 90 },
  {
    ...newSegment('d', 'pvc40', 70, 'underground'),
    bendsDeg: 180,
    shares: { trench: `trench ${group}` },
  },
  { ...newSegment('e', 'pvc80', 7, 'outdoor'), bendsDeg: 90 },
  newSegment('f', 'lfnc', 5, 'outdoor'),
];

const circuits: readonly Circuit[] = Array.from({ length: CIRCUITS }, (_, at) =>
  newCircuit(
    `c${at}`,
    {
      family: 'load',
      nameplate: { amps: 16 + at, continuousAmps: 16 + at, volts: 240, neutral: at % 3 === 0 },
    },
    route(Math.floor(at / 4)),
  ),
);

const job: Job = { ...demoJob, circuits: [...circuits] };

/** What is remembered from one step of the drag to the next. */
const memo = freshMemo();

const rerate = (current: Job): number => evaluateJob(current, memo).routes.length;

const STEPS = 40;

/** Times of a drag along a job of many segments, and of twenty conductors in a raceway. */
export function benchRoute(): void {
  rerate(job);
  let acc = job;
  const steps = median(() => {
    for (let step = 0; step < STEPS; step += 1) {
      const [first, ...rest] = acc.circuits;
      const moved = first && withStationMoved(first, 4, step % 2 === 0 ? 1 : -1);
      if (moved === undefined) continue;
      acc = { ...acc, circuits: [moved, ...rest] };
      rerate(acc);
    }
  });
  const segments = circuits.reduce((sum, { run }) => sum + run.length, 0);
  console.log(
    `  a step of a drag, ${CIRCUITS} circuits and ${segments} segments rerated: ${(steps / STEPS).toFixed(2)} ms (at most 8)`,
  );
  const anew = median(() => {
    rerate({ ...job, circuits: circuits.map((circuit) => ({ ...circuit })) });
  });
  console.log(`  all of them anew, nothing remembered: ${anew.toFixed(1)} ms`);
  const diameters = Array.from({ length: 20 }, (_, at) => 0.13 + (at % 4) * 0.04);
  const insideIn = Math.sqrt(diameters.reduce((sum, each) => sum + each ** 2, 0) / 0.4);
  const packed = median(() => void packConductors(diameters, insideIn));
  console.log(`  20 conductors laid into a raceway: ${packed.toFixed(2)} ms (at most 5)`);
}
