import { expect, test } from 'vitest';
import { ownCarrying } from '../../../src/core/circuit/neighbors';

// A neutral with two hots of a 208Y/120 house carries about what they do (310.15(E)(2)).
test.each([
  [{ phase: 1, neutral: true, volts: 240 }, 240, 2],
  [{ phase: 1, neutral: true, volts: 208 }, 208, 3],
  [{ phase: 1, neutral: true, volts: 208 }, 240, 3],
  [{ phase: 1, neutral: true, volts: 240 }, 208, 3],
  [{ phase: 1, neutral: false, volts: 208 }, 208, 2],
  [{ phase: 1, neutral: true, volts: 120 }, 208, 2],
  [{ phase: 3, neutral: false, volts: 208 }, 208, 3],
] as const)('%j in a %i V house: %i current-carrying conductors', (load, houseV, count) => {
  expect(ownCarrying(load, houseV)).toBe(count);
});
