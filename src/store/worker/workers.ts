import type { WorkerMessage, WorkerOrder } from './protocol';
import type { ProgressOf, RequestOf, ResultOf, TaskName } from './tasks';

/** What becomes of work that was asked for. */
interface Listener {
  readonly onProgress?: (progress: unknown) => void;
  readonly onDone: (result: unknown) => void;
  readonly onFailed: (why: string) => void;
}

interface Open extends Listener {
  readonly order: WorkerOrder;
}

/** A worker that does not stop within this is ended, milliseconds: it looks at its post between steps alone. */
const PATIENCE_MS = 600;

/** Where the worker is: as it is written while developing, else built with the page, with which it shares its files. */
const ADDRESS = import.meta.env.DEV ? '/src/store/worker/pasture.worker.ts' : '/assets/pasture.worker.js';

const make = (): Worker => new Worker(ADDRESS, { type: 'module' });

/** One worker with the work that was asked of it. It lives on, so that it fetches and remembers once. */
class Lane {
  #worker: Worker | undefined;
  readonly #open = new Map<number, Open>();
  readonly #stopping = new Map<number, ReturnType<typeof setTimeout>>();

  ask(order: Extract<WorkerOrder, { kind: 'ask' }>, listener: Listener): void {
    this.#open.set(order.id, { ...listener, order });
    this.#running().postMessage(order);
  }

  /** Work that is not wanted any more: its listener hears nothing of it. */
  stop(id: number): void {
    if (!this.#open.delete(id) || this.#worker === undefined) return;
    const order: WorkerOrder = { kind: 'stop', id };
    this.#worker.postMessage(order);
    this.#stopping.set(
      id,
      setTimeout(() => {
        this.#beginAnew();
      }, PATIENCE_MS),
    );
  }

  #running(): Worker {
    if (this.#worker !== undefined) return this.#worker;
    const worker = make();
    this.#worker = worker;
    worker.onmessage = ({ data }: MessageEvent<WorkerMessage>) => {
      this.#heard(data);
    };
    worker.onerror = (event) => {
      // The worker itself is gone: all that was asked of it comes to nothing.
      const failed = [...this.#open.values()];
      this.#open.clear();
      this.#end();
      for (const { onFailed } of failed) onFailed(event.message);
    };
    return worker;
  }

  #heard(message: WorkerMessage): void {
    const { id } = message;
    if (message.kind !== 'progress') {
      clearTimeout(this.#stopping.get(id));
      this.#stopping.delete(id);
    }
    const open = this.#open.get(id);
    if (open === undefined) return;
    if (message.kind === 'progress') {
      open.onProgress?.(message.progress);
      return;
    }
    this.#open.delete(id);
    if (message.kind === 'done') open.onDone(message.result);
    if (message.kind === 'failed') open.onFailed(message.why);
  }

  #end(): void {
    this.#worker?.terminate();
    this.#worker = undefined;
    for (const timer of this.#stopping.values()) clearTimeout(timer);
    this.#stopping.clear();
  }

  /** Ends a worker that did not stop; what else was asked of it is asked again. */
  #beginAnew(): void {
    this.#end();
    if (this.#open.size === 0) return;
    const worker = this.#running();
    for (const { order } of this.#open.values()) worker.postMessage(order);
  }
}

/** Work that searches: it may take seconds. The rest answers the hand, and waits for none of it. */
const SEARCHES: ReadonlySet<TaskName> = new Set<TaskName>([
  'alternatives',
  'packCopy',
  'packet',
  'plate',
  'readCopy',
  'schedule',
  'strip',
]);

/** Two at most: one answers the hand, one searches. */
const lanes = { hand: new Lane(), search: new Lane() };
let asked = 0;

const laneOf = (task: TaskName): Lane => (SEARCHES.has(task) ? lanes.search : lanes.hand);

/** Asks for work; what is given back stops it. */
export function askWorker<N extends TaskName>(
  task: N,
  request: RequestOf<N>,
  listener: {
    readonly onProgress?: (progress: ProgressOf<N>) => void;
    readonly onDone: (result: ResultOf<N>) => void;
    readonly onFailed: (why: string) => void;
  },
): () => void {
  asked += 1;
  const id = asked;
  const lane = laneOf(task);
  lane.ask(
    { kind: 'ask', id, task, request },
    {
      onFailed: listener.onFailed,
      // A task posts what its type says: it is the same program.
      onProgress: (progress) => listener.onProgress?.(progress as ProgressOf<N>),
      onDone: (result) => {
        listener.onDone(result as ResultOf<N>);
      },
    },
  );
  return () => {
    lane.stop(id);
  };
}

/** The same as a promise, rejected where the work comes to nothing. */
export const inWorker = <N extends TaskName>(task: N, request: RequestOf<N>): Promise<ResultOf<N>> =>
  new Promise((onDone, failed) => {
    askWorker(task, request, {
      onDone,
      onFailed: (why) => {
        failed(new Error(why));
      },
    });
  });
