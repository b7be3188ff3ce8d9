import { describe, expect, test } from 'vitest';
import { catalog } from '../../../src/core/findings/catalog';
import type { FindingCode } from '../../../src/core/findings/finding';
import { circuitOf, subjectKey } from '../../../src/core/findings/subject';
import { fixCandidates, fixesFor } from '../../../src/core/fixes/fixesFor';
import { evaluateJob, type JobEvaluation } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import type { Job } from '../../../src/core/job/jobSchema';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { findingSentence } from '../../../src/core/wording/findings';
import { fixWords } from '../../../src/core/wording/fixes';
import { after, findingIn } from '../../support/jobs';
import { listPrice } from '../../support/listPrice';
import { jobExamples } from './jobExamples';

const CODES = Object.keys(catalog) as FindingCode[];

const exampleOf = (code: FindingCode): Job => {
  const job = jobExamples.get(code);
  if (job === undefined) throw new Error(`No job raises ${code}.`);
  return job;
};

/** Stops by code and by the circuit, or else the thing, that they are about. */
const stops = ({ findings }: JobEvaluation): ReadonlySet<string> =>
  new Set(
    findings
      .filter(({ severity }) => severity === 'stop')
      .map(({ code, subject }) => `${code} ${circuitOf(subject) ?? subjectKey(subject)}`),
  );

describe('the catalog of findings', () => {
  test('has a job that raises each of them', () => {
    expect([...jobExamples.keys()].sort()).toEqual(CODES.toSorted());
  });

  test.each(CODES)('%s is raised as it is listed, in a whole sentence with its section', (code) => {
    const finding = findingIn(evaluateJob(exampleOf(code)), code);
    expect(catalog[code].severities).toContain(finding.severity);
    expect(finding.cite.section).not.toBe('');
    const sentence = findingSentence(finding);
    expect(sentence).toMatch(/^[A-Z0-9].{12,}[.?]$/);
    expect(sentence).not.toMatch(/undefined|NaN|null|\[object/);
  });

  test.each(CODES)('every fix of %s clears it, brings no stop, and is taken back', (code) => {
    const job = exampleOf(code);
    const memo = freshMemo();
    const before = evaluateJob(job, memo);
    const finding = findingIn(before, code);
    const fixes = fixesFor(before, finding, memo, defaultPrices);
    if (finding.severity !== 'note' && fixCandidates(before, finding).length > 0)
      expect(fixes).not.toEqual([]);
    for (const { change, command, cost } of fixes) {
      const applied = after(job, command);
      const mended = evaluateJob(applied.job);
      // To the cent: before and after are each rounded once.
      expect(Math.abs(cost - (listPrice(mended) - listPrice(before))), fixWords(change)).toBeLessThanOrEqual(
        1,
      );
      const circuit = circuitOf(finding.subject);
      const left = mended.findings.filter(
        (each) => each.code === code && circuitOf(each.subject) === circuit && each.severity !== 'note',
      );
      expect(left, fixWords(change)).toEqual([]);
      const had = stops(before);
      expect(
        [...stops(mended)].filter((each) => !had.has(each)),
        fixWords(change),
      ).toEqual([]);
      expect(after(applied.job, applied.inverse).job).toEqual(job);
    }
  });
});
