import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { componentsOf, darkLimit } from '../../../src/core/plates/picture/components';
import { cropped, grayOf, scaled, type Gray } from '../../../src/core/plates/picture/gray';
import { inverted, isLightOnDark, leveled } from '../../../src/core/plates/picture/level';
import { boxBefore, quarterTurned, tiltOf, turnedBack } from '../../../src/core/plates/picture/straighten';
import { textBlock, withoutLines } from '../../../src/core/plates/picture/textBlock';
import { pointsSeen, withPoints } from '../../../src/core/plates/points';

/** A picture of a color, with rectangles of another in it. */
function drawn(
  width: number,
  height: number,
  dark: readonly (readonly [x: number, y: number, width: number, height: number])[],
  [ground, ink] = [230, 20],
): Gray {
  const pixels = new Uint8Array(width * height).fill(ground);
  for (const [left, top, wide, high] of dark)
    for (let y = top; y < top + high; y += 1)
      for (let x = left; x < left + wide; x += 1) pixels[y * width + x] = ink;
  return { width, height, pixels };
}

/** Lines of upright strokes, as text is seen from afar, falling to the right by so many degrees. */
const strokes = (deg: number): Gray =>
  drawn(
    800,
    500,
    [100, 170, 240, 310].flatMap((y) =>
      Array.from({ length: 30 }, (_, at) => {
        const x = 80 + at * 20;
        return [x, Math.round(y + Math.tan((deg * Math.PI) / 180) * (x - 80)), 8, 18] as const;
      }),
    ),
  );

describe('what is put right', () => {
  test.each([-6, -2.5, 0, 3, 5.5])('lines that fall by %d degrees', (deg) => {
    const picture = strokes(deg);
    expect(tiltOf(picture)).toBeCloseTo(deg, 0);
    expect(Math.abs(tiltOf(turnedBack(picture, tiltOf(picture))))).toBeLessThan(0.6);
  });

  test('light letters on a dark ground are told', () => {
    expect(isLightOnDark(strokes(0))).toBe(false);
    expect(isLightOnDark(inverted(strokes(0)))).toBe(true);
  });

  test('shade is taken out: letters and ground are as far apart everywhere', () => {
    const shaded = strokes(0);
    const pixels = shaded.pixels.map((pixel, at) => pixel * (1 - (0.6 * (at % 800)) / 800));
    const level = leveled({ ...shaded, pixels }, 20);
    const at = (x: number, y: number) => Number(level.pixels[y * 800 + x]);
    expect(Math.abs(at(70, 60) - at(760, 60))).toBeLessThan(12);
    expect(at(84, 105)).toBeLessThan(120);
    expect(at(664, 105)).toBeLessThan(120);
  });

  test('the block of the text and the height of its letters', () => {
    const block = textBlock(strokes(0));
    expect(block?.letterPx).toBeCloseTo(18, 0);
    expect(block?.box.x).toBeLessThan(80);
    expect(block?.box.x).toBeGreaterThan(20);
    expect(textBlock(drawn(300, 200, []))).toBeUndefined();
  });

  test('lines of a table go, letters stay', () => {
    const table = drawn(400, 100, [
      [0, 50, 400, 2],
      [100, 20, 8, 20],
    ]);
    const clean = withoutLines(table, 20);
    expect(Number(clean.pixels[50 * 400 + 200])).toBe(255);
    expect(Number(clean.pixels[30 * 400 + 104])).toBe(20);
  });

  test('a quarter four times is nothing; a box comes back to where it was', () => {
    const picture = strokes(2);
    const once = quarterTurned(picture, 1);
    expect([once.width, once.height]).toEqual([500, 800]);
    for (const back of [quarterTurned(quarterTurned(once, 1), 2), quarterTurned(once, 3)])
      expect(Buffer.compare(back.pixels, picture.pixels)).toBe(0);
    for (const quarters of [0, 1, 2, 3] as const) {
      // One dark place, looked for in the turned picture.
      const turned = quarterTurned(drawn(60, 40, [[50, 5, 4, 3]]), quarters);
      const [spot] = componentsOf(turned, 128);
      const box = boxBefore(spot ?? { x: 0, y: 0, width: 0, height: 0 }, {
        quarters,
        scale: 1,
        deg: 0,
        zoom: 1,
        part: { x: 0, y: 0, width: turned.width, height: turned.height },
        width: 60,
        height: 40,
      });
      expect(Math.abs(box.x - 50)).toBeLessThanOrEqual(1);
      expect(Math.abs(box.y - 5)).toBeLessThanOrEqual(1);
    }
  });

  test('what was turned back stands where it was', () => {
    const turned = turnedBack(drawn(300, 200, [[150, 10, 4, 4]]), 5);
    const [spot] = componentsOf(turned, 128);
    const box = boxBefore(spot ?? { x: 0, y: 0, width: 0, height: 0 }, {
      quarters: 0,
      scale: 1,
      deg: 5,
      zoom: 1,
      part: { x: 0, y: 0, width: 300, height: 200 },
      width: 300,
      height: 200,
    });
    expect(spot?.x).toBeLessThan(148);
    expect(Math.abs(box.x - 150)).toBeLessThanOrEqual(2);
    expect(Math.abs(box.y - 10)).toBeLessThanOrEqual(2);
  });

  test('the part and its zoom are undone', () => {
    const how = {
      quarters: 0,
      scale: 2,
      deg: 0,
      zoom: 3,
      part: { x: 100, y: 50, width: 200, height: 100 },
      width: 400,
      height: 300,
    } as const;
    expect(boxBefore({ x: 60, y: 30, width: 120, height: 60 }, how)).toEqual({
      x: 60,
      y: 30,
      width: 20,
      height: 10,
    });
  });
});

describe('pictures', () => {
  test('color becomes its brightness', () => {
    expect([...grayOf(2, 1, [255, 255, 255, 255, 255, 0, 0, 255]).pixels]).toEqual([255, 76]);
  });

  test('smaller is the mean of what falls together, and the size follows', () => {
    const half = scaled(drawn(4, 2, [[0, 0, 2, 2]], [200, 100]), 0.5);
    expect([half.width, half.height, ...half.pixels]).toEqual([2, 1, 100, 200]);
    expect(scaled(drawn(10, 10, []), 2.5)).toMatchObject({ width: 25, height: 25 });
  });

  test('a part is cut at the edges', () => {
    expect(cropped(drawn(10, 8, []), { x: 7, y: -3, width: 9, height: 5 })).toMatchObject({
      width: 3,
      height: 5,
    });
  });

  test('groups of dark pixels, touching by corners too', () => {
    const picture = drawn(20, 10, [
      [1, 1, 3, 3],
      [4, 4, 2, 2],
      [12, 2, 4, 6],
    ]);
    expect(componentsOf(picture, darkLimit(picture))).toEqual([
      { x: 1, y: 1, width: 5, height: 5, count: 13 },
      { x: 12, y: 2, width: 4, height: 6, count: 24 },
    ]);
  });
});

describe('decimal points', () => {
  /** Three digits as tall bars, with a point after one of them. */
  const figure = (after: number | null, pointY = 46): Gray =>
    drawn(160, 80, [
      [30, 20, 14, 30],
      [60, 20, 14, 30],
      [90, 20, 14, 30],
      ...(after === null ? [] : ([[16 + after * 30 + 1, pointY, 4, 4]] as const)),
    ]);
  const word = { text: '224', score: 95, box: { x: 28, y: 18, width: 80, height: 34 } };

  test('a point that the recognizer lost is seen between two digits, at their feet', () => {
    expect(withPoints(figure(2), word).text).toBe('22.4');
    expect(withPoints(figure(1), word).text).toBe('2.24');
    expect(withPoints(figure(null), word)).toBe(word);
    expect(pointsSeen(figure(2, 30), word)).toEqual([]);
  });

  test('where digits cannot be told apart nothing is said', () => {
    expect(pointsSeen(figure(2), { ...word, text: '2248' })).toEqual([]);
  });

  test('whatever the picture, a word keeps its letters', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.nat(150), fc.nat(70), fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 })),
          { maxLength: 12 },
        ),
        (spots) => {
          const picture = drawn(
            160,
            80,
            spots.map(
              ([x, y, wide, high]) => [x, y, Math.min(wide, 160 - x), Math.min(high, 80 - y)] as const,
            ),
          );
          expect(withPoints(picture, word).text.replaceAll('.', '')).toBe('224');
        },
      ),
      { numRuns: 50 },
    );
  });
});
