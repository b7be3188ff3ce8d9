import { describe, expect, test } from 'vitest';
import { EDITION_YEARS, type EditionYear } from '../../../src/core/code/edition';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Panel } from '../../../src/core/panel/panelSchema';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import { circuit, segment, solveAny, context, codes } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';
import { withPlate } from '../findings/raised';

const severities = (part: Partial<Panel>, edition: EditionYear = 2023) =>
  Object.fromEntries(
    evaluateJob(jobOf([], { panels: [panel(part)], house: FRESH_HOUSE, edition })).panels[0]?.findings.map(
      ({ code, severity }) => [code, severity],
    ) ?? [],
  );

describe('how a panel is mounted and fed', () => {
  test('working space is asked of a new panel, a stop there when it is not clear, a check in one that is there (110.26(A))', () => {
    expect(severities({})).not.toHaveProperty('panel.working-space');
    expect(severities({ installed: 'new' })).toHaveProperty(['panel.working-space'], 'ask');
    expect(severities({ installed: 'new', workingSpace: false })).toHaveProperty(
      ['panel.working-space'],
      'stop',
    );
    expect(severities({ workingSpace: false })).toHaveProperty(['panel.working-space'], 'check');
    expect(severities({ installed: 'new', workingSpace: true })).not.toHaveProperty('panel.working-space');
  });

  test('the highest handle is 79 in above the floor at most (404.8(A))', () => {
    expect(severities({ installed: 'new', topHandleIn: 79 })).not.toHaveProperty(['panel.height']);
    expect(severities({ installed: 'new', topHandleIn: 79.5 })).toHaveProperty(['panel.height'], 'stop');
    expect(severities({ topHandleIn: 80 })).toHaveProperty(['panel.height'], 'check');
  });

  test('a back-fed main is fastened in place (408.36(D)), a built-in one is not asked', () => {
    expect(severities({ mainKind: 'back-fed' })).toHaveProperty(['panel.hold-down'], 'ask');
    expect(severities({ mainKind: 'back-fed', holdDown: false })).toHaveProperty(['panel.hold-down'], 'stop');
    expect(severities({ mainKind: 'back-fed', holdDown: true })).not.toHaveProperty(['panel.hold-down']);
    expect(severities({ mainKind: 'main', holdDown: false })).not.toHaveProperty(['panel.hold-down']);
  });

  test('feed-through lugs are protected by the main, or by the tap rules (240.21(B))', () => {
    expect(severities({ feedThrough: true })).toHaveProperty(['panel.feed-through'], 'ask');
    expect(severities({ feedThrough: true, feedThroughProtected: false })).toHaveProperty(
      ['panel.feed-through'],
      'stop',
    );
    expect(severities({ feedThrough: true, feedThroughProtected: true })).not.toHaveProperty([
      'panel.feed-through',
    ]);
    expect(severities({ feedThrough: false })).not.toHaveProperty(['panel.feed-through']);
  });

  test.each([
    [2017, undefined],
    [2020, 'ask'],
    [2023, 'ask'],
    [2026, 'ask'],
  ] as const)('surge protection at new service equipment in %i: %s (230.67)', (year, severity) => {
    expect(severities({ installed: 'new' }, year)['panel.surge']).toBe(severity);
    expect(severities({ installed: 'new', surgeDevice: false }, year)['panel.surge']).toBe(
      severity === undefined ? undefined : 'stop',
    );
    expect(severities({ surgeDevice: false }, year)['panel.surge']).toBeUndefined();
    expect(severities({ role: 'subpanel', installed: 'new' }, year)['panel.surge']).toBeUndefined();
  });
});

describe('a feeder to a dwelling', () => {
  const feeder = (plate: Record<string, unknown>) =>
    withPlate('feeder', { loadVA: 9600, continuousVA: 0, volts: 240, neutral: true, ...plate });
  const detached = { building: 'detached', circuits: 20, dwelling: true, electrode: true };
  const found = (plate: Record<string, unknown>, year: EditionYear) =>
    solveAny(feeder(plate), context(year))
      .findings.filter(({ code }) => code === 'feeder.surge' || code === 'feeder.emergency')
      .map(({ code, severity, cite }) => [code, severity, cite.section]);

  test.each([2017, 2020] as const)('has neither surge device nor emergency disconnect in %i', (year) => {
    expect(found({ ...detached, surge: false, emergencyDisconnect: false }, year)).toEqual([]);
  });

  test('to another building has both from 2023 on (225.42, 225.41)', () => {
    expect(found({ ...detached, surge: false, emergencyDisconnect: false }, 2023)).toEqual([
      ['feeder.surge', 'stop', '225.42'],
      ['feeder.emergency', 'stop', '225.41'],
    ]);
    expect(found({ ...detached, surge: true, emergencyDisconnect: true }, 2023)).toEqual([]);
    expect(found({ ...detached, dwelling: false }, 2023)).toEqual([]);
  });

  test('inside the same dwelling is asked, never a stop (215.18)', () => {
    expect(found({ building: 'same', surge: false }, 2023)).toEqual([['feeder.surge', 'ask', '215.18']]);
    expect(found({ building: 'same', surge: true }, 2023)).toEqual([]);
  });
});

describe('heating and cooling equipment', () => {
  const split = (serviceOutletFt?: number) => ({
    ...withPlate('mini-split', { mca: 18, mocp: 25, volts: 240 }),
    run: [segment({ method: 'pvc40', place: 'outdoor' })],
    site: { ...(serviceOutletFt !== undefined && { serviceOutletFt }) },
  });

  test.each(EDITION_YEARS)('has a 125 V receptacle within 25 ft in %i (210.63)', (year) => {
    const severity = (ft?: number) =>
      solveAny(split(ft), context(year)).findings.find(({ code }) => code === 'outlet.service')?.severity;
    expect([severity(), severity(25), severity(25.1)]).toEqual(['ask', undefined, 'stop']);
  });

  test('a water heater has no such receptacle', () => {
    const heater = withPlate('water-heater', { kw: 4.5, volts: 240, storage: true });
    expect(codes(solveAny(heater))).not.toContain('outlet.service');
  });
});

describe('cable where it is seen', () => {
  const severityOf = (part: Parameters<typeof segment>[0], code: string, pins = {}) =>
    evaluateJob(jobOf([circuit({ run: [segment(part)], pins })])).findings.find((each) => each.code === code)
      ?.severity;

  test('in an attic is asked, guarded it is right, on the edges it stops (320.23)', () => {
    expect(severityOf({ place: 'attic' }, 'cable.attic')).toBe('ask');
    expect(severityOf({ place: 'attic', exposed: 'edges' }, 'cable.attic')).toBe('stop');
    for (const exposed of ['guarded', 'concealed', 'bored'] as const)
      expect(severityOf({ place: 'attic', exposed }, 'cable.attic')).toBeUndefined();
    expect(severityOf({ place: 'attic', method: 'emt' }, 'cable.attic')).toBeUndefined();
  });

  test('6/2 may be on the edges of joists, 8/2 may not (334.15(C))', () => {
    expect(severityOf({ exposed: 'edges' }, 'cable.joist-edges', { size: '8' })).toBe('stop');
    expect(severityOf({ exposed: 'edges' }, 'cable.joist-edges', { size: '6' })).toBeUndefined();
    expect(severityOf({ exposed: 'bored' }, 'cable.joist-edges', { size: '8' })).toBeUndefined();
  });

  test('in the sun is marked for it or in a raceway (310.10(D))', () => {
    const uf = { method: 'uf-b', place: 'outdoor' } as const;
    expect(severityOf(uf, 'cable.sunlight')).toBe('ask');
    expect(severityOf({ ...uf, sunlight: false }, 'cable.sunlight')).toBe('stop');
    expect(severityOf({ ...uf, sunlight: true }, 'cable.sunlight')).toBeUndefined();
    expect(severityOf({ ...uf, sleeve: 'pvc80' }, 'cable.sunlight')).toBeUndefined();
    expect(severityOf({ ...uf, place: 'underground' }, 'cable.sunlight')).toBeUndefined();
  });
});
