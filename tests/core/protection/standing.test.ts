import { describe, expect, test } from 'vitest';
import { edition, cite, type EditionYear } from '../../../src/core/code/edition';
import type { SectionKey } from '../../../src/core/code/sections';
import { readTime } from '../../../src/core/demand/clockTime';
import { burialCover } from '../../../src/core/route/burialCover';
import { printDay } from '../../../src/core/units/day';
import { findingSentence } from '../../../src/core/wording/findings';
import { solveFamily, solveFamilyAny } from '../../support/appliances';
import { codes, context, segment } from '../../support/circuits';
import { routeOf, trench } from '../../support/routes';

const EMT = { method: 'emt' } as const;
const under = (year: EditionYear, permitDate: string | null = '2026-03-02') =>
  context(year, { survey: { permitDate, occupancy: 'one-family', houseV: 240 } });

describe('disconnects', () => {
  test('of a pool heat pump stands by 680.13 and 440.14: in sight, 5 ft from water, rated for its MCA', () => {
    const { figures, workings } = solveFamily('pool-heater', { mca: 33, mocp: 50, volts: 240 }, EMT);
    expect(figures.outlet.disconnect).toMatchObject({ required: true, inSight: true, fromWaterFt: 5 });
    expect(figures.facts.needs.disconnect.minA).toBe(33);
    const sections = workings.disconnect.map((step) => step.cite.section);
    expect(sections).toEqual(expect.arrayContaining(['680.13', '440.14']));
  });

  test('of a mini split: 115 % of the rated-load current, or the MCA where the label has only that (440.12)', () => {
    const min = (plate: object) =>
      solveFamily('mini-split', { mca: 20, mocp: 30, volts: 240, ...plate }, EMT).figures.facts.needs
        .disconnect.minA;
    expect(min({})).toBe(20);
    expect(min({ runA: 14 })).toBeCloseTo(16.1, 9);
  });

  test.each([
    [{ lockable: false, disconnectInSight: false }, 'disconnect.not-lockable', 'stop'],
    [{ lockable: false }, 'disconnect.lock-or-sight', 'ask'],
    [{}, 'disconnect.lock-or-sight', 'ask'],
    [{ lockable: false, disconnectInSight: true }, null, null],
    [{ lockable: true, disconnectInSight: false }, null, null],
    [{ lockable: false, disconnectInSight: false, unitSwitch: true }, null, null],
  ] as const)('a breaker with %j: %s (422.31(B), 422.34)', (site, code, severity) => {
    const { findings } = solveFamily('water-heater', { kw: 4.5, volts: 240, storage: true }, {}, { site });
    const found = findings.filter((each) => each.code.startsWith('disconnect.'));
    expect(found.map((each) => [each.code, each.severity])).toEqual(code === null ? [] : [[code, severity]]);
  });

  test('a 5 hp compressor on a plug: 50 A, 8 AWG, a 6-50, and a switch unless its plug is rated (430.109(F))', () => {
    const plugged = solveFamily('motor', { hp: 5, volts: 240, connection: 'receptacle' }, EMT);
    expect(plugged.figures.ocpd.ratingA).toBe(50);
    expect(plugged.figures.size).toBe('8');
    expect(plugged.figures.outlet.receptacle?.config).toBe('6-50');
    expect(plugged.figures.outlet.disconnect).toMatchObject({ kind: 'motor-switch', inSight: true });
    expect(plugged.findings.find(({ code }) => code === 'disconnect.plug-hp')).toMatchObject({
      severity: 'ask',
      cite: { section: '430.109(F)' },
    });
    const small = solveFamily('motor', { hp: 2, volts: 240, connection: 'receptacle' }, EMT);
    expect(small.figures.outlet.disconnect.kind).toBe('plug');
  });

  test('the rating of a motor disconnect cites 430.110', () => {
    const { findings } = solveFamily('motor', { hp: 5, volts: 240 }, EMT, {
      site: { disconnectA: 30, disconnectFt: 5 },
    });
    expect(findings.find(({ code }) => code === 'disconnect.rating')?.cite.section).toBe('430.110');
  });
});

describe('heating and cooling outdoors (210.8(F))', () => {
  const plate = { mca: 18, mocp: 25, volts: 240 };
  const found = (year: EditionYear, permitDate: string | null, part: object = {}) => {
    const solved = solveFamily('mini-split', { ...plate, ...part }, EMT, {}, under(year, permitDate));
    const about = solved.findings.find(({ code }) => code.startsWith('gfci.'));
    return [
      solved.figures.outlet.gfci.required,
      about?.code,
      about?.severity,
      about && findingSentence(about),
    ];
  };

  test('2023: exempt until Sept. 1, 2026, and the sheet says what that rests on', () => {
    const [required, code, severity, text] = found(2023, '2026-03-02');
    expect([required, code, severity]).toEqual([false, 'gfci.hvac-exempt', 'check']);
    expect(text).toMatch(/exception of 210\.8\(F\).*Sept\. 1, 2026.*2023 edition.*the authority decides/);
    expect(found(2023, '2026-09-01').slice(0, 2)).toEqual([true, 'gfci.required']);
  });

  test('a permit without a date asks, with both outcomes and the edition', () => {
    const [required, code, severity, text] = found(2023, null);
    expect([required, code, severity]).toEqual(['ask', 'gfci.hvac-date', 'ask']);
    expect(text).toMatch(/before Sept\. 1, 2026\? Yes: .*2023 edition.*no GFCI\. No: GFCI breaker/);
  });

  test('2020: by an amendment for power conversion before 2023, which is asked; without it required', () => {
    expect(found(2020, '2022-06-01').slice(0, 3)).toEqual(['ask', 'gfci.hvac-amendment', 'ask']);
    expect(found(2020, '2022-06-01', { fixedSpeed: true })[0]).toBe(true);
    expect(found(2020, '2023-01-01')[0]).toBe(true);
    expect(found(2017, '2022-06-01')[0]).toBe(false);
  });

  test('never frees a receptacle that 210.8(A) covers', () => {
    const { figures } = solveFamily(
      'room-ac',
      { amps: 12, volts: 120 },
      { ...EMT, place: 'outdoor' },
      { site: { room: 'outdoor' } },
      under(2023),
    );
    expect(figures.outlet.gfci.sources.map(({ rule, cite: section }) => [rule, section])).toEqual([
      ['outdoors', 'gfci.place'],
    ]);
  });
});

describe('appliances that are protected wherever they stand (210.8(D), 422.5(A))', () => {
  const required = (serves: string, year: EditionYear) =>
    solveFamily('receptacle', { amps: 20, count: 1, place: 'hall', serves }, {}, {}, under(year)).figures
      .outlet.gfci.required;
  test.each([
    ['vending', 2017, true],
    ['water-cooler', 2017, true],
    ['sump-pump', 2017, false],
    ['sump-pump', 2020, true],
    ['microwave', 2020, false],
    ['microwave', 2023, true],
    ['refrigerator', 2023, false],
  ] as const)('%s under %d: %s', (serves, year, expected) => {
    expect(required(serves, year)).toBe(expected);
  });
});

describe('tankless heaters (422.11(F)(3))', () => {
  test('in one piece up to 120 A, on 150 A at most', () => {
    const one = solveFamily('water-heater', { kw: 27, volts: 240, storage: false }, EMT);
    expect(codes(one)).not.toContain('load.subdivide');
    expect(one.figures.ocpd.ratingA).toBe(150);
    expect(codes(solveFamilyAny('water-heater', { kw: 30, volts: 240, storage: false }, EMT))).toContain(
      'load.subdivide',
    );
  });

  test('the breaker of the nameplate is followed', () => {
    const { figures } = solveFamily(
      'water-heater',
      { kw: 27, volts: 240, storage: false, breakerA: 125 },
      EMT,
    );
    expect(figures.ocpd.ratingA).toBe(125);
  });
});

describe('room air conditioners (440.62, 210.23)', () => {
  test('more than half of a shared circuit is a circuit of its own, never a shared 40 A one', () => {
    const shared = solveFamily('room-ac', { amps: 16, volts: 120, shared: true }, EMT);
    expect(shared.figures.ocpd.ratingA).toBeLessThanOrEqual(20);
    expect(shared.findings.find(({ code }) => code === 'load.own-circuit')?.severity).toBe('stop');
  });
});

describe('underground', () => {
  test('UF-B under a building is in a raceway; metal-clad cable for burial is not (300.5(C), Table 300.5)', () => {
    const buried = (part: object) =>
      routeOf({ run: [trench({ method: 'uf-b', burial: 'under-building', ...part })] });
    const found = buried({}).findings.find(({ code }) => code === 'burial.under-building');
    expect([found?.severity, found?.cite.section]).toEqual(['stop', '300.5(C)']);
    expect(buried({}).burials[0]?.needs).toBeNull();
    const sleeved = buried({ sleeve: 'pvc40' });
    expect(sleeved.findings.map(({ code }) => code)).not.toContain('burial.under-building');
    expect(sleeved.burials[0]?.needs?.coverIn).toBe(0);
    const about = { place: 'under-building', volts: 240, ocpdA: 40, gfci: false } as const;
    expect(burialCover({ ...about, method: 'mc' }, edition(2023))?.coverIn).toBe(0);
  });

  test.each([
    ['uf-b', 20, true, 120, 12],
    ['uf-b', 21, true, 120, 24],
    ['uf-b', 30, true, 120, 24],
    ['uf-b', 20, false, 120, 24],
    ['uf-b', 20, true, 240, 24],
    ['pvc40', 20, true, 120, 12],
    ['pvc40', 30, true, 120, 18],
    ['rmc', 30, true, 120, 6],
  ] as const)(
    '%s of a %i A circuit, GFCI %s, %i V: %i in in the yard (Table 300.5)',
    (method, ocpdA, gfci, volts, inches) => {
      const cover = burialCover({ method, place: 'yard', volts, ocpdA, gfci }, edition(2023));
      expect(cover?.coverIn).toBe(inches);
    },
  );

  test('a seal that is left out is a check, by the section of where it is', () => {
    const seal = (run: ReturnType<typeof segment>[]) => {
      const found = routeOf({ run }).findings.find(({ code }) => code === 'seal.missing');
      return [found?.severity, found?.cite.section];
    };
    expect(seal([trench({ without: ['seal'] })])).toEqual(['check', '225.27']);
    expect(
      seal([
        segment({ id: 'a', method: 'pvc40', place: 'outdoor' }),
        trench({ without: ['seal'] }),
        segment({ id: 'b', method: 'pvc40', place: 'outdoor' }),
      ]),
    ).toEqual(['check', '300.5(G)']);
  });
});

describe('sections by edition', () => {
  test.each<[SectionKey, EditionYear, string]>([
    ['breaker.usual', 2017, '210.3'],
    ['breaker.usual', 2020, '210.18'],
    ['panel.bond', 2020, '250.24(B)'],
    ['panel.bond', 2023, '250.24(C)'],
    ['disconnect.pool', 2017, '680.13'],
    ['load.pool-heater', 2017, '680.10'],
    ['service.ev', 2020, '625.42'],
    ['service.ev', 2023, '220.57'],
    ['table.burial', 2020, 'Table 300.5'],
    ['table.burial', 2023, 'Table 300.5(A)'],
    ['table.motor-device', 2020, 'Table 430.52'],
    ['table.motor-device', 2023, 'Table 430.52(C)(1)'],
    ['ident.ground', 2020, '250.119(A)'],
    ['ident.ground', 2023, '250.119(B)'],
    ['table.conductor-volume', 2017, 'Table 314.16(B)'],
    ['feeder.breaker', 2023, '215.3'],
    ['feeder.conductor', 2023, '215.2(A)(1)'],
  ])('%s under %d is %s', (key, year, section) => {
    expect(cite(edition(year), key).section).toBe(section);
  });

  test('a feeder is sized by Article 215', () => {
    const { workings } = solveFamily(
      'feeder',
      { loadVA: 9600, continuousVA: 0, volts: 240, neutral: true, building: 'same', wires: 4 },
      EMT,
    );
    expect(workings.breaker[0]?.cite.section).toBe('215.3');
    expect(workings.conductor[0]?.cite.section).toBe('215.2(A)(1)');
  });
});

describe('dates and times', () => {
  test.each(['2026-02-31 10:00', '2026-01-01 24:30', '4/31/2026 1:00 PM', '2026-01-01 23:60'])(
    '%s does not exist',
    (text) => {
      expect(readTime(text)).toBeUndefined();
    },
  );

  test.each(['2024-02-29 10:00', '2026-01-01 24:00', '2026-12-31 23:59:59'])('%s does', (text) => {
    expect(readTime(text)).toBeDefined();
  });

  test('a day on screen', () => {
    expect(printDay('2026-09-01')).toBe('Sept. 1, 2026');
    expect(printDay('soon')).toBe('soon');
  });
});
