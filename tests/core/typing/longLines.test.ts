import { expect, test } from 'vitest';
import { LIMITS } from '../../../src/core/code/limits';
import { readRoute } from '../../../src/core/typing/readRoute';
import { readTyped } from '../../../src/core/typing/readTyped';
import { readYard } from '../../../src/core/typing/readYard';

const LONG = {
  blanks: `dryer 5.4${' '.repeat(200_000)}30 ft`,
  digits: `dryer ${'1'.repeat(100_000)}`,
  words: 'dryer '.repeat(50_000),
};

test.each(Object.entries(LONG))(
  'a line of too many %s is refused at once, with how many are accepted',
  (_, text) => {
    const words = new RegExp(`${LIMITS.typedLine} is the most`);
    expect(readTyped(text)).toMatchObject({ problem: expect.stringMatching(words) as string });
    expect(JSON.stringify(readRoute(text, 5))).toMatch(words);
    const around = { water: undefined, northDeg: 0, newId: () => 'x' };
    expect(readYard(text, around)).toMatchObject({ problem: expect.stringMatching(words) as string });
  },
);

test('a line of as many characters as are accepted is read', () => {
  const line = `dryer 5.4${' '.repeat(LIMITS.typedLine - 15)}30 ft`;
  expect(line).toHaveLength(LIMITS.typedLine - 1);
  expect(readTyped(line)).toMatchObject({ reading: { stretches: [{ lengthFt: 30 }] } });
});
