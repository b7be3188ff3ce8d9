import { JOB_VERSION } from '../../src/core/job/jobVersion';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { editJob, undo } from '../../src/store/editing';
import { closeJob, openJob, takeOverJob } from '../../src/store/openJob';
import { database } from '../../src/store/persistence/database';
import { addJob, claimWriting, loadJob, saveEdits } from '../../src/store/persistence/jobStorage';
import { store } from '../../src/store/store';
import { FakeLocks } from '../support/locks';

let locks: FakeLocks;

beforeEach(async () => {
  locks = new FakeLocks();
  Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
  await database().jobs.clear();
  await database().journal.clear();
  await addJob(fullHouse);
});

afterEach(() => {
  closeJob(store.dispatch);
});

const state = () => store.getState().job;
const role = () => {
  const open = state();
  return open.status === 'ready' ? open.role : open.status;
};
const rename = (name: string) =>
  store.dispatch(editJob({ command: { kind: 'change-job', fields: { name } }, label: `Rename to ${name}` }));
const savedName = async () => (await loadJob(fullHouse.id))?.record.name;

describe('opening a job', () => {
  test('the first tab writes: an edit is saved at once, and so is its undo', async () => {
    await openJob(fullHouse.id, store.dispatch);
    expect(role()).toBe('writer');
    rename('Changed');
    await vi.waitFor(async () => {
      expect(await savedName()).toBe('Changed');
    });
    store.dispatch(undo());
    await vi.waitFor(async () => {
      expect(await savedName()).toBe(fullHouse.name);
    });
    expect((await loadJob(fullHouse.id))?.record.cursor).toBe(0);
  });

  test('what was undone can be done again after the tab was closed', async () => {
    await openJob(fullHouse.id, store.dispatch);
    rename('Changed');
    store.dispatch(undo());
    await vi.waitFor(async () => {
      expect((await loadJob(fullHouse.id))?.journal).toHaveLength(1);
    });
    closeJob(store.dispatch);
    await openJob(fullHouse.id, store.dispatch);
    const open = state();
    expect(open.status === 'ready' && [open.cursor, open.journal.length]).toEqual([0, 1]);
  });

  test('a second tab reads along and changes nothing', async () => {
    void locks.request(`pasture-job-${fullHouse.id}`, {}, () => new Promise(() => undefined));
    await openJob(fullHouse.id, store.dispatch);
    expect(role()).toBe('reader');
    rename('Changed');
    expect(await savedName()).toBe(fullHouse.name);
  });

  test('it follows what the other tab saves, and takes over when asked', async () => {
    await claimWriting(fullHouse.id, 'other');
    void locks
      .request(`pasture-job-${fullHouse.id}`, {}, () => new Promise(() => undefined))
      .catch(() => undefined);
    await openJob(fullHouse.id, store.dispatch);
    await vi.waitFor(async () => {
      await saveEdits(
        { job: { ...fullHouse, name: 'Theirs' }, cursor: 0, entries: [], truncateAfter: null },
        'other',
      );
      const open = state();
      expect(open.status === 'ready' && open.job.name).toBe('Theirs');
    });
    await takeOverJob();
    expect(role()).toBe('writer');
    rename('Mine');
    await vi.waitFor(async () => {
      expect(await savedName()).toBe('Mine');
    });
  });

  test('a tab whose lock was stolen becomes a reader', async () => {
    await openJob(fullHouse.id, store.dispatch);
    void locks.request(`pasture-job-${fullHouse.id}`, { steal: true }, () => new Promise(() => undefined));
    await vi.waitFor(() => {
      expect(role()).toBe('reader');
    });
  });

  test('without locks the tab that opened it last writes', async () => {
    Reflect.deleteProperty(navigator, 'locks');
    await openJob(fullHouse.id, store.dispatch);
    expect(role()).toBe('writer');
  });

  test('a job that is not there, and one that is damaged, are told', async () => {
    await openJob('nowhere', store.dispatch);
    expect(state()).toEqual({ status: 'missing', id: 'nowhere' });
    await database().jobs.update(fullHouse.id, { version: JOB_VERSION + 1 });
    await openJob(fullHouse.id, store.dispatch);
    expect(state()).toMatchObject({
      status: 'damaged',
      problem: { kind: 'later-version', version: JOB_VERSION + 1 },
    });
  });
});
