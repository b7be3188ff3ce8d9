import { expect, test } from 'vitest';
import { catalog } from '../../../src/core/findings/catalog';
import type { FindingCode } from '../../../src/core/findings/finding';
import { fixesFor } from '../../../src/core/fixes/fixesFor';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { findingSentence } from '../../../src/core/wording/findings';
import { findingIn } from '../../support/jobs';
import { jobExamples } from './jobExamples';

const STOPS = (Object.keys(catalog) as FindingCode[]).filter((code) =>
  catalog[code].severities.includes('stop'),
);

/** Who decides, or what is to be done, where Pasture has no button for it. */
const DECIDED =
  /\b(ask|manufacturer|utility|authority|split|move|remove|add|run|lift|use|close|clear|mount|make room|give|takes|disconnect|look for|leave it off|off at the panel|main off|lock|remake|finish|mend)\b/i;

test.each(STOPS)(
  '%s has a fix, or its sentence says who decides or what is to be done; as a question it asks',
  (code) => {
    const memo = freshMemo();
    const job = jobExamples.get(code);
    if (job === undefined) throw new Error(`No job raises ${code}.`);
    const evaluation = evaluateJob(job, memo);
    const finding = findingIn(evaluation, code);
    const sentence = findingSentence(finding);
    if (finding.severity === 'ask') expect(sentence).toContain('?');
    else if (fixesFor(evaluation, finding, memo, defaultPrices).length === 0)
      expect(sentence).toMatch(DECIDED);
  },
);
