import type { Severity } from './severity';

/** What is known of a finding before it is raised: how severe it may be, and whether a survey answers it. */
export interface CatalogEntry<Data extends object, S extends Severity> {
  readonly severities: readonly S[];
  /** Answered where the appliance stands: by its plate, by measuring, by looking. */
  readonly surveyed: boolean;
  /** The shape of its figures; there is no value of it. */
  readonly data?: Data;
}

/** An entry for findings that bear figures of this shape. */
export const about = <Data extends object>() => ({
  may: <S extends Severity>(...severities: readonly S[]): CatalogEntry<Data, S> => ({
    severities,
    surveyed: false,
  }),
  surveyed: <S extends Severity>(...severities: readonly S[]): CatalogEntry<Data, S> => ({
    severities,
    surveyed: true,
  }),
});
