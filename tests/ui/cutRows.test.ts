import { describe, expect, test } from 'vitest';
import { cutRows, type DrawnBar, type DrawnLine } from '../../src/ui/pictures/cuts/cutRows';

const bar = (key: string, ft: number, small: boolean): DrawnBar => ({
  key,
  ft,
  leftFt: 0,
  small,
  onTruck: false,
  pieces: [],
});
const line = (...bars: DrawnBar[]): DrawnLine => ({
  key: 'line',
  name: 'Line',
  sold: '',
  chosen: false,
  bars,
});
const laid = (...bars: DrawnBar[]) =>
  cutRows([line(...bars)], 100).map((row) => row.bars.map(({ bar: { key }, atFt }) => [key, atFt]));

describe('bars in rows', () => {
  test('a coil has a row to itself', () => {
    expect(laid(bar('a', 50, false), bar('b', 20, false))).toEqual([[['a', 0]], [['b', 0]]]);
  });

  test('short ones stand side by side, 3 ft apart, as long as there is room', () => {
    expect(laid(bar('a', 40, true), bar('b', 57, true), bar('c', 1, true))).toEqual([
      [
        ['a', 0],
        ['b', 43],
      ],
      [['c', 0]],
    ]);
  });

  test('none stands beside a coil, and only the first row of a line is named', () => {
    const rows = cutRows([line(bar('a', 50, false), bar('b', 10, true)), line(bar('c', 10, true))], 100);
    expect(rows.map(({ first }) => first)).toEqual([true, false, true]);
  });
});
