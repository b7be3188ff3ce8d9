import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { type Reading } from '../../../src/core/network/diagnose';
import { pairIn, type Fault, type Network } from '../../../src/core/network/network';
import { NetworkSolver, readVolts } from '../../../src/core/network/networkSolver';
import { outletFault, type Outlet, type OutletReadings } from '../../../src/core/network/outletFault';
import type { Meter } from '../../../src/core/network/meter';
import { networkDangers, outletDangers } from '../../../src/core/network/readingDangers';
import { readingDangerWords } from '../../../src/core/wording/dangerWords';
import { runs } from '../../support/luck';
import { randomCircuits, readingsPlan } from '../../support/randomCircuits';

/** Every reading of the plan, each off by a share of the tester's error. */
function readAll(
  network: Network,
  fault: Fault | null,
  error: (at: number) => number = () => 0,
): readonly Reading[] {
  const [off, on] = [false, true].map((state) =>
    new NetworkSolver(network, { on: state, live: true }).seen(fault),
  );
  return readingsPlan(network).map(({ at, station, pair, on: isOn }, index) => {
    const [seen, ends] = [(isOn ? on : off)?.[station], pairIn(network, pair)];
    if (seen === undefined || ends === undefined) throw new Error('Not in the network.');
    const volts = Math.abs(readVolts(seen, ends));
    return { at, pair, on: isOn, volts: Math.max(0, volts + error(index) * (0.005 * volts + 0.1)) };
  });
}

const codes = (network: Network, readings: readonly Reading[], meter: Meter = 'low-z') => [
  ...new Set(networkDangers(network, readings, meter).map(({ code }) => code)),
];

/** Circuits whose drop is at most 5 %, with what the tester is off by at each reading, from -1 to 1. */
const errors = fc.array(fc.double({ min: -0.95, max: 0.95, noNaN: true }), { minLength: 7, maxLength: 7 });
const place = fc.nat({ max: 1000 });
const CASES = 200;

/** The largest share of its volts that any load loses on its way. */
const dropOf = (network: Network): number => {
  const last = new NetworkSolver(network, { on: true, live: true }).seen(null).at(-1);
  if (last === undefined) return 1;
  return Math.max(
    ...(['L1L2', 'L1N', 'L2N'] as const).map((pair) => {
      const ends = pairIn(network, pair);
      if (ends === undefined) return 0;
      const full = Math.abs((network.supply[ends[0]] ?? 0) - (network.supply[ends[1]] ?? 0));
      return 1 - Math.abs(readVolts(last, ends)) / full;
    }),
  );
};

/** What feeds the legs is not apart itself. */
const isEven = ({ supply }: Network): boolean => {
  const legs = supply.filter((volts) => volts !== 0).map(Math.abs);
  return Math.max(...legs) - Math.min(...legs) < 4;
};
const sane = randomCircuits.filter((network) => isEven(network) && dropOf(network) <= 0.05);

/** A station past the panel to which a conductor runs. */
const stationIn = (network: Network, conductor: number, draw: number): number => {
  const reached = network.wires.findIndex((wire) => (wire[conductor] ?? Infinity) === Infinity);
  return 1 + (draw % (reached < 0 ? network.wires.length : Math.max(1, reached)));
};

describe('dangers of a circuit, by its readings alone', () => {
  test('a sound circuit with drop to 5 % and the error of a tester has none, by either tester', () => {
    fc.assert(
      fc.property(sane, errors, (network, off) => {
        const readings = readAll(network, null, (at) => off[at % off.length] ?? 0);
        expect(codes(network, readings)).toEqual([]);
        expect(codes(network, readings, 'high-z')).toEqual([]);
      }),
      runs(CASES),
    );
  });

  test('a ground that is open is told at the stations past it', () => {
    fc.assert(
      fc.property(sane, place, errors, (network, draw, off) => {
        const conductor = network.conductors.indexOf('G');
        const station = stationIn(network, conductor, draw);
        const fault: Fault = { kind: 'series', conductor, station, ohms: Infinity };
        const found = networkDangers(
          network,
          readAll(network, fault, (at) => off[at % off.length] ?? 0),
          'low-z',
        );
        const expected = network.stations.slice(station);
        expect(found.filter(({ code }) => code === 'ground-open').map(({ at }) => at)).toEqual(expected);
      }),
      runs(CASES),
    );
  });

  test('a hot on the ground, or on the neutral, is live metal', () => {
    fc.assert(
      fc.property(sane, place, fc.boolean(), (network, draw, isGround) => {
        const [hot, other] = ['L1', isGround || !network.conductors.includes('N') ? 'G' : 'N'].map((name) =>
          network.conductors.findIndex((each) => each === name),
        );
        if (hot === undefined || other === undefined) throw new Error('No such conductor.');
        const station = stationIn(network, other, draw);
        const own = network.conductors.map((_, at) => at);
        const fault: Fault = { kind: 'swap', station, from: own.with(hot, other).with(other, hot) };
        expect(codes(network, readAll(network, fault))).toContain('live-metal');
      }),
      runs(CASES),
    );
  });

  test('a neutral that is lost between two legs which share their loads is told, and told apart from one ahead', () => {
    fc.assert(
      fc.property(
        sane.filter(
          ({ conductors, wires }) =>
            conductors.includes('L2') &&
            conductors.includes('N') &&
            wires.every((wire) => (wire[conductors.indexOf('N')] ?? Infinity) < Infinity),
        ),
        place,
        fc.double({ min: 1.3, max: 20, noNaN: true }),
        (network, draw, ratio) => {
          const end = network.stations.length - 1;
          const loads = [
            { station: end, between: 'L1N' as const, ohms: 12 },
            { station: end, between: 'L2N' as const, ohms: 12 * ratio },
          ];
          const shared = { ...network, loads };
          const conductor = network.conductors.indexOf('N');
          const station = stationIn(network, conductor, draw);
          const lost: Fault = { kind: 'series', conductor, station, ohms: Infinity };
          expect(codes(shared, readAll(shared, lost))).toContain('neutral-lost');
          const ahead = {
            ...shared,
            supply: shared.supply.map((volts) => (volts > 0 ? 108 : volts === 0 ? 0 : -133)),
          };
          const found = networkDangers(ahead, readAll(ahead, null), 'low-z');
          expect(found.filter(({ code }) => code === 'neutral-lost-ahead')).toEqual([
            { code: 'neutral-lost-ahead', at: 'A' },
          ]);
        },
      ),
      runs(CASES),
    );
  });

  test('a joint that heats by 5 W or more is told wherever the tester shows its loss', () => {
    fc.assert(
      fc.property(sane, place, fc.double({ min: 0.05, max: 3, noNaN: true }), (network, draw, ohms) => {
        const conductor = 0;
        const station = stationIn(network, conductor, draw);
        const fault: Fault = { kind: 'series', conductor, station, ohms };
        const sound = new NetworkSolver(network, { on: true, live: true }).seen(null);
        const seen = new NetworkSolver(network, { on: true, live: true }).seen(fault);
        const lost = Math.abs((sound[station]?.volts[0] ?? 0) - (seen[station]?.volts[0] ?? 0));
        const watts = lost ** 2 / ohms;
        fc.pre(watts >= 8 && lost > 1.5 && network.loads.some((load) => load.station >= station));
        expect(codes(network, readAll(network, fault))).toContain('joint-heats');
      }),
      runs(CASES),
    );
  });
});

interface OutletCase {
  readonly what: string;
  readonly outlet: Outlet;
  readonly readings: OutletReadings;
  readonly meter?: Meter;
  readonly dangers: readonly string[];
  /** The first causes that are named. */
  readonly first: readonly string[];
}

const OUTLET_CASES: readonly OutletCase[] = [
  {
    what: 'sound',
    outlet: '120',
    readings: { L1N: 121, L1G: 121, NG: 0.4 },
    dangers: [],
    first: [],
  },
  {
    what: 'reversed, or a hot on an open ground: both are named, the dangerous one first',
    outlet: '120',
    readings: { L1N: 120, L1G: 0, NG: 120 },
    dangers: ['live-metal'],
    first: ['live-frame', 'reversed'],
  },
  {
    what: 'a tub whose frame is live',
    outlet: '120/240',
    readings: { L1L2: 240, L1N: 120, L2N: 120, L1G: 0, L2G: 240, NG: 120 },
    dangers: ['live-metal'],
    first: ['live-frame'],
  },
  {
    what: 'an open ground by a high impedance',
    outlet: '120',
    readings: { L1N: 122, L1G: 60, NG: 60 },
    meter: 'high-z',
    dangers: ['live-metal', 'ground-open'],
    first: ['open-ground'],
  },
  {
    what: 'the same by a tester nobody named',
    outlet: '120',
    readings: { L1N: 122, L1G: 60, NG: 60 },
    dangers: ['live-metal', 'ground-open'],
    first: ['open-ground'],
  },
  {
    what: 'an open ground by a low impedance, with residue',
    outlet: '120',
    readings: { L1N: 122, L1G: 2.4, NG: 0.3 },
    meter: 'low-z',
    dangers: ['ground-open'],
    first: ['open-ground'],
  },
  {
    what: 'a neutral 12 V off ground: a joint, or much load',
    outlet: '120',
    readings: { L1N: 108, L1G: 120, NG: 12 },
    dangers: [],
    first: ['neutral-joint'],
  },
  {
    what: 'the second hot on the neutral',
    outlet: '240',
    readings: { L1L2: 120, L1G: 120, L2G: 0 },
    dangers: ['second-hot'],
    first: ['second-hot'],
  },
  {
    what: 'a dead leg',
    outlet: '240',
    readings: { L1L2: 0, L1G: 120, L2G: 0 },
    meter: 'low-z',
    dangers: [],
    first: ['lost-leg-2'],
  },
  {
    what: 'a leg that is fed through the 240 V load',
    outlet: '120/240',
    readings: { L1N: 58.7, L1L2: 58.7, L2N: 116.6, L1G: 58.7, L2G: 116.6, NG: 0 },
    dangers: [],
    first: ['lost-leg-1'],
  },
  {
    what: 'a lost neutral',
    outlet: '120/240',
    readings: { L1N: 88, L2N: 154, L1L2: 242, L1G: 121, L2G: 121, NG: 33 },
    dangers: ['live-metal', 'neutral-lost'],
    first: ['open-neutral'],
  },
  {
    what: 'one leg reads nothing to ground, and no more was read',
    outlet: '240',
    readings: { L1L2: 240, L1G: 0 },
    dangers: ['live-metal', 'ground-open'],
    first: ['live-frame'],
  },
  {
    what: 'a frame on one leg of a 208Y/120 house',
    outlet: '240',
    readings: { L1L2: 208, L1G: 0.5, L2G: 207 },
    dangers: ['live-metal'],
    first: [],
  },
];

describe('dangers of an outlet, explained or not', () => {
  test.each(OUTLET_CASES)('$what', ({ outlet, readings, meter, dangers, first }) => {
    expect(outletDangers(outlet, readings, meter).map(({ code }) => code)).toEqual(dangers);
    const named = outletFault(outlet, readings, meter).candidates.map(({ fault }) => fault);
    expect(named.slice(0, first.length)).toEqual(first);
  });

  test('what neither explanation nor fault holds is dangerous all the same', () => {
    const readings = { L1N: 70, L1G: 95, NG: 41 };
    expect(outletFault('120', readings, 'low-z').verdict).toBe('unexplained');
    expect(outletDangers('120', readings, 'low-z')).toEqual([{ code: 'live-metal', at: null }]);
  });

  test('the order is to leave metal alone, to switch off, and to look for the other circuit', () => {
    const words = readingDangerWords({ code: 'live-metal', at: 'C' });
    expect(words).toMatch(/^At C: Ground or neutral may be live\. Touch no metal\. Off at the panel\./);
    expect(words).toContain('an earth outside this circuit');
    expect(words).toContain('main off');
  });
});
