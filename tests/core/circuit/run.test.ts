import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  removeSegment,
  splitSegment,
  withPlace,
  withStationMoved,
} from '../../../src/core/circuit/edits/circuitEdits';
import { edition } from '../../../src/core/code/edition';
import { METHOD_IDS } from '../../../src/core/code/methods';
import { supportMarks, supportSpacing } from '../../../src/core/rules/supportMarks';
import { packConductors } from '../../../src/core/route/packConductors';
import { sectionGeometry } from '../../../src/core/route/sectionGeometry';
import { tapeLayout, tapeTicks } from '../../../src/core/route/tapeLayout';
import { moveStation } from '../../../src/core/circuit/edits/moveStation';
import { circuit, segment } from '../../support/circuits';
import { runs } from '../../support/luck';

describe('the section', () => {
  const run = [
    segment({ id: 'a', lengthFt: 31, heightFt: 8, endHeightFt: 6 }),
    segment({ id: 'b', method: 'pvc40', place: 'underground', lengthFt: 66, heightFt: -1.5, endHeightFt: 4 }),
    segment({ id: 'c', method: 'lfnc', lengthFt: 6, heightFt: 2, endHeightFt: 3 }),
  ];
  const geometry = sectionGeometry(run, 5);

  test('has a station more than segments, lettered from the panel', () => {
    expect(geometry.stations.map(({ letter, kind }) => [letter, kind])).toEqual([
      ['A', 'panel'],
      ['B', 'box'],
      ['C', 'body'],
      ['D', 'appliance'],
    ]);
  });

  test('is to scale: what a segment has left after rise and fall goes along', () => {
    // 31 ft: 3 up from 5 to 8, 2 down to 6, so 26 along; 66 ft: 7.5 down, 5.5 up, so 53 along.
    expect(geometry.stations.map(({ xFt }) => xFt)).toEqual([0, 26, 79, 82]);
  });

  test('every path joins its two stations', () => {
    for (const [index, { path }] of geometry.segments.entries()) {
      expect(path[0]).toMatchObject({
        xFt: geometry.stations[index]?.xFt,
        heightFt: geometry.stations[index]?.heightFt,
      });
      expect(path.at(-1)).toMatchObject({ xFt: geometry.stations[index + 1]?.xFt });
    }
  });

  test('a segment shorter than its rise is drawn longer, and says so', () => {
    expect(sectionGeometry([segment({ lengthFt: 2, heightFt: 12 })], 5).segments[0]?.drawnLonger).toBe(true);
    expect(geometry.segments.map(({ drawnLonger }) => drawnLonger)).toEqual([false, false, false]);
  });

  test('drawn length is the length of the wire, whatever the heights', () => {
    const any = fc.record({
      lengthFt: fc.integer({ min: 60, max: 400 }),
      heightFt: fc.integer({ min: -3, max: 15 }),
      endHeightFt: fc.integer({ min: 0, max: 10 }),
    });
    fc.assert(
      fc.property(any, (part) => {
        const [drawn] = sectionGeometry([segment(part)], 5).segments;
        const length = (drawn?.path ?? []).reduce((sum, point, at, all) => {
          const before = all[at - 1];
          return before === undefined
            ? 0
            : sum + Math.abs(point.xFt - before.xFt) + Math.abs(point.heightFt - before.heightFt);
        }, 0);
        expect(length).toBeCloseTo(part.lengthFt, 9);
      }),
    );
  });
});

describe('the tape', () => {
  const lengths = fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 8 });

  test('fills its width, in order, and leaves room in every column', () => {
    fc.assert(
      fc.property(lengths, (each) => {
        const columns = tapeLayout(each, 1150, 120);
        expect(columns.at(-1)?.toPx).toBeCloseTo(1150, 6);
        for (const [at, { fromPx, toPx }] of columns.entries()) {
          expect(toPx - fromPx).toBeGreaterThanOrEqual(119.99);
          expect(fromPx).toBeCloseTo(columns[at - 1]?.toPx ?? 0, 6);
        }
      }),
    );
  });

  test('is to scale where there is room', () => {
    const [a, b] = tapeLayout([30, 60], 900, 120);
    expect(a?.pxPerFt).toBeCloseTo(10, 9);
    expect(b?.pxPerFt).toBeCloseTo(10, 9);
    expect([a?.widened, b?.widened]).toEqual([false, false]);
  });

  test('a very short segment is widened, and says so', () => {
    const [short, long] = tapeLayout([2, 198], 1000, 130);
    expect(short).toMatchObject({ widened: true, toPx: 130 });
    expect(long?.widened).toBe(false);
  });

  test('ticks stand at whole feet of their own column', () => {
    const [, second] = tapeLayout([31, 60], 910, 120);
    if (second === undefined) throw new Error('no second column');
    const ticks = tapeTicks(second);
    expect(ticks[0]?.ft).toBe(32);
    expect(ticks.filter(({ size }) => size === 'ten').map(({ ft }) => ft)).toEqual([40, 50, 60, 70, 80, 90]);
    for (const { px } of ticks) expect(px).toBeLessThan(second.toPx);
  });

  test('a station moves by half feet and never past its neighbors', () => {
    expect(moveStation([30, 60], 1, 4.3, 1)).toEqual([34.5, 55.5]);
    expect(moveStation([30, 60], 1, 60, 1)).toBeUndefined();
    expect(moveStation([30], 1, 1, 1)).toBeUndefined();
  });
});

describe('edits of a run', () => {
  const two = circuit({
    run: [
      segment({ id: 'a', lengthFt: 30 }),
      segment({ id: 'b', lengthFt: 60, method: 'emt', bendsDeg: 180 }),
    ],
  });
  const total = (given = two) => given.run.reduce((sum, { lengthFt }) => sum + lengthFt, 0);

  test('splitting keeps the length and the bends', () => {
    const split = splitSegment(two, 1, 'c');
    expect(split?.run.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
    expect(split && total(split)).toBe(90);
    expect(split?.run.slice(1).map(({ bendsDeg }) => bendsDeg)).toEqual([90, 90]);
    expect(splitSegment(circuit({ run: [segment({ lengthFt: 1 })] }), 0, 'x')).toBeUndefined();
  });

  test('moving a station keeps the length', () => {
    const moved = withStationMoved(two, 1, 5);
    expect(moved?.run.map(({ lengthFt }) => lengthFt)).toEqual([35, 55]);
  });

  test('the last segment cannot be removed', () => {
    expect(removeSegment(two, 0)?.run).toHaveLength(1);
    expect(removeSegment(circuit(), 0)).toBeUndefined();
  });

  test('a place brings its ambient and height', () => {
    expect(withPlace(two, 0, 'attic').run[0]).toMatchObject({ place: 'attic', ambientC: 50, heightFt: 10 });
  });
});

describe('supports', () => {
  test('47 ft of EMT: six straps, nine feet apart', () => {
    expect(supportMarks(47, { withinIn: 36, spacingIn: 120 }).map((ft) => ft * 12)).toEqual([
      12, 120, 228, 336, 444, 552,
    ]);
  });

  test('marks are equal, near the ends, and never too far apart', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.constantFrom(...METHOD_IDS), (lengthFt, method) => {
        const spacing = supportSpacing(method, '3/4', edition(2023));
        const marks = supportMarks(lengthFt, spacing);
        const gaps = marks.slice(1).map((mark, at) => (mark - (marks[at] ?? 0)) * 12);
        for (const gap of gaps) expect(gap).toBeLessThanOrEqual(spacing.spacingIn + 1e-6);
        expect((marks[0] ?? 0) * 12).toBeLessThanOrEqual(spacing.withinIn);
        expect((lengthFt - (marks.at(-1) ?? 0)) * 12).toBeLessThanOrEqual(spacing.withinIn + 1e-6);
      }),
    );
  });

  test('PVC is held by its trade size', () => {
    expect(supportSpacing('pvc40', '1', edition(2023)).spacingIn).toBe(36);
    expect(supportSpacing('pvc40', '2', edition(2023)).spacingIn).toBe(60);
  });
});

describe('conductors in a raceway', () => {
  test('at legal fill none overlaps and none leaves the raceway', () => {
    const diameters = fc.array(fc.constantFrom(0.111, 0.13, 0.164, 0.216, 0.254, 0.324), {
      minLength: 1,
      maxLength: 9,
    });
    fc.assert(
      fc.property(diameters, (each) => {
        const area = each.reduce((sum, d) => sum + (Math.PI / 4) * d * d, 0);
        const inside = Math.max(2 * Math.sqrt(area / 0.4 / Math.PI), 1.02 * Math.max(...each));
        const packed = packConductors(each, inside);
        for (const [at, a] of packed.entries()) {
          expect(Math.hypot(a.x, a.y) + a.r).toBeLessThanOrEqual(inside / 2 + 1e-9);
          for (const b of packed.slice(at + 1)) {
            expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan((a.r + b.r) * 0.985);
          }
        }
      }),
      runs(60),
    );
  });

  test('they lie at the bottom, and the same every time', () => {
    const once = packConductors([0.254, 0.254, 0.164], 0.804);
    expect(packConductors([0.254, 0.254, 0.164], 0.804)).toEqual(once);
    expect(Math.max(...once.map(({ y }) => y))).toBeGreaterThan(0.15);
  });
});
