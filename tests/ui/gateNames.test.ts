import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { gateNames, HOURS_FROM_PX, NAME_FROM_PX } from '../../src/ui/pictures/days/gateNames';
import type { RiverStroke } from '../../src/ui/pictures/days/riverParts';

const LANES = { leftPx: 66, lanePx: 160, count: 4 };

const stroke = (part: Partial<RiverStroke>): RiverStroke => ({
  step: 'dig',
  lane: 0,
  y: 0,
  h: 40,
  first: true,
  dead: false,
  ...part,
});
const gate = (id: string, y: number) => ({ id, name: 'Rough-in inspection', opens: '', isOpen: false, y });

const strokes = fc.array(
  fc
    .record({
      lane: fc.integer({ min: 0, max: 3 }),
      y: fc.integer({ min: 30, max: 400 }),
      h: fc.integer({ min: 2, max: 90 }),
      first: fc.boolean(),
      dead: fc.boolean(),
    })
    .map(stroke),
  { maxLength: 20 },
);

describe('names of gates', () => {
  test('above the gate at the right where nothing stands', () => {
    const [named] = gateNames([gate('rough', 100)], [], LANES).gates;
    expect([named?.nameEnd, named?.nameBase]).toEqual([66 + 4 * 160 - 6, 92]);
  });

  test('below it, then further left, where words stand; over the words where they stand everywhere', () => {
    const above = stroke({ lane: 3, y: 84, h: 12 });
    const below = stroke({ lane: 3, y: 102, h: 30 });
    const one = gateNames([gate('rough', 100)], [above], LANES).gates[0];
    expect([one?.nameEnd, one?.nameBase]).toEqual([700, 116]);
    const two = gateNames([gate('rough', 100)], [above, below], LANES).gates[0];
    expect([two?.nameEnd, two?.nameBase]).toEqual([540, 92]);
    const dead = stroke({ y: 60, h: 80, dead: true });
    // A band over every lane has its words at its top: the gate's name stands below them.
    expect(gateNames([gate('rough', 100)], [dead], LANES).unnamed.size).toBe(0);
    const full = [0, 1, 2, 3].flatMap((lane) => [
      { ...above, lane },
      { ...below, lane },
    ]);
    const crowded = gateNames([gate('rough', 100)], full, LANES);
    expect(crowded.gates[0]?.nameEnd).toBe(700);
    expect([...crowded.unnamed]).toEqual([full[6]]);
  });

  test('never over one another, never over words that are drawn', () => {
    fc.assert(
      fc.property(
        strokes,
        fc.uniqueArray(fc.integer({ min: 2, max: 18 }), { minLength: 1, maxLength: 5 }),
        (all, at) => {
          const gates = at.toSorted((a, b) => a - b).map((y, each) => gate(String(each), 22 * y));
          const { gates: named, unnamed } = gateNames(gates, all, LANES);
          const boxes = named.map(({ nameEnd, nameBase, name }) => ({
            from: nameEnd - name.length * 7.2,
            to: nameEnd,
            top: nameBase - 11,
            bottom: nameBase + 3,
          }));
          for (const [each, a] of boxes.entries()) {
            expect(a.from).toBeGreaterThanOrEqual(66);
            for (const b of boxes.slice(each + 1))
              expect(a.from >= b.to || b.from >= a.to || a.top >= b.bottom || b.top >= a.bottom).toBe(true);
            for (const { lane, y, h, dead } of all.filter(
              (drawn) => drawn.first && !unnamed.has(drawn) && (drawn.dead || drawn.h >= NAME_FROM_PX),
            )) {
              const high = dead ? Math.min(h, 36) : h >= HOURS_FROM_PX ? 26 : 13;
              const x = dead ? 66 : 66 + lane * 160;
              const wide = dead ? 640 : 160;
              expect(a.from >= x + wide || x >= a.to || a.top >= y + high || y >= a.bottom).toBe(true);
            }
          }
        },
      ),
    );
  });
});
