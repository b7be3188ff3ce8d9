import type { TimedStep } from '../../src/core/timing/timedWork';

/** Steps that are worked on, and what is done, at one unit of time. */
interface State {
  readonly left: readonly number[];
  readonly running: ReadonlySet<number>;
}

const mayStandTogether = (some: readonly TimedStep[]): boolean =>
  some.length < 2 ||
  (some.length === 2 && some.every(({ alone }) => !alone) && some[0]?.place !== some[1]?.place);

/**
 * The shortest finish by trying, unit after unit, every choice of what begins: slow, and without any thought of orders,
 * boards and bounds.
 */
export function shortestByTrying(steps: readonly TimedStep[]): number {
  let states: State[] = [{ left: steps.map(({ minutes }) => minutes), running: new Set() }];
  for (let now = 0; ; now += 1) {
    if (states.some(({ left }) => left.every((each) => each === 0))) return now;
    const next = new Map<string, State>();
    for (const { left, running } of states) {
      const isDone = (at: number): boolean => left[at] === 0;
      const goingOn = [...running].filter((at) => !isDone(at));
      const may = steps.flatMap(({ after, earliest }, at) =>
        !isDone(at) && !running.has(at) && earliest <= now && after.every(isDone) ? [at] : [],
      );
      const choices: number[][] = [[]];
      for (const one of may) {
        choices.push([one]);
        for (const other of may) if (other > one) choices.push([one, other]);
      }
      for (const begun of choices) {
        const active = [...goingOn, ...begun];
        if (!mayStandTogether(active.flatMap((at) => steps[at] ?? []))) continue;
        const after = left.map((each, at) => (active.includes(at) ? each - 1 : each));
        const key = `${after.join()} ${active
          .filter((at) => (after[at] ?? 0) > 0)
          .toSorted()
          .join()}`;
        next.set(key, { left: after, running: new Set(active) });
      }
    }
    states = [...next.values()];
  }
}
