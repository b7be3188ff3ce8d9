import { cite, type Edition } from '../code/edition';
import { methodCitation, type MethodId } from '../code/methods';
import type { Citation, SectionKey } from '../code/sections';
import type { CatalogEntry } from './catalogEntry';
import type { checksCatalog } from './checksCatalog';
import type { circuitCatalog } from './circuitCatalog';
import type { daysCatalog } from './daysCatalog';
import type { panelCatalog } from './panelCatalog';
import type { routeCatalog } from './routeCatalog';
import type { serviceCatalog } from './serviceCatalog';
import { isWorse, type Severity } from './severity';
import type { waterCatalog } from './waterCatalog';
import { figureOf, subjectKey, type FigureKey, type Subject } from './subject';

type Catalog = typeof circuitCatalog &
  typeof routeCatalog &
  typeof serviceCatalog &
  typeof panelCatalog &
  typeof waterCatalog &
  typeof daysCatalog &
  typeof checksCatalog;
/** Stable code of a finding. */
export type FindingCode = keyof Catalog;

/** What each finding was about, by its code. */
export type FindingData = {
  readonly [C in FindingCode]: Catalog[C] extends CatalogEntry<infer Data, Severity> ? Data : never;
};

/** How severe a finding may be, by its code. */
export type SeverityOf<C extends FindingCode> = Catalog[C]['severities'][number];

/** A doubt or a broken rule, tied to what it is about. */
export interface Finding<C extends FindingCode = FindingCode> {
  readonly code: C;
  readonly severity: Severity;
  readonly subject: Subject;
  readonly data: FindingData[C];
  readonly cite: Citation;
}

/** A finding of any code, with its data tied to its code. */
export type AnyFinding = { readonly [C in FindingCode]: Finding<C> }[FindingCode];

/** What a finding is raised with. */
export interface Raised<C extends FindingCode> {
  readonly severity: SeverityOf<C>;
  readonly code: C;
  readonly section: SectionKey;
  readonly subject: Subject;
  readonly data: FindingData[C];
  /** The method whose own article the section belongs to. */
  readonly method: MethodId | undefined;
}

/** A finding under an edition: the section as that edition numbers it. */
export function raise<C extends FindingCode>(code: Edition, raised: Raised<C>): AnyFinding {
  const { section, method, severity, subject, data } = raised;
  const plain = cite(code, section);
  const finding: Finding<C> = {
    code: raised.code,
    severity,
    subject,
    data,
    cite: method === undefined ? plain : methodCitation(plain, method),
  };
  // The compiler cannot see that a finding of one code is a member of the union.
  return finding as unknown as AnyFinding;
}

/** A finding by what it is and what it is about: the same before and after an edit. */
export const findingKey = ({ code, subject }: Pick<Finding, 'code' | 'subject'>): string =>
  `${code} ${subjectKey(subject)}`;

/** The worst of findings about a figure, the first among equals; undefined where there is none. */
export const worstFinding = (open: readonly AnyFinding[], figure: FigureKey): AnyFinding | undefined =>
  open
    .filter(({ subject }) => figureOf(subject) === figure)
    .reduce<AnyFinding | undefined>(
      (worst, each) => (worst === undefined || isWorse(each.severity, worst.severity) ? each : worst),
      undefined,
    );
