import { layAmendment, NO_LOCAL_RULES, type Amendment, type LocalRules } from './amendment';
import {
  parameters2023,
  parametersChanged2017,
  parametersChanged2020,
  parametersChanged2026,
  type Parameters,
} from './parameters';
import {
  changed2017,
  changed2020,
  changed2026,
  sections2023,
  type Citation,
  type SectionKey,
  type Sections,
} from './sections';
import { baseTables, type Tables } from './tableSet';

/** The editions that a job may be under, oldest first. */
export const EDITION_YEARS = [2017, 2020, 2023, 2026] as const;
/** The year of an edition. */
export type EditionYear = (typeof EDITION_YEARS)[number];

/** Everything that a rule may ask of the code in force: sections, figures and tables, local rules laid over. */
export interface Edition {
  readonly year: EditionYear;
  /** False for an edition whose printed text was never compared. */
  readonly verified: boolean;
  readonly sections: Sections;
  readonly parameters: Parameters;
  readonly tables: Tables;
  readonly amendments: readonly Amendment[];
  /** What the amendments strike, add, exempt and forbid. */
  readonly local: LocalRules;
}

/** What an edition changes against the base edition of 2023. */
interface Difference {
  readonly sections?: Partial<Sections>;
  readonly parameters?: Partial<Parameters>;
  readonly tables?: Partial<Tables>;
  readonly verified?: boolean;
}

const base: Edition = {
  year: 2023,
  verified: true,
  sections: sections2023,
  parameters: parameters2023,
  tables: baseTables,
  amendments: [],
  local: NO_LOCAL_RULES,
};

const without10A = {
  ...baseTables.standardOcpd,
  ratings: baseTables.standardOcpd.ratings.filter((rating) => rating !== 10),
};

const DIFFERENCES: Readonly<Record<EditionYear, Difference>> = {
  2017: {
    sections: changed2017,
    parameters: parametersChanged2017,
    tables: { standardOcpd: without10A },
  },
  2020: {
    sections: changed2020,
    parameters: parametersChanged2020,
    tables: { standardOcpd: without10A },
  },
  2023: {},
  2026: { sections: changed2026, parameters: parametersChanged2026, verified: false },
};

const build = (year: EditionYear): Edition => {
  const { sections, parameters, tables, verified = true } = DIFFERENCES[year];
  return {
    year,
    verified,
    sections: { ...base.sections, ...sections },
    parameters: { ...base.parameters, ...parameters },
    tables: { ...base.tables, ...tables },
    amendments: [],
    local: NO_LOCAL_RULES,
  };
};

const EDITIONS: Readonly<Record<EditionYear, Edition>> = {
  2017: build(2017),
  2020: build(2020),
  2023: build(2023),
  2026: build(2026),
};

/** The edition of a year, with local amendments laid over it in the order given. */
export const edition = (year: EditionYear, amendments: readonly Amendment[] = []): Edition =>
  amendments.reduce<Edition>(
    (acc, each) => ({
      ...acc,
      ...layAmendment(acc, each),
      amendments: [...acc.amendments, each],
    }),
    EDITIONS[year],
  );

/** The section a rule stands on in this edition; an edition that was not read makes none certain. */
export const cite = (code: Edition, key: SectionKey): Citation => {
  const found = code.sections[key];
  return code.verified || !found.certain ? found : { section: found.section, certain: false };
};
