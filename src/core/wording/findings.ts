import type { AnyFinding, Finding, FindingCode } from '../findings/finding';
import { checksSentences } from './checksSentences';
import { circuitSentences } from './circuitSentences';
import { daysSentences } from './daysSentences';
import { panelSentences } from './panelSentences';
import { routeSentences } from './routeSentences';
import type { Sentences } from './sentences';
import { serviceSentences } from './serviceSentences';
import { waterSentences } from './waterSentences';

const SENTENCES: Sentences<FindingCode> = {
  ...circuitSentences,
  ...routeSentences,
  ...serviceSentences,
  ...panelSentences,
  ...waterSentences,
  ...daysSentences,
  ...checksSentences,
};

const sentence = <C extends FindingCode>(finding: Finding<C>): string => SENTENCES[finding.code](finding);

/** A finding in one sentence. */
export const findingSentence = (finding: AnyFinding): string => sentence(finding);
