import { describe, expect, test } from 'vitest';
import { traced, traceTest } from '../../../src/core/checks/lineFromLoad';
import { networkOf } from '../../../src/core/network/singleFaults';

const heater = (between: 'L1L2' | 'L1N') =>
  networkOf(
    [
      { from: 'A', to: 'B', wireOhms: 0.04, groundOhms: 0.06, neutral: true },
      { from: 'B', to: 'C', wireOhms: 0.02, groundOhms: 0.03, neutral: true },
    ],
    { L1: 120, L2: 120 },
    [{ at: 'C', between, ohms: 10 }],
  );

describe('line told from load, dead', () => {
  test('from the panel: wire out and ground back; to the load: its element and the way back, or no path', () => {
    // 0.04 + 0.06 ohm by the table, 15 % more, a tenth for leads and joints.
    expect(traceTest(heater('L1L2'), 1)).toEqual({
      fromPanelOhms: expect.closeTo(0.215, 6) as number,
      toLoadOhms: null,
    });
    // 0.02 to the load, 10 in it, 0.06 of neutral back, 0.06 of ground out again.
    expect(traceTest(heater('L1N'), 1).toLoadOhms).toBeCloseTo(10.14, 6);
  });

  test.each([
    [0.2, null, 'one'],
    [10.1, 0.18, 'two'],
    [null, null, 'neither'],
    [10.1, null, 'neither'],
    [0.1, 0.1, 'both'],
    // Just within and just past what wire and ground come to.
    [0.215, 0.216, 'one'],
    [0.216, 0.215, 'two'],
  ] as const)('%s and %s ohm: %s', (one, two, expected) => {
    expect(traced({ fromPanelOhms: 0.215, toLoadOhms: 10.14 }, { one, two })).toBe(expected);
  });
});
