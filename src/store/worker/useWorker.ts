import { useCallback, useEffect, useRef, useState } from 'react';
import { workFailed } from '../newsSlice';
import { useAppDispatch } from '../store';
import type { ProgressOf, RequestOf, ResultOf, TaskName } from './tasks';
import { askWorker } from './workers';

/** Work in a worker as far as it has come. */
export type Work<Progress, Result> =
  | { readonly state: 'idle' | 'stopped' | 'failed' }
  | { readonly state: 'running'; readonly progress: Progress | null }
  | { readonly state: 'done'; readonly result: Result };

/** How a task stands. */
export type WorkOf<N extends TaskName> = Work<ProgressOf<N>, ResultOf<N>>;

export interface WorkerDesk<N extends TaskName> {
  readonly work: WorkOf<N>;
  /** Starts the work; a newer request takes the place of an older one. */
  readonly post: (request: RequestOf<N>) => void;
  readonly stop: () => void;
}

/** Runs one kind of work apart from the page: it ends with the part that asked, or when it is stopped. What fails is told. */
export function useWorker<N extends TaskName>(
  task: N,
  onDone?: (result: ResultOf<N>) => void,
): WorkerDesk<N> {
  const dispatch = useAppDispatch();
  const [work, setWork] = useState<WorkOf<N>>({ state: 'idle' });
  const running = useRef<() => void>(undefined);
  const done = useRef(onDone);
  useEffect(() => {
    done.current = onDone;
  }, [onDone]);
  const end = useCallback(() => {
    running.current?.();
    running.current = undefined;
  }, []);
  useEffect(() => end, [end]);
  const post = useCallback(
    (request: RequestOf<N>) => {
      end();
      setWork({ state: 'running', progress: null });
      running.current = askWorker(task, request, {
        onProgress: (progress) => {
          setWork({ state: 'running', progress });
        },
        onDone: (result) => {
          setWork({ state: 'done', result });
          done.current?.(result);
        },
        onFailed: () => {
          setWork({ state: 'failed' });
          dispatch(workFailed(task));
        },
      });
    },
    [dispatch, end, task],
  );
  const stop = useCallback(() => {
    end();
    setWork({ state: 'stopped' });
  }, [end]);
  return { work, post, stop };
}
