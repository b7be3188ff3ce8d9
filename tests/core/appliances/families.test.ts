import { describe, expect, test } from 'vitest';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import type { Appliance } from '../../../src/core/appliances/registry';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { at60, solveFamily, solveFamilyAny } from '../../support/appliances';
import { circuit, codes, context } from '../../support/circuits';

const raceway = { method: 'pvc40', lengthFt: 60 } as const;

/** Breaker, conductor and ground of a circuit, as one line. */
const line = ({ figures }: ReturnType<typeof solveFamily>): string =>
  `${figures.ocpd.ratingA}/${figures.ocpd.poles} ${figures.size} g${figures.groundTaken}`;

const amps = ({ figures: { load } }: ReturnType<typeof solveFamily>): number =>
  load.continuousA + load.otherA;

describe('hot tub', () => {
  test('40 A on a 50 A label, four wires, unmarked spa terminals: 6 AWG', () => {
    const solved = solveFamily(
      'hot-tub',
      { amps: 40, volts: 240, neutral: true, breakerA: 50 },
      { method: 'pvc80', lengthFt: 120, place: 'outdoor' },
      at60,
    );
    expect(line(solved)).toBe('50/2 6 g10');
    expect(solved.figures.raceway).toMatchObject({ legal: '1' });
    expect(solved.figures.raceway?.legalFillPct).toBeCloseTo(25.2, 1);
    expect(solved.figures.drop.percent).toBeCloseTo(1.96, 2);
  });

  test('both ends marked 75 °C would spare a size', () => {
    expect(line(solveFamily('hot-tub', { amps: 40, volts: 240, neutral: true, breakerA: 50 }, raceway))).toBe(
      '50/2 8 g10',
    );
  });

  test('the low setting of its jumper is another load; unread, it is asked', () => {
    const low = solveFamily('hot-tub', { amps: 40, volts: 240, neutral: true, jumper: 'low', lowA: 24 });
    expect(amps(low)).toBe(24);
    const unread = solveFamily('hot-tub', { amps: 40, volts: 240, neutral: true, jumper: 'low' });
    expect(amps(unread)).toBe(40);
    expect(codes(unread)).toContain('load.plate-missing');
  });

  test('a label breaker of 100 to 125 % of a tub is asked about, below 100 % it is a stop (110.3(B), 210.22)', () => {
    const plate = { amps: 48, volts: 240, neutral: false, breakerA: 50 };
    expect(codes(solveFamily('hot-tub', plate))).toContain('ocpd.label-below-125');
    expect(codes(solveFamily('hot-tub', plate))).not.toContain('ocpd.below-load');
    const below = solveFamily('hot-tub', { ...plate, amps: 52 }).findings.find(
      ({ code }) => code === 'ocpd.below-load',
    );
    expect([below?.severity, below?.cite.section]).toEqual(['stop', '210.22']);
    const cycling = context(2023, { practices: { ...DEFAULT_PRACTICES, spaContinuous: false } });
    expect(codes(solveFamily('hot-tub', plate, {}, {}, cycling))).not.toContain('ocpd.below-load');
  });

  test('a bare ground outdoors is not the insulated copper that a tub asks for', () => {
    const plate = { amps: 40, volts: 240, neutral: false, breakerA: 50 };
    expect(codes(solveFamily('hot-tub', plate, { method: 'uf-b', place: 'outdoor' }))).toContain(
      'egc.insulated',
    );
    expect(codes(solveFamily('hot-tub', plate, { method: 'pvc40', place: 'outdoor' }))).not.toContain(
      'egc.insulated',
    );
  });
});

describe('pool pump', () => {
  test('1.65 hp between two rows of the table; 12 AWG by Article 680, 20 A by its manufacturer', () => {
    const solved = solveFamily(
      'pool-pump',
      { hp: 1.65, volts: 230, nameplateA: 10.5, breakerA: 20, variable: true },
      { method: 'pvc40', lengthFt: 75 },
    );
    expect(amps(solved)).toBeCloseTo(10.6, 6);
    expect(line(solved)).toBe('20/2 12 g12');
    expect(solved.figures.drop.percent).toBeCloseTo(1.26, 2);
    expect(solved.figures.ocpd.minA).toBeCloseTo(13.25, 6);
  });

  test('without a manufacturer: 250 % and the next standard size up', () => {
    expect(solveFamily('pool-pump', { hp: 1.65, volts: 230 }, raceway).figures.ocpd.ratingA).toBe(30);
  });

  test('trap: a plate above the table decides', () => {
    expect(amps(solveFamily('pool-pump', { hp: 1, volts: 230, nameplateA: 11 }, raceway))).toBe(11);
    expect(amps(solveFamily('pool-pump', { hp: 1, volts: 230, nameplateA: 7 }, raceway))).toBe(8);
  });

  test('a variable drive has no starting dip, a single-speed motor has', () => {
    expect(
      solveFamily('pool-pump', { hp: 1, volts: 240, variable: true }, raceway).figures.drop.startPct,
    ).toBeNull();
    expect(solveFamily('pool-pump', { hp: 1, volts: 240 }, raceway).figures.drop.startPct).toBeGreaterThan(0);
  });
});

describe('pool heater', () => {
  test('11 kW of resistance: 57.29 A, 60 A, 6 AWG at 75 °C', () => {
    const solved = solveFamily(
      'pool-heater',
      { kw: 11, volts: 240 },
      { method: 'pvc40', place: 'underground' },
    );
    expect(solved.figures.ocpd.minA).toBeCloseTo(57.29, 2);
    expect(line(solved)).toBe('60/2 6 g10');
  });

  test('trap: 12 kW is more than 48 A and must be divided by its manufacturer', () => {
    expect(codes(solveFamily('pool-heater', { kw: 12, volts: 240 }, raceway))).toContain('load.subdivide');
    expect(
      codes(solveFamily('pool-heater', { kw: 12, volts: 240, subdivided: true }, raceway)),
    ).not.toContain('load.subdivide');
  });

  test('a heat pump goes by MCA and MOCP', () => {
    expect(line(solveFamily('pool-heater', { mca: 33.2, mocp: 50, volts: 240 }, raceway))).toBe(
      '50/2 10 g10',
    );
  });

  test('gas takes a control circuit, and a heat pump without its label is asked', () => {
    expect(line(solveFamily('pool-heater', { heater: 'gas', volts: 240 }, raceway))).toBe('15/2 14 g12');
    expect(codes(solveFamily('pool-heater', { heater: 'heat-pump', kw: 5, volts: 240 }, raceway))).toContain(
      'load.plate-missing',
    );
  });
});

describe('range, cooktop and ovens', () => {
  test.each([
    [16.6, 41.67, 50, '6'],
    [12, 33.33, 40, '8'],
    [12.4, 33.33, 40, '8'],
    [12.5, 35, 40, '8'],
    [8.75, 33.33, 40, '8'],
    [6, 25, 30, '10'],
  ])('%d kW asks for %d A, on %d A in %s AWG', (kw, loadA, ocpdA, size) => {
    const solved = solveFamily('range', { kw, volts: 240, connection: 'receptacle' });
    expect(amps(solved)).toBeCloseTo(loadA, 2);
    expect(solved.figures).toMatchObject({ ocpd: { ratingA: ocpdA }, size, wires: 3 });
  });

  test('a cooktop and two ovens in one room count as one range, on 50 A with taps', () => {
    const solved = solveFamily('cooktop-oven', { kw: [6.6, 4.2, 4.2], volts: 240 });
    expect(amps(solved)).toBeCloseTo(38.33, 2);
    expect(solved.figures.ocpd.ratingA).toBe(50);
    const taps = solved.workings.load.filter(({ id }) => id === 'load.tap').map(({ result }) => result);
    expect(taps).toEqual([27.5, 20, 20]);
  });

  test('one unit takes its whole plate', () => {
    expect(amps(solveFamily('cooktop-oven', { kw: [6.6], volts: 240 }))).toBe(27.5);
  });

  test('trap: note 4 does not cover a fourth unit: the kilowatts are added', () => {
    const four = solveFamily('cooktop-oven', { kw: [6, 4, 4, 3], volts: 240 }, { method: 'emt' });
    expect(codes(four)).toContain('load.too-many-units');
    expect(amps(four)).toBeCloseTo(17000 / 240, 9);
  });
});

describe('dryer and water heater', () => {
  test('5.4 kW dryer: 22.5 A on 30 A with four wires', () => {
    const solved = solveFamily('dryer', { kw: 5.4, volts: 240 }, { lengthFt: 55 });
    expect(line(solved)).toBe('30/2 10 g10');
    expect(solved.figures.drop.volts).toBeCloseTo(2.97, 2);
    expect(solved.figures.load.neutral).toBe(true);
    expect(solved.figures.outlet.receptacle?.config).toBe('14-30');
  });

  test('a small dryer still takes its usual 30 A receptacle, one at 120 V takes 15 A', () => {
    expect(solveFamily('dryer', { kw: 4, volts: 240 }).figures.ocpd.ratingA).toBe(30);
    expect(line(solveFamily('dryer', { kw: 1.2, volts: 120 }))).toBe('15/1 14 g14');
  });

  test.each([
    [4.5, 23.44, 30, '10'],
    [5.5, 28.65, 30, '10'],
    [3, 15.625, 20, '12'],
  ])('%d kW of storage: %d A, %d A breaker, %s AWG', (kw, minA, ocpdA, size) => {
    const { figures } = solveFamily('water-heater', { kw, volts: 240, storage: true });
    expect(figures.ocpd.minA).toBeCloseTo(minA, 2);
    expect(figures).toMatchObject({ ocpd: { ratingA: ocpdA }, size });
  });

  test('trap: 36 kW tankless in one piece stops above 120 A; as three circuits it follows its nameplate', () => {
    const whole = solveFamilyAny('water-heater', { kw: 36, volts: 240, storage: false });
    expect(codes(whole)).toContain('load.subdivide');
    expect(whole.figures.size).toBeNull();
    const manufacturer = solveFamily('water-heater', {
      kw: 27,
      volts: 240,
      storage: false,
      feeds: 3,
      breakerA: 40,
    });
    expect(line(manufacturer)).toBe('40/2 8 g10');
    const alone = solveFamily('water-heater', { kw: 27, volts: 240, storage: false, feeds: 3 });
    expect(line(alone)).toBe('50/2 6 g10');
    expect(codes(alone)).toContain('load.maker-circuits');
  });

  test('a breaker above 150 % of the heater is too large (422.11(E))', () => {
    const plate = { kw: 4.5, volts: 240, storage: true };
    expect(codes(solveFamily('water-heater', plate, {}, { pins: { ocpdA: 40 } }))).toContain(
      'ocpd.above-mocp',
    );
    expect(codes(solveFamily('water-heater', plate, {}, { pins: { ocpdA: 30 } }))).not.toContain(
      'ocpd.above-mocp',
    );
  });

  test('a hybrid goes by its label', () => {
    expect(
      line(solveFamily('water-heater', { kw: 4.5, volts: 240, storage: true, hybrid: true, amps: 24 })),
    ).toBe('30/2 10 g10');
  });
});

describe('mini split and heat pump', () => {
  test('18/25: 12 AWG by MCA under a 25 A breaker', () => {
    const solved = solveFamily(
      'mini-split',
      { mca: 18, mocp: 25, volts: 240 },
      { lengthFt: 60, ambientC: 38 },
    );
    expect(line(solved)).toBe('25/2 12 g12');
    expect(codes(solved)).toContain('conductor.below-breaker');
  });

  test('the other school wires it to the breaker', () => {
    const matched = context(2023, { practices: { ...DEFAULT_PRACTICES, matchBreaker: true } });
    expect(
      line(
        solveFamily(
          'mini-split',
          { mca: 18, mocp: 25, volts: 240 },
          { lengthFt: 60, ambientC: 38 },
          {},
          matched,
        ),
      ),
    ).toBe('25/2 10 g10');
  });

  test('33.2/50 at 75 °C: 10 AWG; in cable 8 AWG', () => {
    const plate = { mca: 33.2, mocp: 50, volts: 240, runA: 27.5 };
    const solved = solveFamily('mini-split', plate, { method: 'pvc40', lengthFt: 110 });
    expect(line(solved)).toBe('50/2 10 g10');
    expect(solved.figures.drop.percent).toBeCloseTo(2.78, 2);
    expect(solveFamily('mini-split', plate, { lengthFt: 40 }).figures.size).toBe('8');
  });

  test('trap: MOCP that is no standard rating is rounded down, and a contradiction is said', () => {
    expect(solveFamily('mini-split', { mca: 20, mocp: 38, volts: 240 }).figures.ocpd.ratingA).toBe(35);
    expect(codes(solveFamily('mini-split', { mca: 30, mocp: 25, volts: 240 }))).toContain(
      'load.plate-contradiction',
    );
    expect(codes(solveFamily('mini-split', { mca: 18, mocp: 25, volts: 240, fuseOnly: true }))).toContain(
      'load.fuse-only',
    );
  });
});

describe('room air conditioner', () => {
  test('12 A alone on 15 A; sharing it takes twice the current', () => {
    expect(line(solveFamily('room-ac', { amps: 12, volts: 120 }))).toBe('15/1 14 g14');
    expect(line(solveFamily('room-ac', { amps: 12.5, volts: 120 }))).toBe('20/1 12 g12');
    expect(line(solveFamily('room-ac', { amps: 7.5, volts: 120, shared: true }))).toBe('15/1 14 g14');
    expect(line(solveFamily('room-ac', { amps: 10, volts: 120, shared: true }))).toBe('20/1 12 g12');
  });
});

describe('figures at their edge', () => {
  const sized = (appliance: Appliance) => solveCircuit(circuit({ appliance }), context()).figures;

  test('a range of 8-3/4 kW has a circuit of 40 A at least, one that is smaller has not (210.19(A)(3))', () => {
    const range = (kw: number) =>
      sized({ family: 'range', nameplate: { kw, volts: 240, connection: 'receptacle' } });
    expect(range(8.75).ocpd.ratingA).toBe(40);
    expect(range(8.74).load.device).not.toEqual(range(8.75).load.device);
  });

  test('a pool heat pump of which the MCA was not read counts all its kilowatts', () => {
    const { load } = sized({ family: 'pool-heater', nameplate: { heater: 'heat-pump', kw: 12, volts: 240 } });
    expect(load.continuousA).toBeCloseTo(50, 6);
  });
});
