import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { freshCheck } from '../../src/core/checks/checksDocument';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { writeJobFile } from '../../src/core/job/jobFile';
import type { Job } from '../../src/core/job/jobSchema';
import { mergeJobs } from '../../src/core/job/mergeJobs';
import type { Seal } from '../../src/core/paper/sealSchema';
import { importJob } from '../../src/features/jobs/jobActions';
import { nowMs } from '../../src/store/clock';
import { BIN_DAYS, binJob, binned, daysLeft, fromBin } from '../../src/store/persistence/bin';
import { bringIn, bringInBeside } from '../../src/store/persistence/bringIn';
import { copyOf, copyOfAll } from '../../src/store/persistence/copyFile';
import { database } from '../../src/store/persistence/database';
import { editSaved } from '../../src/store/persistence/editSaved';
import { savedStates, twoCopies } from '../../src/store/persistence/jobStates';
import { addJob, listedJobs, loadJob, savedJob, savedJobs } from '../../src/store/persistence/jobStorage';
import { mergeSaved } from '../../src/store/persistence/mergeSaved';
import { keepPhoto, photosById } from '../../src/store/persistence/photoStorage';
import { readCopyTask } from '../../src/store/persistence/readCopyTask';
import { readCopy, restoreJobOf, usualChoice } from '../../src/store/persistence/restoreCopy';
import { keepSeal, sealsOf } from '../../src/store/persistence/sealStorage';
import { sweep } from '../../src/store/persistence/sweep';
import { wholeJobFile } from '../../src/store/persistence/wholeJob';
import { unzipped } from '../../src/store/persistence/zipped';
import { zipSync } from 'fflate';
import { runs } from '../support/luck';

const PICTURE = 'data:image/png;base64,iVBORw0KGgo=';
const OTHER = 'data:image/png;base64,AAAA';
const DAY_MS = 86_400_000;

const [first, ...rest] = demoJob.circuits;
const photographed = (id: string, photo = 'plate'): Job => ({
  ...demoJob,
  id,
  circuits: [{ ...first!, photos: [{ id: photo, caption: 'Nameplate' }] }, ...rest],
});

const seal = (id: string, engine = '1.0.0'): Seal => ({
  id,
  at: '2026-03-02T10:00:00.000Z',
  engine,
  reader: 'owner',
  paper: 'letter',
  date: '2026-03-02',
  chapters: ['cover'],
  leftOff: null,
  jobVersion: 14,
  job: {},
  pages: [],
  photos: [{ id: 'sealed', sha256: '0'.repeat(64) }],
  hash: '0'.repeat(64),
});

const change = (id: string, fields: Partial<Job>) =>
  editSaved(id, { command: { kind: 'change-job', fields }, label: 'Change' });

beforeEach(async () => {
  for (const table of database().tables) await table.clear();
});

describe('the bin', () => {
  test('holds a job whole: its journal, its sealed packets, its photographs; brought back it is as it was', async () => {
    await addJob(photographed('one'));
    await keepPhoto({ id: 'plate', jobId: 'one', picture: PICTURE });
    await keepSeal('one', seal('s'));
    await change('one', { later: 'A pool' });
    const before = await loadJob('one');
    const binId = await binJob('one');
    expect(await savedJob('one')).toBeUndefined();
    expect(await listedJobs()).toEqual([]);
    expect(await sealsOf('one')).toEqual([]);
    expect((await sweep(nowMs() + 2 * DAY_MS)).photos).toBe(0);
    expect(await fromBin(binId!)).toBe('one');
    const after = await loadJob('one');
    expect(after?.record.document).toEqual(before?.record.document);
    expect(after?.journal).toEqual(before?.journal);
    expect(await sealsOf('one')).toEqual([seal('s')]);
    expect(await photosById(['plate'])).toEqual({ plate: PICTURE });
    expect((await listedJobs()).map(({ id }) => id)).toEqual(['one']);
    expect(await binned()).toEqual([]);
  });

  test('of two deletions each comes back; where a job of its id came meanwhile it stands beside it', async () => {
    await addJob(photographed('one'));
    await addJob(photographed('two'));
    const [one, two] = [await binJob('one'), await binJob('two')];
    await addJob({ ...demoJob, id: 'one', authority: 'Another' });
    const beside = await fromBin(one!);
    expect(beside).not.toBe('one');
    expect((await savedJob(beside!))?.document.id).toBe(beside);
    expect((await savedJob('one'))?.document.authority).toBe('Another');
    expect(await fromBin(two!)).toBe('two');
  });

  test('lets go after its days, of what is in it and of what only that refers to', async () => {
    await addJob(photographed('one'));
    await keepPhoto({ id: 'plate', jobId: 'one', picture: PICTURE });
    await binJob('one');
    const [own] = await binned();
    expect(daysLeft(own!, nowMs())).toBe(BIN_DAYS);
    expect(daysLeft(own!, nowMs() + BIN_DAYS * DAY_MS)).toBe(0);
    expect(await sweep(nowMs() + BIN_DAYS * DAY_MS - 1)).toEqual({ photos: 0, bytes: 0 });
    expect(await binned()).toHaveLength(1);
    expect(await sweep(nowMs() + BIN_DAYS * DAY_MS)).toEqual({ photos: 1, bytes: PICTURE.length });
    expect(await binned()).toEqual([]);
  });
});

describe('what is swept', () => {
  test('only what no job, no undo and no sealed packet names, and nothing of the last day', async () => {
    await addJob(photographed('one'));
    for (const id of ['plate', 'sealed', 'nobody', 'undone'])
      await keepPhoto({ id, jobId: 'one', picture: PICTURE });
    await keepSeal('one', seal('s'));
    await editSaved('one', {
      command: {
        kind: 'add-photo',
        of: { circuitId: first!.id },
        photo: { id: 'undone', caption: '' },
        at: 0,
      },
      label: 'Add a photograph',
    });
    await editSaved('one', {
      command: { kind: 'remove-photo', of: { circuitId: first!.id }, id: 'undone' },
      label: 'Remove a photograph',
    });
    expect((await sweep(nowMs() + DAY_MS - 1)).photos).toBe(0);
    expect((await sweep(nowMs() + DAY_MS)).photos).toBe(1);
    expect(Object.keys(await photosById(['plate', 'sealed', 'nobody', 'undone'])).toSorted()).toEqual([
      'plate',
      'sealed',
      'undone',
    ]);
  });
});

describe('what comes in', () => {
  test('overwrites no job that came meanwhile', async () => {
    await addJob({ ...demoJob, authority: 'Here' });
    expect(await bringIn({ job: demoJob, photos: {}, seals: [] })).toBe('here-already');
    expect((await savedJob(demoJob.id))?.document.authority).toBe('Here');
    const { id } = await bringInBeside({ job: demoJob, photos: {}, seals: [] });
    expect((await savedJob(id))?.name).toBe(`${demoJob.name}, from file`);
  });

  test('overwrites no photograph and no sealed packet: another one of its id is added, or refused', async () => {
    await keepPhoto({ id: 'plate', jobId: 'other', picture: PICTURE });
    await keepSeal('one', seal('s'));
    const brought = await bringIn({
      job: photographed('one'),
      photos: { plate: OTHER },
      seals: [seal('s', '0.9.0'), seal('t')],
    });
    expect(brought).toMatchObject({ id: 'one', renamed: 1, refused: 1 });
    const own = (await savedJob('one'))?.document.circuits[0]?.photos[0]?.id ?? '';
    expect(await photosById(['plate', own])).toEqual({ plate: PICTURE, [own]: OTHER });
    expect((await sealsOf('one')).map(({ id, engine }) => [id, engine]).toSorted()).toEqual([
      ['s', '1.0.0'],
      ['t', '1.0.0'],
    ]);
  });

  test('comes in as a whole or not at all', async () => {
    const seals = [seal('s'), { ...seal('t'), id: undefined as unknown as string }];
    await expect(bringIn({ job: photographed('one'), photos: { plate: PICTURE }, seals })).rejects.toThrow();
    expect(await savedJob('one')).toBeUndefined();
    expect(await photosById(['plate'])).toEqual({});
    expect(await sealsOf('one')).toEqual([]);
  });

  test('a sealed packet that does not agree with its hash is told when it is read', async () => {
    const text = writeJobFile({ ...demoJob, id: 'one' }, {}, [seal('s')]);
    const done = await importJob(new File([text], 'x.pasture.json'));
    expect(done.ok && done.note).toContain('1 sealed packet in the file does not agree with its hash');
  });
});

describe('a merge', () => {
  test('is one act with the sealed packets of the other, which goes into the bin', async () => {
    await addJob({ ...demoJob, id: 'mine' });
    await addJob({ ...demoJob, id: 'theirs', authority: 'Theirs' });
    await keepSeal('theirs', seal('s'));
    const copies = await twoCopies('mine', 'theirs');
    if (typeof copies === 'string') throw new Error(copies);
    const merged = mergeJobs(copies.base, copies.mine, copies.theirs);
    expect(await mergeSaved(copies, merged, 'theirs')).toBe('saved');
    expect((await savedJob('mine'))?.document.authority).toBe('Theirs');
    expect((await sealsOf('mine')).map(({ id }) => id)).toEqual(['s']);
    expect(await savedJob('theirs')).toBeUndefined();
    expect((await binned()).map(({ record }) => record.id)).toEqual(['theirs']);
  });

  test.each(['mine', 'theirs'])(
    'looks again: an edit of %s meanwhile stops it, and nothing is lost',
    async (id) => {
      await addJob({ ...demoJob, id: 'mine' });
      await addJob({ ...demoJob, id: 'theirs', authority: 'Theirs' });
      const copies = await twoCopies('mine', 'theirs');
      if (typeof copies === 'string') throw new Error(copies);
      await database().jobs.update(id, { updatedAt: nowMs() + 1 });
      const merged = mergeJobs(copies.base, copies.mine, copies.theirs);
      expect(await mergeSaved(copies, merged, 'theirs')).toBe('changed');
      expect((await savedJob('mine'))?.document.authority).toBe(demoJob.authority);
      expect(await savedJob('theirs')).toBeDefined();
      expect(await binned()).toEqual([]);
    },
  );
});

describe('files that can always be read again', () => {
  test('a job of 36 detailed photographs and large sealed packets leaves as a zip, and comes back whole', async () => {
    const photos = Array.from({ length: 36 }, (_, at) => ({ id: `p${at}`, caption: '' }));
    const circuits = demoJob.circuits.map((each, at) => ({
      ...each,
      photos: photos.slice(at * 20, at * 20 + 20),
    }));
    const job: Job = { ...demoJob, id: 'detailed', circuits };
    await addJob(job);
    const picture = `data:image/png;base64,${'A'.repeat(580_000)}`;
    for (const { id } of photos) await keepPhoto({ id, jobId: job.id, picture });
    const file = await wholeJobFile(job);
    if (!('zip' in file)) throw new Error('Written as text.');
    const back = readCopyTask(file.zip);
    if (typeof back === 'string') throw new Error(back);
    expect(back.refused).toEqual([]);
    expect(back.jobs).toHaveLength(1);
    expect(Object.keys(back.jobs[0]!.read.photos)).toHaveLength(36);
    expect(back.jobs[0]!.read.photos['p7']).toBe(picture);
    expect(writeJobFile(back.jobs[0]!.read.job)).toBe(writeJobFile(job));
  }, 60_000);

  test('a zip that says it holds more than the limits is not unpacked', () => {
    const saying = (bytes: number): Uint8Array => {
      const zip = zipSync({ 'a.json': new Uint8Array(1000) });
      const listed = Buffer.from(zip).indexOf('PK\u0001\u0002');
      new DataView(zip.buffer).setUint32(listed + 24, bytes, true);
      return zip;
    };
    expect(unzipped(saying(1000))).toMatchObject({ ok: true });
    expect(unzipped(saying(60_000_001))).toEqual({ ok: false, why: 'too-large' });
    expect(unzipped(saying(1000).slice(0, -10))).toEqual({ ok: false, why: 'damaged' });
    const many = Object.fromEntries(Array.from({ length: 30_001 }, (_, at) => [`${at}`, new Uint8Array()]));
    expect(unzipped(zipSync(many, { level: 0 }))).toEqual({ ok: false, why: 'too-large' });
  }, 30_000);
});

describe('random pairs of copies', () => {
  const anEdit = fc.oneof(
    fc
      .constantFrom('A', 'B', 'C')
      .map((authority) => ({ kind: 'change-job', fields: { authority } }) as const),
    fc.constantFrom('X', 'Y').map((later) => ({ kind: 'change-job', fields: { later } }) as const),
    fc
      .tuple(fc.constantFrom('kiln', 'well'), fc.constantFrom(0.1, 0.2))
      .map(
        ([id, groundOhms]) => ({ kind: 'put-check', id, check: { ...freshCheck(id), groundOhms } }) as const,
      ),
  );

  test('restored, whatever was edited on either side is in one of the jobs that are here', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(anEdit, { maxLength: 3 }),
        fc.array(anEdit, { maxLength: 3 }),
        async (own, other) => {
          for (const table of database().tables) await table.clear();
          await addJob(demoJob, nowMs());
          for (const command of other) await editSaved(demoJob.id, { command, label: 'Theirs' });
          const theirs = (await savedJob(demoJob.id))!;
          const bytes = await copyOf([theirs], false);
          for (const table of database().tables) await table.clear();
          await addJob(demoJob, nowMs());
          for (const command of own) await editSaved(demoJob.id, { command, label: 'Mine' });
          const mine = (await savedJob(demoJob.id))!.document;
          const contents = await readCopy(bytes);
          if (typeof contents === 'string') throw new Error(contents);
          for (const each of contents.jobs) await restoreJobOf(each, usualChoice(each.standing));
          // As a job of its own, or as many undos away.
          const text = (job: Job): string => writeJobFile({ ...job, id: 'x', name: 'x' });
          const here = [
            ...(await savedJobs()).map(({ document }) => text(document)),
            ...(await savedStates(demoJob.id)).map(text),
          ];
          expect(here).toContain(text(mine));
          expect(here).toContain(text(theirs.document));
        },
      ),
      runs(12),
    );
  }, 60_000);

  test('a copy restored where nothing is gives the same copy again, byte for byte', async () => {
    await addJob(photographed('one'), nowMs());
    await keepPhoto({ id: 'plate', jobId: 'one', picture: PICTURE });
    await keepSeal('one', seal('s'));
    const bytes = await copyOfAll(await savedJobs());
    for (const table of database().tables) await table.clear();
    const contents = await readCopy(bytes);
    if (typeof contents === 'string') throw new Error(contents);
    for (const each of contents.jobs) await restoreJobOf(each, 'take');
    expect(Buffer.from(await copyOfAll(await savedJobs())).equals(Buffer.from(bytes))).toBe(true);
  });
});
