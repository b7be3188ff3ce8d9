import { cite, type Edition } from '../code/edition';
import { methodCitation, type MethodId } from '../code/methods';
import type { SectionKey } from '../code/sections';
import { raise, type FindingCode, type Raised } from '../findings/finding';
import { findingSentence } from '../wording/findings';
import type { FindingLine, WorkingLine } from './answer';

const rule = (code: Edition, section: SectionKey, method: MethodId | undefined): string => {
  const plain = cite(code, section);
  return (method === undefined ? plain : methodCitation(plain, method)).section;
};

/** One line of a working with the section that it stands on. */
export const line = (
  code: Edition,
  section: SectionKey,
  step: string,
  formula: string,
  result: string,
  method?: MethodId,
): WorkingLine => ({ step, formula, result, rule: rule(code, section, method) });

/** A finding of the catalog about what an item asks, in its words; an item has no job that could be fixed. */
export function foundIn<C extends FindingCode>(
  code: Edition,
  raised: Omit<Raised<C>, 'subject' | 'method'>,
): FindingLine {
  const finding = raise<C>(code, { ...raised, subject: { kind: 'job' }, method: undefined });
  return {
    code: finding.code,
    standing: finding.severity,
    text: findingSentence(finding),
    rule: finding.cite.section,
    remedies: [],
  };
}
