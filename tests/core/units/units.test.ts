import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { parseHeight, printHeight } from '../../../src/core/units/height';
import { parseLength, printLength } from '../../../src/core/units/length';
import { printPriceChange } from '../../../src/core/units/money';
import { parseNumber, printNumber } from '../../../src/core/units/number';
import { cents, feet, meets } from '../../../src/core/units/quantity';
import { isRefused } from '../../../src/core/units/refused';
import { parseTemperature, printTemperature } from '../../../src/core/units/temperature';
import { parseTradeSize, TRADE_SIZES } from '../../../src/core/units/tradeSize';
import {
  largerSize,
  parseWireSize,
  printWireSize,
  smallerSize,
  WIRE_SIZES,
} from '../../../src/core/units/wireSize';

describe('lengths', () => {
  test.each([
    ['62', 62],
    ['62 ft', 62],
    ['12.5', 12.5],
    ['12.5 ft', 12.5],
    ['12\'6"', 12.5],
    ["12' 6", 12.5],
    ['12 ft 6 in', 12.5],
    ['12 ft 6', 12.5],
    ['12ft6in', 12.5],
    ['12-6', undefined],
    ['150 in', 12.5],
    ['6"', 0.5],
    ['4-1/4 in', 4.25 / 12],
    ['12\'6-1/2"', 12 + 6.5 / 12],
    ['1,200 ft', 1200],
  ])('%s', (text, expected) => {
    const parsed = parseLength(text);
    if (expected === undefined) expect(isRefused(parsed)).toBe(true);
    else expect(parsed).toBeCloseTo(expected, 9);
  });

  test.each(['', 'abc', '-5', '12\'13"', 'NaN', '6 AWG', '1/0 in'])(
    'refuses %j and says what is accepted',
    (text) => {
      expect(parseLength(text)).toEqual({
        refused: true,
        got: text,
        accepts: expect.stringContaining('62 ft') as string,
      });
    },
  );

  test.each([
    [62, '62 ft'],
    [12.5, '12 ft 6 in'],
    [0.5, '6 in'],
    [4.25 / 12, '4-1/4 in'],
    [0, '0 ft'],
  ])('%d ft is printed %s', (value, text) => {
    expect(printLength(feet(value))).toBe(text);
  });

  test('what is printed is read back to the nearest quarter inch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200_000 }), (quarters) => {
        expect(parseLength(printLength(feet(quarters / 48)))).toBeCloseTo(quarters / 48, 9);
      }),
    );
  });
});

describe('heights', () => {
  test.each([
    ['8 ft', 8],
    ['-18 in', -1.5],
    ['-1 ft 6 in', -1.5],
    ['0', 0],
  ])('%s', (text, expected) => {
    expect(parseHeight(text)).toBe(expected);
  });

  test('a depth is printed with its sign, and read back', () => {
    expect(printHeight(-1.5)).toBe('-1 ft 6 in');
    expect(parseHeight(printHeight(-1.5))).toBe(-1.5);
  });

  test('refuses a depth below any trench', () => {
    expect(isRefused(parseHeight('-40 ft'))).toBe(true);
  });
});

describe('sizes', () => {
  test.each([
    ['6', '6'],
    ['6 AWG', '6'],
    ['#6', '6'],
    ['no. 6', '6'],
    ['1/0', '1/0'],
    ['0000', '4/0'],
    ['250 kcmil', '250'],
    ['250 MCM', '250'],
  ])('%s', (text, size) => {
    expect(parseWireSize(text)).toBe(size);
  });

  test.each(['5', '7 AWG', '1/2', '', '260 kcmil'])('refuses %j', (text) => {
    expect(isRefused(parseWireSize(text))).toBe(true);
  });

  test('every size is read back from its print', () => {
    for (const size of WIRE_SIZES) expect(parseWireSize(printWireSize(size))).toBe(size);
  });

  test('larger and smaller follow the area, not the number', () => {
    expect(largerSize('6', '4')).toBe('4');
    expect(largerSize('1/0', '1')).toBe('1/0');
    expect(smallerSize('250', '4/0')).toBe('4/0');
  });

  test.each([
    ['3/4', '3/4'],
    ['3/4"', '3/4'],
    ['1 1/4', '1-1/4'],
    ['1-1/4 in', '1-1/4'],
    ['0.75', '3/4'],
  ])('trade size %s', (text, trade) => {
    expect(parseTradeSize(text)).toBe(trade);
  });

  test('trade sizes read themselves back, and 5/8 is none', () => {
    for (const trade of TRADE_SIZES) expect(parseTradeSize(trade)).toBe(trade);
    expect(isRefused(parseTradeSize('5/8'))).toBe(true);
  });
});

describe('temperatures', () => {
  test.each([
    ['86 °F', 30],
    ['86F', 30],
    ['30 C', 30],
    ['30', 30],
    ['104', 40],
    ['122 f', 50],
  ])('%s', (text, celsius) => {
    expect(parseTemperature(text)).toBe(celsius);
  });

  test('printed in both scales', () => {
    const parsed = parseTemperature('50 C');
    if (isRefused(parsed)) throw new Error('refused');
    expect(printTemperature(parsed)).toBe('122 °F (50 °C)');
  });

  test.each(['hot', '90 C', '200 F', ''])('refuses %j', (text) => {
    expect(isRefused(parseTemperature(text))).toBe(true);
  });
});

describe('numbers and money', () => {
  const range = { min: 6, max: 80, units: ['a', 'amps'], shown: 'A' };

  test.each([
    ['48', 48],
    ['48 A', 48],
    ['48 amps', 48],
    ['48.', 48],
  ])('%s', (text, value) => {
    expect(parseNumber(text, range)).toBe(value);
  });

  test.each(['5', '81', '4 8', '1e1', ''])('refuses %j, naming the range', (text) => {
    expect(parseNumber(text, range)).toMatchObject({ accepts: 'a number from 6 to 80 A' });
  });

  test('whole numbers only, where only those make sense', () => {
    expect(isRefused(parseNumber('2.5', { min: 1, max: 9, units: [], shown: '', whole: true }))).toBe(true);
  });

  test.each([
    ['3/4', 'in', 0.75],
    ['1-1/4 in', 'in', 1.25],
    ['1 1/8', 'in', 1.125],
    ['1/2"', 'in', 0.5],
    ['0.109', 'in', 0.109],
    ['1\'2"', 'in', 14],
    ['12\'6"', 'ft', 12.5],
    ['12 ft 6 in', 'ft', 12.5],
    ['150 in', 'ft', 12.5],
    ['62', 'ft', 62],
  ])('a field in %s takes a length as the trade writes it: %s', (text, shown, value) => {
    expect(parseNumber(text, { min: 0, max: 480, units: [shown], shown })).toBe(value);
  });

  test.each(['3/', '/4', '3/0', '1-', 'in', '3 4', "-6'", '500 ft'])(
    '%s is no length of the range',
    (text) => {
      expect(isRefused(parseNumber(text, { min: 0, max: 480, units: ['ft'], shown: 'ft' }))).toBe(true);
    },
  );

  test('no trailing zeros', () => {
    expect([printNumber(60), printNumber(4.7), printNumber(0.489999), printNumber(100, 0)]).toEqual([
      '60',
      '4.7',
      '0.49',
      '100',
    ]);
  });

  test('prices carry their sign, and cents round away from zero', () => {
    expect([
      printPriceChange(cents(7100)),
      printPriceChange(cents(-820)),
      printPriceChange(cents(20)),
    ]).toEqual(['+$71', '-$8', '$0']);
    expect(cents(-0.5)).toBe(-1);
  });

  test('1.25 times 48 meets 60, and 55 does not meet 60', () => {
    expect(meets(60, 1.25 * 48)).toBe(true);
    expect(meets(55, 60)).toBe(false);
  });
});
