import { expect, test } from 'vitest';
import { freshCheck } from '../../../src/core/checks/checksDocument';
import { readJobFile, writeJobFile } from '../../../src/core/job/jobFile';
import type { Job } from '../../../src/core/job/jobSchema';
import { EMPTY_YARD } from '../../../src/core/water/yardDocument';
import { circuit, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';
import { POOL, thing } from '../../support/yards';

const FRESH = jobOf([]);

/** A job that refers to its things in every way that a job can. */
const REFERRING: Job = jobOf(
  [
    circuit({ id: 'well@1', run: [segment({ id: 'dug out' })] }),
    circuit({ id: 'well@1 b', feedId: 'well@1', run: [segment({ id: 'dug out' })] }),
  ],
  {
    panels: [
      panel({ id: 'main@1' }),
      panel({
        id: 'sub@1',
        fedFrom: 'main@1',
        feederId: 'well@1',
        plan: { gone: [], moved: [], placed: [{ circuitId: 'well@1', at: { slot: 1, half: null } }] },
      }),
    ],
    house: {
      ...FRESH.house,
      sharing: { circuitId: 'well@1', loadId: 'dryer' },
      groups: [
        {
          id: 'g',
          name: 'G',
          limitA: 48,
          listed: null,
          circuitIds: ['well@1', 'well@1 b'],
          feederId: 'well@1',
        },
      ],
    },
    yard: {
      ...EMPTY_YARD,
      waters: [{ ...POOL, id: 'pool@1' }],
      things: [thing('pump', [0, 20], { id: 'pump@1', circuitId: 'well@1' })],
    },
    answers: [
      'panel:sub@1',
      'circuit:well@1',
      'check:well@1 b',
      'segment:well@1/dug out',
      'station:well@1 b/dug out',
      'water:pool@1',
      'yard:pool@1/pump@1',
      'day:dig well@1 0',
      'day:ring pool@1',
    ].map((subject) => ({ subject, code: 'x.y', text: 'Yes' })),
    materials: {
      ...FRESH.materials,
      kept: [{ item: 'nm', stock: 'roll 125', pieces: ['well@1 A to B emt 1', 'well@1 b A to B emt 1'] }],
      count: {
        up: ['circuit well@1', 'circuit well@1 b', 'panel sub@1', 'water pool@1'],
        used: [],
        fetched: [],
      },
    },
    quote: {
      ...FRESH.quote,
      options: [{ circuitId: 'well@1', changes: [] }],
      picked: [{ circuitId: 'well@1', change: { kind: 'as-planned' } }],
      ownerMax: [{ circuitId: 'well@1 b', cents: 100 }],
      accepted: {
        date: '2026-03-02',
        by: 'The owner',
        cents: 1,
        parts: [{ key: 'circuit well@1 b', name: 'Well', cents: 1 }],
      },
      labor: {
        ...FRESH.quote.labor,
        finished: ['well@1'],
        taken: [{ id: 'well@1 b', family: 'motor', unitH: 1, tookH: 2 }],
      },
    },
    days: {
      ...FRESH.days,
      moved: [{ id: 'dig well@1 0', earliest: '2026-03-02T09:00' }],
      done: [{ id: 'rough well@1 b', hours: 1, on: '2026-03-02' }],
      words: [
        {
          id: 'w',
          question: 'Where?',
          who: '',
          step: 'ring pool@1',
          by: null,
          answer: '',
          at: null,
          photos: [],
        },
      ],
    },
    checks: [{ ...freshCheck('well@1'), built: [{ segment: 'dug out', lengthFt: 12 }] }],
  },
);

const read = (job: Job): Job => {
  const done = readJobFile(writeJobFile(job));
  if (!done.ok) throw new Error(JSON.stringify(done.problem));
  return done.job;
};

test('ids that are not safe are given anew, and nothing goes on by an old one', () => {
  const job = read(REFERRING);
  expect(JSON.stringify(job)).not.toMatch(/@1|dug out/);
  const [first, second] = job.circuits;
  expect(job.answers.map(({ subject }) => subject)).toEqual([
    `panel:${job.panels[1]?.id}`,
    `circuit:${first?.id}`,
    `check:${second?.id}`,
    `segment:${first?.id}/${first?.run[0]?.id}`,
    `station:${second?.id}/${second?.run[0]?.id}`,
    `water:${job.yard.waters[0]?.id}`,
    `yard:${job.yard.waters[0]?.id}/${job.yard.things[0]?.id}`,
    `day:dig ${first?.id} 0`,
    `day:ring ${job.yard.waters[0]?.id}`,
  ]);
  expect(job.materials.kept[0]?.pieces).toEqual([`${first?.id} A to B emt 1`, `${second?.id} A to B emt 1`]);
  expect(job.quote.accepted?.parts[0]?.key).toBe(`circuit ${second?.id}`);
  expect(job.checks[0]).toMatchObject({ id: first?.id, built: [{ segment: first?.run[0]?.id }] });
});

test('safe ids stay as they are, every reference with them', () => {
  const safe = JSON.parse(
    JSON.stringify(REFERRING)
      .replaceAll('well@1 b', 'well-2')
      .replaceAll('@1', '-1')
      .replaceAll('dug out', 's'),
  ) as Job;
  expect(writeJobFile(read(safe))).toBe(writeJobFile(safe));
});
