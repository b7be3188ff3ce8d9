import type { WorkerMessage } from './protocol';

/** Runs one piece of work in a worker of its own, which ends with it. Rejected where the worker fails. */
export const inWorker = <Result>(make: () => Worker, request: unknown): Promise<Result> =>
  new Promise((done, failed) => {
    const worker = make();
    worker.onmessage = ({ data }: MessageEvent<WorkerMessage<never, Result>>) => {
      if (data.kind !== 'done') return;
      worker.terminate();
      done(data.result);
    };
    worker.onerror = (event) => {
      worker.terminate();
      failed(new Error(event.message));
    };
    worker.postMessage(request);
  });
