import { expect, test } from 'vitest';
import { byRating } from '../../../src/core/price/byRating';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { sizeRank, type WireSize } from '../../../src/core/units/wireSize';

const bySize = (prices: object): readonly (readonly [WireSize, number])[] =>
  (Object.entries(prices) as [WireSize, number][]).toSorted(([a], [b]) => sizeRank(a) - sizeRank(b));

const rising = (cents: readonly number[]): boolean =>
  cents.every((each, at) => at === 0 || each > (cents[at - 1] ?? Infinity));

test('the list that ships is told apart from one to quote by', () => {
  expect(defaultPrices.isDefault).toBe(true);
});

test('a larger wire, cable, breaker, disconnect, panel or service costs more', () => {
  const { conductor, cable, breaker, disconnect, panel, service } = defaultPrices;
  for (const metal of Object.values(conductor))
    expect(rising(bySize(metal).map(([, cents]) => cents))).toBe(true);
  for (const { two, three } of Object.values(cable)) {
    expect(rising(bySize(two).map(([, cents]) => cents))).toBe(true);
    expect(rising(bySize(three).map(([, cents]) => cents))).toBe(true);
    for (const [size, cents] of bySize(two)) expect(three[size] ?? Infinity).toBeGreaterThanOrEqual(cents);
  }
  for (const steps of [breaker, disconnect, service.upgrade]) {
    expect(rising(steps.map(({ toA }) => toA))).toBe(true);
    expect(rising(steps.map(({ cents }) => cents))).toBe(true);
  }
  for (const panels of [panel.subpanel, panel.main])
    expect(rising(panels.map(({ cents }) => cents))).toBe(true);
});

test('a longer pack has a smaller share of the price by the foot, and none is dearer than the counter', () => {
  for (const packs of Object.values(defaultPrices.packs)) {
    expect(rising(packs.map(({ ft }) => ft))).toBe(true);
    for (const { share } of packs) expect(share).toBeLessThanOrEqual(1);
    expect(rising(packs.map(({ share }) => -share))).toBe(true);
  }
});

test('copper is dearer than aluminum of its size', () => {
  for (const [size, cents] of bySize(defaultPrices.conductor.al))
    expect(defaultPrices.conductor.cu[size] ?? Infinity).toBeGreaterThan(cents);
});

test('what is larger than any of a list by rating costs no less than the largest, never nothing', () => {
  expect(byRating(60, defaultPrices.breaker)).toBe(2100);
  expect(byRating(61, defaultPrices.breaker)).toBe(5500);
  expect(byRating(9999, defaultPrices.breaker)).toBe(250_000);
  expect(() => byRating(20, [])).toThrow('price by rating');
});
