import { beforeEach, describe, expect, test } from 'vitest';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import type { Job } from '../../src/core/job/jobSchema';
import { packetChapters, packetPages } from '../../src/core/packet/packetPages';
import { sealed } from '../../src/core/packet/seal';
import { isWhole } from '../../src/core/paper/sealHash';
import { isPlain, openCopy, restoreAll } from '../../src/features/jobs/copyActions';
import { copyOfAll } from '../../src/store/persistence/copyFile';
import { database } from '../../src/store/persistence/database';
import { editSaved } from '../../src/store/persistence/editSaved';
import { addJob, loadJob, savedJob, savedJobs } from '../../src/store/persistence/jobStorage';
import { keepPhoto, photosById } from '../../src/store/persistence/photoStorage';
import type { CopyContents, RestoreChoice } from '../../src/store/persistence/restoreCopy';
import { keepSeal, sealsOf } from '../../src/store/persistence/sealStorage';
import { fullHouse } from '../support/fullHouse/job';

const other = { ...fullHouse, id: 'other', name: 'Other Row' };
const PICTURE = 'data:image/png;base64,iVBORw0KGgo=';
const FILE = 'split-level-orchard-lane.pasture.json';

async function contentsOf(bytes: Uint8Array<ArrayBuffer>): Promise<CopyContents> {
  const opened = await openCopy(new File([bytes], 'jobs.zip'));
  if (!opened.ok) throw new Error(opened.words);
  return opened.contents;
}
const copied = async (): Promise<Uint8Array<ArrayBuffer>> => copyOfAll(await savedJobs());
const restore = async (bytes: Uint8Array<ArrayBuffer>, choice?: RestoreChoice) =>
  restoreAll(await contentsOf(bytes), new Map(choice === undefined ? [] : [[FILE, choice]]));
const change = (fields: Partial<Job>) =>
  editSaved(demoJob.id, { command: { kind: 'change-job', fields }, label: 'Change' });

beforeEach(async () => {
  for (const table of database().tables) await table.clear();
});

/** A sealed packet of the demo job with a photograph. */
async function keepSealed(): Promise<void> {
  const order = {
    reader: 'owner',
    paper: 'a4',
    date: '2026-10-02',
    chapters: ['cover'],
    leftOff: null,
  } as const;
  const evaluation = evaluateJob(demoJob);
  const pages = packetPages(evaluation, packetChapters(evaluation, 'a4'), order);
  const at = '2026-10-02T10:00:00.000Z';
  await keepPhoto({ id: 'gone', jobId: demoJob.id, picture: PICTURE });
  await keepSeal(
    demoJob.id,
    sealed({ id: 'seal', at, job: demoJob, order, pages, photos: { gone: PICTURE } }),
  );
}

describe('a copy restored', () => {
  test('in another browser gives the same copy, byte for byte: jobs, photographs, sealed packets, dates', async () => {
    const [first, ...rest] = demoJob.circuits;
    const circuits = [{ ...first!, photos: [{ id: 'trench', caption: 'open' }] }, ...rest];
    await addJob({ ...demoJob, circuits }, Date.parse('2026-09-01T10:00:00Z'));
    await addJob(other, Date.parse('2026-09-02T10:00:00Z'));
    await keepPhoto({ id: 'trench', jobId: demoJob.id, picture: PICTURE });
    await keepSealed();
    const bytes = await copied();
    for (const table of database().tables) await table.clear();
    const contents = await contentsOf(bytes);
    expect(isPlain(contents)).toBe(true);
    expect((await restoreAll(contents, new Map())).words).toBe('2 jobs opened.');
    expect(Buffer.from(await copied()).equals(Buffer.from(bytes))).toBe(true);
    expect((await sealsOf(demoJob.id)).map(isWhole)).toEqual([true]);
    // The photograph of a sealed packet goes with it, though the job names it no more.
    expect(await photosById(['gone', 'trench'])).toEqual({ gone: PICTURE, trench: PICTURE });
  });

  test('what is newer here stays as it is', async () => {
    await addJob(demoJob);
    const bytes = await copied();
    await change({ later: 'A pool' });
    const contents = await contentsOf(bytes);
    expect(isPlain(contents)).toBe(false);
    expect(contents.jobs[0]?.standing).toEqual({ kind: 'newer-here', edits: 1 });
    expect((await restoreAll(contents, new Map())).words).toBe('0 jobs opened, 1 job left as here.');
    expect((await savedJob(demoJob.id))?.document.later).toBe('A pool');
  });

  test('what is newer in the copy is taken as one edit, which undo takes back', async () => {
    await addJob(demoJob, 1000);
    const here = await savedJob(demoJob.id);
    await change({ later: 'A pool' });
    const bytes = await copied();
    await database().journal.clear();
    await database().jobs.put(here!);
    expect((await contentsOf(bytes)).jobs[0]?.standing).toEqual({ kind: 'newer-there', things: 1 });
    expect(await restore(bytes)).toEqual({ ok: true, words: '1 job opened.' });
    const saved = await loadJob(demoJob.id);
    expect(saved?.record.document.later).toBe('A pool');
    expect(saved?.journal.map(({ label }) => label)).toEqual(['Restored from a copy']);
  });

  test('what differs on both sides is opened beside, and may be merged; nothing here is lost', async () => {
    await addJob(demoJob);
    await change({ later: 'A pool' });
    const bytes = await copied();
    await database().journal.clear();
    await addJob({ ...demoJob, authority: 'Another' });
    expect((await contentsOf(bytes)).jobs[0]?.standing.kind).toBe('both');
    const outcome = await restore(bytes);
    expect(outcome).toMatchObject({ ok: true, beside: { of: demoJob.id } });
    expect((await savedJob(demoJob.id))?.document.authority).toBe('Another');
    expect((await savedJob(outcome.beside!.id))?.document.later).toBe('A pool');
  });

  test.each(['take', 'leave'] as const)(
    'a job that is not here may be taken or left out: %s',
    async (choice) => {
      await addJob(demoJob);
      const bytes = await copied();
      await database().jobs.clear();
      await restore(bytes, choice);
      expect(await database().jobs.count()).toBe(choice === 'take' ? 1 : 0);
    },
  );

  test('a job file in it that cannot be read is named; the others are restored', async () => {
    await addJob(other);
    await database().jobs.put({
      ...(await savedJob('other'))!,
      id: 'bad',
      name: 'Bad',
      document: { ...other, id: 'bad', name: 'Bad', edition: 1999 } as unknown as Job,
    });
    const bytes = await copied();
    await database().jobs.clear();
    const outcome = await restore(bytes);
    expect(outcome.ok).toBe(false);
    expect(outcome.words).toContain('1 job opened. bad.pasture.json');
    expect(await database().jobs.count()).toBe(1);
  });
});
