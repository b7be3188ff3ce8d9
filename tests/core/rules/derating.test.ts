import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { METHOD_IDS, type MethodId } from '../../../src/core/code/methods';
import { nextStandard } from '../../../src/core/rules/branchOcpd';
import {
  adjustmentFactor,
  ambientFactor,
  ampacityTerms,
  sizeAmpacity,
  terminalColumn,
} from '../../../src/core/rules/conductorAmpacity';
import { smallConductorLimit, testConductor } from '../../../src/core/rules/conductorTests';
import type { WireSize } from '../../../src/core/units/wireSize';

const code = edition(2023);

const terms = (method: MethodId, ambientC: number, currentCarrying: number, terminalC: 60 | 75 = 60) =>
  ampacityTerms({ method, place: 'indoor', ambientC, currentCarrying }, 'cu', terminalC, code);

/** The largest device that 240.4(B) and (D) let stand over a conductor. */
const largestDevice = (finalA: number, small: number | undefined): number => {
  const next = nextStandard(code, finalA) ?? 0;
  return Math.min(next, small ?? Infinity);
};

describe('copper in cable, 60 °C: amperes left, and the largest device over them', () => {
  // Starting from the 90 °C column, never above the 60 °C one; 14 to 10 AWG under the small-conductor rule.
  const PLACES = [
    ['30 °C, to 3', 30, 3],
    ['30 °C, 4 to 6', 30, 6],
    ['30 °C, 7 to 9', 30, 9],
    ['40 °C, 4 to 6', 40, 6],
    ['50 °C, to 3', 50, 3],
    ['50 °C, 4 to 6', 50, 6],
    ['55 °C, 7 to 9', 55, 9],
  ] as const;
  const ROWS: Partial<Record<WireSize, readonly (readonly [finalA: number, deviceA: number])[]>> = {
    14: [
      [15, 15],
      [15, 15],
      [15, 15],
      [15, 15],
      [15, 15],
      [15, 15],
      [13.3, 15],
    ],
    12: [
      [20, 20],
      [20, 20],
      [20, 20],
      [20, 20],
      [20, 20],
      [19.68, 20],
      [15.96, 20],
    ],
    10: [
      [30, 30],
      [30, 30],
      [28, 30],
      [29.12, 30],
      [30, 30],
      [26.24, 30],
      [21.28, 25],
    ],
    8: [
      [40, 40],
      [40, 40],
      [38.5, 40],
      [40, 40],
      [40, 40],
      [36.08, 40],
      [29.26, 30],
    ],
    6: [
      [55, 60],
      [55, 60],
      [52.5, 60],
      [54.6, 60],
      [55, 60],
      [49.2, 50],
      [39.9, 40],
    ],
    4: [
      [70, 70],
      [70, 70],
      [66.5, 70],
      [69.16, 70],
      [70, 70],
      [62.32, 70],
      [50.54, 60],
    ],
  };

  for (const [size, row] of Object.entries(ROWS) as [WireSize, (readonly [number, number])[]][]) {
    for (const [at, [finalA, deviceA]] of row.entries()) {
      const place = PLACES[at];
      if (place === undefined) continue;
      const [name, ambientC, count] = place;
      test(`${size} AWG at ${name}: ${finalA} A under ${deviceA} A`, () => {
        const here = terms('nm-b', ambientC, count);
        const ampacity = sizeAmpacity(size, here, code);
        expect(ampacity.finalA).toBeCloseTo(finalA, 2);
        expect(largestDevice(ampacity.finalA, smallConductorLimit(code, here, size))).toBe(deviceA);
      });
    }
  }
});

describe('columns', () => {
  test.each([
    [{ panel: 75, load: 75 }, 60, 75],
    [{ panel: 75, load: 60 }, 60, 60],
    [{ panel: 'unmarked', load: 75 }, 100, 60],
    [{ panel: 'unmarked', load: 75 }, 110, 75],
    [{ panel: 'unmarked', load: 60 }, 200, 60],
  ] as const)('%j on %d A: %d °C', (terminals, ocpdA, columnC) => {
    expect(terminalColumn(terminals, ocpdA)).toBe(columnC);
  });

  test.each([
    ['nm-b', 75, 60],
    ['uf-b', 75, 60],
    ['ser', 75, 75],
    ['mc', 75, 75],
    ['emt', 75, 75],
    ['emt', 60, 60],
  ] as const)('%s between %d °C lugs reads the %d °C column', (method, terminalC, columnC) => {
    expect(terms(method, 30, 2, terminalC).columnC).toBe(columnC);
  });

  test('no method reads a column above its terminals', () => {
    for (const method of METHOD_IDS) expect(terms(method, 30, 2, 60).columnC).toBe(60);
  });

  test('wet places start metal-clad cable from 75 °C', () => {
    const wet = ampacityTerms(
      { method: 'mc', place: 'underground', ambientC: 30, currentCarrying: 2 },
      'cu',
      75,
      code,
    );
    expect(wet.startC).toBe(75);
    expect(terms('mc', 30, 2).startC).toBe(90);
  });
});

describe('factors', () => {
  test.each([
    [30, 1],
    [30.2, 0.96],
    [38, 0.91],
    [50, 0.82],
    [55, 0.76],
    [5, 1.15],
    [86, 0],
  ])('90 °C insulation at %d °C: %d', (ambientC, factor) => {
    expect(ambientFactor(code, ambientC, 90)).toBe(factor);
  });

  test.each([
    [1, 1],
    [3, 1],
    [4, 0.8],
    [6, 0.8],
    [7, 0.7],
    [10, 0.5],
    [21, 0.45],
    [31, 0.4],
    [41, 0.35],
    [90, 0.35],
  ])('%d together: %d', (count, factor) => {
    expect(adjustmentFactor(code, count)).toBe(factor);
  });
});

describe('the four tests', () => {
  const demand = (loadA: number, ocpdA: number) => ({
    designA: loadA * 1.25,
    loadA,
    ocpdA,
    own: null,
    section: 'conductor.continuous' as const,
    pluggedMotor: false,
    matchBreaker: false,
    nextUp: true,
  });

  test.each([
    ['6', demand(48, 60), ['load']],
    ['8', demand(44, 60), ['load', 'breaker']],
    ['14', demand(16, 20), ['load', 'breaker', 'small']],
    ['4', demand(48, 60), []],
    ['8', demand(36, 45), ['load', 'breaker']],
  ] as const)('%s AWG cable for %j fails %j', (size, asked, failed) => {
    expect(testConductor(size, asked, terms('nm-b', 30, 2), code).failed).toEqual(failed);
  });

  test('the next size up ends at 800 A', () => {
    const large = terms('emt', 30, 2, 75);
    const asked = {
      designA: 100,
      loadA: 100,
      ocpdA: 1000,
      own: null,
      section: 'conductor.continuous' as const,
      pluggedMotor: false,
      matchBreaker: false,
      nextUp: true,
    };
    expect(testConductor('750', asked, large, code).failed).toContain('breaker');
  });
});
