import type { Parameters } from './parameters';
import type { Sections } from './sections';
import type { Tables } from './tableSet';

/** How much is known of an edition: `preliminary` where its text is expected rather than known. */
export type EditionCertainty = 'known' | 'preliminary';

/** What an edition changes against the base edition. */
export interface EditionDifference {
  readonly year: number;
  readonly certainty: EditionCertainty;
  readonly sections?: Partial<Sections>;
  readonly parameters?: Partial<Parameters>;
  readonly tables?: Partial<Tables>;
}
