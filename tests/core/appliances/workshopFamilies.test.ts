import { describe, expect, test } from 'vitest';
import { parseLoads, printLoads } from '../../../src/core/appliances/legs';
import { isRefused } from '../../../src/core/units/refused';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import { at60, solveFamily, solveFamilyAny } from '../../support/appliances';
import { codes, context } from '../../support/circuits';

const raceway = { method: 'pvc40', lengthFt: 60 } as const;

/** Breaker, conductor and ground of a circuit, as one line. */
const line = ({ figures }: ReturnType<typeof solveFamily>): string =>
  `${figures.ocpd.ratingA}/${figures.ocpd.poles} ${figures.size} g${figures.groundTaken}`;

const amps = ({ figures: { load } }: ReturnType<typeof solveFamily>): number =>
  load.continuousA + load.otherA;

describe('welder', () => {
  const plate = { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 };
  const strict = context(2023, { practices: { ...DEFAULT_PRACTICES, welderGeneralUse: false } });

  test('a full-size outlet: 6 AWG cable on 50 A, good for anything later', () => {
    const solved = solveFamily('welder', plate, { lengthFt: 70 });
    expect(line(solved)).toBe('50/2 6 g10');
    expect(solved.figures.drop.volts).toBeCloseTo(3.16, 2);
    expect(solved.figures.outlet.receptacle?.config).toBe('6-50');
  });

  test('strictly by its duty: 20.7 A, 10 AWG, labeled for the welder only', () => {
    const solved = solveFamily('welder', plate, { lengthFt: 70 }, { maxDropPct: null }, strict);
    expect(amps(solved)).toBeCloseTo(20.7, 6);
    expect(line(solved)).toBe('50/2 10 g10');
    expect(solved.figures.drop.volts).toBeCloseTo(7.73, 2);
    expect(codes(solved)).toContain('welder.only');
  });

  test.each([
    ['arc', 40, 0.63],
    ['arc', 45, 0.71],
    ['arc-motor-generator', 40, 0.69],
    ['resistance', 10, 0.32],
    ['arc', 5, 0.45],
  ])('%s at %d %%: %d', (type, dutyPct, factor) => {
    const solved = solveFamily('welder', { inputAmps: 40, dutyPct, volts: 240, type }, {}, {}, strict);
    expect(amps(solved)).toBeCloseTo(40 * factor, 6);
  });

  test('trap: a device above twice the primary current', () => {
    const small = { inputAmps: 14, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 };
    expect(codes(solveFamily('welder', small))).toContain('ocpd.above-mocp');
  });
});

describe('motor and well pump', () => {
  test.each([
    [0.5, 15, '14', '14'],
    [1.5, 25, '14', '14'],
    [3, 45, '10', '12'],
    [5, 70, '8', '10'],
    [7.5, 100, '6', '8'],
    [10, 125, '4', '6'],
  ])('%d hp at 230 V: %d A, %s AWG at 60 °C, %s at 75 °C', (hp, ocpdA, at60C, at75C) => {
    const plate = { hp, volts: 230 };
    const cool = solveFamily('motor', plate, { method: 'emt', lengthFt: 20 }, at60);
    expect(cool.figures).toMatchObject({ ocpd: { ratingA: ocpdA }, size: at60C });
    expect(solveFamily('motor', plate, { method: 'emt', lengthFt: 20 }).figures.size).toBe(at75C);
  });

  test('the ground is never larger than the phases', () => {
    expect(line(solveFamily('motor', { hp: 5, volts: 230 }, { lengthFt: 20 }))).toBe('70/2 8 g8');
  });

  test('trap: the plate is for the overload; conductor and breaker read the table', () => {
    const solved = solveFamily(
      'motor',
      { hp: 5, volts: 230, nameplateA: 24, serviceFactor: 1.15 },
      { lengthFt: 20 },
    );
    expect(amps(solved)).toBe(28);
    expect(solved.workings.load.find(({ id }) => id === 'load.overload')?.result).toBeCloseTo(30, 6);
  });

  test('a breaker above 400 % of the table current stops, up to it starts a stubborn motor', () => {
    const plate = { hp: 5, volts: 230 };
    expect(codes(solveFamily('motor', plate, {}, { pins: { ocpdA: 110 } }))).not.toContain('ocpd.above-mocp');
    expect(codes(solveFamily('motor', plate, {}, { pins: { ocpdA: 125 } }))).toContain('ocpd.above-mocp');
  });

  test('three phases: three poles, three conductors, the drop by root three', () => {
    const solved = solveFamily(
      'motor',
      { hp: 5, volts: 208, phase: 3 },
      { method: 'emt', lengthFt: 100 },
      { maxDropPct: null },
    );
    expect(solved.figures).toMatchObject({ ocpd: { poles: 3 }, wires: 3 });
    expect(amps(solved)).toBe(16.7);
  });

  test('a motor that no table has', () => {
    const beyond = solveFamilyAny('motor', { hp: 50, volts: 230 }, { method: 'emt' });
    expect(codes(beyond)).toContain('motor.not-in-table');
    const { size, groundTaken, ampacityA, drop, raceway } = beyond.figures;
    expect([size, groundTaken, ampacityA, drop, raceway]).toEqual([null, null, null, null, null]);
  });

  test.each([
    ['14', 6.12, 23.4],
    ['12', 3.97, 15.3],
    ['10', 2.41, 9.4],
  ] as const)(
    'a 1.5 hp well pump 280 ft away on %s AWG: %d %% running, %d %% starting',
    (size, runPct, dipPct) => {
      const { figures } = solveFamily(
        'well-pump',
        { hp: 1.5, volts: 230 },
        { method: 'pvc40', lengthFt: 280 },
        { pins: { size }, maxDropPct: null },
      );
      expect(figures.drop.percent).toBeCloseTo(runPct, 2);
      expect(figures.drop.startPct).toBeCloseTo(dipPct, 1);
    },
  );

  test('is raised for its drop to 10 AWG, with a 10 AWG ground', () => {
    const solved = solveFamily('well-pump', { hp: 1.5, volts: 230 }, { lengthFt: 280 });
    expect(line(solved)).toBe('25/2 10 g10');
  });

  test('starts at 12 AWG by shop practice, at 14 by the table', () => {
    const near = { lengthFt: 20 };
    expect(solveFamily('well-pump', { hp: 1.5, volts: 230 }, near).figures.size).toBe('12');
    const bare = context(2023, { practices: { ...DEFAULT_PRACTICES, pumpFullSize: false } });
    expect(solveFamily('well-pump', { hp: 1.5, volts: 230 }, near, {}, bare).figures.size).toBe('14');
  });
});

describe('trailer outlets', () => {
  test('50 A: two poles, full neutral, 6 AWG at unmarked terminals', () => {
    const solved = solveFamily(
      'rv',
      { amps: 50 },
      { method: 'pvc40', lengthFt: 90, place: 'underground' },
      at60,
    );
    expect(line(solved)).toBe('50/2 6 g10');
    expect(solved.figures).toMatchObject({
      wires: 3,
      outlet: { receptacle: { config: '14-50', cover: 'weatherproof' } },
    });
    expect(solved.figures.drop.volts).toBeCloseTo(4.41, 2);
  });

  test.each([
    ['10', 5.28, '10'],
    ['8', 3.43, '8'],
    ['6', 2.16, '6'],
  ] as const)('30 A at 110 ft on %s AWG: %d %% and a %s AWG ground', (size, dropPct, egc) => {
    const { figures } = solveFamily(
      'rv',
      { amps: 30 },
      { method: 'pvc40', lengthFt: 110 },
      { pins: { size }, maxDropPct: null },
    );
    expect(figures.drop.percent).toBeCloseTo(dropPct, 2);
    expect(figures.ground.size).toBe(egc);
  });

  test('trap: 30 A is 120 V on one pole; a two-pole breaker would put 240 V on it', () => {
    const solved = solveFamily('rv', { amps: 30 }, raceway);
    expect(solved.figures).toMatchObject({
      ocpd: { poles: 1 },
      load: { volts: 120 },
      outlet: { receptacle: { config: 'TT-30' } },
    });
    expect(codes(solved)).not.toContain('rv30.not-240');
    expect(codes(solveFamily('rv', { amps: 30, poles: 2 }, raceway))).toContain('rv30.not-240');
  });
});

describe('kiln, receptacles, several loads', () => {
  test('9.6 kW of kiln: 40 A continuous, 50 A, 6 AWG cable', () => {
    expect(line(solveFamily('kiln', { kw: 9.6, volts: 240 }))).toBe('50/2 6 g10');
  });

  test('an outdoor outlet 160 ft away for 12 A: 8 AWG for its drop, with an 8 AWG ground', () => {
    const solved = solveFamily(
      'receptacle',
      { amps: 20, count: 1, place: 'outdoors', plannedA: 12 },
      { method: 'pvc40', lengthFt: 160 },
    );
    expect(line(solved)).toBe('20/1 8 g8');
    expect(solved.figures.drop.percent).toBeCloseTo(2.5, 1);
  });

  test('trap: with several receptacles the breaker may not be the next size up', () => {
    const hot = { method: 'emt', ambientC: 50, currentCarrying: 6, lengthFt: 20 } as const;
    const pins = { size: '12', ocpdA: 20 } as const;
    const found = (count: number) =>
      codes(solveFamily('receptacle', { amps: 15, count, place: 'garage' }, hot, { pins }));
    expect(found(1)).not.toContain('ocpd.multi-outlet');
    expect(found(6)).toContain('ocpd.multi-outlet');
  });

  const shop = [
    { what: 'Charger', amps: 40, leg: 'both', continuous: true },
    { what: 'Compressor', amps: 12, leg: 'both', motor: true },
    { what: 'Receptacles', amps: 12.5, leg: 'A' },
    { what: 'Lights', amps: 2.5, leg: 'B', continuous: true },
  ];

  test('a feeder by its heavier leg: 77.5 A, 80 A, 2 AWG aluminum', () => {
    const solved = solveFamily(
      'feeder',
      {
        loadVA: 15480,
        continuousVA: 9900,
        volts: 240,
        neutral: true,
        loads: shop,
        building: 'detached',
        electrode: true,
      },
      { method: 'pvc40', lengthFt: 60, place: 'underground' },
      { material: 'al', insulation: 'XHHW-2', maxDropPct: null },
    );
    expect(solved.figures.ocpd).toMatchObject({ ratingA: 80 });
    expect(solved.figures.ocpd.minA).toBeCloseTo(77.5, 6);
    expect(solved.figures.size).toBe('2');
    expect(codes(solved)).not.toContain('feeder.electrode');
  });

  test('the balanced figure alone would pass a smaller one', () => {
    const balanced = solveFamily(
      'feeder',
      { loadVA: 15480, continuousVA: 9900, volts: 240, neutral: true },
      { method: 'pvc40', lengthFt: 20 },
      { material: 'al' },
    );
    expect(balanced.figures.size).toBe('3');
  });

  test('a detached building: its disconnect is 60 A from three circuits on, its breaker by the load (225.39)', () => {
    const plate = { loadVA: 4800, continuousVA: 0, volts: 240, neutral: true, building: 'detached' };
    const rated = (part: object) => {
      const { ocpd, outlet } = solveFamily('feeder', { ...plate, ...part }, raceway).figures;
      return [ocpd.ratingA, outlet.disconnect.ratingA];
    };
    expect(rated({})).toEqual([20, 60]);
    expect(rated({ circuits: 2 })).toEqual([20, 30]);
    expect(rated({ dwelling: true })).toEqual([20, 100]);
    expect(codes(solveFamily('feeder', plate, raceway))).toContain('feeder.dwelling');
    expect(codes(solveFamily('feeder', { ...plate, dwelling: false }, raceway))).not.toContain(
      'feeder.dwelling',
    );
    const wrong = codes(
      solveFamily('feeder', { ...plate, wires: 3, bondingScrew: true, electrode: false }, raceway),
    );
    expect(wrong).toEqual(
      expect.arrayContaining(['feeder.four-wires', 'panel.neutral-ground-mixed', 'feeder.electrode']),
    );
  });

  test('loads are typed by name, amperes and leg', () => {
    const typed = parseLoads(
      'Charger 40 A both continuous; Compressor 12 both motor; Receptacles 12.5 A A; Lights 2.5 A B continuous',
    );
    expect(typed).toEqual(shop.map((each) => each));
    expect(isRefused(typed) ? '' : printLoads(typed)).toBe(
      'Charger 40 A both continuous; Compressor 12 A both motor; Receptacles 12.5 A A; Lights 2.5 A B continuous',
    );
    for (const text of ['', 'Charger', 'Charger 40 A C', '40 A both', 'Charger -3 A both'])
      expect(isRefused(parseLoads(text))).toBe(true);
  });

  test('several loads on one circuit go by the heavier leg too', () => {
    const solved = solveFamily('mix', { loads: shop.slice(2), volts: 240, neutral: true });
    expect(solved.figures.ocpd.minA).toBe(12.5);
  });
});
