import { describe, expect, test } from 'vitest';
import { freshCheck } from '../../../src/core/checks/checksDocument';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { readJobFile, writeJobFile } from '../../../src/core/job/jobFile';
import type { Job } from '../../../src/core/job/jobSchema';
import { ENGINE } from '../../../src/core/packet/engine';
import { sinceWords } from '../../../src/core/packet/missingWords';
import { packetChapters, packetPages } from '../../../src/core/packet/packetPages';
import type { PacketOrder } from '../../../src/core/packet/packetOrder';
import { sealed } from '../../../src/core/packet/seal';
import { sinceSeal } from '../../../src/core/packet/sinceSeal';
import { chaptersOf } from '../../../src/core/paper/packetDocument';
import type { Reader } from '../../../src/core/paper/packetReaders';
import { changedPhotos, hashOf, isWhole } from '../../../src/core/paper/sealHash';
import type { Seal } from '../../../src/core/paper/sealSchema';
import manifest from '../../../package.json' with { type: 'json' };

const PHOTO = 'data:image/png;base64,AAAA';

function sealOf(job: Job, reader: Reader = 'inspector', leftOff: readonly string[] | null = null): Seal {
  const evaluation = evaluateJob(job);
  const order: PacketOrder = {
    reader,
    paper: 'letter',
    date: '2026-10-02',
    chapters: chaptersOf(job.packets, reader),
    leftOff,
  };
  return sealed({
    id: 'one',
    at: '2026-10-02T15:00:00.000Z',
    job,
    order,
    pages: packetPages(evaluation, packetChapters(evaluation, 'letter'), order),
    photos: { trench: PHOTO },
  });
}

const SEAL = sealOf(demoJob);
const since = (seal: Seal, job: Job) => sinceSeal(seal, evaluateJob(job));
const withCircuit = (id: string, fields: Partial<Job['circuits'][number]>): Job => ({
  ...demoJob,
  circuits: demoJob.circuits.map((each) => (each.id === id ? { ...each, ...fields } : each)),
});

describe('a sealed packet', () => {
  test('names its engine, which is the version of the package', () => {
    expect(SEAL.engine).toBe(ENGINE);
    expect(manifest.version).toBe(ENGINE);
  });

  test('agrees with its hash, also after it went through a file; any change of it does not', () => {
    expect(isWhole(SEAL)).toBe(true);
    const read = readJobFile(writeJobFile(demoJob, {}, [SEAL]));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.seals).toHaveLength(1);
    expect(read.seals.every(isWhole)).toBe(true);
    expect(writeJobFile(read.job, {}, read.seals)).toBe(writeJobFile(demoJob, {}, [SEAL]));
    const [first, ...rest] = SEAL.pages;
    const changes: readonly Partial<Seal>[] = [
      { date: '2026-10-03' },
      { engine: '0.9.0' },
      { leftOff: [] },
      { job: { ...SEAL.job, name: 'Other' } },
      { pages: rest },
      { pages: [{ ...first!, title: 'Other' }, ...rest] },
      { photos: [] },
    ];
    for (const change of changes) expect(isWhole({ ...SEAL, ...change })).toBe(false);
    expect(hashOf({ ...SEAL })).toMatch(/^[0-9a-f]{64}$/);
  });

  test('says what was left off and locked as it was handed over; as done it says nothing of it', () => {
    expect(SEAL.leftOff).toBeNull();
    const left = sealOf(demoJob, 'next-trade', ['Hot tub, deck']);
    expect(left.leftOff).toEqual(['Hot tub, deck']);
    const read = readJobFile(writeJobFile(demoJob, {}, [left]));
    expect(read.ok && read.seals[0]?.leftOff).toEqual(['Hot tub, deck']);
    const words = left.pages.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])),
    );
    expect(words.join(' ')).toContain('Hot tub, deck');
  });

  test('half of a sign in a name keeps nobody from sealing, and the seal agrees with its hash', () => {
    const seal = sealOf({ ...demoJob, name: 'Ridge \ud800 Road' });
    expect(isWhole(seal)).toBe(true);
    expect(isWhole(JSON.parse(JSON.stringify(seal)) as Seal)).toBe(true);
  });

  test('a file whose seal is no seal is refused with its place', () => {
    const file = JSON.parse(writeJobFile(demoJob, {}, [SEAL])) as { seals: { hash: string }[] };
    file.seals[0]!.hash = 'no';
    const read = readJobFile(JSON.stringify(file));
    expect(read).toMatchObject({ ok: false, problem: { kind: 'invalid', path: 'seals[0].hash' } });
  });

  test('tells which of its photographs are gone or another', () => {
    expect(changedPhotos(SEAL, { trench: PHOTO })).toEqual([]);
    expect(changedPhotos(SEAL, { trench: `${PHOTO}BBBB` })).toEqual(['trench']);
    expect(changedPhotos(SEAL, {})).toEqual(['trench']);
  });
});

describe('since it was sealed', () => {
  test('nothing, while the job is as it was', () => {
    expect(since(SEAL, demoJob)).toEqual([]);
    expect(sinceWords([])).toBe('Nothing changed since.');
  });

  test('what was changed by hand, on its page, then and now', () => {
    const changes = since(SEAL, { ...demoJob, authority: 'Other County' });
    expect(changes).toEqual([
      {
        page: 1,
        title: 'Split-level, Orchard Lane',
        name: 'Authority',
        then: demoJob.authority,
        now: 'Other County',
        by: 'hand',
      },
    ]);
    const [charger] = demoJob.circuits;
    const run = charger!.run.map((segment) => ({ ...segment, lengthFt: segment.lengthFt + 10 }));
    const longer = since(SEAL, withCircuit(charger!.id, { run }));
    const page = SEAL.pages.findIndex(({ title }) => title === charger!.name) + 1;
    expect(longer).toContainEqual({
      page,
      title: charger!.name,
      name: 'A to B',
      then: '62 ft, NM-B 6/2',
      now: '72 ft, NM-B 6/2',
      by: 'hand',
    });
    expect(longer.map(({ name }) => name)).toContain('Voltage drop');
    expect(longer.every(({ by }) => by === 'hand')).toBe(true);
  });

  test('what a newer engine changed is told from what was changed by hand', () => {
    // A page of an older engine, which said 1.1 % where this one says 1.2 %.
    const older: Seal = {
      ...SEAL,
      engine: '0.9.0',
      pages: SEAL.pages.map((page) => ({
        ...page,
        facts: page.facts.map((fact) =>
          page.title === 'EV charger, carport' && fact.name === 'Voltage drop'
            ? { ...fact, value: '1.1 %' }
            : fact,
        ),
      })),
    };
    const changes = since(older, { ...demoJob, authority: 'Other County' });
    expect(changes.map(({ name, by }) => [name, by])).toEqual([
      ['Authority', 'hand'],
      ['Voltage drop', 'engine'],
    ]);
    expect(sinceWords(changes)).toBe('1 by hand, 1 by the engine.');
    const [charger] = demoJob.circuits;
    const run = charger!.run.map((segment) => ({ ...segment, lengthFt: segment.lengthFt + 30 }));
    const both = since(older, withCircuit(charger!.id, { run }));
    expect(both.find(({ name }) => name === 'Voltage drop')).toMatchObject({ then: '1.1 %', by: 'both' });
  });

  test('a circuit that came or went is one line, not one for each of its figures', () => {
    const [first] = demoJob.circuits;
    const fewer = { ...demoJob, circuits: demoJob.circuits.slice(1) };
    const gone = since(SEAL, fewer).filter(({ title }) => title === first!.name);
    expect(gone).toEqual([expect.objectContaining({ name: '', then: first!.name, now: null, by: 'hand' })]);
    const came = since(sealOf(fewer), demoJob).filter(({ title }) => title === first!.name);
    expect(came).toEqual([expect.objectContaining({ name: '', then: null, now: first!.name })]);
  });

  test('a reading that was taken since is told on the page of its circuit', () => {
    const checks = [{ ...freshCheck('kiln'), off: true }];
    const names = since(SEAL, { ...demoJob, checks: [...demoJob.checks, ...checks] }).map(
      ({ title }) => title,
    );
    expect(names).toContain('Kiln, studio: proved');
  });
});
