import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Thing, Water } from '../../../src/core/water/yardSchema';
import { zoneVerdict, type Measured } from '../../../src/core/water/zones';
import { POOL, thing, yardJob } from '../../support/yards';

const at = (object: Measured['object'], ft: number, part: Partial<Measured> = {}) =>
  zoneVerdict({ water: 'in-ground', object, distanceFt: ft, pathFt: ft, ...part }, edition(2023));

/** Severities of the findings of one code about things beside a pool. */
function found(
  code: string,
  things: readonly Thing[],
  year: 2017 | 2020 | 2023 = 2023,
  part: Partial<Water> = {},
) {
  const job = { ...yardJob({ waters: [{ ...POOL, ...part }], things: [...things] }), edition: year };
  return evaluateJob(job).findings.flatMap((each) => (each.code === code ? [each.severity] : []));
}

describe('luminaires nearer than 5 ft', () => {
  const low = { heightFt: 3, gfci: true } as const;

  test('low voltage only where it is recorded as listed, without a ground, on such a supply (680.22(B)(6))', () => {
    expect(at('luminaire', 2, low).far).toBe(false);
    expect(at('luminaire', 2, { ...low, lowVoltage: false }).far).toBe(false);
    expect(at('luminaire', 2, { ...low, lowVoltage: true })).toMatchObject({
      far: true,
      gfciRequired: false,
    });
    // A fan has no such rule.
    expect(at('fan', 2, { ...low, lowVoltage: true }).far).toBe(false);
  });

  const over = { heightFt: 7.5, gfci: true, indoors: true, enclosed: true } as const;
  test.each([
    ['all of it', {}, true],
    ['7.4 ft', { heightFt: 7.4 }, false],
    ['outdoors', { indoors: false }, false],
    ['GFCI not known', { gfci: undefined }, false],
    ['not enclosed', { enclosed: undefined }, false],
  ] as const)(
    'over an indoor pool at 7 ft 6 in, enclosed and with GFCI (680.22(B)(2)): %s',
    (_, part, far) => {
      expect(at('luminaire', 0, { ...over, ...part }).far).toBe(far);
    },
  );
});

describe('other equipment above the low-voltage contact limit (680.22(E))', () => {
  test.each([
    [2017, 4.9, true],
    [2020, 4.9, false],
    [2023, 4.9, false],
    [2023, 5, true],
  ] as const)('%i, %f ft: %s', (year, ft, far) => {
    const measured = { water: 'in-ground', object: 'equipment', distanceFt: ft, pathFt: ft } as const;
    expect(zoneVerdict(measured, edition(year)).far).toBe(far);
  });

  test('a permanent barrier, low voltage and a storable pool free it', () => {
    expect(at('equipment', 2, { barrier: true }).far).toBe(true);
    expect(at('equipment', 2, { lowVoltage: true }).far).toBe(true);
    expect(at('equipment', 2, { water: 'storable' }).far).toBe(true);
  });

  test('a stop from 2020 on, advice before; whether the pump is such equipment is asked', () => {
    const near = [thing('ac-unit', [0, -12])];
    expect([found('zone.equipment', near, 2017), found('zone.equipment', near, 2020)]).toEqual([
      ['check'],
      ['stop'],
    ]);
    const pump = [thing('pump', [0, -12])];
    expect([found('zone.equipment', pump, 2017), found('zone.equipment', pump, 2023)]).toEqual([[], ['ask']]);
    expect(found('zone.equipment', [thing('pump', [0, -13.1])])).toEqual([]);
  });
});

describe('the motor of a cover (680.27(B))', () => {
  test('5 ft, or a barrier; GFCI unless it is listed low voltage', () => {
    expect(at('cover-motor', 4.9)).toMatchObject({ far: false, gfciRequired: true });
    expect(at('cover-motor', 5)).toMatchObject({ far: true, gfciRequired: true });
    expect(at('cover-motor', 1, { barrier: true }).far).toBe(true);
    expect(at('cover-motor', 1, { lowVoltage: true })).toMatchObject({ far: true, gfciRequired: false });
    expect(found('zone.gfci', [thing('cover-motor', [0, -24], { gfci: false })])).toEqual(['stop']);
  });

  test.each([
    ['all seen', { seesPool: true }, []],
    ['not from the switch', { seesPool: false }, ['stop']],
    ['nobody looked', {}, ['ask']],
    ['below grade, not known', { seesPool: true, heightFt: -1 }, ['ask']],
    ['below grade, open', { seesPool: true, heightFt: -1, enclosed: false }, ['stop']],
    ['below grade, enclosed', { seesPool: true, heightFt: -1, enclosed: true }, []],
  ] as const)('its switch and its kind: %s', (_, part, severities) => {
    expect(found('pool.cover', [thing('cover-motor', [0, -24], part)])).toEqual(severities);
  });
});

describe('underwater lights (680.23)', () => {
  test.each([
    ['planned', {}, []],
    ['there, nobody looked', { existing: true }, ['ask', 'ask', 'ask']],
    ['no GFCI', { gfci: false }, ['stop']],
    ['no GFCI, low voltage', { gfci: false, lowVoltage: true }, []],
    ['18 in deep', { lensIn: 18 }, []],
    ['17 in deep', { lensIn: 17 }, ['ask']],
    ['3 in deep', { lensIn: 3 }, ['stop']],
    ['no jumper in the niche', { nicheWire: false }, ['stop']],
    ['no jumper, nothing of metal', { nicheWire: false, metal: false }, []],
  ] as const)('%s', (_, part, severities) => {
    expect(found('pool.light', [thing('light', [16, 0], part)])).toEqual(severities);
  });
});

test('a fountain is a question that names its part (680.50)', () => {
  expect(found('pool.fountain', [], 2023, { fountain: true })).toEqual(['ask']);
  expect(found('pool.fountain', [])).toEqual([]);
});

test('broadband that the network powers keeps the 22.5 ft of 0 to 750 V, data its 10 ft (680.9(B), (C))', () => {
  const over = (conductors: 'communication' | 'broadband', heightFt: number) => {
    const line = {
      id: 'span',
      name: 'Span',
      kind: 'overhead',
      conductors,
      fromFt: heightFt,
      toFt: heightFt,
      sagFt: 0,
      points: [
        [-40, 0],
        [40, 0],
      ] as [number, number][],
    } as const;
    const { findings } = evaluateJob(yardJob({ lines: [{ ...line, points: [...line.points] }] }));
    return findings.some(({ code }) => code === 'zone.overhead');
  };
  expect([over('communication', 10), over('communication', 9.9)]).toEqual([false, true]);
  expect([over('broadband', 22.5), over('broadband', 22.4)]).toEqual([false, true]);
});
