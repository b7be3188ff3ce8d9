import fc from 'fast-check';
import { expect, test } from 'vitest';
import { familyList, freshAppliance, type FamilyId } from '../../../src/core/appliances/registry';
import { applianceSchema } from '../../../src/core/appliances/registry';
import { edition, NEWEST_KNOWN } from '../../../src/core/code/edition';
import { findMarks } from '../../../src/core/plates/findMarks';
import { plateOffers } from '../../../src/core/plates/plateOffers';
import { readMarks } from '../../../src/core/plates/readMarks';
import { textLines } from '../../../src/core/plates/textLines';
import { wordsOfText } from '../../support/plateText';

const { ratings } = edition(NEWEST_KNOWN).tables.standardOcpd;
const readOf = (...passes: readonly (readonly string[])[]) =>
  readMarks(
    passes.map((lines) => findMarks(textLines(wordsOfText(lines)))),
    ratings,
  ).marks;
const offersOf = (family: FamilyId, ...passes: readonly (readonly string[])[]) =>
  plateOffers(freshAppliance(family), readOf(...passes)).map(({ question, answers }) => [
    question.key,
    ...answers.map(({ value }) => value),
  ]);

test.each<readonly [FamilyId, readonly string[], unknown]>([
  [
    'mini-split',
    ['MCA 22.4 A', 'MOCP 35 A', 'VOLTS 208/230'],
    [
      ['mca', 22.4],
      ['mocp', 35],
      ['volts', 208, 240],
    ],
  ],
  [
    'hot-tub',
    ['TOTAL AMPS 40', 'MAX FUSE 50 A', '240 V'],
    [
      ['breakerA', 50],
      ['volts', 240],
      ['amps', 40],
    ],
  ],
  [
    'water-heater',
    ['VOLTS 240', 'WATTS 4500'],
    [
      ['volts', 240],
      ['kw', 4.5],
    ],
  ],
  [
    'welder',
    ['U1 230 V', 'I1 MAX 43 A', 'I1 EFF 27.2 A', 'DUTY CYCLE 40 %'],
    [
      ['volts', 240],
      ['dutyPct', 40],
      ['inputAmps', 43],
      ['effectiveA', 27.2],
    ],
  ],
  [
    'ev',
    ['OUTPUT 48 A MAX', 'INPUT 240 V'],
    [
      ['volts', 240],
      ['outputAmps', 48],
    ],
  ],
])('%s: %j', (family, lines, fields) => {
  expect(offersOf(family, lines, lines)).toEqual(fields);
});

test('what was read two ways is offered both ways; what the family refuses is not', () => {
  expect(offersOf('mini-split', ['MCA 22.4 A'], ['MCA 27.4 A'])).toEqual([['mca', 22.4, 27.4]]);
  expect(offersOf('dryer', ['MCA 22.4 A'])).toEqual([]);
  expect(offersOf('ev', ['OUTPUT 300 A MAX'])).toEqual([]);
});

test('what stands already is said to', () => {
  const [offer] = plateOffers(freshAppliance('mini-split'), readOf(['MCA 18 A'], ['MCA 18 A']));
  expect(offer?.answers).toMatchObject([{ value: 18, stands: true }]);
});

test('reading changes nothing: every answer is an appliance of the family that differs in one field alone', () => {
  const family = fc.constantFrom(...familyList.map(({ id }) => id));
  const label = fc.constantFrom(
    'MCA',
    'MOCP',
    'VOLTS',
    'AMPS',
    'HP',
    'KW',
    'RLA',
    'FLA',
    'OUTPUT',
    'S.F.',
    'PH',
  );
  const line = fc.tuple(
    label,
    fc.constantFrom('240', '22.4 A', '35 A', '1-1/2', '9999', '208/230 V', '1.15'),
  );
  fc.assert(
    fc.property(family, fc.array(line, { maxLength: 8 }), (id, rows) => {
      const appliance = freshAppliance(id);
      const before = JSON.stringify(appliance);
      for (const { question, answers } of plateOffers(appliance, readOf(rows.map((row) => row.join(' ')))))
        for (const answer of answers) {
          expect(applianceSchema.safeParse(answer.appliance).success).toBe(true);
          const { [question.key]: _was, ...rest } = { ...appliance.nameplate } as Record<string, unknown>;
          expect(answer.appliance.nameplate).toMatchObject(rest);
        }
      expect(JSON.stringify(appliance)).toBe(before);
    }),
    { numRuns: 100 },
  );
});
