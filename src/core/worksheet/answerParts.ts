import { cite, type Edition } from '../code/edition';
import { methodCitation, type MethodId } from '../code/methods';
import type { SectionKey } from '../code/sections';
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

/** One finding without ways out. */
export const findingLine = (
  code: Edition,
  section: SectionKey,
  id: string,
  standing: string,
  text: string,
  method?: MethodId,
): FindingLine => ({ code: id, standing, text, rule: rule(code, section, method), remedies: [] });
