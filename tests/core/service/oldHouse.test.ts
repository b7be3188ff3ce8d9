import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import type { House } from '../../../src/core/service/houseSchema';
import type { Panel } from '../../../src/core/panel/panelSchema';
import { findingSentence } from '../../../src/core/wording/findings';
import { circuit } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';

const found = (house: Partial<House>, part: Partial<Panel> = {}) =>
  evaluateJob(
    jobOf([circuit()], { house: { ...FRESH_HOUSE, ...house }, panels: [panel(part)] }),
  ).findings.flatMap((each) =>
    each.code.startsWith('house.') || each.code === 'panel.known-to-fail'
      ? [`${each.severity} ${each.code}`]
      : [],
  );

describe('an old house', () => {
  test.each([
    [null, ['ask house.built']],
    [1940, ['check house.old-materials']],
    [1961, ['check house.old-materials']],
    [1962, ['check house.old-materials', 'ask house.aluminum']],
    [1976, ['check house.old-materials', 'ask house.aluminum']],
    [1977, ['check house.old-materials']],
    [1989, ['check house.old-materials']],
    [1990, []],
  ] as const)('built in %s', (builtYear, codes) => {
    expect(found({ builtYear })).toEqual(codes);
  });

  test('lead is said of before 1978, asbestos alone until 1990; both say to call first', () => {
    const sentence = (builtYear: number): string => {
      const { findings } = evaluateJob(jobOf([circuit()], { house: { ...FRESH_HOUSE, builtYear } }));
      const of = findings.find(({ code }) => code === 'house.old-materials');
      return of === undefined ? '' : findingSentence(of);
    };
    expect(sentence(1977)).toMatch(/call before you open.*lead.*asbestos/);
    expect(sentence(1978)).toMatch(/call before you open.*asbestos/);
    expect(sentence(1978)).not.toContain('lead');
  });

  test('aluminum that was seen is said whatever the year, and what was looked at is not asked', () => {
    expect(found({ builtYear: 1999, branchAluminum: true })).toEqual(['check house.aluminum']);
    expect(found({ builtYear: 1968, branchAluminum: false })).toEqual(['check house.old-materials']);
  });
});

test.each([
  ['not looked up', { knownToFail: null }, ['ask panel.known-to-fail']],
  ['known', { knownToFail: true }, ['stop panel.known-to-fail']],
  ['looked up, not known', { knownToFail: false }, []],
  ['new with this job', { knownToFail: null, installed: 'new' }, []],
] as const)('a panel whose type is known to fail: %s', (_, part, codes) => {
  expect(found({ builtYear: 2001 }, part)).toEqual(codes);
});
