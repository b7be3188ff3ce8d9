import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import type { Job } from '../../src/core/job/jobSchema';
import { editJob, undo } from '../../src/store/editing';
import { edited } from '../../src/store/journal';
import { closeJob, openJob, openRepaired } from '../../src/store/openJob';
import { database, type JournalRecord } from '../../src/store/persistence/database';
import { addJob, loadJob, saveEdits } from '../../src/store/persistence/jobStorage';
import { findUnsaved, forgetUnsaved, putBy } from '../../src/store/persistence/unsaved';
import { store } from '../../src/store/store';
import { FakeLocks } from '../support/locks';

const { id } = fullHouse;

beforeEach(async () => {
  Object.defineProperty(navigator, 'locks', { value: new FakeLocks(), configurable: true });
  await database().jobs.clear();
  await database().journal.clear();
  await addJob(fullHouse);
});

afterEach(() => {
  closeJob(store.dispatch);
  forgetUnsaved(id);
});

const ready = () => {
  const { job: open } = store.getState();
  if (open.status !== 'ready') throw new Error(`The job is ${open.status}.`);
  return open;
};
const savedJob = async () => {
  const saved = await loadJob(id);
  if (saved === undefined) throw new Error('The job is gone.');
  return saved;
};
const savedName = async () => (await savedJob()).record.name;

/** The demo job after being renamed, once for each name. */
function renamed(...names: readonly string[]): { job: Job; journal: readonly JournalRecord[] } {
  return names.reduce<{ job: Job; journal: readonly JournalRecord[]; cursor: number }>(
    (at, name) => {
      const after = edited(at, {
        command: { kind: 'change-job', fields: { name } },
        label: `Rename to ${name}`,
      });
      if ('refused' in after) throw new Error('Refused.');
      return after;
    },
    { job: fullHouse, journal: [], cursor: 0 },
  );
}

describe('edits that were made and not written when the page went', () => {
  test('are put by at once, found by the next page, and written by it', async () => {
    const { journal } = renamed('A', 'B');
    const { record } = await savedJob();
    putBy(id, { after: [record.updatedAt], cursor: 2, entries: journal, truncateAfter: null });
    await openJob(id, store.dispatch);
    expect(ready().job.name).toBe('B');
    expect(ready().cursor).toBe(2);
    await vi.waitFor(async () => {
      expect(await savedName()).toBe('B');
    });
    expect(findUnsaved(id)).toBeUndefined();
    store.dispatch(undo());
    store.dispatch(undo());
    expect(ready().job).toEqual(fullHouse);
  });

  test.each([
    ['before', false],
    ['after', true],
  ] as const)('are laid over the record as it was %s what was being written', async (_when, written) => {
    const { job, journal } = renamed('A', 'B');
    const { record } = await savedJob();
    const stamp = record.updatedAt + 1;
    if (written) {
      const first = renamed('A');
      await database().jobs.update(id, { writer: 'gone' });
      await saveEdits(
        { job: first.job, cursor: 1, entries: first.journal, truncateAfter: null },
        'gone',
        stamp,
      );
    }
    putBy(id, { after: [record.updatedAt, stamp], cursor: 2, entries: journal, truncateAfter: null });
    await openJob(id, store.dispatch);
    expect(ready().job).toEqual(job);
    expect(ready().journal).toEqual(journal);
  });

  test('an undo that was not written is found as well', async () => {
    const { job, journal } = renamed('A');
    await database().jobs.update(id, { writer: 'gone' });
    await saveEdits({ job, cursor: 1, entries: journal, truncateAfter: null }, 'gone', 5);
    putBy(id, { after: [5], cursor: 0, entries: [], truncateAfter: null });
    await openJob(id, store.dispatch);
    expect(ready().job).toEqual(fullHouse);
    expect(ready().journal).toHaveLength(1);
  });

  test('belong to the state that they were made on, and are not laid over another', async () => {
    const { journal } = renamed('A');
    putBy(id, { after: [1], cursor: 1, entries: journal, truncateAfter: null });
    await openJob(id, store.dispatch);
    expect(ready().job.name).toBe(fullHouse.name);
    expect(findUnsaved(id)).toBeUndefined();
  });

  test('what stands there and is no edit is passed over', async () => {
    localStorage.setItem(`pasture-unsaved-${id}`, '{"after":3}');
    await openJob(id, store.dispatch);
    expect(ready().job).toEqual(fullHouse);
  });

  test('an edit is put by before it is written, and forgotten after', async () => {
    await openJob(id, store.dispatch);
    store.dispatch(editJob({ command: { kind: 'change-job', fields: { name: 'New' } }, label: 'Rename' }));
    expect(findUnsaved(id)?.entries).toHaveLength(1);
    expect(await savedName()).toBe(fullHouse.name);
    await vi.waitFor(() => {
      expect(findUnsaved(id)).toBeUndefined();
    });
    expect(await savedName()).toBe('New');
  });
});

describe('a job that its schema refuses', () => {
  const broken = async () => {
    const { job, journal } = renamed('Good', 'Bad');
    const circuits = job.circuits.map((circuit) => ({ ...circuit, maxDropPct: 900 }));
    await database().jobs.update(id, { writer: 'gone' });
    await saveEdits(
      { job: { ...job, circuits }, cursor: 2, entries: journal, truncateAfter: null },
      'gone',
      9,
    );
  };

  test('is told by its field, with all that is saved on hand', async () => {
    await broken();
    await openJob(id, store.dispatch);
    const { job: open } = store.getState();
    expect(open.status).toBe('damaged');
    if (open.status !== 'damaged') return;
    expect(open.problem).toMatchObject({ path: 'circuits[0].maxDropPct' });
    expect(open.saved.journal).toHaveLength(2);
  });

  test('opens as it was before the edit that damaged it', async () => {
    const { job: good, journal } = renamed('Good');
    const damaging: JournalRecord = {
      jobId: id,
      seq: 2,
      label: 'Set the drop limit',
      forward: { kind: 'change-circuit', id: good.circuits[0]?.id ?? '', fields: { maxDropPct: 900 } },
      backward: {
        kind: 'change-circuit',
        id: good.circuits[0]?.id ?? '',
        fields: { maxDropPct: good.circuits[0]?.maxDropPct ?? null },
      },
      mergeKey: null,
    };
    const circuits = good.circuits.map((circuit, at) =>
      at === 0 ? { ...circuit, maxDropPct: 900 } : circuit,
    );
    await database().jobs.update(id, { writer: 'gone' });
    await saveEdits(
      { job: { ...good, circuits }, cursor: 2, entries: [...journal, damaging], truncateAfter: null },
      'gone',
      9,
    );
    await openJob(id, store.dispatch);
    const { job: open } = store.getState();
    if (open.status !== 'damaged') throw new Error(`The job is ${open.status}.`);
    expect(open.undoTo).toBe('Set the drop limit');
    await openRepaired(open);
    expect(ready().job).toEqual(good);
  });
});
