import { describe, expect, test } from 'vitest';
import { edition, type EditionYear } from '../../../src/core/code/edition';
import { bondGrid } from '../../../src/core/water/bondGrid';
import { placedWater } from '../../../src/core/water/placedWater';
import type { Water } from '../../../src/core/water/yardSchema';
import { POOL, reportIn, thing, yardOf } from '../../support/yards';

const gridOf = (part: Partial<Water>) => bondGrid(placedWater({ ...POOL, ...part }), []);
const reportWith = (part: Partial<Water>, year: EditionYear = 2023) =>
  reportIn(
    yardOf({ waters: [{ ...POOL, grid: true, ...part }], things: [thing('pump', [27, 0])] }),
    POOL.id,
    edition(year, []),
  );

describe('the copper grid in place of the ring', () => {
  // 12 in squares, 3 ft around 16 by 32 ft: 38 by 22 wires less those over the water.
  test('around 16 by 32 ft it takes 756 ft and 432 crossings, however it is turned', () => {
    for (const turnDeg of [0, 30, 90]) {
      const { wireFt, crossings } = gridOf({ turnDeg });
      expect(wireFt).toBeCloseTo(756, 6);
      expect(crossings).toBe(432);
    }
  });

  test('around a round pool it covers the band: about a foot of wire each way for each square foot', () => {
    const { wireFt, crossings } = gridOf({ shape: { circle: { diameterFt: 24 } } });
    const bandFt2 = Math.PI * (15 ** 2 - 12 ** 2);
    expect(crossings).toBeGreaterThan(bandFt2);
    expect(crossings).toBeLessThan(1.6 * bandFt2);
    expect(wireFt).toBeGreaterThan(2 * bandFt2);
    expect(wireFt).toBeLessThan(3.2 * bandFt2);
  });

  test('no wire of it lies in the water, and none beyond the squares that the band touches', () => {
    const shapes: readonly Water['shape'][] = [
      { oval: { lengthFt: 32, widthFt: 16 } },
      {
        polygon: [
          [0, 0],
          [30, 0],
          [30, 10],
          [14, 10],
          [14, 24],
          [0, 24],
        ],
      },
    ];
    for (const shape of shapes) {
      const placed = placedWater({ ...POOL, shape });
      for (const [from, to] of bondGrid(placed, []).pieces) {
        const middle = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as const;
        const near = placed.edge.nearest(middle) ?? middle;
        const ft = Math.hypot(near[0] - middle[0], near[1] - middle[1]);
        expect(placed.edge.holds(middle) ? -ft : ft).toBeGreaterThan(-1e-5);
        expect(ft).toBeLessThan(3 + Math.SQRT2);
      }
    }
  });

  test('it ends at a wall of a building', () => {
    const placed = placedWater(POOL);
    const whole = bondGrid(placed, []);
    const open = bondGrid(placed, [
      [
        [-40, 9],
        [40, 9],
      ],
    ]);
    expect(open.wireFt).toBeLessThan(whole.wireFt);
    expect(Math.max(...open.pieces.flat().map(([, y]) => y))).toBeLessThanOrEqual(9 + 1e-9);
  });
});

describe('a water whose surface a grid bonds', () => {
  test('its copper is the grid, its taps and tails; each crossing is a buried connector', () => {
    const { ring, grid, copper, plan } = reportWith({});
    expect(plan.perimeter.method).toBe('grid');
    expect([ring, grid?.crossings, copper.ringFt]).toEqual([null, 432, 0]);
    expect(copper.totalFt).toBeCloseTo(756 + copper.tapsFt + copper.tailsFt, 6);
    expect(copper.buriedConnectors).toBe(432 + 4 + 1);
  });

  test('under pavement it leaves nothing to ask in 2023; 2017 does not name it', () => {
    expect(reportWith({ perimeter: 'paved' }).plan.perimeter.method).toBe('grid');
    expect(reportWith({ perimeter: 'paved', grid: false }).plan.perimeter.method).toBe('ask');
    expect(reportWith({ perimeter: 'paved' }, 2017).plan.perimeter.method).toBe('ask');
    expect(reportWith({ perimeter: 'paved' }, 2017).grid).not.toBeNull();
  });

  test('steel in the deck, and a tub that needs no ring, go before it', () => {
    expect(reportWith({ perimeter: 'deck-steel' }).grid).toBeNull();
    expect(reportWith({ kind: 'storable' }).grid).toBeNull();
  });
});
