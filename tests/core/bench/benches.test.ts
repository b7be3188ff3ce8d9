import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BENCH_CIRCUITS } from '../../../src/core/bench/benchCircuits';
import { BenchDesk } from '../../../src/core/bench/benchDesk';
import { BENCHES, type Bench } from '../../../src/core/bench/benches';
import { benchFaults, faultKey, jointOhms } from '../../../src/core/bench/benchFaults';
import { fewestReadings, goodPlan } from '../../../src/core/bench/fewest';
import {
  allMeasurements,
  measurementKey,
  tellsApart,
  type Measurement,
} from '../../../src/core/bench/measurement';
import { ownBench } from '../../../src/core/bench/ownBench';
import { HOLDS, Posed, STAYS_LIVE, TRIPS } from '../../../src/core/bench/posed';
import { benchFaultWords, claimKind, measurementLine, readWords } from '../../../src/core/wording/benchWords';
import { randomCircuits } from '../../support/randomCircuits';
import { runs } from '../../support/luck';

const deskOf = (id: string): BenchDesk => {
  const bench = BENCHES.find((each) => each.id === id);
  if (bench === undefined) throw new Error(`no bench ${id}`);
  return new BenchDesk(bench);
};
const volts = (station: number, of: Measurement['of'], on = false): Measurement => ({
  tool: 'volts',
  station,
  of,
  on,
});
const dead = (station: number, of: Measurement['of']): Measurement => ({
  tool: 'ohms',
  station,
  of,
  on: false,
});
const live = (tool: 'clamp' | 'heat' | 'low', station: number, of: Measurement['of']): Measurement => ({
  tool,
  station,
  of,
  on: tool !== 'low',
});

describe('every bench', () => {
  test('there are at least twenty, each of its own name', () => {
    expect(BENCHES.length).toBeGreaterThanOrEqual(20);
    expect(new Set(BENCHES.map(({ id }) => id)).size).toBe(BENCHES.length);
    expect(new Set(BENCHES.map(({ name }) => name)).size).toBe(BENCHES.length);
  });

  test.each(BENCHES.map((bench) => [bench.id, bench] as const))(
    '%s: what is hidden is found by what the bench allows, by the plan too, and no set of fewer readings does it',
    (_, bench: Bench) => {
      const desk = new BenchDesk(bench);
      const leftBy = (readings: readonly Measurement[]): readonly string[] =>
        desk.left(readings).flatMap(({ key, ruledOutBy }) => (ruledOutBy === null ? [key] : []));
      expect(leftBy(desk.measurements)).toEqual([bench.hidden]);
      const plan = goodPlan(desk);
      expect(leftBy(plan)).toEqual([bench.hidden]);
      const { readings, proved } = fewestReadings(desk);
      expect(proved).toBe(true);
      expect(leftBy(readings)).toEqual([bench.hidden]);
      expect(readings.length).toBeLessThanOrEqual(plan.length);
      // Trying every set of fewer readings, one and two of them.
      if (readings.length > 1)
        for (const each of desk.measurements) expect(leftBy([each]).length).toBeGreaterThan(1);
      if (readings.length > 2)
        for (const [at, one] of desk.measurements.entries())
          for (const other of desk.measurements.slice(at + 1))
            expect(leftBy([one, other]).length).toBeGreaterThan(1);
      expect(desk.isIt(bench.hidden)).toBe(true);
      for (const fault of desk.faults)
        if (faultKey(fault) !== bench.hidden) expect(desk.isIt(faultKey(fault))).toBe(false);
      // Everything that may be wrong has words of its own.
      const words = desk.faults.map(benchFaultWords);
      expect(new Set(words).size).toBe(words.length);
      expect(words.every((each) => /^[A-Z]/.test(each))).toBe(true);
    },
  );

  test('of any circuit: what is hidden by lot is found, or what reads the same by every reading', () => {
    fc.assert(
      fc.property(randomCircuits, fc.double({ min: 0, max: 1, noNaN: true }), (network, lot) => {
        const bench = ownBench(
          'Own',
          network,
          network.stations.map(() => 'box'),
          lot,
        );
        if (bench === undefined) throw new Error('nothing may be wrong');
        const desk = new BenchDesk(bench);
        const left = desk.left(goodPlan(desk)).filter(({ ruledOutBy }) => ruledOutBy === null);
        expect(left.map(({ key }) => key)).toContain(bench.hidden);
        for (const { key } of left) expect(desk.isIt(key)).toBe(true);
      }),
      runs(25),
    );
  });

  test('one that hides what cannot be there is our own fault', () => {
    const circuit = BENCH_CIRCUITS.outlet;
    expect(() => new BenchDesk({ circuit, families: ['open'], hidden: 'open L2 C' })).toThrow('open L2 C');
  });
});

describe('what is read', () => {
  test('ghost volts: a tester of ten megohms shows some on an open hot, a low-impedance one none', () => {
    const desk = deskOf('ghost');
    const ghost = desk.read(volts(2, 'L1N')) ?? 0;
    expect(ghost).toBeGreaterThanOrEqual(0);
    // The neutral of an outlet whose hot is open past the box: what lies on nothing shows what is beside it.
    const open = new Posed(
      BENCH_CIRCUITS.outlet,
      benchFaults(BENCH_CIRCUITS.outlet, ['open']).find((each) => faultKey(each) === 'open N C') ?? null,
    );
    expect(open.read(volts(2, 'NG'))).toBeGreaterThan(30);
    expect(open.read(live('low', 2, 'NG'))).toBeLessThan(1);
  });

  test('with nothing wrong: 240 V, 120 V, sound joints cool, currents as the loads draw', () => {
    const sound = new Posed(BENCH_CIRCUITS.tub, null);
    expect(sound.read(volts(2, 'L1L2'))).toBeCloseTo(241.9, 0);
    expect(sound.read(volts(2, 'L1N'))).toBeCloseTo(120.8, 0);
    expect(sound.read(volts(2, 'NG'))).toBeCloseTo(0, 1);
    // 242 V over 10.5 ohm and 121 V over 13.2 ohm.
    expect(sound.read(live('clamp', 2, 'L1'))).toBeCloseTo(23 + 9.1, 0);
    expect(sound.read(live('clamp', 1, 'N'))).toBeCloseTo(9.1, 1);
    expect(sound.read(live('clamp', 1, 'G'))).toBeCloseTo(0, 3);
    expect(sound.read(live('heat', 1, 'L1'))).toBe(4);
    expect(sound.read(dead(1, 'NG'))).toBeLessThan(0.1);
    expect(sound.read(dead(1, 'L1N'))).toBeNull();
    expect(sound.read(dead(1, 'N'))).toBe(0);
  });

  test('two legs of three phases: 120 V each to the neutral, 208 or so between them', () => {
    const desk = deskOf('supply-208');
    expect(desk.read(volts(2, 'L1G'))).toBeCloseTo(120.8, 0);
    expect(desk.read(volts(2, 'L2G'))).toBeCloseTo(121.1, 0);
    expect(desk.read(volts(2, 'L1L2'))).toBeCloseTo(209.5, 0);
    expect(desk.sound(volts(2, 'L1L2'))).toBeCloseTo(241.9, 0);
  });

  test('both hots on one leg read nothing between them and 120 V each', () => {
    const desk = deskOf('one-leg-twice');
    expect(desk.read(volts(2, 'L1L2'))).toBeLessThan(1);
    expect(desk.read(volts(2, 'L2G'))).toBeCloseTo(121, 0);
  });

  test('a shared neutral that is open: the lesser load gets far more than 120 V', () => {
    const desk = deskOf('shared-open');
    expect(desk.read(volts(2, 'L2N', true))).toBeGreaterThan(180);
    expect(desk.read(volts(2, 'L1N', true))).toBeLessThan(60);
  });

  test('a lug that is loose heats by the square of the current', () => {
    const desk = deskOf('hot-lug');
    const amps = desk.read(live('clamp', 1, 'L1')) ?? 0;
    expect(amps).toBeGreaterThan(45);
    const ohms = jointOhms(BENCH_CIRCUITS.charger.network);
    expect(ohms).toBe(0.05);
    expect(jointOhms(BENCH_CIRCUITS.outlet.network)).toBe(0.5);
    expect(desk.read(live('heat', 1, 'L1'))).toBeCloseTo(4 + 1.5 * amps * amps * ohms, 0);
    expect(desk.read(live('heat', 1, 'L2'))).toBe(4);
  });

  test('a bonded subpanel: its ground carries a part of the neutral current', () => {
    const desk = deskOf('bonded-subpanel');
    expect(desk.read(live('clamp', 1, 'G'))).toBeGreaterThan(1);
    expect(desk.sound(live('clamp', 1, 'G'))).toBeCloseTo(0, 2);
  });

  test('a GFCI trips with its neutral on the bar; reversed it stays live; a dead one does nothing', () => {
    const [load, button] = (['load', 'button'] as const).map((tool): Measurement => ({
      tool,
      station: 1,
      of: null,
      on: tool === 'load',
    }));
    if (load === undefined || button === undefined) throw new Error('no switches');
    const trips = deskOf('trips-with-pump');
    expect([trips.read(load), trips.sound(load)]).toEqual([TRIPS, HOLDS]);
    // Tripped, nothing is past it with the load on.
    expect(trips.read(volts(2, 'L1L2', true))).toBeLessThan(1);
    expect(deskOf('stays-live').read(button)).toBe(STAYS_LIVE);
    expect(deskOf('never-trips').read(button)).toBe(HOLDS);
    expect(deskOf('never-trips').sound(button)).toBe(TRIPS);
    expect(deskOf('trips-joined').read(load)).toBe(TRIPS);
  });

  test('a tester that leaks to the ground trips a sound device at five; with the ground open it does not', () => {
    const trip: Measurement = { tool: 'trip', station: 2, of: null, on: false };
    const ground = deskOf('tub-ground');
    expect([ground.read(trip), ground.sound(trip)]).toEqual([null, 5.1]);
    // The button leaks within the device: it works all the same.
    expect(ground.read({ tool: 'button', station: 1, of: null, on: false })).toBe(TRIPS);
    expect(deskOf('never-trips').read(trip)).toBeNull();
    expect(readWords(trip, 5.1)).toBe('trips at 5.1 mA');
    expect(readWords(trip, null)).toBe('no trip');
  });

  test('two faults: each joint that is open reads no path, the others nothing', () => {
    const desk = deskOf('two-faults');
    expect(desk.read(dead(1, 'L1'))).toBeNull();
    expect(desk.read(dead(2, 'N'))).toBeNull();
    expect(desk.read(dead(1, 'N'))).toBe(0);
    expect(desk.read(volts(2, 'L1G'))).toBeLessThan(90);
  });
});

describe('measurements', () => {
  test('each has a key and a line of its own', () => {
    const all = allMeasurements(BENCH_CIRCUITS.tub);
    expect(new Set(all.map(measurementKey)).size).toBe(all.length);
    const lines = all.map((each) => measurementLine(each, ['A', 'B', 'C']));
    expect(new Set(lines).size).toBe(all.length);
    expect(measurementLine(volts(1, 'L1N', true), ['A', 'B'])).toBe('B1 to BN, load on');
    expect(measurementLine(dead(1, 'N'), ['A', 'B'])).toBe('BN to its wire, dead');
  });

  test.each([
    ['volts', true, 120, 117, false],
    ['volts', true, 120, 116.7, true],
    ['volts', false, 120, 108, false],
    ['volts', false, 240, 208, true],
    ['ohms', false, 0, null, true],
    ['ohms', false, null, null, false],
    ['ohms', false, 0.02, 0.04, false],
    ['ohms', false, 0, 0.05, true],
    ['clamp', true, 12, 12.8, false],
    ['clamp', true, 12, 13, true],
    ['heat', true, 4, 12, false],
    ['heat', true, 4, 14, true],
    ['load', true, HOLDS, TRIPS, true],
  ] as const)('%s, load on %s: %s and %s told apart: %s', (tool, on, a, b, expected) => {
    expect(tellsApart({ tool, on }, a, b)).toBe(expected);
    expect(tellsApart({ tool, on }, b, a)).toBe(expected);
  });

  test('what was read is said in its unit', () => {
    expect(readWords(volts(0, 'L1N'), 119.84)).toBe('119.8 V');
    expect(readWords(dead(0, 'N'), null)).toBe('no path');
    expect(readWords({ tool: 'button' }, STAYS_LIVE)).toBe('trips, still live past it');
    expect(readWords({ tool: 'load' }, TRIPS)).toBe('it trips');
    expect(claimKind({ kind: 'supply-208' })).toBe('device or supply');
  });
});
