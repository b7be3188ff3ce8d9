import { nth } from '../units/nth';
import { boardFor, type Starts } from './serialPlan';
import type { TimedWork } from './timedWork';

/**
 * A plan in which some steps begin as late as nothing else moves: a trench is dug no earlier than what is laid in it
 * needs it. Whatever follows them, and the finish, stay as they are.
 */
export function lateStarts(work: TimedWork, starts: Starts, isLate: (at: number) => boolean): Starts {
  const { steps, followers } = work;
  const late = steps.map((_, at) => at).filter(isLate);
  if (late.length === 0) return starts;
  const board = boardFor(work);
  const now = [...starts];
  for (const [at, step] of steps.entries()) board.put(step, nth(now, at));
  for (const at of late.toSorted((a, b) => nth(now, b) - nth(now, a))) {
    const step = steps[at];
    const own = nth(now, at);
    const next = (followers[at] ?? []).map((each) => nth(now, each));
    if (step === undefined || next.length === 0) continue;
    board.take(step, own);
    now[at] = board.latest(step, own, Math.min(...next) - step.minutes);
    board.put(step, now[at]);
  }
  return now;
}
