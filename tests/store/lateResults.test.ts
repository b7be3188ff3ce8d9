import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { freshCheck } from '../../src/core/checks/checksDocument';
import {
  breakersArrival,
  pricesArrival,
  recordArrival,
  torqueArrival,
  underlayArrival,
} from '../../src/core/job/arrivals';
import { demoJob } from '../../src/core/job/demo/demoJob';
import type { Command } from '../../src/core/job/command';
import type { Job } from '../../src/core/job/jobSchema';
import { editJob, editNamed, late } from '../../src/store/editing';
import { jobClosed, jobLoaded } from '../../src/store/jobSlice';
import { newsRead } from '../../src/store/newsSlice';
import { binJob } from '../../src/store/persistence/bin';
import { database } from '../../src/store/persistence/database';
import { addJob, savedJob } from '../../src/store/persistence/jobStorage';
import { store } from '../../src/store/store';
import { runs } from '../support/luck';

const CIRCUIT = 'deck-tub';
const TERMINAL = 'panel hot-1';
const PANEL = demoJob.panels[0]!;
const price = (cents: number) => ({
  item: 'nm 6',
  packFt: null,
  cents,
  date: '2026-03-02',
  source: 'supplier',
});
const measured = (peakA: number) => ({
  source: 'meter',
  basis: 'utility' as const,
  intervalMinutes: 15,
  from: '2025-01-01',
  to: '2025-12-31',
  days: 365,
  peakA,
  peakAt: '2025-07-01 18:00',
  problems: [],
  week: [],
});
const underlay = (photoId: string) => ({
  photoId,
  at: [0, 0] as [number, number],
  ftPerPx: 1,
  widthPx: 9,
  heightPx: 9,
});
const START: Job = { ...demoJob, checks: [], yard: { ...demoJob.yard, underlay: null } };

interface Kind {
  /** What the result makes of the job, asked for while that was as it starts. */
  readonly arrival: (job: Job) => Command | undefined;
  /** An edit that is made meanwhile of the very thing that the result is for. */
  readonly meanwhile: Command;
  /** What of a job the result is for. */
  readonly of: (job: Job) => unknown;
}

const KINDS: Readonly<Record<string, Kind>> = {
  torque: {
    arrival: torqueArrival(CIRCUIT, TERMINAL, 'first', 45),
    meanwhile: {
      kind: 'put-check',
      id: CIRCUIT,
      check: { ...freshCheck(CIRCUIT), torque: [{ terminal: TERMINAL, first: 30, second: null }] },
    },
    of: ({ checks }) => checks.find(({ id }) => id === CIRCUIT)?.torque,
  },
  prices: {
    arrival: pricesArrival([price(500)], START.materials.prices),
    meanwhile: { kind: 'change', part: 'materials', fields: { prices: [price(111)] } },
    of: ({ materials }) => materials.prices,
  },
  record: {
    arrival: recordArrival(measured(80), START.house.measured),
    meanwhile: { kind: 'change', part: 'house', fields: { measured: measured(55) } },
    of: ({ house }) => house.measured,
  },
  underlay: {
    arrival: underlayArrival(underlay('late'), START.yard.underlay),
    meanwhile: { kind: 'change', part: 'yard', fields: { underlay: underlay('typed') } },
    of: ({ yard }) => yard.underlay,
  },
  breakers: {
    arrival: breakersArrival(PANEL.id, [], PANEL.breakers),
    meanwhile: { kind: 'change-panel', id: PANEL.id, fields: { breakers: PANEL.breakers.slice(1) } },
    of: ({ panels }) => panels.find(({ id }) => id === PANEL.id)?.breakers,
  },
};

const ACTS = [
  'nothing',
  'edit',
  'edit elsewhere',
  'open another',
  'delete',
  'close',
  'edit and close',
] as const;
const open = (job: Job): void => {
  store.dispatch(jobLoaded({ job, journal: [], cursor: 0, role: 'writer' }));
};
const isOpen = (): Job | undefined => {
  const { job } = store.getState();
  return job.status === 'ready' ? job.job : undefined;
};

beforeEach(async () => {
  for (const table of database().tables) await table.clear();
  store.dispatch(jobClosed());
  store.dispatch(newsRead());
});

/** The job that the result is for, as it is here; undefined where it is gone. */
const target = async (): Promise<Job | undefined> => {
  const shown = isOpen();
  return shown?.id === START.id ? shown : (await savedJob(START.id))?.document;
};

/** Does what is done before the result comes; whether that was an edit of the same thing. */
async function act(kind: Kind, what: (typeof ACTS)[number], other: Job): Promise<void> {
  if (what === 'edit' || what === 'edit and close')
    store.dispatch(editJob({ command: kind.meanwhile, label: 'Typed' }));
  if (what === 'edit elsewhere')
    store.dispatch(editJob({ command: { kind: 'change-job', fields: { later: 'A pool' } }, label: 'Typed' }));
  if (what === 'edit and close') await addJob(isOpen()!);
  if (what === 'open another') open(other);
  if (what === 'delete') await binJob(START.id);
  if (what === 'delete' || what === 'close' || what === 'edit and close') store.dispatch(jobClosed());
}

describe('a result that comes late', () => {
  test('lands in the job it was asked for, as that is by then, or nowhere', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...Object.keys(KINDS)),
        fc.constantFrom(...ACTS),
        fc.constantFrom('A', 'B'),
        async (name, what, authority) => {
          for (const table of database().tables) await table.clear();
          store.dispatch(newsRead());
          const kind = KINDS[name]!;
          const other = { ...START, id: 'other', authority };
          await addJob(START);
          await addJob(other);
          open(START);
          await act(kind, what, other);
          const before = await target();
          const landed = await store.dispatch(editNamed(START.id, late(kind.arrival, 'Late')));
          const after = await target();
          // The other job is never touched, on the screen or saved.
          expect((await savedJob('other'))?.document).toEqual(other);
          if (isOpen()?.id === 'other') expect(isOpen()).toEqual(other);
          const isTyped = what === 'edit' || what === 'edit and close';
          expect(landed).toBe(what !== 'delete' && !isTyped);
          if (landed) expect(kind.of(after!)).not.toEqual(kind.of(before!));
          else {
            expect(after).toEqual(before);
            expect(store.getState().news.dropped).toBe('A late result');
          }
        },
      ),
      runs(60),
    );
  }, 120_000);

  test('a second turn of the driver goes to the terminal that had its first', () => {
    const check = { ...freshCheck(CIRCUIT), torque: [{ terminal: TERMINAL, first: 45, second: null }] };
    const job: Job = { ...START, checks: [check] };
    expect(torqueArrival(CIRCUIT, TERMINAL, 'second', 46)(job)).toMatchObject({
      check: { torque: [{ terminal: TERMINAL, first: 45, second: 46 }] },
    });
    expect(torqueArrival(CIRCUIT, TERMINAL, 'first', 46)(job)).toBeUndefined();
    expect(torqueArrival('nobody', TERMINAL, 'first', 46)(job)).toBeUndefined();
  });

  test('of many prices those that nobody typed meanwhile are taken', () => {
    const other = { ...price(900), item: 'nm 8' };
    const typed: Job = { ...START, materials: { ...START.materials, prices: [price(111)] } };
    expect(pricesArrival([price(500), other], [])(typed)).toMatchObject({
      fields: {
        prices: [
          { item: 'nm 6', cents: 111 },
          { item: 'nm 8', cents: 900 },
        ],
      },
    });
  });
});
