import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { freshCheck, type CircuitCheck } from '../../../src/core/checks/checksDocument';
import { mergeCheck } from '../../../src/core/checks/mergeChecks';
import { conflictName, conflictValue } from '../../../src/core/wording/checkWords';

const of = (part: Partial<CircuitCheck>): CircuitCheck => ({ ...freshCheck('tub'), ...part });
const reading = (at: string, volts: number, on = false) => ({ at, pair: 'L1N' as const, on, volts });

describe('readings of two phones', () => {
  test('what only one of them has is kept', () => {
    const mine = of({ off: true, readings: [reading('A', 120)], built: [{ segment: 's1', lengthFt: 30 }] });
    const theirs = of({ groundOhms: 0.1, readings: [reading('B', 119)], note: 'Key with the foreman' });
    const { check, conflicts, taken } = mergeCheck(mine, theirs);
    expect(conflicts).toEqual([]);
    expect(taken).toBe(3);
    expect(check).toEqual(
      of({
        off: true,
        groundOhms: 0.1,
        note: 'Key with the foreman',
        readings: [reading('A', 120), reading('B', 119)],
        built: [{ segment: 's1', lengthFt: 30 }],
      }),
    );
  });

  test('what both read differently is listed, mine stays until the other is taken', () => {
    const mine = of({ insulationMohm: 310, readings: [reading('C', 113.7, true)] });
    const theirs = of({ insulationMohm: 290, readings: [reading('C', 119.2, true)] });
    const { check, conflicts } = mergeCheck(mine, theirs);
    expect(check).toEqual(mine);
    expect(conflicts.map(({ key }) => key)).toEqual(['insulationMohm', 'reading C L1N on']);
    expect(conflicts.map(conflictName)).toEqual(['Insulation', 'L1 to N at C, load on']);
    expect(conflictValue(conflicts[1]?.mine)).toBe('113.7');
    const taken = mergeCheck(mine, theirs, new Set(['reading C L1N on'])).check;
    expect(taken).toEqual({ ...mine, readings: theirs.readings });
  });

  test('the same voltage with the load off and on is two readings', () => {
    const both = mergeCheck(
      of({ readings: [reading('C', 120)] }),
      of({ readings: [reading('C', 118, true)] }),
    );
    expect(both.conflicts).toEqual([]);
    expect(both.check.readings).toHaveLength(2);
  });

  test('a second torque follows its first, whoever wrote it', () => {
    const once = of({ torque: [{ terminal: 'panel hot-1', first: 45, second: null }] });
    const twice = of({ torque: [{ terminal: 'panel hot-1', first: 45, second: 45 }] });
    expect(mergeCheck(once, twice)).toMatchObject({ check: twice, conflicts: [], taken: 1 });
    expect(mergeCheck(twice, once)).toMatchObject({ check: twice, conflicts: [], taken: 0 });
    const other = of({ torque: [{ terminal: 'panel hot-1', first: 40, second: null }] });
    expect(mergeCheck(once, other).conflicts).toHaveLength(1);
  });

  const checks = fc
    .record({
      groundOhms: fc.constantFrom(null, 0.1, 0.2),
      note: fc.constantFrom('', 'a', 'b'),
      volts: fc.array(fc.tuple(fc.constantFrom('A', 'B', 'C'), fc.integer({ min: 118, max: 120 })), {
        maxLength: 3,
      }),
    })
    .map(({ groundOhms, note, volts }) =>
      of({ groundOhms, note, readings: [...new Map(volts)].map(([at, each]) => reading(at, each)) }),
    );

  test('nothing that either read is lost without being listed; with itself nothing changes', () => {
    fc.assert(
      fc.property(checks, checks, (mine, theirs) => {
        const { check, conflicts } = mergeCheck(mine, theirs);
        const listed = new Set(conflicts.map(({ key }) => key));
        for (const each of theirs.readings)
          if (!listed.has(`reading ${each.at} L1N off`)) expect(check.readings).toContainEqual(each);
        for (const each of mine.readings) expect(check.readings).toContainEqual(each);
        for (const key of ['groundOhms', 'note'] as const)
          if (!listed.has(key) && theirs[key] !== freshCheck('tub')[key])
            expect(check[key]).toBe(theirs[key]);
        // Taken from the other wherever they differ, it is the other's merge with mine.
        const keys = (all: CircuitCheck): unknown => [
          all.groundOhms,
          all.note,
          all.readings.toSorted((a, b) => a.at.localeCompare(b.at)),
        ];
        expect(keys(mergeCheck(mine, theirs, listed).check)).toEqual(keys(mergeCheck(theirs, mine).check));
        expect(mergeCheck(mine, mine)).toEqual({ check: mine, conflicts: [], taken: 0 });
      }),
    );
  });
});
