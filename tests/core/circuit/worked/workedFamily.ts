import type { FamilyId } from '../../../../src/core/appliances/registry';
import type { Circuit, Segment } from '../../../../src/core/circuit/circuitSchema';
import type { EditionYear } from '../../../../src/core/code/edition';
import type { WorkedSheet } from '../../../support/workedSheet';

/** One circuit of a family worked by hand, from its nameplate to its landings, with what each edition changes. */
export interface WorkedFamily {
  readonly family: FamilyId;
  readonly what: string;
  /** The arithmetic behind the figures. */
  readonly byHand: string;
  readonly plate: Readonly<Record<string, unknown>>;
  readonly run: Partial<Segment>;
  readonly part: Partial<Circuit>;
  /** The page of 2023. */
  readonly sheet: WorkedSheet;
  /** What the other editions say otherwise; of 2026 without the marks of doubt, which every section there has. */
  readonly differs: Readonly<Partial<Record<EditionYear, Partial<WorkedSheet>>>>;
}
