import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { heavierLeg, type LegLoad } from '../../../src/core/appliances/legs';
import { edition } from '../../../src/core/code/edition';
import { Working } from '../../../src/core/working/worked';
import { circuit } from '../../support/circuits';

const design = (loads: readonly LegLoad[]): number => {
  const code = edition(2023);
  return heavierLeg(loads, code, new Working(code, 'load', circuit()), 'feeder.conductor').designA;
};

describe('the heavier leg', () => {
  test('takes 125 % of the largest motor that it carries itself: a larger one on the other leg is none of it', () => {
    const loads: readonly LegLoad[] = [
      { what: 'Fan', amps: 17, leg: 'B', motor: true },
      { what: 'Saw', amps: 16, leg: 'both', motor: true },
      { what: 'Other', amps: 24, leg: 'A' },
    ];
    // A: 16 × 1.25 + 24; B: 17 × 1.25 + 16 = 37.25.
    expect(design(loads)).toBe(44);
  });

  test('counts 125 % of a largest motor once, whether it is continuous or not', () => {
    expect(design([{ what: 'Saw', amps: 16, leg: 'A', motor: true, continuous: true }])).toBe(20);
    expect(design([{ what: 'Saw', amps: 16, leg: 'A', motor: true }])).toBe(20);
  });

  test('is the same whatever the order of the loads, and never less with one more', () => {
    const load: fc.Arbitrary<LegLoad> = fc.record({
      what: fc.constant('Load'),
      amps: fc.integer({ min: 0, max: 60 }),
      leg: fc.constantFrom('A', 'B', 'both'),
      continuous: fc.boolean(),
      motor: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(load, { minLength: 1, maxLength: 6 }), load, fc.integer(), (loads, more, turn) => {
        const turned = loads.map((_, at) => loads[(at + Math.abs(turn)) % loads.length]!).toReversed();
        expect(design(turned)).toBeCloseTo(design(loads), 9);
        expect(design([...loads, more])).toBeGreaterThanOrEqual(design(loads) - 1e-9);
      }),
    );
  });
});
