import { beforeEach, describe, expect, test, vi } from 'vitest';
import { JOB_VERSION } from '../../src/core/job/migrations';
import { demoJob } from '../../src/core/job/demoJob';
import type { Job } from '../../src/core/job/jobSchema';
import {
  edited,
  jobLoaded,
  jobReducer,
  redone,
  roleChanged,
  undone,
  type OpenJob,
} from '../../src/store/jobSlice';
import { database } from '../../src/store/persistence/database';
import {
  addJob,
  claimWriting,
  loadJob,
  removeJob,
  restoreJob,
  saveEdit,
  type SaveOrder,
} from '../../src/store/persistence/jobStorage';
import { createSaveQueue, type SaveState } from '../../src/store/persistence/saveQueue';
import { circuit } from '../support/circuits';

const rename = (name: string, mergeKey?: string) =>
  edited({
    command: { kind: 'set-job', fields: { name } },
    label: `Rename to ${name}`,
    ...(mergeKey && { mergeKey }),
  });

const ready = (): Extract<OpenJob, { status: 'ready' }> => {
  const open = jobReducer(undefined, jobLoaded({ job: demoJob, journal: [], cursor: 0, role: 'writer' }));
  if (open.status !== 'ready') throw new Error('not ready');
  return open;
};

const run = (start: OpenJob, ...actions: Parameters<typeof jobReducer>[1][]) => {
  const open = actions.reduce(jobReducer, start);
  if (open.status !== 'ready') throw new Error('not ready');
  return open;
};

describe('edits, undo and redo', () => {
  test('an edit is undone and done again', () => {
    const open = run(ready(), rename('A'), rename('B'));
    expect(open.job.name).toBe('B');
    expect(run(open, undone()).job.name).toBe('A');
    expect(run(open, undone(), undone()).job).toEqual(demoJob);
    expect(run(open, undone(), undone(), redone(), redone()).job.name).toBe('B');
  });

  test('undo past the first edit, and redo past the last, do nothing', () => {
    const open = run(ready(), rename('A'));
    expect(run(open, undone(), undone(), undone()).job).toEqual(demoJob);
    expect(run(open, redone()).job.name).toBe('A');
  });

  test('a new edit takes the place of what was undone', () => {
    const open = run(ready(), rename('A'), rename('B'), undone(), rename('C'), redone());
    expect(open.job.name).toBe('C');
    expect(open.journal.map(({ label }) => label)).toEqual(['Rename to A', 'Rename to C']);
  });

  test('keystrokes of one visit to a field are one edit', () => {
    const open = run(
      ready(),
      rename('O', 'visit'),
      rename('Or', 'visit'),
      rename('Orc', 'visit'),
      rename('X', 'next'),
    );
    expect(open.journal).toHaveLength(2);
    expect(run(open, undone()).job.name).toBe('Orc');
    expect(run(open, undone(), undone()).job).toEqual(demoJob);
  });

  test('a tab that reads along changes nothing', () => {
    const open = run(ready(), roleChanged('reader'), rename('A'));
    expect(open.job).toEqual(demoJob);
  });

  test('an edit that does not fit is left out', () => {
    const open = ready();
    const action = edited({ command: { kind: 'remove-circuit', id: 'nobody' }, label: 'Remove' });
    expect(jobReducer(open, action)).toBe(open);
  });
});

const job = (id: string): Job => ({ ...demoJob, id });

const order = (part: Partial<SaveOrder> & { readonly job: Job }): SaveOrder => ({
  cursor: 1,
  entry: null,
  truncateAfter: null,
  ...part,
});

const entry = (jobId: string, seq: number) => ({
  jobId,
  seq,
  label: `edit ${seq}`,
  forward: { kind: 'insert-circuit', circuit: circuit(), at: 0 } as const,
  backward: { kind: 'remove-circuit', id: 'circuit' } as const,
  mergeKey: null,
});

describe('storage', () => {
  beforeEach(async () => {
    vi.restoreAllMocks();
    await database.jobs.clear();
    await database.journal.clear();
  });

  test('a job with its journal comes back as it was saved', async () => {
    await addJob(job('one'));
    await claimWriting('one', 'me');
    await saveEdit(order({ job: { ...job('one'), name: 'Changed' }, entry: entry('one', 1) }), 'me');
    const saved = await loadJob('one');
    expect(saved?.record).toMatchObject({ name: 'Changed', cursor: 1, version: JOB_VERSION });
    expect(saved?.journal.map(({ label }) => label)).toEqual(['edit 1']);
  });

  test('a job of an older version leaves its edits behind: they have another shape', async () => {
    await addJob(job('old'));
    await claimWriting('old', 'me');
    await saveEdit(order({ job: job('old'), entry: entry('old', 1) }), 'me');
    await database.jobs.update('old', { version: 1 });
    expect(await loadJob('old')).toMatchObject({ journal: [], record: { cursor: 0, version: 1 } });
    await saveEdit(order({ job: job('old'), entry: entry('old', 1) }), 'me');
    expect((await loadJob('old'))?.journal).toHaveLength(1);
  });

  test('a tab that no longer writes is refused, and overwrites nothing', async () => {
    await addJob(job('two'));
    await claimWriting('two', 'other');
    expect(await saveEdit(order({ job: { ...job('two'), name: 'Mine' } }), 'me')).toBe('taken-over');
    expect((await loadJob('two'))?.record.name).toBe(demoJob.name);
  });

  test('a job deleted elsewhere is told', async () => {
    expect(await saveEdit(order({ job: job('gone') }), 'me')).toBe('gone');
  });

  test('a new edit after undo drops the entries past it', async () => {
    await addJob(job('three'));
    await claimWriting('three', 'me');
    for (const seq of [1, 2, 3])
      await saveEdit(order({ job: job('three'), cursor: seq, entry: entry('three', seq) }), 'me');
    await saveEdit(order({ job: job('three'), cursor: 2, truncateAfter: 1, entry: entry('three', 2) }), 'me');
    expect((await loadJob('three'))?.journal.map(({ seq }) => seq)).toEqual([1, 2]);
  });

  test('a deleted job can be put back with its journal', async () => {
    await addJob(job('four'));
    await claimWriting('four', 'me');
    await saveEdit(order({ job: job('four'), entry: entry('four', 1) }), 'me');
    const removed = await removeJob('four');
    expect(await loadJob('four')).toBeUndefined();
    if (removed) await restoreJob(removed);
    expect((await loadJob('four'))?.journal).toHaveLength(1);
  });

  test('full storage: edits wait in order, and a retry writes them all', async () => {
    await addJob(job('five'));
    await claimWriting('five', 'me');
    const told: SaveState[] = [];
    const queue = createSaveQueue('me', (state) => told.push(state));
    const full = vi
      .spyOn(database.jobs, 'put')
      .mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    queue.add(order({ job: { ...job('five'), name: 'First' }, entry: entry('five', 1) }));
    queue.add(order({ job: { ...job('five'), name: 'Second' }, cursor: 2, entry: entry('five', 2) }));
    await queue.idle();
    expect(told.at(-1)).toEqual({ kind: 'failed', reason: 'full', unsaved: 2 });
    expect((await loadJob('five'))?.record.name).toBe(demoJob.name);
    full.mockRestore();
    queue.retry();
    await queue.idle();
    expect(told.at(-1)).toEqual({ kind: 'saved' });
    const saved = await loadJob('five');
    expect(saved?.record).toMatchObject({ name: 'Second', cursor: 2 });
    expect(saved?.journal.map(({ seq }) => seq)).toEqual([1, 2]);
  });
});
