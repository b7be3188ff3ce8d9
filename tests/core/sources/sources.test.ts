import { expect, test } from 'vitest';
import { inputsOf, sameInput } from '../../../src/core/sources/inputs';
import { sourceIndex, withSources } from '../../../src/core/sources/sourceIndex';
import type { SourceEntry } from '../../../src/core/sources/sourcesDocument';

const entry = (input: string, rule = 'default'): SourceEntry => ({
  input,
  source: { kind: 'assumed', rule },
});

test('the inputs of a thing are its values by their places; what is named by an id is known by it', () => {
  const inputs = inputsOf({
    id: 'kiln',
    terminals: { panel: 75, load: 'unmarked' },
    run: [
      { id: 'a', lengthFt: 12 },
      { id: 'b', lengthFt: 6 },
    ],
    points: [[0, 1]],
  });
  expect([...inputs]).toEqual([
    ['terminals.panel', 75],
    ['terminals.load', 'unmarked'],
    ['run.a.lengthFt', 12],
    ['run.b.lengthFt', 6],
    ['points', [[0, 1]]],
  ]);
});

test('empty is not zero, none or no: what nobody filled in is no input, 0 and no are', () => {
  const inputs = inputsOf({ a: null, b: undefined, c: '', d: [], e: 0, f: false });
  expect([...inputs.keys()]).toEqual(['e', 'f']);
});

test('lists without ids are compared by what they hold', () => {
  expect(sameInput([1, 2], [1, 2])).toBe(true);
  expect(sameInput([1, 2], [2, 1])).toBe(false);
  expect(sameInput(0, false)).toBe(false);
});

test('sources are put in the order of their inputs, in the place of those before, and dropped', () => {
  const first = withSources([], [entry('b'), entry('a'), entry('c')], []);
  expect(first.map(({ input }) => input)).toEqual(['a', 'b', 'c']);
  const second = withSources(first, [entry('b', 'line')], ['c', 'nobody']);
  expect(second).toEqual([entry('a'), entry('b', 'line')]);
  expect(sourceIndex(second).get('b')).toEqual({ kind: 'assumed', rule: 'line' });
});
