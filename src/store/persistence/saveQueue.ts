import { saveEdit, type SaveOrder } from './jobStorage';

/** How saving stands. */
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'other'; readonly unsaved: number }
  | { readonly kind: 'taken-over'; readonly unsaved: number }
  | { readonly kind: 'gone' };

export interface SaveQueue {
  /** Writes an edit after those before it. */
  add(order: SaveOrder): void;
  /** Tries again after a failure. */
  retry(): void;
  /** Settles when nothing is left to write, or when writing has stopped. */
  idle(): Promise<void>;
}

const isQuota = (error: unknown): boolean =>
  error instanceof Error && (error.name === 'QuotaExceededError' || String(error).includes('QuotaExceeded'));

/**
 * Writes edits one after another in the order in which they were made. After a failure nothing is dropped:
 * the edits wait, in order, for the next edit or for a retry.
 */
export function createSaveQueue(writer: string, onState: (state: SaveState) => void): SaveQueue {
  const waiting: SaveOrder[] = [];
  let running: Promise<void> = Promise.resolve();
  let busy = false;

  const drain = async (): Promise<void> => {
    for (let order = waiting[0]; order !== undefined; order = waiting[0]) {
      try {
        const outcome = await saveEdit(order, writer);
        if (outcome !== 'saved') {
          onState(outcome === 'gone' ? { kind: 'gone' } : { kind: 'taken-over', unsaved: waiting.length });
          return;
        }
        waiting.shift();
      } catch (error) {
        onState({ kind: 'failed', reason: isQuota(error) ? 'full' : 'other', unsaved: waiting.length });
        return;
      }
    }
    onState({ kind: 'saved' });
  };

  const start = (): void => {
    if (busy) return;
    busy = true;
    onState({ kind: 'saving' });
    running = drain().finally(() => {
      busy = false;
    });
  };

  return {
    add: (order) => {
      waiting.push(order);
      start();
    },
    retry: start,
    idle: () => running,
  };
}
