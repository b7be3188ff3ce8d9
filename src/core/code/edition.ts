import { layAmendment, NO_LOCAL_RULES, type Amendment, type LocalRules } from './amendment';
import type { EditionCertainty, EditionDifference } from './editionShape';
import { edition2017 } from './editions/edition2017';
import { edition2020 } from './editions/edition2020';
import { edition2023 } from './editions/edition2023';
import { edition2026 } from './editions/edition2026';
import { parameters2023, type Parameters } from './parameters';
import { sections2023, type Citation, type SectionKey, type Sections } from './sections';
import { baseTables, type Tables } from './tableSet';

/** Every edition, oldest first. A new one is a file of its own and a line here. */
const EDITIONS = [edition2017, edition2020, edition2023, edition2026] as const;

/** The year of an edition. */
export type EditionYear = (typeof EDITIONS)[number]['year'];

/** The editions that a job may be under, oldest first. */
export const EDITION_YEARS: readonly EditionYear[] = EDITIONS.map(({ year }) => year);

/** Everything that a rule may ask of the code in force: sections, figures and tables, local amendments laid over. */
export interface Edition {
  readonly year: EditionYear;
  readonly certainty: EditionCertainty;
  readonly sections: Sections;
  readonly parameters: Parameters;
  readonly tables: Tables;
  readonly amendments: readonly Amendment[];
  /** What the amendments strike, add, exempt and forbid. */
  readonly local: LocalRules;
}

const build = (difference: EditionDifference & { readonly year: EditionYear }): Edition => ({
  year: difference.year,
  certainty: difference.certainty,
  sections: { ...sections2023, ...difference.sections },
  parameters: { ...parameters2023, ...difference.parameters },
  tables: { ...baseTables, ...difference.tables },
  amendments: [],
  local: NO_LOCAL_RULES,
});

const BUILT: ReadonlyMap<EditionYear, Edition> = new Map(
  EDITIONS.map((each) => [each.year, build(each)] as const),
);

const NEWEST_FIRST = [...BUILT.values()].reverse();
const newestKnown = NEWEST_FIRST.find(({ certainty }) => certainty === 'known') ?? build(edition2023);

/** The newest edition whose figures are known: what a new job is under. */
export const NEWEST_KNOWN: EditionYear = newestKnown.year;

/** The edition of a year, with local amendments laid over it in the order given. */
export const edition = (year: EditionYear, amendments: readonly Amendment[] = []): Edition =>
  amendments.reduce<Edition>(
    (acc, each) => ({
      ...acc,
      ...layAmendment(acc, each),
      amendments: [...acc.amendments, each],
    }),
    BUILT.get(year) ?? newestKnown,
  );

/** The section a rule stands on in this edition; a preliminary edition makes none certain. */
export const cite = (code: Edition, key: SectionKey): Citation => {
  const found = code.sections[key];
  return code.certainty === 'known' || !found.certain ? found : { section: found.section, certain: false };
};
