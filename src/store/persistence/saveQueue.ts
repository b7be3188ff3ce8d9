import { saveEdits, type SaveOrder, type SaveOutcome } from './jobStorage';
import { isQuota } from './quota';
import { forgetUnsaved, putBy } from './unsaved';
import { nowMs } from '../clock';

/** How saving stands. */
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'other'; readonly unsaved: number }
  | { readonly kind: 'taken-over'; readonly unsaved: number }
  | { readonly kind: 'gone' };

export interface SaveQueue {
  /** Takes an edit in; it is written with those that follow within a moment. */
  add(order: SaveOrder): void;
  /** Writes what is waiting at once, or tries again after a failure. */
  flush(): void;
  /** Settles when nothing is left to write, or when writing has stopped. */
  idle(): Promise<void>;
}

/** Edits that follow each other within this are written together, milliseconds. */
const TOGETHER_MS = 250;
/** The first of them waits no longer than this, milliseconds. */
const MAX_WAIT_MS = 1000;

/** Two orders as one: the job as the later left it, and the entries of both, each as it was last. */
function together(first: SaveOrder, second: SaveOrder): SaveOrder {
  const gone = second.truncateAfter;
  const kept = gone === null ? first.entries : first.entries.filter(({ seq }) => seq <= gone);
  const later = new Set(second.entries.map(({ seq }) => seq));
  const truncations = [first.truncateAfter, gone].filter((each) => each !== null);
  return {
    job: second.job,
    cursor: second.cursor,
    entries: [...kept.filter(({ seq }) => !later.has(seq)), ...second.entries],
    truncateAfter: truncations.length === 0 ? null : Math.min(...truncations),
  };
}

/** Puts edits by as they would be laid over any of the states that the record may be found in. */
const putOrderBy = ({ job, cursor, entries, truncateAfter }: SaveOrder, after: readonly number[]): void => {
  putBy(job.id, { after, cursor, entries, truncateAfter });
};

type Attempt = SaveOutcome | 'full' | 'other';

/** What the storage could not take, as a reason. */
const failure = (error: unknown): Attempt => (isQuota(error) ? 'full' : 'other');

/** How saving stands once it has stopped. */
function stopped(why: Exclude<Attempt, 'saved'>, unsaved: number): SaveState {
  if (why === 'gone') return { kind: 'gone' };
  return why === 'taken-over' ? { kind: 'taken-over', unsaved } : { kind: 'failed', reason: why, unsaved };
}

interface Pause {
  /** Begins the pause, or lengthens it. */
  begin(): void;
  end(): void;
}

/** Calls when a pause in the edits is over. */
function createPause(over: () => void): Pause {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let since = 0;
  const end = (): void => {
    clearTimeout(timer);
    timer = undefined;
  };
  const begin = (): void => {
    const now = nowMs();
    if (timer === undefined) since = now;
    clearTimeout(timer);
    timer = setTimeout(over, Math.max(0, Math.min(TOGETHER_MS, since + MAX_WAIT_MS - now)));
  };
  return { begin, end };
}

/**
 * Writes edits in the order in which they were made, those of a moment together. Until they are written they are put
 * by where a reload finds them. After a failure nothing is dropped: the edits wait for the next one or for a retry.
 *
 * @param since When the record was last written, as it was opened.
 * @param save What writes them to the storage.
 */
export function createSaveQueue(
  writer: string,
  since: () => number,
  onState: (state: SaveState) => void,
  save: typeof saveEdits = saveEdits,
): SaveQueue {
  let waiting: SaveOrder | null = null;
  /** What is being written, and the time that the record will carry once it is. */
  let writing: { readonly order: SaveOrder; readonly at: number } | null = null;
  let edits = 0;
  let after = 0;
  let running: Promise<void> | null = null;
  const pause = createPause(start);

  const write = async (order: SaveOrder, count: number): Promise<boolean> => {
    // The record's time only goes forward, also where the clock was set back: by it what was put by finds its state.
    const at = Math.max(nowMs(), after + 1, since() + 1);
    writing = { order, at };
    const outcome = await save(order, writer, at).catch(failure);
    writing = null;
    if (outcome === 'saved') {
      after = at;
      return true;
    }
    waiting = waiting === null ? order : together(order, waiting);
    edits += count;
    onState(stopped(outcome, edits));
    return false;
  };

  const nothingWaits = (): boolean => waiting === null;

  const drain = async (): Promise<void> => {
    while (waiting !== null) {
      const [order, count] = [waiting, edits];
      waiting = null;
      edits = 0;
      if (!(await write(order, count))) return;
      if (nothingWaits()) forgetUnsaved(order.job.id);
    }
    onState({ kind: 'saved' });
  };

  function start(): void {
    pause.end();
    if (running !== null || waiting === null) return;
    running = drain().finally(() => {
      running = null;
    });
  }

  const add = (order: SaveOrder): void => {
    waiting = waiting === null ? order : together(waiting, order);
    edits += 1;
    const known = Math.max(after, since());
    // A reload may find the record as it is before what is being written, or after it.
    if (writing === null) putOrderBy(waiting, [known]);
    else putOrderBy(together(writing.order, waiting), [known, writing.at]);
    onState({ kind: 'saving' });
    pause.begin();
  };

  const idle = async (): Promise<void> => {
    start();
    while (running !== null) await running;
  };

  return { add, flush: start, idle };
}
