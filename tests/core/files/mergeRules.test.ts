import { expect, test } from 'vitest';
import { z } from 'zod';
import { listsIn, ruleAt } from '../../../src/core/files/mergeRules';
import { jobSchema } from '../../../src/core/job/jobSchema';

/** What stands on a nameplate is one thing: nobody adds a line to that of another. */
const AS_ONE = ['circuits * appliance'];

test('every list of a job is merged by entry: by a key of its own, by id, or by the words that it holds', () => {
  const unknown = [...listsIn(jobSchema)].filter(({ path, entry, rule }) => {
    if (AS_ONE.some((start) => path.join(' ').startsWith(start))) return false;
    if (rule.keyOf !== undefined || entry instanceof z.ZodEnum || entry instanceof z.ZodString) return false;
    if (entry instanceof z.ZodObject) return !('id' in entry.shape);
    if (entry instanceof z.ZodUnion)
      return !entry.options.every((option) => option instanceof z.ZodObject && 'id' in option.shape);
    return true;
  });
  expect(unknown.map(({ path }) => path.join(' '))).toEqual([]);
});

test.each([
  [['answers'], { subject: 'service', code: 'service.least', text: 'Yes' }, 'service service.least'],
  [
    ['materials', 'prices'],
    { item: 'nm 6', packFt: 125, cents: 1, date: '2026-03-02', source: 'x' },
    'nm 6 125',
  ],
  [['materials', 'count', 'used'], { item: 'nm 6', count: 2 }, 'nm 6'],
  [['panels', 'main', 'plan', 'placed'], { circuitId: 'ev', at: { slot: 3, half: null } }, 'ev'],
  [['quote', 'picked'], { circuitId: 'ev', change: { kind: 'as-planned' } }, 'ev'],
  [['checks', 'ev', 'readings'], { at: 'B', pair: 'L1N', on: true, volts: 120 }, 'B L1N true'],
] as const)('entries at %j are known by what they are about', (path, entry, key) => {
  expect(ruleAt(jobSchema, path).keyOf?.(entry)).toBe(key);
  expect(ruleAt(jobSchema, path).keyOf?.({ of: 'another kind' })).toBeUndefined();
});

test('a moment with who said it is one thing', () => {
  expect(ruleAt(jobSchema, ['days', 'gates', 'permit', 'passed']).isWhole).toBe(true);
  expect(ruleAt(jobSchema, ['days', 'gates', 'permit', 'failed']).isWhole).toBeUndefined();
  expect(ruleAt(jobSchema, ['yard', 'waters', 'pool', 'shape']).isWhole).toBe(true);
  expect(ruleAt(jobSchema, ['nobody', 'nothing'])).toEqual({});
});
