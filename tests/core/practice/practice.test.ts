import { describe, expect, test } from 'vitest';
import { daysUntil, isDue } from '../../../src/core/practice/due';
import {
  mergedCards,
  missesByCause,
  readPracticeFile,
  writePracticeFile,
  type PracticeAnswer,
  type PracticeCard,
} from '../../../src/core/practice/practiceFile';
import { reviewed, type Went } from '../../../src/store/practice/repetition';

const START = new Date('2026-03-02T08:00:00.000Z');

/** A card answered again and again, each time on the day on which it is due. */
function answered(...all: readonly Went[]): PracticeCard {
  let card: PracticeCard | undefined;
  for (const went of all)
    card = reviewed('drill motor overload', card, went, card ? new Date(card.due) : START);
  if (card === undefined) throw new Error('no answer');
  return card;
}

describe('repetition', () => {
  test('what goes well comes back later and later', () => {
    const { intervals } = answered('good', 'good', 'good', 'good', 'good');
    expect(intervals.length).toBe(5);
    for (const [at, days] of intervals.slice(2).entries())
      expect(days).toBeGreaterThan(intervals[at + 1] ?? 0);
  });

  test('a miss brings it back soon, and is counted', () => {
    const known = answered('good', 'good', 'good', 'good');
    const missed = answered('good', 'good', 'good', 'good', 'again');
    expect(missed.scheduledDays).toBeLessThan(known.scheduledDays);
    expect(missed.lapses).toBe(1);
    expect(answered('easy').due > answered('good').due).toBe(true);
  });

  test('the same answers give the same days', () => {
    expect(answered('good', 'hard', 'good')).toEqual(answered('good', 'hard', 'good'));
  });

  test('due is due from its moment on; days are counted by the calendar', () => {
    const card = { due: '2026-03-04T08:00:00.000Z' };
    expect(isDue(card, '2026-03-04T08:00:00.000Z')).toBe(true);
    expect(isDue(card, '2026-03-04T07:59:59.000Z')).toBe(false);
    expect(daysUntil(card, '2026-03-02T23:00:00.000Z')).toBe(2);
    expect(daysUntil(card, '2026-03-05T00:00:00.000Z')).toBe(0);
  });
});

const answer = (at: string, cause: string | null, right = false): PracticeAnswer => ({
  at: `2026-03-0${at}T08:00:00.000Z`,
  card: 'drill motor overload',
  right,
  cause,
  blind: false,
});

describe('the record', () => {
  test('misses by their cause, the most frequent first, among the latest', () => {
    const answers = [
      answer('1', 'old'),
      answer('2', 'b'),
      answer('3', 'a'),
      answer('4', 'a'),
      answer('5', null),
      answer('6', 'a', true),
    ];
    expect(missesByCause(answers, 5)).toEqual([
      { cause: 'a', count: 2 },
      { cause: 'b', count: 1 },
    ]);
    expect(missesByCause(answers, 60)[1]?.count).toBe(1);
    expect(missesByCause([], 60)).toEqual([]);
  });

  test('is written and read back; what is no such file is refused by its field', () => {
    const cards = [answered('good', 'again')];
    const text = writePracticeFile(cards, [answer('1', 'a')]);
    expect(readPracticeFile(text)).toMatchObject({ cards, answers: [answer('1', 'a')] });
    expect(readPracticeFile('nothing')).toEqual({ problem: 'It is not JSON. Nothing was changed.' });
    expect(readPracticeFile(text.replace('"reps": 2', '"reps": -1'))).toMatchObject({
      problem: expect.stringMatching(/^cards\.0\.reps/) as string,
    });
  });

  test('of two browsers the card that was looked at last is kept', () => {
    const [old, young] = [answered('good'), answered('good', 'good')];
    expect(mergedCards([old], [young])).toEqual([young]);
    expect(mergedCards([young], [old])).toEqual([young]);
    expect(mergedCards([old], [{ ...young, id: 'bench ghost' }])).toHaveLength(2);
  });
});
