import { expect, test } from 'vitest';
import { nth } from '../../../src/core/units/nth';
import { present } from '../../../src/core/units/present';
import { tally } from '../../../src/core/units/tally';

test('what is missing is an error that names it, and never a figure; 0 is there', () => {
  const missing = (value: null | undefined) => () => {
    present(value, 'Table 250.122', 2000);
  };
  expect(missing(undefined)).toThrow('Not there: Table 250.122, 2000.');
  expect(missing(null)).toThrow(RangeError);
  expect(present(0, 'amperes')).toBe(0);
  expect(present('', 'word')).toBe('');
});

test('an entry past the ends of a list is an error that tells which', () => {
  expect(nth([3, 0], 1)).toBe(0);
  expect(nth(Float64Array.of(3, 4), 0)).toBe(3);
  for (const off of [-1, 2, 0.5]) expect(() => nth([3, 0], off)).toThrow(`No entry ${off} of 2.`);
});

test('what is counted under a key adds up from nothing', () => {
  const counts = new Map<string, number>();
  for (const key of ['a', 'b', 'a']) tally(counts, key);
  tally(counts, 'b', 2.5);
  expect([...counts]).toEqual([
    ['a', 2],
    ['b', 3.5],
  ]);
});
