import type { TimedStep } from './timedWork';

/** Work whose long waits are cut short, and the way back. */
export interface WithoutIdle {
  readonly steps: readonly TimedStep[];
  /** The moment that a moment of the shortened time stands for. */
  readonly back: (moment: number) => number;
}

/**
 * Work with the time left out in which nothing can be going on: between two moments at which steps may begin, all work
 * that there is would long be done. So a gate that opens next year asks for no board of a year.
 */
export function withoutIdle(steps: readonly TimedStep[]): WithoutIdle {
  const whole = steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const moments = [...new Set([0, ...steps.map(({ earliest }) => earliest)])].toSorted((a, b) => a - b);
  const short = new Map<number, number>();
  let last = { moment: 0, at: 0 };
  for (const moment of moments) {
    last = { moment, at: last.at + Math.min(moment - last.moment, whole) };
    short.set(moment, last.at);
  }
  const stands = [...short].toReversed();
  return {
    steps: steps.map((step) => ({ ...step, earliest: short.get(step.earliest) ?? step.earliest })),
    back: (moment) => {
      const [real = 0, at = 0] = stands.find(([, from]) => from <= moment) ?? [];
      return real + moment - at;
    },
  };
}
