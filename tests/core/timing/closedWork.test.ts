import { expect, test } from 'vitest';
import { withoutIdle } from '../../../src/core/timing/idleTime';
import { timedWork, type TimedStep } from '../../../src/core/timing/timedWork';

const step = (part: Partial<TimedStep>): TimedStep => ({
  minutes: 120,
  place: 0,
  alone: false,
  after: [],
  earliest: 0,
  ...part,
});

test('the earliest beginning of a step lies past every time that stops it, and no later', () => {
  const heads = (part: Partial<TimedStep>) => timedWork([step(part)])?.heads[0];
  expect(heads({})).toBe(0);
  expect(heads({ closed: [[60, 90]] })).toBe(90);
  expect(
    heads({
      closed: [
        [0, 60],
        [150, 200],
      ],
    }),
  ).toBe(200);
  expect(
    heads({
      closed: [
        [0, 60],
        [180, 200],
      ],
    }),
  ).toBe(60);
  expect(heads({ earliest: 100, closed: [[0, 90]] })).toBe(100);
});

test('idle time is left out of what is closed too, and found again on the way back', () => {
  const far = 100_000;
  const idle = withoutIdle([step({}), step({ earliest: far, closed: [[far + 10, far + 70]] })]);
  const [from = 0, to = 0] = idle.steps[1]?.closed?.[0] ?? [];
  expect(from).toBeLessThan(1000);
  expect(to - from).toBe(60);
  expect([idle.back(from), idle.back(to)]).toEqual([far + 10, far + 70]);
});
