import type { AsyncSteps, Steps, WorkerMessage } from './protocol';

interface Scope {
  onmessage: ((event: MessageEvent<never>) => void) | null;
}

/** This worker, as far as it is used here. */
const scope: Scope = self;

/** Answers every request that is posted to this worker. It is stopped by ending the worker. */
const answering = <Progress, Result>(
  answer: (request: never, post: (message: WorkerMessage<Progress, Result>) => void) => void,
): void => {
  scope.onmessage = ({ data }) => {
    answer(data, (message) => {
      postMessage(message);
    });
  };
};

/** A worker that tells how far it is. */
export const serve = <Progress, Result>(
  work: (request: never) => Steps<Progress, Result> | AsyncSteps<Progress, Result>,
): void => {
  answering<Progress, Result>((request, post) => {
    const steps = work(request);
    const follow = async (): Promise<void> => {
      for (let step = await steps.next(); ; step = await steps.next()) {
        if (step.done === true) {
          post({ kind: 'done', result: step.value });
          return;
        }
        post({ kind: 'progress', progress: step.value });
      }
    };
    // What goes wrong is an error of the worker, which its page is told.
    follow().catch((problem: unknown) => {
      reportError(problem);
    });
  });
};

/** A worker that is done in a moment and tells nothing on its way. */
export const serveAtOnce = (work: (request: never) => unknown): void => {
  answering((request, post) => {
    post({ kind: 'done', result: work(request) });
  });
};
