import fc from 'fast-check';
import { expect, test } from 'vitest';
import { answerWorksheet } from '../../../src/core/worksheet/answerWorksheet';
import { anyItem } from '../../support/randomItems';
import { runs } from '../../support/luck';

/** Every number in an answer, with the way to it. */
function* numbersIn(value: unknown, path = ''): Generator<readonly [path: string, value: number]> {
  if (typeof value === 'number') yield [path, value];
  else if (typeof value === 'object' && value !== null)
    for (const [key, each] of Object.entries(value)) yield* numbersIn(each, `${path}.${key}`);
}

/** What follows from a conductor, which an answer without one does not give. */
const OF_THE_CONDUCTOR = ['size', 'egc', 'ampacityA', 'dropV', 'dropPct', 'raceway', 'cable'] as const;

/** Points, differences of price and the balance of a service may be below zero; nothing else is. */
const MAY_BE_NEGATIVE = /costUSD|\.points|spare|leftA|headroom/;

test('whatever is asked, an answer is finite, never negative, and silent about sizes where nothing fits', () => {
  fc.assert(
    fc.property(anyItem, (item) => {
      const answer = answerWorksheet({ worksheet: 1, items: [item] });
      if ('problem' in answer) throw new Error(answer.problem.message);
      const [outcome] = answer.items;
      if (outcome === undefined) throw new Error('No answer.');
      if ('error' in outcome) {
        expect(outcome.error.path).toMatch(/^items\[0\]/);
        expect(outcome.error.message).not.toMatch(/undefined|NaN/);
        return;
      }
      for (const [path, value] of numbersIn(outcome.result)) {
        expect([path, Number.isFinite(value)]).toEqual([path, true]);
        if (!MAY_BE_NEGATIVE.test(path)) expect([path, value >= 0]).toEqual([path, true]);
      }
      for (const { text, rule } of outcome.findings) {
        expect(text).not.toMatch(/undefined|NaN|Infinity|null/);
        expect(rule).not.toBe('');
      }
      const { result } = outcome;
      if (outcome.kind !== 'circuit' || result['size'] !== null) return;
      expect(OF_THE_CONDUCTOR.map((key) => result[key])).toEqual(OF_THE_CONDUCTOR.map(() => null));
      expect(outcome.findings.some(({ standing }) => standing === 'stop')).toBe(true);
    }),
    runs(120),
  );
}, 3_600_000);
