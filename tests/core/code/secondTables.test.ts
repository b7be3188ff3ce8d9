import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { bendRadius } from '../../../src/core/code/tables/bendRadius';
import { clearances } from '../../../src/core/code/tables/clearances';
import { dwellingService } from '../../../src/core/code/tables/dwellingService';
import { electrodeConductor } from '../../../src/core/code/tables/electrodeConductor';
import { gfciClasses } from '../../../src/core/code/tables/gfciClasses';
import { knockouts } from '../../../src/core/code/tables/knockouts';
import { metalBoxes } from '../../../src/core/code/tables/metalBoxes';
import { receptacleRating } from '../../../src/core/code/tables/receptacleRating';
import { rooftop } from '../../../src/core/code/tables/rooftop';

type Cell = string | number | null;

/** Every cell of every table as another hand wrote it down, by its place; the copy that the tables are compared with. */
const SECOND = JSON.parse(readFileSync('tests/fixtures/second-tables.json', 'utf8')) as Record<
  string,
  Record<string, Cell>
>;

const TABLES: Readonly<Record<string, unknown>> = {
  ...edition(2023).tables,
  standardOcpd2017: edition(2017).tables.standardOcpd,
  bendRadius,
  clearances,
  dwellingService,
  electrodeConductor,
  gfciClasses,
  knockouts,
  metalBoxes,
  receptacleRating,
  rooftop,
};

/** The cells of a table by their places. */
function cellsOf(value: unknown, place = ''): readonly (readonly [string, unknown])[] {
  if (typeof value !== 'object' || value === null) return [[place, value]];
  return Object.entries(value).flatMap(([key, each]) =>
    cellsOf(each, place === '' ? key : `${place} ${key}`),
  );
}

/** Figures that only one hand wrote down, with what they are held by besides. */
const ALONE: readonly (readonly [table: string, place: RegExp])[] = [
  // The list of 2023 is that of 2017 with 10 A before it: told below.
  ['standardOcpd', /^ratings/],
  ['standardOcpd2017', /^fuseExtras/],
];

test.each(Object.keys(SECOND))('%s agrees with the second copy, cell by cell', (table) => {
  const cells = new Map(cellsOf(TABLES[table]));
  for (const [place, cell] of Object.entries(SECOND[table]!)) expect(cells.get(place), place).toBe(cell);
});

test('no figure of a table stands in one copy alone, but those that are named', () => {
  const alone = Object.entries(TABLES).flatMap(([table, own]) =>
    cellsOf(own)
      .filter(([place, cell]) => typeof cell === 'number' && !(place in (SECOND[table] ?? {})))
      .filter(([place]) => !ALONE.some(([name, places]) => name === table && places.test(place)))
      .map(([place]) => `${table} ${place}`),
  );
  expect(alone).toEqual([]);
});

test('10 A came with 2023; all that follows is as before', () => {
  expect(edition(2023).tables.standardOcpd.ratings).toEqual([
    10,
    ...edition(2017).tables.standardOcpd.ratings,
  ]);
});
