import type { AnyFinding } from '../findings/finding';
import { fixesFor } from '../fixes/fixesFor';
import type { JobEvaluation } from '../job/evaluateJob';
import type { JobMemo } from '../job/jobMemo';
import { defaultPrices } from '../price/defaultPrices';
import { findingSentence } from '../wording/findings';
import { fixWords } from '../wording/fixes';
import type { FindingLine } from './answer';

/** A finding in words with its fixes, each tried on the whole job. */
export const findingLine = (evaluation: JobEvaluation, finding: AnyFinding, memo: JobMemo): FindingLine => ({
  code: finding.code,
  standing: finding.severity,
  text: findingSentence(finding),
  rule: finding.cite.section,
  remedies: fixesFor(evaluation, finding, memo, defaultPrices).map(({ change, cost }) => ({
    text: fixWords(change),
    costUSD: cost / 100,
  })),
});
