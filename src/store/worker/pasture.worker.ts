import type { AsyncSteps, Steps, WorkerMessage, WorkerOrder } from './protocol';
import { TASKS, type TaskName } from './tasks';

/** This worker, as far as it is used here. */
const scope: { onmessage: ((event: MessageEvent<WorkerOrder>) => void) | null } = self;

const post = (message: WorkerMessage): void => {
  postMessage(message);
};

/** Work that was asked for and is not done, in the order in which it was asked. */
const waiting: Extract<WorkerOrder, { kind: 'ask' }>[] = [];
const unwanted = new Set<number>();
let busy = false;

/** Lets what was posted meanwhile be read. */
const turn = (): Promise<void> =>
  new Promise((done) => {
    setTimeout(done);
  });

/** After so long without a look at the post it is read again, milliseconds. */
const LOOK_MS = 12;

type AnySteps = Steps<unknown, unknown> | AsyncSteps<unknown, unknown>;

const isSteps = (outcome: unknown): outcome is AnySteps =>
  typeof outcome === 'object' && outcome !== null && 'next' in outcome && typeof outcome.next === 'function';

/** Follows work step by step; undefined where it is no longer wanted. */
async function follow(id: number, steps: AnySteps): Promise<{ readonly result: unknown } | undefined> {
  let looked = performance.now();
  for (let step = await steps.next(); ; step = await steps.next()) {
    if (step.done === true) return { result: step.value };
    post({ id, kind: 'progress', progress: step.value });
    if (performance.now() - looked > LOOK_MS) {
      await turn();
      looked = performance.now();
    }
    if (unwanted.has(id)) return undefined;
  }
}

const isTask = (task: string): task is TaskName => task in TASKS;

async function work({ id, task, request }: Extract<WorkerOrder, { kind: 'ask' }>): Promise<WorkerMessage> {
  if (!isTask(task)) return { id, kind: 'failed', why: `No work ${task}.` };
  try {
    const outcome: unknown = Reflect.apply(await TASKS[task](), undefined, [request]);
    if (!isSteps(outcome)) return { id, kind: 'done', result: await outcome };
    const found = await follow(id, outcome);
    return found === undefined ? { id, kind: 'stopped' } : { id, kind: 'done', ...found };
  } catch (problem) {
    return { id, kind: 'failed', why: problem instanceof Error ? problem.message : String(problem) };
  }
}

/** One piece of work after the other: what is asked last is not begun before the rest is done or unwanted. */
async function workOn(): Promise<void> {
  if (busy) return;
  busy = true;
  for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
    if (!unwanted.has(next.id)) post(await work(next));
    else post({ id: next.id, kind: 'stopped' });
    unwanted.delete(next.id);
    await turn();
  }
  busy = false;
}

scope.onmessage = ({ data }) => {
  if (data.kind === 'stop') unwanted.add(data.id);
  else waiting.push(data);
  void workOn();
};
