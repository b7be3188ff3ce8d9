import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { nowMs } from '../../src/store/clock';
import type { SaveOrder, saveEdits } from '../../src/store/persistence/jobStorage';
import { createSaveQueue } from '../../src/store/persistence/saveQueue';

const save = vi.fn<typeof saveEdits>(() => Promise.resolve('saved'));

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  save.mockClear();
});

const named = (name: string): SaveOrder => ({
  job: { ...fullHouse, name },
  cursor: 0,
  entries: [],
  truncateAfter: null,
});
const written = (): string[] => save.mock.calls.map(([{ job }]) => job.name);

describe('when edits are written', () => {
  test('those of a moment together, after a pause', async () => {
    const queue = createSaveQueue(
      'tab',
      () => 0,
      () => undefined,
      save,
    );
    queue.add(named('A'));
    await vi.advanceTimersByTimeAsync(200);
    queue.add(named('AB'));
    await vi.advanceTimersByTimeAsync(200);
    expect(written()).toEqual([]);
    await vi.advanceTimersByTimeAsync(60);
    expect(written()).toEqual(['AB']);
  });

  test('without a pause all the same, the first within a second', async () => {
    const queue = createSaveQueue(
      'tab',
      () => 0,
      () => undefined,
      save,
    );
    for (let at = 0; at < 6; at += 1) {
      queue.add(named(`edit ${at}`));
      await vi.advanceTimersByTimeAsync(190);
    }
    expect(written()).toEqual(['edit 5']);
    queue.add(named('next'));
    await vi.advanceTimersByTimeAsync(240);
    expect(written()).toEqual(['edit 5']);
    await vi.advanceTimersByTimeAsync(20);
    expect(written()).toEqual(['edit 5', 'next']);
  });

  test('of two truncations in one pause the earlier one counts, and no entry past it is kept', async () => {
    const queue = createSaveQueue(
      'tab',
      () => 0,
      () => undefined,
      save,
    );
    const entry = (seq: number) => ({
      jobId: fullHouse.id,
      seq,
      label: `edit ${seq}`,
      forward: { kind: 'remove-circuits', ids: [] } as const,
      backward: { kind: 'remove-circuits', ids: [] } as const,
      mergeKey: null,
    });
    queue.add({ ...named('A'), entries: [entry(6)], cursor: 6, truncateAfter: 5 });
    queue.add({ ...named('B'), entries: [entry(3)], cursor: 3, truncateAfter: 2 });
    queue.add({ ...named('C'), entries: [entry(5)], cursor: 5, truncateAfter: 4 });
    await vi.advanceTimersByTimeAsync(300);
    const [order] = save.mock.calls[0]!;
    expect(order.truncateAfter).toBe(2);
    expect(order.entries.map(({ seq }) => seq)).toEqual([3, 5]);
    expect(order.cursor).toBe(5);
  });

  test('each later than the record, also where the clock was set back', async () => {
    const record = nowMs() + 86_400_000;
    const queue = createSaveQueue(
      'tab',
      () => record,
      () => undefined,
      save,
    );
    for (const name of ['A', 'B']) {
      queue.add(named(name));
      await vi.advanceTimersByTimeAsync(300);
    }
    const times = save.mock.calls.map(([, , at]) => at ?? 0);
    expect(times[0]).toBeGreaterThan(record);
    expect(times[1]).toBeGreaterThan(times[0]!);
  });

  test('at once when the page may go', async () => {
    const queue = createSaveQueue(
      'tab',
      () => 0,
      () => undefined,
      save,
    );
    queue.add(named('last'));
    queue.flush();
    expect(written()).toEqual(['last']);
    await queue.idle();
    expect(written()).toEqual(['last']);
  });
});
