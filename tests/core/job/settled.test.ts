import { expect, test } from 'vitest';
import { settled } from '../../../src/core/job/settled';

const job = () => ({
  id: 'job',
  circuits: [
    { id: 'a', run: [{ id: 's', lengthFt: 10 }] },
    { id: 'b', run: [{ id: 't', lengthFt: 20 }] },
  ],
  note: { text: 'x' },
});

test('a copy that is the same is what was before', () => {
  const was = job();
  expect(settled(was, job())).toBe(was);
  const fresh = job();
  expect(settled(undefined, fresh)).toBe(fresh);
});

test('what did not change is found again, wherever it stands in its list', () => {
  const was = job();
  const is = { ...job(), circuits: job().circuits.toReversed() };
  const now = settled(was, is);
  expect(now).not.toBe(was);
  expect(now.circuits).not.toBe(was.circuits);
  expect(now.circuits.map((each) => was.circuits.indexOf(each))).toEqual([1, 0]);
  expect(now.note).toBe(was.note);
});

test('what changed is itself, and nothing that was before is touched', () => {
  const was = job();
  const before = structuredClone(was);
  const is = job();
  is.circuits[1]!.run[0]!.lengthFt = 21;
  const now = settled(was, is);
  expect(now.circuits[0]).toBe(was.circuits[0]);
  expect(now.circuits[1]).not.toBe(was.circuits[1]);
  expect(now.circuits[1]?.run[0]?.lengthFt).toBe(21);
  expect(was).toEqual(before);
});

test('what is gone, and what came, is a change', () => {
  const was = job();
  const { note: _note, ...less } = job();
  expect(settled<object>(was, less)).not.toBe(was);
  const more = { ...job(), circuits: [...job().circuits, { id: 'c', run: [] }] };
  const now = settled(was, more);
  expect(now.circuits).toHaveLength(3);
  expect(now.circuits[0]).toBe(was.circuits[0]);
  const fewer = settled(was, { ...job(), circuits: job().circuits.slice(0, 1) });
  expect(fewer.circuits).toHaveLength(1);
});
