import { horsepowerOf } from '../../../src/core/units/horsepower';
import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import { edition, EDITION_YEARS } from '../../../src/core/code/edition';
import { tableFace, wholeTable } from '../../../src/core/code/tableFace';
import { tableLibrary } from '../../../src/core/code/tableLibrary';
import type { TableKey } from '../../../src/core/code/tableSet';
import { TRADE_SIZES } from '../../../src/core/units/tradeSize';
import { WIRE_SIZES } from '../../../src/core/units/wireSize';

const { tables } = edition(2023);

describe('the library of tables', () => {
  test('holds every table once, titled, weighed and cited in every edition', () => {
    const shape = z.looseObject({
      id: z.string().min(3),
      title: z.string().min(10),
      certainty: z.enum(['sure', 'partly', 'unsure']),
    });
    for (const { table } of tableLibrary) shape.parse(table);
    expect(new Set(tableLibrary.map(({ table }) => table.id)).size).toBe(tableLibrary.length);
    expect(tableLibrary).toHaveLength(32);
    for (const year of EDITION_YEARS) {
      for (const { cite } of tableLibrary) expect(edition(year).sections[cite].section).not.toBe('');
    }
  });

  test.each([
    ['6', 60, 55],
    ['6', 75, 65],
    ['4', 60, 70],
    ['8', 90, 55],
    ['1/0', 75, 150],
    ['500', 75, 380],
  ] as const)('copper %s in the %d °C column carries %d A', (size, column, amps) => {
    expect(tables.ampacity.cu[column][size]).toBe(amps);
  });

  test.each([
    ['2', 75, 90],
    ['3', 75, 75],
    ['4/0', 75, 180],
  ] as const)('aluminum %s in the %d °C column carries %d A', (size, column, amps) => {
    expect(tables.ampacity.al[column][size]).toBe(amps);
  });
});

describe('laws that the tables keep', () => {
  test('a larger conductor carries more, and a hotter column more still', () => {
    for (const metal of ['cu', 'al'] as const) {
      let last = 0;
      for (const size of WIRE_SIZES) {
        const [cool, warm, hot] = [60, 75, 90].map(
          (column) => tables.ampacity[metal][column as 60 | 75 | 90][size],
        );
        if (cool === undefined || warm === undefined || hot === undefined) continue;
        expect(cool).toBeGreaterThan(last);
        expect(warm).toBeGreaterThanOrEqual(cool);
        expect(hot).toBeGreaterThanOrEqual(warm);
        last = cool;
      }
    }
  });

  test('correction follows the root of the room left for heat, to the printed hundredth', () => {
    for (const row of tables.ambient.rows) {
      for (const column of [60, 75, 90] as const) {
        const printed = row[column];
        if (printed === null) continue;
        expect(Math.abs(printed - Math.sqrt((column - row.toC) / (column - 30)))).toBeLessThan(0.011);
      }
    }
  });

  test('the inside of a raceway is the circle of its diameter, and 40 % is 40 % of it', () => {
    for (const sizes of Object.values(tables.raceways.types)) {
      for (const row of Object.values(sizes)) {
        expect(row.area100 / ((Math.PI / 4) * row.insideIn ** 2)).toBeCloseTo(1, 1);
        expect(Math.abs(row.area40 - row.area100 * 0.4)).toBeLessThan(0.004);
        expect(Math.abs(row.area53 - row.area100 * 0.53)).toBeLessThan(0.004);
        expect(Math.abs(row.area31 - row.area100 * 0.31)).toBeLessThan(0.004);
      }
    }
  });

  test('resistance falls as circular mils rise, and is near K over them', () => {
    let last = Infinity;
    for (const size of WIRE_SIZES) {
      const { cmil, cuOhmPerKft } = tables.conductors.rows[size];
      expect(cuOhmPerKft).toBeLessThan(last);
      expect((cuOhmPerKft * cmil) / 12_900).toBeCloseTo(1, 1);
      last = cuOhmPerKft;
    }
  });

  test('insulated conductors are larger than bare ones, and grow with size', () => {
    for (const rows of Object.values(tables.insulated.types)) {
      let last = 0;
      for (const size of WIRE_SIZES) {
        const area = rows[size]?.areaIn2 ?? 0;
        expect(area).toBeGreaterThan(last);
        expect(area).toBeGreaterThan(tables.conductors.rows[size].bareAreaIn2);
        last = area;
      }
    }
  });

  test('a raceway of a larger trade size has more inside', () => {
    for (const sizes of Object.values(tables.raceways.types)) {
      const areas = TRADE_SIZES.flatMap((trade) => sizes[trade]?.area100 ?? []);
      expect(areas).toEqual(areas.toSorted((a, b) => a - b));
    }
  });
});

describe('editions as differences', () => {
  test('10 A came with 2023', () => {
    expect(edition(2023).tables.standardOcpd.ratings[0]).toBe(10);
    expect(edition(2020).tables.standardOcpd.ratings[0]).toBe(15);
    expect(edition(2017).tables.standardOcpd.ratings[0]).toBe(15);
  });

  test('the ampacity table moved, its figures did not', () => {
    expect(edition(2017).sections['conductor.ampacity'].section).toBe('Table 310.15(B)(16)');
    expect(edition(2023).sections['conductor.ampacity'].section).toBe('Table 310.16');
    expect(edition(2017).tables.ampacity).toBe(edition(2023).tables.ampacity);
  });

  test('2026 is not verified', () => {
    expect(EDITION_YEARS.map((year) => edition(year).certainty)).toEqual([
      'known',
      'known',
      'known',
      'preliminary',
    ]);
  });

  test('an amendment changes its parameter and signs it', () => {
    const town = {
      id: 'town',
      title: 'No 14 AWG',
      source: 'Ordinance 1',
      date: '2024-01-01',
      changes: [{ kind: 'smallest-copper', size: '12' }],
    } as const;
    expect(edition(2023, [town]).parameters.smallestCopper).toMatchObject({ value: '12', by: 'town' });
    expect(edition(2023).parameters.smallestCopper).toMatchObject({ value: '14' });
  });
});

describe('the face of a table around a cell', () => {
  test.each([
    [{ table: 'ampacity', row: '6', column: '60' }, '55'],
    [{ table: 'standardOcpd', row: '60', column: 'rating' }, '60'],
    [{ table: 'equipmentGround', row: '60', column: 'cu' }, '10'],
    [{ table: 'raceways', row: '3/4', column: 'PVC40' }, '0.203'],
    [{ table: 'impedance', row: '6', column: 'cu pvc' }, '0.49'],
    [{ table: 'ambient', row: '55', column: '90' }, '0.76'],
    [{ table: 'smallConductor', row: '10', column: 'cu' }, '30'],
    [{ table: 'conductors', row: '8', column: 'cmil' }, '16510'],
    [{ table: 'insulated', row: '6', column: 'THWN-2' }, '0.0507'],
    [{ table: 'fillLimits', row: 'overTwo', column: 'share' }, '40 %'],
    [{ table: 'adjustment', row: '0.8', column: 'factor' }, '0.80'],
    [{ table: 'configurations', row: '14-50', column: 'amps' }, '50'],
  ] satisfies [{ table: TableKey; row: string; column: string }, string][])('%j reads %s', (read, value) => {
    const face = tableFace(edition(2023), read, 'cu');
    const row = face?.rows.find(({ key }) => key === read.row);
    const at = face?.columns.findIndex(({ key }) => key === read.column) ?? -1;
    expect(row?.cells[at]).toBe(value);
    expect(face?.title).not.toBe('');
  });

  test.each(['motorSinglePhase', 'motorThreePhase'] as const)(
    '%s lists its motors by their size',
    (table) => {
      const heads = wholeTable(edition(2023), { table, row: '1', column: '230' }, 'cu')?.rows.map(
        ({ key }) => key,
      );
      const hp = (heads ?? []).map((key) => horsepowerOf(key));
      expect(hp.length).toBeGreaterThan(8);
      expect(hp).toEqual(hp.toSorted((a, b) => a - b));
      expect(hp[0]).toBeLessThan(1);
    },
  );
});
