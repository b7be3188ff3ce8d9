import { describe, expect, test } from 'vitest';
import type { Segment } from '../../../src/core/circuit/circuitSchema';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { circuit, load, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';

/** Two circuits in one trench, the first otherwise. */
const together = (part: Partial<Segment>, other: Partial<Segment> = {}) => {
  const job = jobOf(
    [part, other].map((own, at) =>
      circuit({
        id: `c${at}`,
        name: `Circuit ${at}`,
        appliance: load(),
        run: [
          segment({ method: 'uf-b', place: 'underground', lengthFt: 40, shares: { trench: 't' }, ...own }),
        ],
      }),
    ),
  );
  const memo = freshMemo();
  const [first] = evaluateJob(job, memo).circuits;
  const [again] = evaluateJob(job, memo).circuits;
  return {
    factor: first?.solved.figures.segments[0]?.terms.adjustment,
    asks: first?.solved.findings.some(({ code }) => code === 'conductor.spacing'),
    same: first?.solved === again?.solved,
  };
};

describe('cables beside each other in a trench (310.15(C)(1))', () => {
  test('count together, touching or not, until spacing is known to be kept', () => {
    // Four conductors: 80 %.
    expect(together({})).toEqual({ factor: 0.8, asks: true, same: true });
    expect(together({ spaced: false })).toMatchObject({ factor: 0.8, asks: false });
    expect(together({ spaced: true })).toMatchObject({ factor: 1, asks: false });
  });

  test('do not where they lie beside each other for 24 in or less, or in raceways of their own', () => {
    expect(together({ lengthFt: 2 })).toMatchObject({ factor: 1 });
    expect(together({ lengthFt: 2.1 })).toMatchObject({ factor: 0.8 });
    expect(together({}, { method: 'pvc40' })).toMatchObject({ factor: 1, asks: false });
    expect(together({ method: 'pvc40' })).toMatchObject({ factor: 1 });
    expect(together({ sleeve: 'pvc40' })).toMatchObject({ factor: 1 });
  });
});
