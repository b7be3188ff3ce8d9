import { beforeEach, describe, expect, test } from 'vitest';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { DEMO_JOB_ID } from '../../src/core/job/demo/demoJobId';
import { openCopy, restoreAll, type CopyOutcome } from '../../src/features/jobs/copyActions';
import type { RestoreChoice } from '../../src/store/persistence/restoreCopy';
import { readCopyTask } from '../../src/store/persistence/readCopyTask';
import { copyOfAll } from '../../src/store/persistence/copyFile';
import { lastCopy, rememberCopy } from '../../src/store/persistence/copyMemory';
import { copiedNow, copyState } from '../../src/store/persistence/lastCopy';
import { database } from '../../src/store/persistence/database';
import { addJob, savedJobs } from '../../src/store/persistence/jobStorage';
import { keepAnswer, nameCause } from '../../src/store/practice/practiceStorage';
import { savedAnswers, savedCards } from '../../src/store/practice/savedPractice';
import { keepPhoto } from '../../src/store/persistence/photoStorage';
import { fullHouse } from '../support/fullHouse/job';

const DAY = 86_400_000;
const job = (id: string, cursor: number, updatedAt = 0) => ({ id, cursor, updatedAt });
const state = (
  ...given: Parameters<typeof copyState> extends [infer J, infer L, ...unknown[]] ? [J, L, number] : never
) => copyState(given[0], given[1], DEMO_JOB_ID, given[2]);

describe('when a copy is due', () => {
  test('never copied: after twenty edits, the demo as it ships not counted', () => {
    expect(state([job(DEMO_JOB_ID, 0)], null, 0)).toEqual({ days: null, edits: 0, jobs: 0, due: false });
    expect(state([job('a', 0)], null, 0)).toMatchObject({ edits: 1, jobs: 1, due: false });
    expect(state([job('a', 12), job('b', 7)], null, 0)).toMatchObject({ edits: 19, due: false });
    expect(state([job('a', 12), job('b', 8)], null, 0)).toMatchObject({ edits: 20, jobs: 2, due: true });
    expect(state([job(DEMO_JOB_ID, 3)], null, 0)).toMatchObject({ edits: 3, jobs: 1 });
  });

  test('copied: after seven days with edits, never without', () => {
    const last = copiedNow([job('a', 4), job('b', 9)], 1000);
    expect(state([job('a', 4), job('b', 9)], last, 1000 + 30 * DAY)).toEqual({
      days: 30,
      edits: 0,
      jobs: 0,
      due: false,
    });
    expect(state([job('a', 6), job('b', 9)], last, 1000 + 7 * DAY - 1)).toMatchObject({
      days: 6,
      edits: 2,
      due: false,
    });
    expect(state([job('a', 6), job('b', 9)], last, 1000 + 7 * DAY)).toMatchObject({
      days: 7,
      jobs: 1,
      due: true,
    });
  });

  test('what was undone, put back or replaced counts too', () => {
    const last = copiedNow([job('a', 4)], 1000);
    expect(state([job('a', 1)], last, 2000).edits).toBe(3);
    expect(state([job('a', 4, 1500)], last, 2000).edits).toBe(1);
    expect(state([job('a', 4, 500)], last, 2000).edits).toBe(0);
  });

  test('it is remembered, and what is not understood is no memory', () => {
    rememberCopy({ at: 5, cursors: { a: 1 } });
    expect(lastCopy()).toEqual({ at: 5, cursors: { a: 1 } });
    for (const text of ['{', '[]', '{"at":"x","cursors":{}}', '{"at":1,"cursors":{"a":"b"}}']) {
      localStorage.setItem('pasture-copied', text);
      expect(lastCopy(), text).toBeNull();
    }
  });
});

describe('a copy of all jobs', () => {
  beforeEach(async () => {
    await database().jobs.clear();
    await database().photos.clear();
    await database().cards.clear();
    await database().answers.clear();
  });

  const photographed = {
    ...fullHouse,
    id: 'photographed',
    circuits: fullHouse.circuits.map((each, at) =>
      at === 0 ? { ...each, photos: [{ id: 'plate', caption: 'Nameplate' }] } : each,
    ),
  };
  const picture = 'data:image/png;base64,iVBORw0KGgo=';
  async function restored(
    bytes: Uint8Array<ArrayBuffer>,
    choices: Readonly<Record<string, RestoreChoice>> = {},
  ): Promise<CopyOutcome> {
    const opened = await openCopy(zip(bytes));
    if (!opened.ok) throw new Error(opened.words);
    return restoreAll(opened.contents, new Map(Object.entries(choices)));
  }
  const zip = (bytes: Uint8Array<ArrayBuffer>, name = 'jobs.zip') => new File([bytes], name);

  test('holds every job with its photographs, two of one name apart', async () => {
    await addJob(demoJob);
    await addJob(photographed);
    await keepPhoto({ id: 'plate', jobId: photographed.id, picture });
    const copy = readCopyTask(await copyOfAll(await savedJobs()));
    if (typeof copy === 'string') throw new Error(copy);
    const read = copy.jobs.map((each) => each.read);
    expect(read.map((each) => each.job.id).toSorted()).toEqual([demoJob.id, photographed.id].toSorted());
    expect(read.find((each) => each.job.id === photographed.id)).toMatchObject({
      photos: { plate: picture },
    });
  });

  test('opened again leaves what is the same, and puts back what is gone', async () => {
    await addJob(demoJob);
    await addJob(photographed);
    const bytes = await copyOfAll(await savedJobs());
    await database().jobs.delete(photographed.id);
    expect(await restored(bytes)).toEqual({
      ok: true,
      words: '1 job opened, 1 job here already, the same.',
    });
    expect((await savedJobs()).map(({ id }) => id).toSorted()).toEqual(
      [demoJob.id, photographed.id].toSorted(),
    );
  });

  test('a job that has changed since stays, and the one of the copy stands beside it', async () => {
    await addJob(photographed);
    const bytes = await copyOfAll(await savedJobs());
    await addJob({ ...photographed, authority: 'Another' });
    expect(await restored(bytes, { 'split-level-orchard-lane.pasture.json': 'beside' })).toMatchObject({
      ok: true,
      beside: { of: photographed.id },
    });
    const jobs = await savedJobs();
    expect(jobs).toHaveLength(2);
    expect(jobs.find(({ id }) => id === photographed.id)?.document.authority).toBe('Another');
  });

  test('holds what was practiced; put back, the card that was looked at last stays', async () => {
    const at = (day: string): string => `2026-03-${day}T08:00:00.000Z`;
    const missed = { card: 'drill ground ground', right: false, cause: null, blind: false };
    await addJob(demoJob);
    await keepAnswer(missed, 'again', at('02'));
    await nameCause('drill ground ground', 'the row below');
    const bytes = await copyOfAll(await savedJobs());
    await keepAnswer({ ...missed, right: true }, 'good', at('03'));
    const later = await savedCards();
    expect(await restored(bytes)).toMatchObject({ ok: true });
    expect(await savedCards()).toEqual(later);
    await database().cards.clear();
    await database().answers.clear();
    await restored(bytes);
    expect(await savedAnswers()).toEqual([
      { ...missed, cause: 'the row below', at: '2026-03-02T08:00:00.000Z' },
    ]);
    expect(await savedCards()).toMatchObject([{ id: 'drill ground ground', reps: 1 }]);
  });

  test('a file that is no copy, or cut short, changes nothing and says so', async () => {
    await addJob(photographed);
    const bytes = await copyOfAll(await savedJobs());
    for (const broken of [new Uint8Array([1, 2, 3]), bytes.slice(0, bytes.length - 40)]) {
      expect(await openCopy(zip(broken, 'broken.zip'))).toEqual({
        ok: false,
        words: 'broken.zip is damaged, or no copy of jobs. Nothing was changed.',
      });
    }
    expect(await database().jobs.count()).toBe(1);
  });
});
