import type { Job } from './jobSchema';
import { mergeBase, mergeJobs, sameJob } from './mergeJobs';

/** How a job of a copy stands to the one that is here. */
export type AgainstCopy =
  /** It is not here. */
  | { readonly kind: 'new' }
  | { readonly kind: 'same' }
  /** The one here has everything of the copy, and so many edits more. */
  | { readonly kind: 'newer-here'; readonly edits: number }
  /** The copy has so many things that the one here has not, and the other way around none. */
  | { readonly kind: 'newer-there'; readonly things: number }
  /** Each may have what the other has not; so many things were changed on both sides. */
  | { readonly kind: 'both'; readonly here: number; readonly there: number; readonly inBoth: number };

/**
 * How a job of a copy stands to the one here.
 *
 * @param states The states that the one here has gone through, latest first; none where it is not here.
 * @param isLater Whether the one of the copy was edited after the one here. Without that it is not said to be newer.
 */
export function againstCopy(states: readonly Job[], theirs: Job, isLater: boolean): AgainstCopy {
  const [mine] = states;
  if (mine === undefined) return { kind: 'new' };
  const edits = states.findIndex((state) => sameJob(state, theirs));
  if (edits === 0) return { kind: 'same' };
  if (edits > 0) return { kind: 'newer-here', edits };
  const base = mergeBase(states, theirs) ?? mine;
  const there = mergeJobs(base, mine, theirs);
  const here = mergeJobs(base, theirs, mine).taken.length;
  const inBoth = there.conflicts.length;
  return isLater && here === 0 && inBoth === 0
    ? { kind: 'newer-there', things: there.taken.length }
    : { kind: 'both', here, there: there.taken.length, inBoth };
}
