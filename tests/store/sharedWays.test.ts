import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Circuit, Segment } from '../../src/core/circuit/circuitSchema';
import { demoJob } from '../../src/core/job/demoJob';
import { jobContext } from '../../src/core/job/jobContext';
import type { Job } from '../../src/core/job/jobSchema';
import { routeReport } from '../../src/core/route/routeReport';
import { circuitView } from '../../src/store/circuitView';
import { routeView } from '../../src/store/routeView';
import { circuit, load, segment } from '../support/circuits';
import { solvedIn } from '../support/routes';

const IDS = ['a', 'b', 'c', 'd', 'e'] as const;

/** One edit of one circuit: its load, its length, or what it shares. */
const anyEdit = fc.record({
  id: fc.constantFrom(...IDS),
  amps: fc.integer({ min: 10, max: 60 }),
  lengthFt: fc.integer({ min: 10, max: 120 }),
  raceway: fc.constantFrom('one', 'two', undefined),
  trench: fc.constantFrom('north', undefined),
});

const sharesOf = (raceway: string | undefined, trench: string | undefined): Segment['shares'] =>
  raceway === undefined && trench === undefined
    ? undefined
    : { ...(raceway !== undefined && { raceway }), ...(trench !== undefined && { trench }) };

const made = (
  id: string,
  amps: number,
  lengthFt: number,
  raceway: string | undefined,
  trench: string | undefined,
): Circuit => {
  const shares = sharesOf(raceway, trench);
  const run = segment({
    id: 'run',
    method: 'pvc40',
    place: 'underground',
    heightFt: -1.5,
    lengthFt,
    ...(shares && { shares }),
  });
  return circuit({ id, name: id, appliance: load({ amps, continuousAmps: amps }), run: [run] });
};

const start: Job = {
  ...demoJob,
  amendments: [],
  circuits: IDS.map((id) => made(id, 24, 40, 'one', 'north')),
};

describe('ways that are shared, as the store remembers them', () => {
  test('after any edits they are what solving the whole job anew gives', () => {
    fc.assert(
      fc.property(fc.array(anyEdit, { minLength: 1, maxLength: 12 }), (edits) => {
        let job = start;
        for (const { id, amps, lengthFt, raceway, trench } of edits) {
          const changed = made(id, amps, lengthFt, raceway, trench);
          job = { ...job, circuits: job.circuits.map((each) => (each.id === id ? changed : each)) };
          for (const each of job.circuits) routeView(job, each);
        }
        const base = jobContext(job);
        for (const each of job.circuits) {
          const anew = solvedIn(each, job.circuits, base);
          expect(circuitView(job, each).solved.figures).toEqual(anew.solved.figures);
          const neighbors = job.circuits
            .filter((other) => other.id !== each.id)
            .map((other) => ({ circuit: other, solved: solvedIn(other, job.circuits, base).solved }));
          const report = routeReport({ circuit: each, ...anew, neighbors, located: true });
          expect(routeView(job, each).report.burials).toEqual(report.burials);
          expect(routeView(job, each).report.findings).toEqual(report.findings);
        }
      }),
      { numRuns: 40 },
    );
  });

  test('a circuit that no edit reaches keeps its view, so that nothing of it is drawn anew', () => {
    const apart = { ...start, circuits: [...start.circuits, made('alone', 24, 40, undefined, undefined)] };
    const [first] = apart.circuits;
    const alone = apart.circuits.at(-1)!;
    const before = {
      view: circuitView(apart, alone),
      route: routeView(apart, alone),
      twin: circuitView(apart, apart.circuits[1]!),
    };
    const edited = {
      ...apart,
      circuits: [{ ...first!, run: [{ ...first!.run[0]!, lengthFt: 41 }] }, ...apart.circuits.slice(1)],
    };
    expect(circuitView(edited, alone)).toBe(before.view);
    expect(routeView(edited, alone)).toBe(before.route);
    // A foot more changes no size, so the others in the raceway are what they were.
    expect(circuitView(edited, edited.circuits[1]!)).toBe(before.twin);
  });

  test('a circuit that is taken out leaves the others their room', () => {
    const fewer = { ...start, circuits: start.circuits.slice(0, 2) };
    const conductors = (job: Job): number | undefined =>
      circuitView(job, job.circuits[0]!).solved.figures.raceway?.conductors;
    expect([conductors(start), conductors(fewer)]).toEqual([11, 5]);
    expect(conductors({ ...start, circuits: start.circuits.slice(0, 1) })).toBe(3);
  });
});
