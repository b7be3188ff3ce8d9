import { describe, expect, test } from 'vitest';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { edition, type EditionYear } from '../../../src/core/code/edition';
import type { AmendmentChange } from '../../../src/core/code/amendment';
import type { FamilyId } from '../../../src/core/appliances/registry';
import { PRACTICES } from '../../../src/core/wording/practices';
import { differences } from '../../../src/core/wording/changes';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';

const of = (family: FamilyId, plate: Record<string, unknown>, part: Parameters<typeof circuit>[0] = {}) =>
  circuit({ appliance: appliance(family, plate), run: [segment({ method: 'pvc40' })], ...part });

const local = (...changes: AmendmentChange[]) =>
  edition(2023, [{ id: 'town', title: 'Town rule', source: 'town', date: '2024-01-01', changes }]);

const between = (about: ReturnType<typeof circuit>, before: EditionYear, after: EditionYear): string[] =>
  differences(about, solveCircuit(about, context(before)), solveCircuit(about, context(after))).map(
    ({ what, before: was, after: is, section }) => `${what}: ${was} > ${is} (${section})`,
  );

describe('what changes with the edition', () => {
  test('a welder outlet in a garage gains its GFCI breaker in 2020', () => {
    const welder = of(
      'welder',
      { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 },
      { site: { room: 'garage' } },
    );
    expect(between(welder, 2017, 2020)).toEqual([
      'Protection: none > GFCI (210.8(A))',
      'new:  > GFCI protection is required: receptacle in a garage or outbuilding. (210.8(A))',
    ]);
  });

  test('and back again; between equal editions nothing changes', () => {
    const welder = of(
      'welder',
      { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 },
      { site: { room: 'garage' } },
    );
    expect(between(welder, 2020, 2017).map((line) => line.split(':')[0])).toEqual(['Protection', 'gone']);
    expect(between(welder, 2020, 2020)).toEqual([]);
  });

  test('that 2026 was not read is said elsewhere, and is no difference', () => {
    expect(between(of('kiln', { kw: 5, volts: 240 }), 2023, 2026)).toEqual([]);
  });
});

describe('what changes with a shop practice', () => {
  test('a mini split wired to its breaker', () => {
    const split = of('mini-split', { mca: 18, mocp: 25, volts: 240 });
    const matched = context(2023, { practices: { ...DEFAULT_PRACTICES, matchBreaker: true } });
    const found = differences(split, solveCircuit(split, context()), solveCircuit(split, matched));
    expect(found.find(({ what }) => what === 'Conductor')).toMatchObject({
      before: '14 AWG',
      after: '10 AWG',
    });
  });

  test('straps at the code maximum instead of half of it, though no figure differs', () => {
    const kiln = of('kiln', { kw: 5, volts: 240 }, { run: [segment({ method: 'emt', lengthFt: 60 })] });
    const atMost = context(2023, { practices: { ...DEFAULT_PRACTICES, supports: 'code' } });
    const [had, has] = [solveCircuit(kiln, context()), solveCircuit(kiln, atMost)];
    const counts = [had, has].map(({ figures }) => String(figures.segments[0]?.supports?.practice));
    expect(differences(kiln, had, has)).toEqual([
      expect.objectContaining({ what: 'Staples and straps', before: counts[0], after: counts[1] }),
    ]);
    expect(Number(counts[0])).toBeGreaterThan(Number(counts[1]));
  });

  test('the GFCI breaker of a tub in the panel instead of near the tub', () => {
    const tub = of('hot-tub', { amps: 40, volts: 240, neutral: true, breakerA: 50 });
    const inPanel = context(2023, { practices: { ...DEFAULT_PRACTICES, tubDevice: 'panel' } });
    const protection = differences(tub, solveCircuit(tub, context()), solveCircuit(tub, inPanel)).find(
      ({ what }) => what === 'Protection',
    );
    expect(protection).toMatchObject({ before: 'GFCI, enclosure near the tub' });
    expect(protection?.after).not.toBe(protection?.before);
  });

  test('every practice changes some circuit, or says what else it decides', () => {
    const families: readonly ReturnType<typeof of>[] = [
      of('mini-split', { mca: 18, mocp: 25, volts: 240 }),
      of('hot-tub', { amps: 40, volts: 240, neutral: true, breakerA: 60 }),
      of('hot-tub', { amps: 40, volts: 240, neutral: true }),
      of('welder', { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 }),
      of('water-heater', { kw: 9, volts: 240, storage: false }),
      of('well-pump', { hp: 0.5, volts: 240, submersible: true }),
      of('receptacle', { amps: 20, count: 1, place: 'outdoor' }),
      of('kiln', { kw: 11.5, volts: 240 }, { run: [segment({ method: 'emt', lengthFt: 120 })] }),
    ];
    for (const { key, schools, besides } of PRACTICES) {
      const other = schools.find(({ value }) => value !== DEFAULT_PRACTICES[key])?.value;
      const then = context(2023, { practices: { ...DEFAULT_PRACTICES, [key]: other } });
      const changes = families.flatMap((each) =>
        differences(each, solveCircuit(each, context()), solveCircuit(each, then)),
      );
      expect(changes.length > 0 || besides !== undefined, key).toBe(true);
    }
  });
});

describe('local amendments', () => {
  const garage = of(
    'welder',
    { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 },
    { site: { room: 'garage' } },
  );
  const gfci = (about: ReturnType<typeof circuit>, code = edition(2023)) =>
    solveCircuit(about, context(2023, { code })).figures.outlet.gfci.required;

  test.each<[string, ReturnType<typeof circuit>, AmendmentChange, boolean | 'ask', boolean | 'ask']>([
    ['strikes a rule', garage, { kind: 'strike-gfci', rule: 'garage' }, true, false],
    ['exempts a load', garage, { kind: 'exempt-gfci', load: 'welder' }, true, false],
    [
      'adds a room',
      of('kiln', { kw: 5, volts: 240 }, { site: { room: 'utility' } }),
      { kind: 'require-gfci', room: 'utility' },
      false,
      true,
    ],
    [
      'moves a distance',
      of('range', { kw: 12, volts: 240, connection: 'receptacle' }, { site: { room: 'hall', sinkFt: 8 } }),
      { kind: 'sink-distance', value: 10 },
      true,
      true,
    ],
    [
      'prolongs a date',
      of('mini-split', { mca: 18, mocp: 25, volts: 240 }),
      { kind: 'hvac-exempt-until', date: '2025-01-01' },
      false,
      true,
    ],
    [
      'raises a cap',
      of('ev', { outputAmps: 48, volts: 240, connection: 'hardwired' }, { site: { room: 'outdoor' } }),
      { kind: 'outdoor-outlet-amps', value: 60 },
      false,
      true,
    ],
  ])('%s', (_what, about, change, before, after) => {
    expect(gfci(about)).toBe(before);
    // A welder outdoors-type rule remains where only the rule of rooms was struck.
    const left =
      change.kind === 'strike-gfci'
        ? local(change, { kind: 'strike-gfci', rule: 'outdoor-outlet' })
        : local(change);
    expect(gfci(about, left)).toBe(after);
  });

  test('AFCI protection struck, a disconnect asked for every charger, a method forbidden', () => {
    const bedroom = of('receptacle', { amps: 20, count: 2, place: 'bedroom' });
    expect(
      solveCircuit(bedroom, context(2023, { code: local({ kind: 'no-arc-fault' }) })).figures.outlet.afci
        .required,
    ).toBe(false);
    const charger = of('ev', { outputAmps: 48, volts: 240, connection: 'hardwired' });
    const asked = solveCircuit(
      charger,
      context(2023, { code: local({ kind: 'ev-disconnect-over', value: 0 }) }),
    );
    expect(asked.figures.outlet.disconnect.required).toBe(true);
    expect(asked.workings.disconnect.some(({ by }) => by === 'town')).toBe(true);
    const pipe = solveCircuit(
      charger,
      context(2023, { code: local({ kind: 'forbid-method', method: 'pvc40', place: 'anywhere' }) }),
    );
    expect(pipe.findings.map(({ code }) => code)).toContain('method.forbidden');
  });

  test('the step that a local amendment set names it', () => {
    const range = of(
      'range',
      { kw: 12, volts: 240, connection: 'receptacle' },
      { site: { room: 'kitchen', sinkFt: 8 } },
    );
    const { workings } = solveCircuit(
      range,
      context(2023, { code: local({ kind: 'sink-distance', value: 10 }) }),
    );
    expect(workings.protection.filter(({ by }) => by === 'town').map(({ id }) => id)).toEqual([
      'gfci.source',
    ]);
  });
});
