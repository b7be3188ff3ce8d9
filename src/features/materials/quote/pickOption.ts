import type { Job } from '../../../core/job/jobSchema';
import { AS_PLANNED, optionKey, type OptionChange } from '../../../core/quote/optionChange';
import type { Quote } from '../../../core/quote/quoteDocument';

/** The option of a circuit that is in the quote: as planned until another was picked. */
export const pickedOf = ({ quote }: Job, circuitId: string): OptionChange =>
  quote.picked.find((each) => each.circuitId === circuitId)?.change ?? AS_PLANNED;

/** What is picked once an option is put in the quote. */
export function withPicked({ quote }: Job, circuitId: string, change: OptionChange): Quote['picked'] {
  const others = quote.picked.filter((each) => each.circuitId !== circuitId);
  return change.kind === 'as-planned' ? others : [...others, { circuitId, change }];
}

/** The options of a circuit set by hand. */
export function withOptions(
  { quote }: Job,
  circuitId: string,
  changes: readonly OptionChange[],
): Quote['options'] {
  const others = quote.options.filter((each) => each.circuitId !== circuitId);
  return [...others, { circuitId, changes: [...changes] }];
}

/** One option a place to the left or right among those beside the plan. */
export function movedOption(
  changes: readonly OptionChange[],
  key: string,
  by: -1 | 1,
): readonly OptionChange[] {
  const at = changes.findIndex((each) => optionKey(each) === key);
  const moved = changes[at];
  const to = at + by;
  if (moved === undefined || to < 0 || to >= changes.length) return changes;
  return changes.toSpliced(at, 1).toSpliced(to, 0, moved);
}
