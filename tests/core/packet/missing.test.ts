import { describe, expect, test } from 'vitest';
import { freshCheck } from '../../../src/core/checks/checksDocument';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { lackWords, pagesWords } from '../../../src/core/packet/missingWords';
import { leftOff, packetMissing, type Missing } from '../../../src/core/packet/packetMissing';
import { packetChapters, packetPages } from '../../../src/core/packet/packetPages';
import { chaptersOf } from '../../../src/core/paper/packetDocument';
import type { Reader } from '../../../src/core/paper/packetReaders';
import type { PacketPage } from '../../../src/core/paper/pageSchema';

function of(
  job: Job,
  reader: Reader,
): { readonly missing: readonly Missing[]; readonly pages: readonly PacketPage[] } {
  const evaluation = evaluateJob(job);
  const chapters = chaptersOf(job.packets, reader);
  const order = { reader, paper: 'letter', date: '2026-10-02', chapters, leftOff: null } as const;
  const pages = packetPages(evaluation, packetChapters(evaluation, 'letter'), order);
  return { missing: packetMissing(evaluation, pages, reader), pages };
}

const codes = (missing: readonly Missing[]): readonly string[] =>
  missing.map(({ lack }) => (lack.kind === 'finding' ? lack.finding.code : lack.kind));

describe('what keeps a packet from being sealed', () => {
  test('every open finding of the demo job, the worst first, each with the page of what it is about', () => {
    const { missing, pages } = of(demoJob, 'inspector');
    const evaluation = evaluateJob(demoJob);
    expect(missing.filter(({ lack }) => lack.kind === 'finding')).toHaveLength(
      evaluation.openOf(evaluation.findings).length,
    );
    expect(missing.map(({ severity }) => severity)).toEqual([
      ...missing.filter(({ severity }) => severity === 'stop').map(() => 'stop'),
      ...missing.filter(({ severity }) => severity === 'ask').map(() => 'ask'),
      ...missing.filter(({ severity }) => severity === 'check').map(() => 'check'),
    ]);
    const [first] = missing;
    expect(lackWords(first!.lack, evaluation).name).toBe('EV charger, carport');
    expect(pages[first!.pages[0]! - 1]?.title).toBe('EV charger, carport');
    const reading = missing.find(
      ({ lack }) => lack.kind === 'finding' && lack.finding.code === 'check.reading',
    );
    expect(reading?.pages.map((page) => pages[page - 1]?.chapter)).toEqual(['checks', 'checks']);
    const { yard } = demoJob;
    const waters = yard.waters.map((water) =>
      water.id === 'pool' ? { ...water, shell: 'metal-wall' as const } : water,
    );
    const walled: Job = { ...demoJob, yard: { ...yard, waters } };
    const more = of(walled, 'inspector');
    const pool = more.missing.find(
      ({ lack }) => lackWords(lack, evaluateJob(walled)).name === 'Pool' && lack.kind === 'finding',
    );
    expect(more.pages[pool!.pages[0]! - 1]?.title).toBe('Pool: bonding plan');
  });

  test('a stop counts for every reader; questions and doubts where a page speaks of them', () => {
    const trade = of(demoJob, 'next-trade').missing;
    expect(trade.filter(({ severity }) => severity === 'stop')).toHaveLength(3);
    // No page of a circuit goes to the next trade, so its questions are not among what is missing.
    expect(
      trade.filter(({ severity, lack }) => severity === 'ask' && lack.kind === 'finding').length,
    ).toBeLessThan(of(demoJob, 'inspector').missing.filter(({ severity }) => severity === 'ask').length);
    expect(pagesWords(trade[0]!)).toBe('not in this packet');
  });

  test('what has no page of its own stands on the page of what is open, and nowhere without one', () => {
    const pagesWithout = (...chapters: readonly string[]) => {
      const evaluation = evaluateJob(demoJob);
      const kept = chaptersOf(demoJob.packets, 'inspector').filter((each) => !chapters.includes(each));
      const order = {
        reader: 'inspector',
        paper: 'letter',
        date: '2026-10-02',
        chapters: kept,
        leftOff: null,
      } as const;
      const pages = packetPages(evaluation, packetChapters(evaluation, 'letter'), order);
      const reading = packetMissing(evaluation, pages, 'inspector').find(
        ({ lack }) => lack.kind === 'finding' && lack.finding.code === 'check.reading',
      );
      return reading?.pages.map((page) => pages[page - 1]?.chapter);
    };
    expect(pagesWithout('checks')).toEqual(['open']);
    expect(pagesWithout('checks', 'open')).toEqual([]);
  });

  test('the cover of the inspector names authority and permit', () => {
    const bare = { ...demoJob, authority: '', permitDate: null };
    const { missing } = of(bare, 'inspector');
    expect(codes(missing)).toEqual(expect.arrayContaining(['authority', 'permit']));
    expect(missing.find(({ lack }) => lack.kind === 'permit')?.pages).toEqual([1]);
    expect(codes(of(bare, 'owner').missing)).not.toContain('authority');
  });

  test('a trench that is being proved without a photograph, and a ring that is done without one', () => {
    expect(codes(of(demoJob, 'inspector').missing)).toContain('photo');
    const photographed = {
      ...demoJob,
      circuits: demoJob.circuits.map((each) =>
        each.id === 'deck-tub' ? { ...each, photos: [{ id: 'a', caption: 'open trench' }] } : each,
      ),
    };
    expect(codes(of(photographed, 'inspector').missing)).not.toContain('photo');
    const [water] = demoJob.yard.waters;
    const rung = {
      ...photographed,
      days: {
        ...demoJob.days,
        done: [...demoJob.days.done, { id: `ring ${water!.id}`, hours: 3, on: '2026-10-01' }],
      },
    };
    const ring = of(rung, 'inspector').missing.find(({ lack }) => lack.kind === 'photo');
    expect(ring?.lack).toMatchObject({ of: 'water', id: water!.id });
    expect(lackWords(ring!.lack, evaluateJob(rung)).what).toBe('Photo missing of the ring.');
    const [pool, ...others] = rung.yard.waters;
    const waters = [{ ...pool!, photos: [{ id: 'b', caption: 'ring' }] }, ...others];
    expect(codes(of({ ...rung, yard: { ...rung.yard, waters } }, 'inspector').missing)).not.toContain(
      'photo',
    );
    // Nobody looks for it in a packet without photographs.
    expect(codes(of(rung, 'next-trade').missing)).not.toContain('photo');
  });

  test('an answer takes a question off the list, never a stop', () => {
    const before = of(demoJob, 'inspector').missing;
    const asks = before.filter(({ severity }) => severity === 'ask');
    const [ask] = asks;
    if (ask?.lack.kind !== 'finding' || ask.lack.finding.subject.kind !== 'circuit')
      throw new Error('No ask.');
    const { code, subject } = ask.lack.finding;
    const answers = [
      ...demoJob.answers,
      { code, subject: `circuit:${subject.circuitId}`, text: 'Inspector: no.' },
    ];
    expect(of({ ...demoJob, answers }, 'inspector').missing).toHaveLength(before.length - 1);
    expect(pagesWords({ pages: [1, 2, 3, 4, 5, 6] })).toBe('page 1, 2, 3, 4 and 2 more');
  });
});

describe('handed over as left off and locked', () => {
  const locked = (ids: readonly string[]): Job['checks'] =>
    ids.map((id) => ({
      ...(demoJob.checks.find((each) => each.id === id) ?? freshCheck(id)),
      left: 'locked',
    }));

  test('only where every circuit with something open is recorded as that', () => {
    const { missing } = of(demoJob, 'next-trade');
    const none = leftOff(evaluateJob(demoJob), missing);
    expect(none.notLocked).toEqual(expect.arrayContaining(['EV charger, carport', 'Hot tub, deck']));
    const job = { ...demoJob, checks: locked(['carport-charger', 'deck-tub']) };
    const own = of(job, 'next-trade').missing.filter(
      ({ lack }) => lack.kind === 'finding' && 'circuitId' in lack.finding.subject,
    );
    expect(leftOff(evaluateJob(job), own)).toEqual({
      locked: ['EV charger, carport', 'Hot tub, deck'],
      notLocked: [],
    });
  });

  test.each(['on', 'open'] as const)('a circuit that was left %s is not off and locked', (left) => {
    const checks = locked(['carport-charger', 'deck-tub']).map((check) => ({ ...check, left }));
    const job = { ...demoJob, checks };
    const own = of(job, 'next-trade').missing.filter(
      ({ lack }) => lack.kind === 'finding' && 'circuitId' in lack.finding.subject,
    );
    expect(leftOff(evaluateJob(job), own)).toEqual({
      locked: [],
      notLocked: ['EV charger, carport', 'Hot tub, deck'],
    });
  });

  test('a stop that is no circuit’s asks for every circuit', () => {
    const evaluation = evaluateJob({ ...demoJob, checks: locked(['deck-tub']) });
    const [finding] = evaluation.findings.filter(({ severity }) => severity === 'stop');
    const service = { ...finding!, subject: { kind: 'service' } as const };
    const all = leftOff(evaluation, [
      { lack: { kind: 'finding', finding: service }, severity: 'stop', pages: [] },
    ]);
    expect(all.locked).toEqual(['Hot tub, deck']);
    expect(all.notLocked).toHaveLength(demoJob.circuits.length - 1);
  });
});
