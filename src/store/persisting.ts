import type { OpenJob } from './jobSlice';

type Persist = (before: OpenJob, after: OpenJob) => void;

let persist: Persist | undefined;

/** What keeps the edits of the open job says so here: it is fetched with the first job that is opened. */
export function persistBy(how: Persist): void {
  persist = how;
}

/** Keeps what an edit, undo or redo changed; where no job is open there is nothing to keep. */
export const persistEdit: Persist = (before, after) => persist?.(before, after);
