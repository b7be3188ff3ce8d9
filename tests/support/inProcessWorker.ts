import type { WorkerMessage, WorkerOrder } from '../../src/store/worker/protocol';
import { TASKS, type TaskName } from '../../src/store/worker/tasks';

const isSteps = (value: unknown): value is Generator | AsyncGenerator =>
  typeof value === 'object' && value !== null && 'next' in value;

/** The worker of the application on the same thread: jsdom has none. */
export class InProcessWorker {
  /** Work by its name that is begun and never goes on: what is told of it, and how it is stopped, can be looked at. */
  static held = new Set<TaskName>();

  onmessage: ((event: { readonly data: WorkerMessage }) => void) | null = null;
  readonly #stopped = new Set<number>();

  #post(data: WorkerMessage): void {
    this.onmessage?.({ data });
  }

  async #work({ id, task, request }: Extract<WorkerOrder, { kind: 'ask' }>): Promise<void> {
    try {
      const run = (await TASKS[task as TaskName]()) as (request: unknown) => unknown;
      const outcome = run(request);
      if (!isSteps(outcome)) {
        this.#post({ id, kind: 'done', result: await outcome });
        return;
      }
      for (let step = await outcome.next(); ; step = await outcome.next()) {
        if (this.#stopped.has(id)) {
          this.#post({ id, kind: 'stopped' });
          return;
        }
        if (step.done === true) {
          this.#post({ id, kind: 'done', result: step.value });
          return;
        }
        this.#post({ id, kind: 'progress', progress: step.value });
        if (InProcessWorker.held.has(task as TaskName)) return;
      }
    } catch (problem) {
      this.#post({ id, kind: 'failed', why: String(problem) });
    }
  }

  postMessage(order: WorkerOrder): void {
    if (order.kind === 'stop') this.#stopped.add(order.id);
    else void this.#work(order);
  }

  terminate(): void {
    this.onmessage = null;
  }
}
