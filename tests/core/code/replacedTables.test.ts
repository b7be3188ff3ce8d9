import { expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { judgePlug } from '../../../src/core/protection/plugFit';
import { serviceConductorA } from '../../../src/core/service/ratingLimit';

const base = edition(2023);
const { tables } = base;

test('what an edition says of the conductors of a dwelling reaches its service', () => {
  expect(serviceConductorA('2/0', 'cu', base)).toBe(200);
  const dwellingService = { ...tables.dwellingService, rows: { 200: { cu: '3/0', al: '250' } } } as const;
  const other = { ...base, tables: { ...tables, dwellingService } };
  expect(serviceConductorA('3/0', 'cu', other)).toBe(200);
  // No longer in that table, it is good for its 75 °C column.
  expect(serviceConductorA('2/0', 'cu', other)).toBe(175);
});

test('what an edition says of receptacles on a circuit reaches the plug', () => {
  const asked = { plug: '5-15', receptacle: '5-15', volts: 120, ocpdA: 20, outlets: 2 };
  expect(judgePlug(asked, base)).toMatchObject({ why: 'fits', eachA: 12 });
  const receptacleRating = { ...tables.receptacleRating, allowed: { 20: [20] }, largestCordLoad: { 15: 10 } };
  const other = { ...base, tables: { ...tables, receptacleRating } };
  expect(judgePlug(asked, other)).toMatchObject({ why: 'rating', eachA: 10 });
});
