import fc from 'fast-check';
import { beforeAll, describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import {
  cellAt,
  fieldModel,
  fieldWith,
  modelResponse,
  sourceOf,
} from '../../../src/core/water/field/fieldModel';
import { fieldParts, USUAL_VALUES, type FieldValues } from '../../../src/core/water/field/fieldParts';
import { ladderOf } from '../../../src/core/water/field/fieldWork';
import { soilSheet } from '../../../src/core/water/field/sheet';
import { joinedField, soilResponse, type Contact } from '../../../src/core/water/field/solveField';
import { solveLinear } from '../../../src/core/water/field/solveLinear';
import { touchOf, usualPeople } from '../../../src/core/water/field/touch';
import type { Water, YardLine } from '../../../src/core/water/yardSchema';
import { POOL, reportIn, thing, TUB, yardOf } from '../../support/yards';
import { runs } from '../../support/luck';

const finished = <T>(steps: Generator<number, T>): T => {
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
};

const SOIL = { squareOhm: 134.45, reachFt: 8 };

/** The modified Bessel function K0 by its integral: what a point in an endless leaking sheet gives. */
function besselK0(x: number): number {
  const [steps, end] = [4000, 12];
  return Array.from(
    { length: steps + 1 },
    (_, at) => (at === 0 || at === steps ? 0.5 : 1) * Math.exp(-x * Math.cosh((at / steps) * end)),
  ).reduce((sum, each) => sum + (each * end) / steps, 0);
}

describe('soil as a leaking sheet', () => {
  const [n, step] = [128, 0.6];
  const middle = (n / 2) * n + n / 2;
  const sheet = soilSheet(n, step, SOIL, () => true);
  const soil = finished(soilResponse(sheet, [[[middle, 1000]]]));
  const field = joinedField(soil, [], { part: 0, siemens: 1 / 500, volts: 120 });

  test.each([4, 8, 15, 30])('%i cells from a point it is what the endless sheet gives', (cells) => {
    const volts = (SOIL.squareOhm / (2 * Math.PI)) * besselK0((cells * step) / SOIL.reachFt) * field.currentA;
    expect(field.cells[middle + cells]).toBeCloseTo(volts, volts > 1 ? 1 : 2);
    expect((field.cells[middle + cells] ?? 0) / volts).toBeCloseTo(1, 2);
  });

  test('what flows in leaks out, to a millionth', () => {
    expect(field.currentA).toBeGreaterThan(0.1);
    expect(field.lost).toBeLessThan(1e-6);
  });

  test('the same upward as to the right, and on the other side', () => {
    for (const away of [3, 10, 20]) {
      const right = field.cells[middle + away] ?? 0;
      expect(field.cells[middle + away * n]).toBeCloseTo(right, 4);
      expect(field.cells[middle - away]).toBeCloseTo(right, 4);
    }
  });

  test('two contacts answer each other alike, wherever they are', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: 16 * 16 - 1 }), fc.double({ min: 0.001, max: 2, noNaN: true })),
          {
            minLength: 2,
            maxLength: 5,
          },
        ),
        (at) => {
          const small = soilSheet(16, 1, SOIL, () => true);
          const { siemens } = finished(
            soilResponse(
              small,
              at.map(([cell, s]): Contact => [[cell, s]]),
            ),
          );
          for (const [i, row] of siemens.entries())
            for (const j of row.keys()) expect(siemens[j]?.[i]).toBeCloseTo(row[j] ?? 0, 8);
        },
      ),
      runs(60),
    );
  });

  test('a hole in the soil stays at earth and turns current away', () => {
    const holed = soilSheet(32, 1, SOIL, (column) => column < 10 || column > 14);
    const response = finished(soilResponse(holed, [[[16 * 32 + 5, 10]]]));
    const solved = joinedField(response, [], { part: 0, siemens: 1, volts: 10 });
    expect(solved.cells[16 * 32 + 12]).toBe(0);
    expect(solved.cells[16 * 32 + 20]).toBe(0);
    expect(solved.lost).toBeLessThan(1e-6);
  });
});

test('a few linear equations, also where the first coefficient is nothing', () => {
  expect(
    solveLinear(
      [
        [0, 2],
        [3, 1],
      ],
      [4, 5],
    ),
  ).toEqual([1, 2]);
  expect(
    solveLinear(
      [
        [2, 1, -1],
        [-3, -1, 2],
        [-2, 1, 2],
      ],
      [8, -11, -3],
    ).map((each) => Math.round(each * 1e9) / 1e9),
  ).toEqual([2, 3, -1]);
});

const FENCE: YardLine = {
  id: 'fence',
  name: 'Fence',
  kind: 'fence',
  heightFt: 4,
  metal: true,
  solid: false,
  points: [
    [-38, -12],
    [38, -12],
  ],
};
const CELLS = 64;

/** A pool with pump, ladder, fence and water bond, its field on few cells. */
function scene(part: Partial<Water>, values: FieldValues = USUAL_VALUES) {
  const water: Water = { ...POOL, ...part };
  const yard = yardOf({
    waters: [water],
    lines: [FENCE],
    things: [
      thing('pump', [27, 0]),
      thing('ladder', [-12, 8], { deepIn: 4 }),
      thing('water-plate', [16, -5]),
    ],
  });
  const report = reportIn(yard, water.id, edition(2023, []));
  const model = fieldModel(report, yard, CELLS);
  const soil = finished(modelResponse(model, report, values.soilOhmM));
  const people = usualPeople(model, report);
  const touch = (id: string, ...lifted: string[]) => {
    const person = people.find((each) => each.id === id);
    const solution = fieldWith(model, soil, new Set(lifted), values);
    if (person === undefined || solution === undefined) throw new Error(`Nobody is ${id}.`);
    return { ...touchOf(person, model, solution, values), solution };
  };
  return { yard, report, model, people, touch };
}

describe('bonds around a pool with a liner', () => {
  let pool: ReturnType<typeof scene>;
  beforeAll(() => {
    pool = scene({ shell: 'vinyl' });
  });
  const ALL = ['pump', 'ladder', 'water', 'ring', 'fence'];

  test('its parts are those that are bonded, the water and the ring', () => {
    expect(pool.model.parts.map(({ id }) => id)).toEqual(['pump', 'fence', 'ladder', 'water', 'ring']);
  });

  test('all lifted, the pump stands near 40 V and the ladder is quiet', () => {
    // 120 V over 500 ohm, and 250 ohm to earth.
    expect(pool.touch('equipment', ...ALL).handV).toBeCloseTo(120 * (250 / 750), -1);
    expect(pool.touch('rail', ...ALL).volts).toBeLessThan(2);
  });

  test('pump, ladder and water without the ring are worse than none: over 15 V', () => {
    const partly = pool.touch('rail', 'ring', 'fence');
    expect(partly.volts).toBeGreaterThan(15);
    expect(partly.volts).toBeGreaterThan(5 * pool.touch('rail', ...ALL).volts);
  });

  test('the ring brings it under 1 V; the fence, left out, is the next hazard until it is bonded too', () => {
    expect(pool.touch('rail', 'fence').volts).toBeLessThan(1);
    expect(pool.touch('fence', 'ring', 'fence').volts).toBeGreaterThan(15);
    expect(pool.touch('fence').volts).toBeLessThan(0.05);
  });

  test('current is volts over body, feet and what feeds them', () => {
    const touch = pool.touch('rail', 'ring', 'fence');
    expect(touch.bodyOhm).toBe(300 + 150);
    expect(touch.milliamperes).toBeCloseTo((1000 * touch.volts) / (touch.bodyOhm + touch.sourceOhm), 9);
    const { currentA } = touch.solution;
    const toEarth = pool.touch('equipment', 'ring', 'fence').handV / currentA;
    expect(touch.sourceOhm).toBeCloseTo(1 / (1 / 500 + 1 / toEarth), 1);
    expect(pool.touch('fence', 'ring', 'fence').bodyOhm).toBe(500);
  });

  test('every state keeps its current, to a millionth', () => {
    for (let state = 0; state < 32; state += 1) {
      const lifted = ALL.filter((_, bit) => (state & (1 << bit)) !== 0);
      expect(pool.touch('rail', ...lifted).solution.lost).toBeLessThan(1e-6);
    }
  });

  test('behind the liner the soil carries nothing', () => {
    const cell = cellAt(pool.model.grid, [0, 0]);
    expect(cell).toBeDefined();
    expect(pool.model.soil[cell ?? 0]).toBe(0);
    expect(pool.touch('rail').solution.cells[cell ?? 0]).toBe(0);
  });
});

describe('other waters and sources', () => {
  test('in concrete the water stands with the steel, and its bond is no switch', () => {
    const { model, touch } = scene({});
    expect(model.parts.filter(({ bonds }) => bonds).map(({ id }) => id)).toEqual([
      'pump',
      'fence',
      'ladder',
      'shell',
      'ring',
    ]);
    const { solution } = touch('water', 'ring');
    const at = (id: string) => solution.parts[model.parts.findIndex((part) => part.id === id)] ?? 0;
    expect(at('water')).toBeCloseTo(at('shell'), 1);
    expect(touch('water').volts).toBeLessThan(1);
  });

  test('voltage on the neutral comes in whole without a ring, and a part of it with one', () => {
    const values: FieldValues = { ...USUAL_VALUES, source: 'neutral' };
    const { touch } = scene({ shell: 'vinyl' }, values);
    expect(touch('water', 'ring', 'fence').volts).toBeGreaterThan(4.5);
    expect(touch('water').volts).toBeLessThan(1.5);
  });

  test('a grid holds the surface nearer to the bonded parts than a ring does', () => {
    const values: FieldValues = { ...USUAL_VALUES, source: 'neutral' };
    const share = (part: Partial<Water>): number => {
      const { volts, handV } = scene({ shell: 'vinyl', ...part }, values).touch('rail');
      return 1 - volts / handV;
    };
    expect(share({ grid: true })).toBeGreaterThan(0.9);
    expect(share({ grid: true })).toBeGreaterThan(share({}) + 0.1);
  });

  test('each that may leak is a source of its own, one at a time', () => {
    const yard = yardOf({
      waters: [{ ...POOL, shell: 'vinyl' }],
      things: [thing('pump', [27, 0]), thing('heater', [27, 6]), thing('light', [16, 0])],
    });
    const report = reportIn(yard, POOL.id, edition(2023, []));
    const parts = fieldParts(report, yard);
    const from = (leaksAt: string | null) => sourceOf({ parts }, { source: 'leak', leaksAt })?.id;
    expect(parts.filter(({ leaks }) => leaks).map(({ id }) => id)).toEqual(['pump', 'heater', 'water']);
    expect([from(null), from('heater'), from('water'), from('ring')]).toEqual([
      'pump',
      'heater',
      'water',
      'pump',
    ]);
    expect(sourceOf({ parts }, { source: 'neutral', leaksAt: 'water' })?.id).toBe('pump');
    const model = fieldModel(report, yard, CELLS);
    const soil = finished(modelResponse(model, report, 100));
    const values: FieldValues = { ...USUAL_VALUES, leaksAt: 'water' };
    const lifted = new Set(['pump', 'heater', 'water', 'ring']);
    const water = model.parts.findIndex(({ id }) => id === 'water');
    // Behind its liner the water has next to nothing to earth: it takes what the light stands at.
    expect(fieldWith(model, soil, lifted, values)?.parts[water]).toBeGreaterThan(100);
    expect(fieldWith(model, soil, new Set(), values)?.parts[water]).toBeLessThan(10);
  });

  test('a listed tub drives itself; a water without anything electrical has no field', () => {
    const yard = yardOf({ waters: [TUB] });
    const tub = reportIn(yard, TUB.id, edition(2023, []));
    expect(fieldParts(tub, yard).map(({ id }) => id)).toEqual(['unit', 'water']);
    const bare = reportIn(yardOf({}), POOL.id, edition(2023, []));
    const model = fieldModel(bare, { lines: [] }, 16);
    const soil = finished(modelResponse(model, bare, 100));
    expect(fieldWith(model, soil, new Set(), USUAL_VALUES)).toBeUndefined();
  });

  test('the ladder: worse with pump and metal than with none, and better with the ring; the band holds its figure', () => {
    const { yard, report, people } = scene({ shell: 'vinyl' });
    const [person] = people;
    if (person === undefined) throw new Error('Nobody is there.');
    const rungs = finished(ladderOf({ report, yard, values: USUAL_VALUES, person }, CELLS));
    expect(rungs.map(({ added }) => added)).toEqual([null, 'equipment', 'metal', 'water', 'ring', 'fence']);
    const volts = rungs.map((rung) => rung.volts);
    expect(volts[2]).toBeGreaterThan(5 * (volts[0] ?? 0));
    expect(volts[4]).toBeLessThan((volts[3] ?? 0) / 10);
    for (const rung of rungs) {
      expect(rung.lowV).toBeLessThanOrEqual(rung.volts);
      expect(rung.highV).toBeGreaterThanOrEqual(rung.volts);
    }
  });
});
