import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { bondRows, notBonded } from '../../../src/core/water/bondRows';
import { legalPlace } from '../../../src/core/water/legalPlace';
import { overheadClearance } from '../../../src/core/water/overhead';
import { placedWater } from '../../../src/core/water/placedWater';
import { straightToWater } from '../../../src/core/water/reach';
import type { Water, Yard, YardLine } from '../../../src/core/water/yardSchema';
import { EMPTY_YARD } from '../../../src/core/water/yardDocument';
import { area, POOL, reportIn, thing, TUB, wall } from '../../support/yards';

const CODE = edition(2023, []);

const report = (
  water: Partial<Water>,
  yard: Partial<Yard> = {},
  ringAround = false,
  year: 2017 | 2023 = 2023,
) => {
  const own = { ...POOL, ...water };
  const code = year === 2023 ? CODE : edition(year, []);
  return reportIn({ ...EMPTY_YARD, waters: [own], ...yard }, own.id, code, ringAround);
};

const ROUND: Partial<Water> = {
  shape: { circle: { diameterFt: 24 } },
  kind: 'above-ground',
  shell: 'metal-wall',
  rimIn: 52,
  depthIn: 52,
  uprights: 18,
};

const K13: [number, number][] = [
  [-14, -2],
  [-11, -7],
  [-5, -8.5],
  [1, -7.5],
  [6, -7.5],
  [11, -8],
  [15, -4],
  [15.5, 1],
  [12, 5.5],
  [6, 6],
  [0, 3.5],
  [-6, 4.5],
  [-11, 4],
];

describe('the ring around a water', () => {
  test.each<readonly [string, Partial<Water>, number]>([
    ['16 x 32 ft', {}, 107],
    ['24 ft round', { shape: { circle: { diameterFt: 24 } } }, 86.39],
    ['16 x 32 ft, a true ellipse', { shape: { oval: { lengthFt: 32, widthFt: 16 } } }, 88.5],
    ['16 x 32 ft, round ends', { shape: { stadium: { lengthFt: 32, widthFt: 16 } } }, 93.26],
    ['a kidney of thirteen points', { shape: { polygon: K13 } }, 85.81],
    ['a kidney drawn the other way round', { shape: { polygon: K13.toReversed() } }, 85.81],
    [
      'an L of 30 x 24 ft less 14 x 10 ft',
      {
        shape: {
          polygon: [
            [0, 0],
            [30, 0],
            [30, 14],
            [16, 14],
            [16, 24],
            [0, 24],
          ],
        },
      },
      118.24,
    ],
  ])('%s, 21 in off', (_, water, ft) => {
    expect(report(water).ring?.lengthFt).toBeCloseTo(ft, 1);
  });

  test('turned and moved it is as long, and lies where the water lies', () => {
    const moved = report({ turnDeg: 37, at: [100, -40] });
    expect(moved.ring?.lengthFt).toBeCloseTo(107, 1);
    for (const [x, y] of moved.ring?.pieces.flat() ?? [])
      expect(straightToWater(moved.placed.edge, [x, y])).toBeCloseTo(1.75, 3);
  });

  test('a building on one side opens it: what would lie behind its wall is not laid', () => {
    const house = wall('house', [
      [-40, 9],
      [40, 9],
    ]);
    const { ring } = report({}, { lines: [house] });
    // The far side of 32 ft, and of each corner the arc above the wall: asin(1 / 1.75) to a right angle.
    const arc = (Math.PI / 2 - Math.asin(1 / 1.75)) * 1.75;
    expect(ring?.closed).toBe(false);
    expect(ring?.pieces).toHaveLength(1);
    expect(ring?.lengthFt).toBeCloseTo(96 + 2 * Math.PI * 1.75 - 32 - 2 * arc, 1);
  });

  test('a wall farther off than the ring, and a low one, leave it closed', () => {
    const far = wall('far', [
      [-40, 10],
      [40, 10],
    ]);
    const low = wall(
      'low',
      [
        [-40, 9],
        [40, 9],
      ],
      4,
    );
    expect(report({}, { lines: [far, low] }).ring).toMatchObject({
      closed: true,
      lengthFt: 96 + 3.5 * Math.PI,
    });
  });

  test('two walls at two sides leave two pieces', () => {
    const lines: YardLine[] = [-9, 9].map((y) =>
      wall(`at ${y}`, [
        [-40, y],
        [40, y],
      ]),
    );
    expect(report({}, { lines }).ring?.pieces).toHaveLength(2);
  });
});

describe('ties to the shell', () => {
  test('one on each side of a rectangle, evenly by the inside wall', () => {
    const { ties } = report({});
    expect(ties.points).toEqual([
      [16, 0],
      [0, 8],
      [-16, 0],
      [0, -8],
    ]);
    expect(ties.evenness).toBeCloseTo(1, 9);
  });

  test('on the best four of eighteen uprights: gaps of four and five', () => {
    expect(report(ROUND).ties.evenness).toBeCloseTo(5 / 4, 9);
    expect(report({ ...ROUND, uprights: 16 }).ties.evenness).toBeCloseTo(1, 9);
    expect(report({ ...ROUND, uprights: 6 }).ties.evenness).toBeCloseTo(2, 9);
  });
});

describe('copper', () => {
  test('a round steel pool: ring, four taps, the tail of a pump 8 ft off, a water bond', () => {
    const things = [thing('pump', [20, 0]), thing('water-plate', [0, 12])];
    const { copper } = report(ROUND, { things });
    expect(copper.ringFt).toBeCloseTo(86.39, 2);
    expect(copper.taps).toBe(4);
    // A tap: 1.75 ft to the ring, 1.4 ft up, 1 ft of make-up.
    expect(copper.tapsFt).toBeCloseTo(4 * 4.15, 6);
    // The pump: 6.25 ft from the ring, 1 ft up, 2 ft of make-up; the water bond: 1.75, 0.5 and 1 ft.
    expect(copper.tailsFt).toBeCloseTo(9.25 + 3.25, 2);
    expect(copper.totalFt).toBeCloseTo(86.39 + 16.6 + 12.5, 1);
    expect(copper.boughtFt).toBeCloseTo(1.1 * copper.totalFt, 9);
    // One joint closes the ring; each tap and tail is tapped off it.
    expect(copper.buriedConnectors).toBe(1 + 4 + 2);
    expect(copper.clamps).toBe(4 + 1 + 1);
  });

  test('perimeter plus 2 ft is 10.57 ft short of a ring 24 in off, whatever the pool', () => {
    for (const diameterFt of [12, 24, 30]) {
      const { copper } = report({ shape: { circle: { diameterFt } }, ringOffIn: 24 });
      expect(copper.ringFt - copper.mistakeFt).toBeCloseTo(10.57, 2);
    }
  });

  test('around pump and heater too, where that is the practice', () => {
    const things = [thing('pump', [27, 0]), thing('heater', [27, 5])];
    const [off, on] = [report({}, { things }), report({}, { things }, true)];
    // A square of 3 ft around each, 5 ft apart: 3 by 8 ft, at 21 in.
    expect(off.copper.aroundFt).toBeCloseTo(22 + 3.5 * Math.PI, 6);
    expect(on.copper.totalFt - off.copper.totalFt).toBeCloseTo(off.copper.aroundFt, 6);
  });

  test('a long ring is joined: one coil to 190 ft, two beyond', () => {
    const joints = (lengthFt: number) =>
      report({ shape: { rectangle: { lengthFt, widthFt: 16 } } }).copper.buriedConnectors - 4;
    expect([joints(70), joints(80)]).toEqual([1, 2]);
  });

  test('nothing for a storable pool, and no tap to a shell that conducts nothing', () => {
    expect(report({ kind: 'storable' }).copper.totalFt).toBe(0);
    expect(report({ shell: 'vinyl' }).copper.taps).toBe(0);
  });
});

describe('what is bonded', () => {
  const fence: YardLine = {
    id: 'fence',
    name: 'Fence',
    kind: 'fence',
    heightFt: 4,
    metal: true,
    solid: false,
    points: [
      [-40, -12],
      [40, -12],
    ],
  };
  const rows = (yard: Partial<Yard>) =>
    bondRows(report({}, yard)).map((row) => (row.kind === 'part' ? row.part.candidate.name : row.kind));

  test('shell and surface first, then parts clockwise from the pump', () => {
    const things = [thing('rail', [0, 8]), thing('pump', [27, 0]), thing('light', [-16, 0])];
    expect(rows({ things, lines: [fence] })).toEqual([
      'shell',
      'surface',
      'The pump',
      'Fence',
      'The light',
      'The rail',
    ]);
  });

  test('a fence to 5 ft, one beyond not, one of unknown metal is asked about', () => {
    const at = (y: number, metal: boolean | null): YardLine => ({
      ...fence,
      metal,
      points: [
        [-40, y],
        [40, y],
      ],
    });
    const verdict = (line: YardLine) => report({}, { lines: [line] }).parts[0]?.verdict;
    expect(verdict(at(-13, true))).toMatchObject({ bond: true, reason: 'within-reach' });
    expect(verdict(at(-13.1, true))).toMatchObject({ bond: false, reason: 'out-of-reach' });
    expect(verdict(at(-12, null))).toMatchObject({ bond: 'ask', reason: 'metal-unknown' });
    expect(verdict(at(-12, false))).toMatchObject({ bond: false, reason: 'not-metal' });
  });

  test('a wall between keeps a rail out of reach', () => {
    const lines = [
      wall('between', [
        [-20, -10],
        [20, -10],
      ]),
    ];
    const rail = thing('rail', [0, -11]);
    expect(report({}, { things: [rail] }).parts[0]?.verdict.bond).toBe(true);
    expect(notBonded(report({}, { things: [rail], lines }))[0]?.verdict.reason).toBe('barrier');
  });

  test('a tail goes around a building that stands between', () => {
    const lines = [
      wall('shed', [
        [22, -6],
        [22, 6],
      ]),
    ];
    const tail = (yard: Partial<Yard>) =>
      report({}, { things: [thing('pump', [27, 0])], ...yard }).parts[0]?.tail?.ft ?? 0;
    expect(tail({})).toBeCloseTo(27 - 17.75 + 3, 2);
    // To the end of the wall at (22, 6), and on to the pump.
    expect(tail({ lines })).toBeCloseTo(Math.hypot(22 - 17.75, 0) + Math.hypot(5, 6) + 3, 1);
  });

  test('a part is bonded at the water that is nearer', () => {
    const tub = { ...TUB, at: [40, 0] as [number, number] };
    const things = [thing('pump', [27, 0])];
    const yard = { ...EMPTY_YARD, waters: [POOL, tub], things };
    const of = (water: Water) => reportIn(yard, water.id, CODE).parts.length;
    // 11 ft from the pool, 9.25 ft from the tub.
    expect([of(POOL), of(tub)]).toEqual([0, 1]);
  });
});

describe('a listed tub', () => {
  const around = (topIn: number, fromFt: number) =>
    area(
      [
        [fromFt, -5],
        [fromFt + 10, -5],
        [fromFt + 10, 5],
        [fromFt, 5],
      ],
      topIn,
    );

  test('free on its pad, its rim 36 in high: no ring', () => {
    const free = report(TUB);
    expect(free.plan.perimeter.method).toBe('none');
    expect(free.rimAboveIn).toBe(36);
    expect(free.ring).toBeNull();
  });

  test('a deck 14 in under its rim, 20 in away: the ring of 41 ft comes back', () => {
    const { ring, rimAboveIn } = report(TUB, { areas: [around(22, 3.75 + 20 / 12)] });
    expect(rimAboveIn).toBe(14);
    expect(ring?.lengthFt).toBeCloseTo(41, 2);
  });

  test('the same deck 31 in away counts for nothing', () => {
    expect(report(TUB, { areas: [around(22, 3.75 + 31 / 12)] }).ring).toBeNull();
  });

  test('a rim that was not measured is asked about, the ring drawn meanwhile', () => {
    const unknown = report({ ...TUB, rimIn: null });
    expect(unknown.plan.perimeter.method).toBe('ask');
    expect(unknown.ring).not.toBeNull();
  });
});

test('a ring under pavement: laid in 2017, asked about in 2023 and drawn meanwhile', () => {
  expect(report({ perimeter: 'paved' }, {}, false, 2017).plan.perimeter.method).toBe('ring');
  const asked = report({ perimeter: 'paved' });
  expect(asked.plan.perimeter.method).toBe('ask');
  expect(asked.ring?.closed).toBe(true);
});

describe('overhead lines (680.9)', () => {
  type Overhead = Extract<YardLine, { kind: 'overhead' }>;
  const line = (y: number, part: Partial<Overhead> = {}): Overhead => ({
    id: 'drop',
    name: 'Drop',
    kind: 'overhead',
    conductors: 'triplex',
    fromFt: 24,
    toFt: 20,
    sagFt: 2,
    points: [
      [-20 - 16, y - 8],
      [60 - 16, y - 8],
    ],
    ...part,
  });
  const pool = placedWater(POOL);

  test('a service drop 8 ft beside the pool: 21.15 ft at its lowest, 22.5 required', () => {
    const found = overheadClearance(line(24), pool, 0);
    expect(found.ft).toBeCloseTo(21.15, 2);
    expect(found).toMatchObject({ minFt: 22.5, ok: false });
  });

  test('11 ft beside it the table does not reach', () => {
    expect(overheadClearance(line(27), pool, 0)).toEqual({ ft: null, minFt: 22.5, ok: true });
  });

  test('over the pool, 28 to 26 ft with 1.5 ft of sag: it passes', () => {
    const over = overheadClearance(line(8, { fromFt: 28, toFt: 26, sagFt: 1.5 }), pool, 0);
    expect(over.ft).toBeCloseTo(25.33, 1);
    expect(over.ok).toBe(true);
    expect(
      overheadClearance(line(8, { fromFt: 28, toFt: 26, sagFt: 1.5, conductors: 'open-50kv' }), pool, 0).ok,
    ).toBe(false);
  });

  test('communication lines are measured straight up: 10 ft', () => {
    const low = { fromFt: 9.9, toFt: 9.9, sagFt: 0, conductors: 'communication' } as const;
    expect(overheadClearance(line(8, low), pool, 0).ok).toBe(false);
    expect(overheadClearance(line(8, { ...low, fromFt: 10, toFt: 10 }), pool, 0).ok).toBe(true);
    expect(overheadClearance(line(8, { ...low, fromFt: 14, toFt: 14 }), pool, 52 / 12).ok).toBe(false);
  });
});

test('the nearest legal place is as far as it must be, and nearer than any other that suits', () => {
  const placed = placedWater(POOL);
  const at = legalPlace([0, -10], 6, placed, () => true);
  expect(at && straightToWater(placed.edge, at)).toBeCloseTo(6.5, 2);
  expect(at?.[0]).toBeCloseTo(0, 1);
  const east = legalPlace([0, -10], 6, placed, ([x]) => x > 10);
  expect(east?.[0]).toBeGreaterThan(10);
  expect(legalPlace([0, -10], 6, placed, () => false)).toBeUndefined();
});
