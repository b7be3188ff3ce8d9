import { expect, test } from 'vitest';
import type { CutProblem } from '../../../src/core/cutting/cutProblem';
import { relaxedPlan } from '../../../src/core/cutting/patternBound';
import { worthOf } from '../../../src/core/cutting/simplex';

const problem = (
  lengths: readonly number[],
  demand: readonly number[],
  size = 10,
  count = Infinity,
): CutProblem => ({
  lengths,
  demand,
  packs: [{ size, cents: 100, count }],
});

test('a column is worth what it adds to each of its rows', () => {
  const column = { rows: Int32Array.of(0, 2), adds: Float64Array.of(2, 1), cost: 0 };
  expect(worthOf(column, Float64Array.of(3, 9, 5))).toBe(11);
});

test.each([
  // Three to a pack: seven thirds of one.
  [problem([3], [7]), 700 / 3],
  // One of each to a pack.
  [problem([6, 4], [2, 2]), 200],
  // The long one with a short one, the other three short ones together.
  [problem([7, 3], [1, 4]), 200],
  // Two short ones beside each long one: six packs for six of them, eight of twelve short ones fit there.
  [problem([5, 2], [6, 12]), 100 * (3 + 12 / 5)],
])('the relaxed plan of %o costs %f', (of, cents) => {
  const { cost, short } = relaxedPlan(of);
  expect(cost).toBeCloseTo(cents, 2);
  expect(short).toBe(false);
});

test('packs that do not suffice leave pieces', () => {
  expect(relaxedPlan(problem([6], [3], 10, 2)).short).toBe(true);
  expect(relaxedPlan(problem([6], [2], 10, 2)).short).toBe(false);
});
