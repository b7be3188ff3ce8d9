import { describe, expect, test } from 'vitest';
import { familyList } from '../../../src/core/appliances/registry';
import type { EDITION_YEARS } from '../../../src/core/code/edition';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';
import { workedSheet, type SheetLine, type WorkedSheet } from '../../support/workedSheet';
import { workedHeat } from './worked/workedHeat';
import { workedMachines } from './worked/workedMachines';
import { workedOutlets } from './worked/workedOutlets';
import { workedWater } from './worked/workedWater';

const workedFamilies = [...workedWater, ...workedHeat, ...workedMachines, ...workedOutlets];

const withoutDoubt = (sheet: WorkedSheet): Record<string, string> =>
  Object.fromEntries(Object.entries(sheet).map(([line, text]) => [line, text.replaceAll('?', '')]));

/** Sections as they are cited on a line: after the figure, or after the code of a finding. */
const sectionsOf = (line: SheetLine, text: string): readonly string[] =>
  line === 'found'
    ? text.split(', ').flatMap((each) => (each === '' ? [] : [each.split(' ').slice(2).join(' ')]))
    : text.split('; ').slice(1);

test('every family is worked once', () => {
  expect(workedFamilies.map(({ family }) => family).toSorted()).toEqual(
    familyList.map(({ id }) => id).toSorted(),
  );
});

describe.each(workedFamilies)('$family: $what ($byHand)', ({ family, plate, run, part, sheet, differs }) => {
  const page = (year: (typeof EDITION_YEARS)[number]): WorkedSheet =>
    workedSheet(
      circuit({ appliance: appliance(family, plate), run: [segment(run)], ...part }),
      context(year),
    );

  test.each([2017, 2020, 2023] as const)(
    '%i, figure by figure with its sections, and every landing',
    (year) => {
      expect(page(year)).toEqual({ ...sheet, ...differs[year] });
    },
  );

  test('2026, where no section is certain', () => {
    const preliminary = page(2026);
    expect(withoutDoubt(preliminary)).toEqual({ ...withoutDoubt(sheet), ...differs[2026] });
    const cited = (['load', 'breaker', 'conductor', 'found'] as const).flatMap((line) =>
      sectionsOf(line, preliminary[line]),
    );
    expect(cited.length).toBeGreaterThan(3);
    for (const section of cited) expect(section).toMatch(/\?$/);
  });
});
