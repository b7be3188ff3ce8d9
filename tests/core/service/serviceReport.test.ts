import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { fullHouse } from '../../support/fullHouse/job';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { circuitDemand, type CircuitDemand } from '../../../src/core/service/circuitDemand';
import { faultCurrent } from '../../../src/core/service/faultCurrent';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import type { House, Measured } from '../../../src/core/service/houseSchema';
import { ratingLimit, serviceConductorA } from '../../../src/core/service/ratingLimit';
import { chosenAnswer, serviceReport } from '../../../src/core/service/serviceReport';
import { largestSetting, serviceOptions } from '../../../src/core/service/serviceOptions';
import { printLoads, readLoads } from '../../../src/core/service/typedLoads';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';
import { panel } from '../../support/panels';

const code = edition(2023);
const ev = (va: number): CircuitDemand => ({ circuitId: 'ev', what: 'EV charger', va, kind: 'ev' });
const house = (part: Partial<House> = {}): House => ({ ...FRESH_HOUSE, ...part });

/** The published example: 2400 ft², four fixed appliances, range, dryer, heat or cooling, and a 48 A charger. */
const example = house({
  areaFt2: 2400,
  ratingA: 150,
  loads: readLoads(
    'Water heater 4500; Dishwasher 1200; Disposal 800; Spa 9600; Range 12 kW; Dryer 5000; Air conditioner 7200; Heat 10000',
    () => 'id',
  ).loads.map((load, at) => ({ ...load, id: `load-${at}` })),
});
const amps = (about: House, additions: readonly CircuitDemand[], year: 2017 | 2020 | 2023 | 2026 = 2023) =>
  Object.fromEntries(
    serviceReport(about, undefined, additions, edition(year)).answers.map(({ method, after }) => [
      method,
      after,
    ]),
  );

const measured: Measured = {
  source: 'meter',
  basis: 'utility',
  intervalMinutes: 15,
  from: '2025-01-01 00:00',
  to: '2026-01-01 00:00',
  days: 365,
  peakA: 49.1667,
  peakAt: '2025-01-17 17:45',
  problems: [],
  week: [],
};

describe('the published example of a dwelling', () => {
  test('standard method, every intermediate figure', () => {
    const { parts, totalVA, amps: all } = amps(example, [ev(11520)])['standard']!;
    expect(parts.map(({ countedVA }) => Math.round(countedVA))).toEqual([
      6045, 12075, 8000, 5000, 10000, 11520, 200,
    ]);
    expect(parts[0]).toMatchObject({ connectedVA: 11700, section: 'service.lighting' });
    expect(totalVA).toBe(52840);
    expect(all).toBeCloseTo(220.17, 2);
  });

  test('with the charger at 125 % where the authority asks for it', () => {
    const { totalVA } = amps({ ...example, evAdder: true }, [ev(11520)])['standard']!;
    expect(totalVA).toBe(55720);
  });

  test('a guarded setting of 24 A counts 7200 VA from 2023 on, its own 5760 VA before: the edition decides the service', () => {
    expect(amps(example, [ev(5760)], 2023)['standard']!.totalVA).toBe(48520);
    expect(amps(example, [ev(5760)], 2020)['standard']!.totalVA).toBe(47080);
  });

  test('optional method for a new dwelling', () => {
    const { base, totalVA, amps: all } = amps(example, [ev(11520)])['optional']!;
    expect(base.reduce((sum, { countedVA }) => sum + countedVA, 0)).toBe(56320);
    expect(totalVA).toBe(35728);
    expect(all).toBeCloseTo(148.87, 2);
  });

  test('optional method for an existing dwelling, without and with new heating', () => {
    const without = serviceReport(example, undefined, [ev(11520)], code).answers.find(
      ({ method }) => method === 'existing',
    );
    expect(without?.after.totalVA).toBe(31328);
    expect(without?.after.amps).toBeCloseTo(130.53, 2);
    expect(without?.spareA).toBeCloseTo(19.47, 2);
    expect(without?.before.amps).toBeCloseTo(111.3, 1);
    const heat: CircuitDemand = { circuitId: 'heat', what: 'New heat', va: 10000, kind: 'heat' };
    const fresh = { ...example, loads: example.loads.filter(({ kind }) => kind !== 'heat') };
    const withHeat = amps(fresh, [ev(11520), heat])['existing']!;
    expect(withHeat.totalVA).toBe(37328);
    expect(withHeat.amps).toBeCloseTo(155.53, 2);
  });

  test('the measured method: 125 % of the peak, and the charger at 125 %', () => {
    const about = house({ measured, ratingA: 125 });
    expect(amps(about, [ev(11520)])['measured']!.amps).toBeCloseTo(61.46 + 60, 1);
    expect(amps(about, [ev(11520)])).not.toHaveProperty('standard');
  });
});

describe('what limits a service', () => {
  test('the least of main, bus, meter and conductors is named', () => {
    const about = house({ ratingA: 200, meterA: 200, conductor: { size: '2/0', metal: 'al' } });
    expect(ratingLimit(about, panel({ busA: 225 }), code)).toMatchObject({
      amps: 150,
      element: 'conductors',
    });
    expect(ratingLimit(house(), panel({ mainA: 100, busA: 125 }), code)).toMatchObject({
      amps: 100,
      element: 'main',
    });
    // A bus that is smaller than the main limits the service; that of a subpanel does not (408.36).
    expect(ratingLimit(house({ ratingA: 200 }), panel({ busA: 125 }), code)).toMatchObject({
      amps: 125,
      element: 'bus',
    });
    expect(ratingLimit(house({ ratingA: 200 }), panel({ busA: 125, role: 'subpanel' }), code)).toMatchObject({
      amps: 200,
      element: 'main',
    });
    expect(ratingLimit(house(), undefined, code)).toEqual({ elements: [], amps: null, element: null });
  });

  test.each([
    ['4', 'cu', 100],
    ['2/0', 'cu', 200],
    ['4/0', 'al', 200],
    ['6', 'cu', 65],
  ] as const)('%s %s is good for %d A', (size, metal, rating) => {
    expect(serviceConductorA(size, metal, code)).toBe(rating);
  });
});

describe('ways to make the load fit', () => {
  const question = (about: House, additions: readonly CircuitDemand[], year: 2017 | 2023 = 2023) => ({
    house: about,
    panel: undefined,
    additions,
    code: edition(year),
    prices: defaultPrices,
  });

  test('the largest setting that just fits: 100 A service, measured peak 49.2 A', () => {
    const about = house({ measured, ratingA: 100, method: 'measured' });
    const found = largestSetting(question(about, [ev(11520)], 2017), ev(11520));
    expect(found).toBeNull();
    const additions = [ev(11520)];
    const [charger] = additions;
    expect(largestSetting(question(about, additions, 2017), charger!)).toMatchObject({ settingA: 30 });
  });

  test('each was tried and holds, cheapest first; a larger service brings what the edition asks for', () => {
    const about = { ...example, ratingA: 125 };
    const additions = [ev(11520)];
    const remedies = serviceOptions(question(about, additions));
    expect(remedies.map(({ kind }) => kind)).toEqual([
      'setting',
      'sharing',
      'sharing',
      'management',
      'service',
    ]);
    expect(remedies.every(({ spareA }) => spareA >= 0)).toBe(true);
    expect(remedies.at(-1)).toMatchObject({
      ratingA: 150,
      size: '1',
      triggers: ['surge', 'emergency', 'electrode', 'meter', 'utility'],
    });
    const old = serviceOptions(question(about, additions, 2017)).at(-1);
    expect(old).toMatchObject({ triggers: ['electrode', 'meter', 'utility'] });
  });

  test('none where the service holds', () => {
    expect(serviceOptions(question({ ...example, ratingA: 200 }, [ev(11520)]))).toEqual([]);
  });

  test('load management caps the service at 125 % of its setpoint, never below what it does not manage', () => {
    const managed = amps({ ...example, managedA: 96 }, [ev(11520)])['existing']!;
    expect(managed.amps).toBeCloseTo(120, 6);
    const low = amps({ ...example, managedA: 20 }, [ev(11520)])['existing']!;
    expect(low.amps).toBeCloseTo(amps(example, [])['existing']!.amps, 6);
  });

  test('a sharing device leaves out the smaller of the two', () => {
    const dryer = example.loads.find(({ what }) => what === 'Dryer');
    const shared = amps({ ...example, sharing: { circuitId: 'ev', loadId: dryer?.id ?? '' } }, [ev(11520)])[
      'existing'
    ]!;
    expect(shared.totalVA).toBe(31328 - 0.4 * 5000);
  });
});

describe('properties of the service', () => {
  test('more load never leaves more', () => {
    for (const va of [0, 1440, 5760, 7200, 9600, 11520, 19200]) {
      const answers = (more: number) =>
        serviceReport({ ...example, measured }, undefined, [ev(va + more)], code).answers;
      for (const [at, answer] of answers(0).entries()) {
        expect(answers(500)[at]?.after.amps).toBeGreaterThanOrEqual(answer.after.amps);
        expect(answer.after.amps).toBeGreaterThanOrEqual(answer.before.amps);
      }
    }
  });

  test('the method of the permit answers, or the first that can', () => {
    const report = serviceReport(example, undefined, [], code);
    expect(chosenAnswer(report, example)?.method).toBe('existing');
    expect(chosenAnswer(report, { ...example, method: 'measured' })?.method).toBe('standard');
  });
});

describe('a circuit as a load of the service', () => {
  const demand = (family: Parameters<typeof appliance>[0], plate: Record<string, unknown>) => {
    const about = circuit({ appliance: appliance(family, plate), run: [segment({})] });
    return circuitDemand(about, solveCircuit(about, context()));
  };
  test.each([
    ['ev', { outputAmps: 48, volts: 240, connection: 'hardwired' }, 'ev', 11520],
    ['ev', { outputAmps: 48, volts: 240, connection: 'hardwired', managed: 20 }, 'ev', 4800],
    ['range', { kw: 12, volts: 240, connection: 'receptacle' }, 'range', 12000],
    ['dryer', { kw: 5.4, volts: 240 }, 'dryer', 5400],
    ['rv', { amps: 30 }, 'outlet', 3600],
    ['rv', { amps: 50 }, 'outlet', 12000],
    ['hot-tub', { amps: 40, volts: 240, neutral: true }, 'fixed', 9600],
    ['water-heater', { kw: 4.5, volts: 240, storage: true }, 'fixed', 4500],
  ] as const)('%s counts by its plate', (family, plate, kind, va) => {
    expect(demand(family, plate)).toMatchObject({ kind, va });
  });
  test('outlets of the dwelling are in the figure for the area', () => {
    expect(demand('receptacle', { amps: 20, count: 4, place: 'garage' })).toBeNull();
  });
});

describe('a house of 120/208 V', () => {
  test('the same volt-amperes are more amperes, and the record never counts for less', () => {
    const at = (volts: 208 | 240) => amps({ ...example, volts, measured }, [ev(9984)]);
    for (const method of ['standard', 'optional'] as const) {
      expect(at(208)[method]!.totalVA).toBe(at(240)[method]!.totalVA);
      expect(at(208)[method]!.amps).toBeCloseTo((at(240)[method]!.amps * 240) / 208, 9);
    }
    expect(at(208)['measured']!.totalVA).toBeGreaterThanOrEqual(at(240)['measured']!.totalVA);
  });

  test('a transformer of the same size feeds more into a fault at its terminals', () => {
    const source = { kva: 25, impedancePct: 1.5, lengthFt: 0, size: '4/0', metal: 'al' } as const;
    expect(faultCurrent(source, 208, code).atSourceA).toBeCloseTo(
      (faultCurrent(source, 240, code).atSourceA * 240) / 208,
      6,
    );
  });

  test('equipment at 240 V is a check there, at 208 V it is none', () => {
    const under = context(2023, {
      survey: { permitDate: '2025-06-01', occupancy: 'one-family', houseV: 208 },
    });
    const about = (volts: number) =>
      solveCircuit(
        circuit({ appliance: appliance('ev', { outputAmps: 40, volts, connection: 'hardwired' }) }),
        under,
      )
        .findings.filter(({ code: found }) => found === 'load.house-voltage')
        .map(({ severity }) => severity);
    expect([about(240), about(208), about(120)]).toEqual([['check'], [], []]);
  });
});

describe('fault current', () => {
  const source = { kva: 25, impedancePct: 1.5, lengthFt: 80, size: '4/0', metal: 'al' } as const;
  test('25 kVA, 1.5 %, 80 ft of 4/0 aluminum: scalar, phasor, and the larger governs', () => {
    const found = faultCurrent(source, 240, code);
    expect(found.fullLoadA).toBeCloseTo(104.17, 2);
    expect(found.atSourceA).toBeCloseTo(7716, 0);
    expect(found.scalarA).toBeCloseTo(4959, -1);
    expect(found.phasorA).toBeCloseTo(5381, -1);
    expect(found.governsA).toBe(found.phasorA);
  });
  test('a longer wire never lets more flow', () => {
    const at = (lengthFt: number) => faultCurrent({ ...source, lengthFt }, 240, code).governsA;
    expect(at(0)).toBeCloseTo(7716, 0);
    expect([0, 20, 80, 200].map(at)).toEqual([0, 20, 80, 200].map(at).toSorted((a, b) => b - a));
  });
});

describe('loads as they are typed', () => {
  test('kinds follow from names, kilowatts from their unit, and what is printed is read back', () => {
    const text = 'Water heater 4.5 kW; Baseboard heat 6000 x5 goes; Mini split 3600; Welder 4000 motor';
    const { loads, problems } = readLoads(text, () => 'id');
    expect(problems).toEqual([]);
    expect(loads).toMatchObject([
      { what: 'Water heater', va: 4500, kind: 'fixed' },
      { what: 'Baseboard heat', va: 6000, kind: 'heat', units: 5, goes: true },
      { what: 'Mini split', kind: 'heat-pump' },
      { what: 'Welder', kind: 'motor' },
    ]);
    expect(readLoads(printLoads(loads), () => 'id').loads).toEqual(loads);
  });
  test.each(['Dryer', 'Dryer 5000 tomorrow', 'Dryer 500000', '5000'])(
    '%s is told with what is accepted',
    (text) => {
      const { loads, problems } = readLoads(`Range 12 kW\n${text}`, () => 'id');
      expect(loads).toHaveLength(1);
      expect(problems).toMatchObject([{ row: 2, text }]);
    },
  );
});

describe('the demo house', () => {
  test('every load and circuit of it is counted', () => {
    const under = context();
    const additions = fullHouse.circuits.flatMap(
      (each) => circuitDemand(each, solveCircuit(each, under)) ?? [],
    );
    expect(additions).toHaveLength(10);
    expect(serviceReport(fullHouse.house, fullHouse.panels[0], additions, code).limit).toMatchObject({
      amps: 150,
      element: 'main',
    });
  });
});
