import { describe, expect, test } from 'vitest';
import { BenchDesk } from '../../../src/core/bench/benchDesk';
import { BENCHES } from '../../../src/core/bench/benches';
import { LESSONS } from '../../../src/core/bench/lessons';
import { readWords } from '../../../src/core/wording/benchWords';

/** What a guess says in a figure, where it says one: "About 50 V" is 50. */
const figureIn = (guess: string): number | undefined => {
  const found = /\d+/.exec(guess)?.[0];
  return found === undefined ? undefined : Number(found);
};

describe.each(LESSONS.map((lesson) => [lesson.id, lesson] as const))('the lesson %s', (_, lesson) => {
  const bench = BENCHES.find(({ id }) => id === lesson.bench);
  test('stands on a bench, and goes on to one or to a drill', () => {
    expect(bench).toBeDefined();
    expect(lesson.goOn.path).toMatch(/^\/bench\/(faults|drills)\/[a-z-]+$/);
    expect(lesson.steps.length).toBeGreaterThan(1);
  });

  test('what is said to hold is what is measured', () => {
    if (bench === undefined) throw new Error('no bench');
    const desk = new BenchDesk(bench);
    for (const { measure, guesses, right } of lesson.steps) {
      expect(guesses[right]).toBeDefined();
      if (measure === null) continue;
      const read = desk.read(measure);
      expect(readWords(measure, read)).not.toBe('');
      const figures = guesses.map(figureIn);
      if (read === null || figures.some((figure) => figure === undefined) || measure.tool === 'load')
        continue;
      const off = figures.map((figure) => Math.abs((figure ?? 0) - read));
      // Of the guesses the right one lies nearest to what is read; "over 100 K" is at least that.
      if (measure.tool === 'heat') expect(read).toBeGreaterThan(figures[right] ?? 0);
      else expect(off.indexOf(Math.min(...off))).toBe(right);
    }
  });
});

test('the reading that a low-impedance tester takes of an open ground is next to nothing', () => {
  const bench = BENCHES.find(({ id }) => id === 'tub-ground');
  if (bench === undefined) throw new Error('no bench');
  const read = new BenchDesk(bench).read({ tool: 'low', station: 2, of: 'L1G', on: false });
  expect(read).toBeLessThan(1);
});
