import type { EditionDifference } from '../editionShape';

/** The base: sections, parameters and tables are written down as 2023 has them. */
export const edition2023 = { year: 2023, certainty: 'known' } as const satisfies EditionDifference;
