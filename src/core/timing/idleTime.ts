import type { TimedStep } from './timedWork';

/** Work whose long waits are cut short, and the way back. */
export interface WithoutIdle {
  readonly steps: readonly TimedStep[];
  /** The moment that a moment of the shortened time stands for. */
  readonly back: (moment: number) => number;
}

/**
 * Work with the time left out in which nothing can be going on: between two moments at which steps may begin
 * or are stopped, all work that there is would long be done. So a gate that opens next year asks for no board of a year.
 */
export function withoutIdle(steps: readonly TimedStep[]): WithoutIdle {
  const whole = steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const all = steps.flatMap(({ earliest, closed = [] }) => [earliest, ...closed.flat()]);
  const moments = [...new Set([0, ...all])].toSorted((a, b) => a - b);
  const short = new Map<number, number>();
  let last = { moment: 0, at: 0 };
  for (const moment of moments) {
    last = { moment, at: last.at + Math.min(moment - last.moment, whole) };
    short.set(moment, last.at);
  }
  const at = (moment: number): number => short.get(moment) ?? moment;
  const stands = [...short].toReversed();
  return {
    steps: steps.map(({ closed = [], ...step }) => ({
      ...step,
      earliest: at(step.earliest),
      closed: closed.map(([from, to]) => [at(from), at(to)]),
    })),
    back: (moment) => {
      const [real = 0, shown = 0] = stands.find(([, from]) => from <= moment) ?? [];
      return real + moment - shown;
    },
  };
}
