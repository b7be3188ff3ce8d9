/** What a worker posts back: how far it is, then what it came to. */
export type WorkerMessage<Progress, Result> =
  | { readonly kind: 'progress'; readonly progress: Progress }
  | { readonly kind: 'done'; readonly result: Result };

/** Work that tells how far it is, step by step. */
export type Steps<Progress, Result> = Generator<Progress, Result>;

/** The same for work that waits for something on its way. */
export type AsyncSteps<Progress, Result> = AsyncGenerator<Progress, Result>;
