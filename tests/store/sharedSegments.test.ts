import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Circuit, Segment } from '../../src/core/circuit/circuitSchema';
import { fullHouse } from '../support/fullHouse/job';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import type { Job } from '../../src/core/job/jobSchema';
import { evaluationOf } from '../../src/store/evaluation';
import { circuit, load, segment } from '../support/circuits';
import { runs } from '../support/luck';

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
  ...fullHouse,
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
          for (const { report } of evaluationOf(job).routes) expect(report.pulls).toBeDefined();
        }
        const remembered = evaluationOf(job);
        const anew = evaluateJob(job);
        for (const { id } of job.circuits) {
          expect(remembered.circuit(id)?.solved.figures).toEqual(anew.circuit(id)?.solved.figures);
          expect(remembered.route(id)?.report.burials).toEqual(anew.route(id)?.report.burials);
          expect(remembered.route(id)?.report.findings).toEqual(anew.route(id)?.report.findings);
        }
        expect(remembered.findings).toEqual(anew.findings);
      }),
      runs(40),
    );
  });

  test('a circuit that no edit reaches keeps its view, so that nothing of it is drawn anew', () => {
    const apart = { ...start, circuits: [...start.circuits, made('alone', 24, 40, undefined, undefined)] };
    const [first] = apart.circuits;
    const before = {
      view: evaluationOf(apart).circuit('alone'),
      route: evaluationOf(apart).route('alone'),
      twin: evaluationOf(apart).circuit('b'),
    };
    const edited = {
      ...apart,
      circuits: [{ ...first!, run: [{ ...first!.run[0]!, lengthFt: 41 }] }, ...apart.circuits.slice(1)],
    };
    expect(evaluationOf(edited).circuit('alone')).toBe(before.view);
    expect(evaluationOf(edited).route('alone')).toBe(before.route);
    // A foot more changes no size, so the others in the raceway are what they were.
    expect(evaluationOf(edited).circuit('b')).toBe(before.twin);
  });

  test('a circuit that is taken out leaves the others their room', () => {
    const fewer = { ...start, circuits: start.circuits.slice(0, 2) };
    const conductors = (job: Job): number | undefined =>
      evaluationOf(job).circuits[0]!.solved.figures.raceway?.conductors;
    expect([conductors(start), conductors(fewer)]).toEqual([11, 5]);
    expect(conductors({ ...start, circuits: start.circuits.slice(0, 1) })).toBe(3);
  });
});
