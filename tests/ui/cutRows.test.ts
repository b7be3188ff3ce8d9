import { describe, expect, test } from 'vitest';
import { barAt, barBeside } from '../../src/ui/pictures/cuts/barAt';
import { cutRows, type DrawnBar, type DrawnLine } from '../../src/ui/pictures/cuts/cutRows';

const bar = (key: string, ft: number, small: boolean): DrawnBar => ({
  key,
  at: 0,
  held: false,
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

describe('the bar under a piece that is let go', () => {
  const rows = cutRows(
    [
      { ...line(bar('a', 50, false), bar('b', 10, true), bar('c', 10, true)), chosen: true },
      line(bar('d', 50, false)),
    ],
    100,
  );
  const layout = { leftPx: 100, topPx: 30, rowPx: 34, pxPerFt: 5 };
  const at = (x: number, y: number) => barAt(rows, layout, x, y)?.key;

  test('is that of the chosen line whose row and length it lies in', () => {
    expect([at(110, 40), at(349, 40), at(110, 70), at(150, 70), at(170, 70)]).toEqual([
      'a',
      'a',
      'b',
      'b',
      'c',
    ]);
    expect([at(400, 40), at(110, 110), at(110, 10), at(110, 900)]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });

  test('is stepped to with the keys, and no further than the ends', () => {
    const [first, second, third] = ['a', 'b', 'c'].map((key) => bar(key, 10, false));
    if (first === undefined || second === undefined || third === undefined) throw new Error('No bars.');
    expect([barBeside(rows, first, 1)?.key, barBeside(rows, second, -1)?.key]).toEqual(['b', 'a']);
    expect([barBeside(rows, first, -1), barBeside(rows, third, 1)]).toEqual([undefined, undefined]);
  });
});
