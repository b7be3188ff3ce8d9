/** Work that tells how far it is, step by step. */
export type Steps<Progress, Result> = Generator<Progress, Result>;

/** The same for work that waits for something on its way. */
export type AsyncSteps<Progress, Result> = AsyncGenerator<Progress, Result>;

/** What the page posts: work under a number of its own, or that it is not wanted any more. */
export type WorkerOrder =
  | { readonly kind: 'ask'; readonly id: number; readonly task: string; readonly request: unknown }
  | { readonly kind: 'stop'; readonly id: number };

/** What the worker posts back: how far it is, what it came to, why it came to nothing, or that it stopped. */
export type WorkerMessage =
  | { readonly id: number; readonly kind: 'progress'; readonly progress: unknown }
  | { readonly id: number; readonly kind: 'done'; readonly result: unknown }
  | { readonly id: number; readonly kind: 'failed'; readonly why: string }
  | { readonly id: number; readonly kind: 'stopped' };
