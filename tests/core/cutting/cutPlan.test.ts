import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cutPlan, type CutPlan } from '../../../src/core/cutting/cutPlan';
import type { CutStock, Piece } from '../../../src/core/cutting/cutProblem';
import { exhaustiveCost } from '../../support/exhaustiveCuts';
import { runs, samples } from '../../support/luck';

const piecesOf = (...ft: number[]): Piece[] => ft.map((each, at) => ({ id: `p${at}`, ft: each }));
const pack = (ft: number, cents: number, count?: number): CutStock => ({
  id: `${ft} ft`,
  ft,
  cents,
  ...(count !== undefined && { count }),
});

/** What every plan must be: each piece once, none longer than its bar, costs and counts as stated, no bound above its cost. */
function checked(pieces: readonly Piece[], stock: readonly CutStock[]): CutPlan | undefined {
  const plan = cutPlan(pieces, stock);
  if (plan === undefined) return undefined;
  expect(plan.bars.flatMap((bar) => bar.pieces).toSorted()).toEqual(pieces.map(({ id }) => id).toSorted());
  const of = new Map(stock.map((each) => [each.id, each]));
  const ft = new Map(pieces.map((each) => [each.id, each.ft]));
  for (const bar of plan.bars) {
    const used = bar.pieces.reduce((sum, id) => sum + (ft.get(id) ?? 0), 0);
    expect(used + bar.leftFt).toBeCloseTo(of.get(bar.stock)?.ft ?? 0, 6);
    expect(bar.leftFt).toBeGreaterThanOrEqual(0);
  }
  for (const { id, count = Infinity } of stock)
    expect(plan.bars.filter((bar) => bar.stock === id).length).toBeLessThanOrEqual(count);
  expect(plan.bars.reduce((sum, bar) => sum + (of.get(bar.stock)?.cents ?? 0), 0)).toBe(plan.costCents);
  expect(plan.boundCents).toBeLessThanOrEqual(plan.costCents);
  expect(plan.proved).toBe(plan.boundCents === plan.costCents);
  return plan;
}

describe('a cut plan', () => {
  test('takes what lies on the truck before it buys', () => {
    const plan = checked(piecesOf(51, 46, 40, 28), [pack(52, 0, 1), pack(125, 9900)]);
    expect(plan?.costCents).toBe(9900);
    expect(plan?.bars.map(({ stock, leftFt }) => [stock, leftFt]).toSorted()).toEqual([
      ['125 ft', 11],
      ['52 ft', 1],
    ]);
  });

  test('buys the larger coil where that is cheaper, and a small one for what is over', () => {
    expect(checked(piecesOf(71, 44, 22, 11, 11), [pack(125, 11900), pack(50, 5600)])?.costCents).toBe(17500);
    expect(checked(piecesOf(71, 44, 22, 11, 11), [pack(125, 11900), pack(250, 21400)])?.costCents).toBe(
      21400,
    );
  });

  test('keeps tenths and thousandths of a foot apart', () => {
    expect(checked(piecesOf(3.1, 3.1, 3.8), [pack(10, 500)])?.bars).toHaveLength(1);
    expect(checked(piecesOf(3.1, 3.1, 3.801), [pack(10, 500)])?.bars).toHaveLength(2);
    expect(checked(piecesOf(0.1, 0.2, 0.3), [pack(0.6, 1)])?.bars).toHaveLength(1);
  });

  test('says that it cannot be done: a piece longer than any stock, or too few of it', () => {
    expect(cutPlan(piecesOf(30), [pack(25, 900)])).toBeUndefined();
    expect(cutPlan(piecesOf(9, 9, 9), [pack(10, 900, 2)])).toBeUndefined();
    expect(
      cutPlan(piecesOf(...Array.from({ length: 12 }, () => 6)), [pack(17, 900, 5), pack(5, 100)]),
    ).toBeUndefined();
    expect(cutPlan(piecesOf(9), [pack(10, 900, 0)])).toBeUndefined();
  });

  test('buys beside what is free, and is not led astray by packs that hold next to nothing', () => {
    expect(checked(piecesOf(14, 29, 42, 13, 13, 13), [pack(13, 1), pack(55, 0, 2)])?.costCents).toBe(2);
    const many = [pack(20, 134), pack(12, 1, 1), pack(5, 1)];
    expect(checked(piecesOf(6, 13, 8, 6, 1), many)).toMatchObject({ costCents: 268, proved: true });
  });

  test('finds the one way that tight stock leaves', () => {
    const plan = checked(piecesOf(7, 6, 5, 5, 4, 3), [pack(10, 100, 3)]);
    expect(plan?.bars.every(({ leftFt }) => leftFt === 0)).toBe(true);
  });

  test('of nothing is nothing', () => {
    expect(cutPlan([], [pack(10, 100)])).toEqual({ bars: [], costCents: 0, boundCents: 0, proved: true });
  });
});

const ft = fc.integer({ min: 1, max: 60 });
const stocks = fc.uniqueArray(
  fc.record({
    ft: fc.integer({ min: 5, max: 80 }),
    cents: fc.oneof(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 0, max: 900 })),
    count: fc.option(fc.integer({ min: 0, max: 4 }), { nil: undefined }),
  }),
  { minLength: 1, maxLength: 4, selector: (each) => each.ft },
);

test('is as cheap as the best of all ways, and its bound lies at or under it', () => {
  fc.assert(
    fc.property(fc.array(ft, { minLength: 1, maxLength: 7 }), stocks, (lengths, packs) => {
      const pieces = piecesOf(...lengths);
      const stock = packs.map(({ count, ...each }): CutStock => {
        return { ...each, id: `${each.ft} ft`, ...(count !== undefined && { count }) };
      });
      const best = exhaustiveCost(pieces, stock);
      const plan = checked(pieces, stock);
      expect(plan?.costCents ?? null).toBe(best);
      expect(plan?.proved ?? true).toBe(true);
    }),
    runs(250),
  );
}, 60_000);

test('is as cheap as the best of all ways where pieces are of few lengths', () => {
  const few = fc
    .uniqueArray(fc.integer({ min: 3, max: 40 }), { minLength: 1, maxLength: 3 })
    .chain((lengths) => fc.array(fc.constantFrom(...lengths), { minLength: 3, maxLength: 8 }));
  const long = fc.uniqueArray(
    fc.record({ ft: fc.integer({ min: 40, max: 130 }), cents: fc.integer({ min: 50, max: 900 }) }),
    { minLength: 1, maxLength: 3, selector: (each) => each.ft },
  );
  fc.assert(
    fc.property(few, long, (lengths, packs) => {
      const stock = packs.map((each) => pack(each.ft, each.cents));
      const pieces = piecesOf(...lengths);
      const plan = checked(pieces, stock);
      expect(plan?.costCents).toBe(exhaustiveCost(pieces, stock));
      expect(plan?.proved).toBe(true);
    }),
    runs(100),
  );
}, 60_000);

test('what could not be settled is not called proved: its bound lies under its cost, and over what the feet cost', () => {
  let seed = 15_838;
  const draw = (): number => (seed = (Math.imul(seed, 1_664_525) + 1_013_904_223) >>> 0) / 2 ** 32;
  const all = Array.from({ length: 100 }, () => 1 + Math.floor(draw() * 250));
  const stock = [25, 50, 100, 125, 250, 500].map((long, at) =>
    pack(long, Math.round(long * 80 * (1.15 - 0.05 * at) * (0.9 + 0.2 * draw()))),
  );
  const plan = checked(piecesOf(...all), stock);
  const feet = all.reduce((sum, each) => sum + each, 0);
  const cheapest = Math.min(...stock.map(({ ft: long, cents }) => cents / long));
  expect(plan?.proved).toBe(false);
  expect(plan?.boundCents).toBeLessThan(plan?.costCents ?? 0);
  expect(plan?.boundCents).toBeGreaterThanOrEqual(Math.floor(feet * cheapest));
}, 30_000);

test.each([
  [300, 20],
  [600, 40],
])(
  '%i pieces over %i packs are planned without a search: every piece is cut, and nothing is claimed',
  (many, kinds) => {
    let seed = 5;
    const draw = (): number => (seed = (Math.imul(seed, 1_664_525) + 1_013_904_223) >>> 0) / 2 ** 32;
    const pieces = piecesOf(...Array.from({ length: many }, () => 1 + Math.floor(draw() * 250)));
    const stock = Array.from({ length: kinds }, (_, at) =>
      pack(260 + at * 25, Math.round((260 + at * 25) * 80 * (0.9 + 0.2 * draw()))),
    );
    const plan = checked(pieces, stock);
    expect(plan?.boundCents).toBeLessThanOrEqual(plan?.costCents ?? 0);
    // Within a tenth of what the feet alone cost.
    expect(plan?.costCents).toBeLessThan(1.1 * (plan?.boundCents ?? 0));
  },
);

test('one more piece never makes it cheaper, one more pack never dearer', () => {
  fc.assert(
    fc.property(fc.array(ft, { minLength: 1, maxLength: 10 }), ft, (lengths, more) => {
      const stock = [pack(60, 3100), pack(25, 1400)];
      const cost = (all: readonly number[], packs: readonly CutStock[]) =>
        checked(piecesOf(...all), packs)?.costCents ?? NaN;
      const now = cost(lengths, stock);
      expect(cost([...lengths, more], stock)).toBeGreaterThanOrEqual(now);
      expect(cost(lengths, [...stock, pack(100, 4900)])).toBeLessThanOrEqual(now);
    }),
    runs(30),
  );
}, 60_000);

test.each([
  [120, 10, 6],
  [250, 8, 10],
])(
  'forty pieces of up to %i ft over six packs are proved nearly always',
  (longest, count, off) => {
    const sets = fc.sample(
      fc.record({
        lengths: fc.array(fc.integer({ min: 2, max: longest }), { minLength: 40, maxLength: 40 }),
        base: fc.integer({ min: 30, max: 140 }),
        off: fc.array(fc.integer({ min: 100 - off, max: 100 + off }), { minLength: 6, maxLength: 6 }),
      }),
      samples(count),
    );
    const proved = sets.filter(({ lengths, base, off: each }) => {
      const stock = [25, 50, 100, 125, 250, 500].map((long, at) =>
        pack(long, Math.round(long * base * (1.15 - 0.05 * at) * ((each[at] ?? 100) / 100))),
      );
      return checked(piecesOf(...lengths), stock)?.proved;
    });
    expect(proved.length).toBeGreaterThanOrEqual(Math.floor(0.95 * sets.length));
  },
  60_000,
);

test('lengths too fine to tell apart are rounded to the safe side, and nothing is claimed of them', () => {
  const plan = checked(piecesOf(33.333, 66.667, 899.999), [pack(1000, 5000), pack(2000, 9000)]);
  expect(plan?.costCents).toBe(9000);
  const tight = checked(piecesOf(0.001, 1999.999), [pack(2000, 9000)]);
  expect(tight?.bars.length).toBeLessThanOrEqual(2);
  expect(tight?.boundCents).toBeLessThanOrEqual(9000);
});
