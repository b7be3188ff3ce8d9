import { describe, expect, test } from 'vitest';
import { EDITION_YEARS } from '../../../src/core/code/edition';
import type { Environment } from '../../../src/core/code/methods';
import { charger, codes, context, solve, segment } from '../../support/circuits';

const at = (place: Environment) => [segment({ method: 'pvc40', place })];

describe('the setting of a charger', () => {
  test('counts when access to it is restricted', () => {
    const solved = solve({ appliance: charger({ outputAmps: 48, settingA: 32, settingRestricted: true }) });
    expect(solved.figures).toMatchObject({ load: { continuousA: 32 }, ocpd: { ratingA: 40 } });
    expect(solved.workings.load.map(({ id }) => id)).toContain('load.setting');
  });

  test('does not count while it is open, and asks', () => {
    const solved = solve({ appliance: charger({ outputAmps: 48, settingA: 32 }) });
    expect(solved.figures.load.continuousA).toBe(48);
    expect(codes(solved)).toContain('load.setting-open');
  });

  test('is not known to 2017: sized for the plate, and asked', () => {
    const solved = solve(
      { appliance: charger({ outputAmps: 48, settingA: 32, settingRestricted: true }) },
      context(2017),
    );
    expect(solved.figures.load.continuousA).toBe(48);
    expect(codes(solved)).toContain('load.setting-edition');
  });

  test('equal to the plate changes nothing', () => {
    const solved = solve({ appliance: charger({ outputAmps: 40, settingA: 40 }) });
    expect(solved.figures.load.continuousA).toBe(40);
    expect(codes(solved).filter((code) => code.startsWith('load.'))).toEqual([]);
  });

  test('above the plate stops', () => {
    expect(codes(solve({ appliance: charger({ outputAmps: 32, settingA: 48 }) }))).toContain(
      'load.setting-above-plate',
    );
  });

  test('load management is for the service: the circuit keeps the full output and asks', () => {
    const solved = solve({ appliance: charger({ managed: 24 }) });
    expect(solved.figures.load.continuousA).toBe(48);
    expect(codes(solved)).toContain('load.managed');
    expect(codes(solve({ appliance: charger({ managed: 60 }) }))).not.toContain('load.managed');
  });
});

describe('plug and receptacle', () => {
  test.each([
    [12, '6-15', 15],
    [16, '6-20', 20],
    [24, '14-30', 30],
    [32, '14-50', 50],
    [40, '14-50', 50],
  ])('%d A goes on a %s', (outputAmps, config, ratingA) => {
    const { figures } = solve({ appliance: charger({ outputAmps, connection: 'receptacle' }) });
    expect(figures.outlet.receptacle).toMatchObject({ config, ratingA });
    expect(figures.outlet.disconnect.kind).toBe('plug');
  });

  test('48 A has no receptacle: a stop', () => {
    const solved = solve({ appliance: charger({ connection: 'receptacle' }) });
    expect(solved.figures.outlet.receptacle).toBeNull();
    expect(codes(solved)).toContain('receptacle.rating-mismatch');
  });

  test('at 120 V it is an ordinary one', () => {
    const { figures } = solve({
      appliance: charger({ outputAmps: 12, volts: 120, connection: 'receptacle' }),
    });
    expect(figures.outlet.receptacle?.config).toBe('5-15');
  });

  test('GFCI protection for personnel, in every edition', () => {
    for (const year of EDITION_YEARS) {
      const { figures } = solve(
        { appliance: charger({ outputAmps: 32, connection: 'receptacle' }) },
        context(year),
      );
      expect(figures.outlet.gfci).toMatchObject({ required: true, form: 'breaker' });
      expect(figures.outlet.gfci.sources.map(({ rule }) => rule)).toContain('vehicle');
    }
  });
});

describe('hardwired outlets and GFCI protection', () => {
  // 210.8(F) tests the rating of the branch: 40 A of charger is on 50 A, 48 A is on 60 A.
  test.each([
    [2017, 'outdoor', 40, false],
    [2020, 'outdoor', 40, true],
    [2020, 'garage', 40, false],
    [2020, 'outdoor', 48, false],
    [2023, 'outdoor', 40, true],
    [2023, 'garage', 40, true],
    [2023, 'garage', 48, false],
    [2023, 'indoor', 40, false],
    [2026, 'garage', 40, true],
    [2026, 'garage', 48, 'ask'],
  ] as const)('%d, %s, %d A: %s', (year, place, outputAmps, required) => {
    const solved = solve({ appliance: charger({ outputAmps }), run: at(place) }, context(year));
    expect(solved.figures.outlet.gfci.required).toBe(required);
    expect(codes(solved).includes('gfci.contested')).toBe(required === true);
  });
});

describe('the disconnect', () => {
  test.each([
    [48, false],
    [60, false],
    [64, true],
    [80, true],
  ])('%d A hardwired: %s', (outputAmps, required) => {
    const { figures } = solve({ appliance: charger({ outputAmps }), run: [segment({ method: 'emt' })] });
    expect(figures.outlet.disconnect.required).toBe(required);
  });
});

test('the 2026 edition says that it was not read', () => {
  expect(codes(solve({}, context(2026)))).toContain('edition.unverified');
  expect(solve({}, context(2026)).workings.conductor.every(({ cite }) => !cite.certain)).toBe(true);
  expect(codes(solve({}, context(2023)))).not.toContain('edition.unverified');
});
