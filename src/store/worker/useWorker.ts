import { useCallback, useEffect, useRef, useState } from 'react';
import type { WorkerMessage } from './protocol';

/** Work in a worker as far as it has come. */
export type Work<Progress, Result> =
  | { readonly state: 'idle' | 'stopped' | 'failed' }
  | { readonly state: 'running'; readonly progress: Progress | null }
  | { readonly state: 'done'; readonly result: Result };

export interface WorkerDesk<Request, Progress, Result> {
  readonly work: Work<Progress, Result>;
  /** Starts the work; a newer request takes the place of an older one. */
  readonly post: (request: Request) => void;
  readonly stop: () => void;
}

/** Runs one kind of work in a worker of its own, which ends with the work, with the part that asked, or when stopped. */
export function useWorker<Request, Progress, Result>(
  make: () => Worker,
  onDone?: (result: Result) => void,
): WorkerDesk<Request, Progress, Result> {
  const [work, setWork] = useState<Work<Progress, Result>>({ state: 'idle' });
  const running = useRef<Worker | null>(null);
  const done = useRef(onDone);
  useEffect(() => {
    done.current = onDone;
  }, [onDone]);
  const end = useCallback(() => {
    running.current?.terminate();
    running.current = null;
  }, []);
  useEffect(() => end, [end]);
  const post = useCallback(
    (request: Request) => {
      end();
      const worker = make();
      worker.onmessage = ({ data }: MessageEvent<WorkerMessage<Progress, Result>>) => {
        if (data.kind === 'progress') {
          setWork({ state: 'running', progress: data.progress });
          return;
        }
        worker.terminate();
        setWork({ state: 'done', result: data.result });
        done.current?.(data.result);
      };
      worker.onerror = () => {
        setWork({ state: 'failed' });
      };
      running.current = worker;
      setWork({ state: 'running', progress: null });
      worker.postMessage(request);
    },
    [end, make],
  );
  const stop = useCallback(() => {
    end();
    setWork({ state: 'stopped' });
  }, [end]);
  return { work, post, stop };
}
