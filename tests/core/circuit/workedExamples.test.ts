import { describe, expect, test } from 'vitest';
import type { SizedFigures } from '../../../src/core/circuit/figures';
import type { AnyStep, StepId } from '../../../src/core/working/step';
import { charger, load, solve, segment } from '../../support/circuits';

type Told = readonly [id: StepId, result: number | string, section: string, cell?: string];

/** A working as it is told: what, result, section, and the cell that was read. */
const told = (steps: readonly AnyStep[]): Told[] =>
  steps.map(({ id, result, cite, read }) => {
    const rounded = typeof result === 'number' ? Math.round(result * 1e4) / 1e4 : result;
    return read === undefined
      ? [id, rounded, cite.section]
      : [id, rounded, cite.section, `${read.table} ${read.row} ${read.column}`];
  });

/** What an electrician writes on the panel schedule. */
const summary = ({ ocpd, size, groundTaken, raceway, drop }: SizedFigures): string =>
  `${ocpd.ratingA} A ${ocpd.poles}P, ${size} AWG, ground ${groundTaken}, ${raceway?.legal ?? 'cable'}, ${drop.percent.toFixed(2)} %`;

describe('48 A charger, hardwired, 62 ft of NM-B indoors', () => {
  const { figures, workings } = solve({ run: [segment({ lengthFt: 62 })] });

  test('in one line', () => {
    expect(summary(figures)).toBe('60 A 2P, 4 AWG, ground 10, cable, 0.77 %');
  });

  test('load and breaker', () => {
    expect(told(workings.load)).toEqual([['load.plate', 48, '625.42']]);
    expect(told(workings.breaker)).toEqual([
      ['breaker.required', 60, '210.20(A)'],
      ['breaker.standard', 60, '240.6(A)', 'standardOcpd 60 rating'],
      ['breaker.poles', 2, '240.15(B)'],
    ]);
  });

  test('conductor, line by line', () => {
    expect(told(workings.conductor)).toEqual([
      ['conductor.required', 60, '210.19(A)(1)'],
      ['terminal.column', 75, '110.14(C)(1)'],
      ['method.column', 60, '334.80'],
      ['ampacity.column', 70, 'Table 310.16', 'ampacity 4 60'],
      ['ampacity.start', 95, 'Table 310.16', 'ampacity 4 90'],
      ['ambient.factor', 1, 'Table 310.15(B)(1)(1)', 'ambient 30 90'],
      ['adjustment.factor', 1, 'Table 310.15(C)(1)', 'adjustment 1 factor'],
      ['ampacity.corrected', 95, 'Table 310.15(C)(1)'],
      ['ampacity.final', 70, '110.14(C)(1)'],
      ['test.load', 'holds', '210.19(A)(1)'],
      ['test.corrected', 'holds', '210.19(A)(1)'],
      ['test.breaker', 'holds', '240.4(B)'],
      ['cable.made', 'NM-B 4/3', 'manufacturers, typical'],
      ['conductor.chosen', '4', 'Table 310.16'],
      ['conductor.smaller', '6 AWG', 'Table 310.16'],
    ]);
  });

  test('ground, drop and outlet', () => {
    expect(told(workings.ground)).toEqual([
      ['ground.table', '10', 'Table 250.122', 'equipmentGround 60 cu'],
      ['ground.cable', '8', 'manufacturers, typical'],
    ]);
    expect(told(workings.drop)).toEqual([
      ['drop.segment', 1.8451, 'Ch. 9 Table 9', 'impedance 4 cu pvc'],
      ['drop.total', 0.7688, '210.19 note'],
      ['drop.direct', 1.8395, 'Ch. 9 Table 8'],
      ['drop.longest', 241.9355, '210.19 note'],
    ]);
    expect(told(workings.disconnect)).toEqual([['disconnect.need', 'none', '625.43']]);
    expect(workings.raceway).toEqual([]);
  });
});

describe('40 A charger, hardwired outdoors, 150 ft of PVC: raised for drop, its ground with it', () => {
  const { figures, workings } = solve({
    appliance: charger({ outputAmps: 32 }),
    run: [segment({ method: 'pvc40', place: 'outdoor', lengthFt: 150, ambientC: 38 })],
  });

  test('in one line', () => {
    expect(summary(figures)).toBe('40 A 2P, 6 AWG, ground 8, 3/4, 1.96 %');
  });

  test('8 AWG would carry it; the drop asks for 6', () => {
    expect(told(workings.conductor)).toContainEqual(['conductor.raised', '6', '210.19 note']);
    expect(told(workings.conductor)).toContainEqual([
      'ambient.factor',
      0.91,
      'Table 310.15(B)(1)(1)',
      'ambient 40 90',
    ]);
  });

  test('10 AWG of ground × 26240 / 16510 is 16 498 circular mils: 8 AWG', () => {
    expect(told(workings.ground)).toEqual([
      ['ground.table', '10', 'Table 250.122', 'equipmentGround 60 cu'],
      ['ground.ratio', 1.5893, '250.122(B)'],
      ['ground.increased', '8', '250.122(B)', 'conductors 8 cmil'],
    ]);
  });

  test('two of 6 and one of 8: 0.138 square inches', () => {
    expect(told(workings.raceway)).toEqual([
      ['raceway.area', 0.138, 'Ch. 9 Table 5', 'insulated 6 THWN-2'],
      ['raceway.limit', 40, 'Ch. 9 Table 1', 'fillLimits overTwo share'],
      ['raceway.legal', '3/4', 'Ch. 9 Table 4', 'raceways 3/4 PVC40'],
      ['raceway.comfort', '1', 'Ch. 9 Table 1'],
    ]);
    expect(figures.raceway).toMatchObject({ legal: '3/4', comfort: '1', comfortReason: 'long', taken: '1' });
  });
});

describe('other loads, by hand', () => {
  test.each([
    [
      'tub of 40 A continuous in PVC 80, ends at 60 °C',
      {
        appliance: load({ amps: 40, continuousAmps: 40, neutral: true, breakerA: 50 }),
        terminals: { panel: 60, load: 60 },
        run: [segment({ method: 'pvc80', place: 'outdoor', lengthFt: 120 })],
      },
      '50 A 2P, 6 AWG, ground 10, 1, 1.96 %',
    ],
    [
      'kettle circuit, 16 A at 120 V, half of it continuous',
      { appliance: load({ amps: 16, continuousAmps: 8, volts: 120 }), run: [segment({ lengthFt: 30 })] },
      '20 A 1P, 12 AWG, ground 12, cable, 1.60 %',
    ],
    [
      '24 A at 120 V over 110 ft, three sizes up for drop',
      {
        appliance: load({ amps: 24, continuousAmps: 24, volts: 120 }),
        run: [segment({ method: 'pvc40', lengthFt: 110 })],
      },
      '30 A 1P, 6 AWG, ground 6, 3/4, 2.16 %',
    ],
    [
      'subpanel of 100 A in aluminum',
      {
        appliance: load({ amps: 90, continuousAmps: 40, neutral: true }),
        material: 'al',
        run: [segment({ method: 'pvc40', place: 'underground', lengthFt: 90 })],
      },
      '100 A 2P, 1 AWG, ground 6, 1-1/4, 1.69 %',
    ],
  ] as const)('%s', (_name, part, line) => {
    expect(summary(solve({ ...part, run: [...part.run] }).figures)).toBe(line);
  });
});
