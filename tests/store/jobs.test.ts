import { beforeEach, describe, expect, test, vi } from 'vitest';
import { JOB_VERSION } from '../../src/core/job/jobVersion';
import { refusalWords } from '../../src/core/wording/refusals';
import { fullHouse } from '../support/fullHouse/job';
import type { Job } from '../../src/core/job/jobSchema';
import { editJob, redo, undo } from '../../src/store/editing';
import type { Edit } from '../../src/store/journal';
import { jobLoaded } from '../../src/store/jobSlice';
import { binJob, fromBin } from '../../src/store/persistence/bin';
import { editSaved } from '../../src/store/persistence/editSaved';
import { database } from '../../src/store/persistence/database';
import {
  addJob,
  claimWriting,
  loadJob,
  saveEdits,
  type SaveOrder,
} from '../../src/store/persistence/jobStorage';
import { createSaveQueue, type SaveState } from '../../src/store/persistence/saveQueue';
import { store } from '../../src/store/store';
import { circuit } from '../support/circuits';

const rename = (name: string, mergeKey?: string): Edit => ({
  command: { kind: 'change-job', fields: { name } },
  label: `Rename to ${name}`,
  ...(mergeKey !== undefined && { mergeKey }),
});

type Step = Edit | 'undo' | 'redo';

/** The open job after some steps. */
function run(...steps: readonly Step[]) {
  store.dispatch(jobLoaded({ job: fullHouse, journal: [], cursor: 0, role: 'writer' }));
  for (const step of steps) {
    if (step === 'undo') store.dispatch(undo());
    else if (step === 'redo') store.dispatch(redo());
    else store.dispatch(editJob(step));
  }
  const { job: open } = store.getState();
  if (open.status !== 'ready') throw new Error('not ready');
  return open;
}

describe('edits, undo and redo', () => {
  test('an edit is undone and done again', () => {
    const both = [rename('A'), rename('B')] as const;
    expect(run(...both).job.name).toBe('B');
    expect(run(...both, 'undo').job.name).toBe('A');
    expect(run(...both, 'undo', 'undo').job).toEqual(fullHouse);
    expect(run(...both, 'undo', 'undo', 'redo', 'redo').job.name).toBe('B');
  });

  test('undo past the first edit, and redo past the last, do nothing', () => {
    expect(run(rename('A'), 'undo', 'undo', 'undo').job).toEqual(fullHouse);
    expect(run(rename('A'), 'redo').job.name).toBe('A');
  });

  test('a new edit takes the place of what was undone', () => {
    const open = run(rename('A'), rename('B'), 'undo', rename('C'), 'redo');
    expect(open.job.name).toBe('C');
    expect(open.journal.map(({ label }) => label)).toEqual(['Rename to A', 'Rename to C']);
  });

  test('keystrokes of one visit to a field are one edit', () => {
    const typed = [rename('O', 'visit'), rename('Or', 'visit'), rename('Orc', 'visit'), rename('X', 'next')];
    expect(run(...typed).journal).toHaveLength(2);
    expect(run(...typed, 'undo').job.name).toBe('Orc');
    expect(run(...typed, 'undo', 'undo').job).toEqual(fullHouse);
  });

  test('one visit that changes different things is taken back whole', () => {
    const first: Edit = { command: { kind: 'change-job', fields: { name: 'A' } }, label: 'a', mergeKey: 'v' };
    const second: Edit = {
      command: { kind: 'change-job', fields: { authority: 'B' } },
      label: 'b',
      mergeKey: 'v',
    };
    expect(run(first, second).job).toMatchObject({ name: 'A', authority: 'B' });
    expect(run(first, second, 'undo').job).toEqual(fullHouse);
    expect(run(first, second, 'undo', 'redo').job).toMatchObject({ name: 'A', authority: 'B' });
  });

  test('a tab that reads along changes nothing', () => {
    store.dispatch(jobLoaded({ job: fullHouse, journal: [], cursor: 0, role: 'reader' }));
    store.dispatch(editJob(rename('A')));
    expect(store.getState().job).toMatchObject({ job: fullHouse, journal: [] });
  });

  test('an edit that the job does not take is left out, with the reason', () => {
    const open = run(rename(''));
    expect(open.job).toBe(fullHouse);
    expect(open.journal).toEqual([]);
    const { refusal } = store.getState().news;
    expect(refusal && refusalWords(refusal)).toBe('Not taken. Name: at least 1 character is accepted.');
    run(rename('A'));
    expect(store.getState().news.refusal).toBeNull();
  });
});

const job = (id: string): Job => ({ ...fullHouse, id });

const order = (part: Partial<SaveOrder> & { readonly job: Job }): SaveOrder => ({
  cursor: 1,
  entries: [],
  truncateAfter: null,
  ...part,
});

const entry = (jobId: string, seq: number) => ({
  jobId,
  seq,
  label: `edit ${seq}`,
  forward: { kind: 'add-circuits', circuits: [{ circuit: circuit(), at: 0 }] } as const,
  backward: { kind: 'remove-circuits', ids: ['circuit'] } as const,
  mergeKey: null,
});

describe('storage', () => {
  beforeEach(async () => {
    vi.restoreAllMocks();
    await database().jobs.clear();
    await database().journal.clear();
  });

  test('a job with its journal comes back as it was saved', async () => {
    await addJob(job('one'));
    await claimWriting('one', 'me');
    await saveEdits(order({ job: { ...job('one'), name: 'Changed' }, entries: [entry('one', 1)] }), 'me');
    const saved = await loadJob('one');
    expect(saved?.record).toMatchObject({ name: 'Changed', cursor: 1, version: JOB_VERSION });
    expect(saved?.journal.map(({ label }) => label)).toEqual(['edit 1']);
  });

  test('a job of an older version leaves its edits behind: they have another shape', async () => {
    await addJob(job('old'));
    await claimWriting('old', 'me');
    await saveEdits(order({ job: job('old'), entries: [entry('old', 1)] }), 'me');
    await database().jobs.update('old', { version: 1 });
    expect(await loadJob('old')).toMatchObject({ journal: [], record: { cursor: 0, version: 1 } });
    await saveEdits(order({ job: job('old'), entries: [entry('old', 1)] }), 'me');
    expect((await loadJob('old'))?.journal).toHaveLength(1);
  });

  test('a tab that no longer writes is refused, and overwrites nothing', async () => {
    await addJob(job('two'));
    await claimWriting('two', 'other');
    expect(await saveEdits(order({ job: { ...job('two'), name: 'Mine' } }), 'me')).toBe('taken-over');
    expect((await loadJob('two'))?.record.name).toBe(fullHouse.name);
  });

  test('a job deleted elsewhere is told', async () => {
    expect(await saveEdits(order({ job: job('gone') }), 'me')).toBe('gone');
  });

  test('a new edit after undo drops the entries past it', async () => {
    await addJob(job('three'));
    await claimWriting('three', 'me');
    for (const seq of [1, 2, 3])
      await saveEdits(order({ job: job('three'), cursor: seq, entries: [entry('three', seq)] }), 'me');
    await saveEdits(
      order({ job: job('three'), cursor: 2, truncateAfter: 1, entries: [entry('three', 2)] }),
      'me',
    );
    expect((await loadJob('three'))?.journal.map(({ seq }) => seq)).toEqual([1, 2]);
  });

  test('a deleted job can be put back with its journal', async () => {
    await addJob(job('four'));
    await claimWriting('four', 'me');
    await saveEdits(order({ job: job('four'), entries: [entry('four', 1)] }), 'me');
    const binId = await binJob('four');
    expect(await loadJob('four')).toBeUndefined();
    expect(await fromBin(binId ?? '')).toBe('four');
    expect((await loadJob('four'))?.journal).toHaveLength(1);
  });

  test('an edit from elsewhere after an undo takes the place of what was undone', async () => {
    await addJob(job('undone'));
    await claimWriting('undone', 'me');
    const three = [1, 2, 3].map((seq) => entry('undone', seq));
    await saveEdits(order({ job: job('undone'), entries: three, cursor: 1 }), 'me');
    expect(await editSaved('undone', rename('Outside'))).toBe('saved');
    const saved = await loadJob('undone');
    expect(saved?.journal.map(({ label }) => label)).toEqual(['edit 1', 'Rename to Outside']);
    expect(saved?.record).toMatchObject({ cursor: 2, name: 'Outside' });
  });

  test('full storage: edits wait in order, and a retry writes them all', async () => {
    await addJob(job('five'));
    await claimWriting('five', 'me');
    const told: SaveState[] = [];
    const queue = createSaveQueue(
      'me',
      () => 0,
      (state) => told.push(state),
    );
    const full = vi
      .spyOn(database().jobs, 'put')
      .mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    queue.add(order({ job: { ...job('five'), name: 'First' }, entries: [entry('five', 1)] }));
    queue.add(order({ job: { ...job('five'), name: 'Second' }, cursor: 2, entries: [entry('five', 2)] }));
    await queue.idle();
    expect(told.at(-1)).toEqual({ kind: 'failed', reason: 'full', unsaved: 2 });
    expect((await loadJob('five'))?.record.name).toBe(fullHouse.name);
    full.mockRestore();
    queue.flush();
    await queue.idle();
    expect(told.at(-1)).toEqual({ kind: 'saved' });
    const saved = await loadJob('five');
    expect(saved?.record).toMatchObject({ name: 'Second', cursor: 2 });
    expect(saved?.journal.map(({ seq }) => seq)).toEqual([1, 2]);
  });
});
