import { describe, expect, test } from 'vitest';
import { daysFile } from '../../../src/core/days/daysFile';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { stepName } from '../../../src/core/wording/daysWords';
import { circuit, segment } from '../../support/circuits';
import { withPlate } from '../findings/raised';
import { jobOf } from '../../support/jobs';
import { fullHouse } from '../../support/fullHouse/job';
import { daysOf, gate, withDays } from '../../support/jobDays';
import { POOL, thing, TUB, yardJob } from '../../support/yards';

type Told = ReturnType<typeof daysFile>;
type Step = Told['steps'][number];

/** What waits for what, written down apart from the plan: a kind of work, and what ends before it of the same subject. */
const WAITS: readonly (readonly [later: string, earlier: string, same: 'circuit' | 'all'])[] = [
  ['lay', 'dig', 'circuit'],
  ['pull', 'lay', 'circuit'],
  ['pull', 'rough', 'circuit'],
  ['trim', 'rough', 'circuit'],
  ['trim', 'pull', 'circuit'],
  ['land', 'trim', 'circuit'],
  ['land', 'pull', 'circuit'],
  ['land', 'rough', 'circuit'],
  ['prove', 'land', 'all'],
  ['prove', 'trim', 'all'],
  ['energize', 'prove', 'all'],
  ['energize', 'backfill', 'all'],
  ['energize', 'pour', 'all'],
  ['hand-over', 'energize', 'all'],
];

/** Gates with the kinds of work that each holds, and what stands before it opens. */
const GATES: Readonly<
  Record<string, { readonly holds: readonly string[]; readonly after: readonly string[] }>
> = {
  permit: { holds: ['rough', 'lay'], after: [] },
  marks: { holds: ['dig', 'bond', 'rough', 'lay'], after: [] },
  trench: { holds: ['backfill'], after: ['lay'] },
  rough: { holds: ['set-panel', 'trim', 'land'], after: ['rough'] },
  bonding: { holds: ['pour', 'backfill'], after: ['bond'] },
  utility: { holds: ['set-panel', 'land'], after: ['rough'] },
  final: { holds: ['hand-over'], after: ['energize', 'backfill', 'pour'] },
};

const start = ({ parts }: Step): string => parts[0]?.start ?? '';
const end = ({ parts }: Step): string => parts.at(-1)?.end ?? '';

/** Everything in which a plan breaks the order of the work. */
function broken({ steps, gates }: Told): readonly string[] {
  const found: string[] = [];
  for (const [later, earlier, same] of WAITS)
    for (const step of steps.filter(({ kind }) => kind === later))
      for (const before of steps.filter(({ kind }) => kind === earlier)) {
        const shares = same === 'all' || step.circuits.some((id) => before.circuits.includes(id));
        if (shares && start(step) < end(before)) found.push(`${step.id} begins before ${before.id} ends`);
      }
  for (const { id, kind, holds, opens } of gates) {
    const { holds: may, after } = GATES[kind] ?? { holds: [], after: [] };
    for (const step of steps) {
      if (holds.includes(step.id) && !may.includes(step.kind)) found.push(`${id} holds ${step.id}`);
      if (holds.includes(step.id) && start(step) < opens) found.push(`${step.id} begins before ${id}`);
      if (after.includes(step.kind) && kind !== 'permit' && opens < end(step)) {
        // The bonding of the water is none of the trench, and its cover none of the backfill.
        const isOther = (kind === 'trench') !== (step.kind === 'lay') && kind === 'trench';
        if (!isOther) found.push(`${id} opens before ${step.id} ends`);
      }
    }
  }
  // Whatever is dug, buried at the water, or a post, waits for the marks.
  const marks = gates.find(({ kind }) => kind === 'marks');
  for (const step of steps) {
    const isInGround = step.kind === 'dig' || step.kind === 'bond' || step.place === 'post';
    if (isInGround && step.kind !== 'trim' && start(step) < (marks?.opens ?? '9'))
      found.push(`${step.id} is not held by the marks`);
  }
  // Nothing is covered that no gate holds; nothing else goes on beside a dead house.
  for (const step of steps)
    if (['backfill', 'pour'].includes(step.kind) && !gates.some(({ holds }) => holds.includes(step.id)))
      found.push(`nothing holds ${step.id}`);
  for (const dead of steps.filter((each) => each.dead))
    for (const other of steps)
      if (
        other !== dead &&
        other.parts.some((a) => dead.parts.some((b) => a.start < b.end && b.start < a.end))
      )
        found.push(`${other.id} beside ${dead.id}`);
  return found;
}

const told = (job: Job): Told => daysFile(daysOf(job), job, stepName);

const POOL_JOB = yardJob({
  waters: [{ ...POOL, perimeter: 'paved' }, TUB],
  things: [thing('pump', [27, 0])],
});

const NEW_SERVICE: Job = {
  ...demoJob,
  panels: demoJob.panels.map((panel, at) => (at === 0 ? { ...panel, installed: 'new' } : panel)),
};

describe('the order of the work, on jobs', () => {
  test.each<[string, Job]>([
    ['the demo job', demoJob],
    ['the demo job by one person', withDays(demoJob, { people: 1 })],
    ['the demo job without a ticket', { ...demoJob, locate: null }],
    ['the full house', fullHouse],
    ['a pool and a tub', POOL_JOB],
    ['a new service', NEW_SERVICE],
    [
      'gates that are booked late',
      withDays(demoJob, {
        gates: [
          gate('trench', { booked: '2026-03-30T09:00' }),
          gate('bonding', { booked: '2026-04-02T09:00' }),
          gate('final', { booked: '2026-04-20T09:00' }),
        ],
      }),
    ],
  ])('%s keeps it', (_, job) => {
    const plan = told(job);
    expect(plan.steps.length).toBeGreaterThan(2);
    expect(broken(plan)).toEqual([]);
  });

  test('the checker tells a step that is moved before what it waits for', () => {
    const plan = told(demoJob);
    const early = plan.steps.map((step) =>
      step.kind === 'backfill'
        ? { ...step, parts: [{ start: '2026-03-16T07:30', end: '2026-03-16T08:00' }] }
        : step,
    );
    expect(broken({ ...plan, steps: early }).length).toBeGreaterThan(0);
  });

  test('a landing has its panel, that of the house leaves it dead; a new service waits for the utility', () => {
    const { steps, gates } = told(demoJob);
    const landings = steps
      .filter(({ kind }) => kind === 'land')
      .map(({ id, panel, dead }) => [id, panel, dead]);
    expect(landings).toEqual([
      ['land garage', 'garage', false],
      ['panel', 'utility', true],
    ]);
    expect(gates.some(({ kind }) => kind === 'utility')).toBe(false);
    const utility = told(NEW_SERVICE).gates.find(({ kind }) => kind === 'utility');
    expect(utility?.holds).toEqual(expect.arrayContaining(['panel']));
  });

  test('what was refused is on record, with what mends it until it passes', () => {
    const failed = withDays(demoJob, { gates: [gate('bonding', { failed: 'Ring not seen at the ladder' })] });
    const bonding = told(failed).gates.find(({ kind }) => kind === 'bonding');
    expect(bonding?.failed).toEqual([
      { when: null, what: 'Ring not seen at the ladder', mendedBy: 'mend bonding' },
    ]);
    const passed = gate('bonding', { failed: 'Ring', passed: { by: 'J', at: '2026-03-20T09:00' } });
    const after = told(withDays(demoJob, { gates: [passed] })).gates.find(({ kind }) => kind === 'bonding');
    expect([after?.passed, after?.failed[0]?.mendedBy]).toEqual([{ by: 'J', at: '2026-03-20T09:00' }, null]);
  });

  test('a pavement is poured over the bonding, earth is filled', () => {
    const over = told(POOL_JOB).steps.filter(({ id }) => id.startsWith('cover'));
    expect(over[0]?.kind).toBe('pour');
  });

  test('the rod of a detached building waits for the marks, though its feeder has no trench', () => {
    const feeder = circuit({
      id: 'feeder',
      ...withPlate('feeder', {
        loadVA: 9600,
        continuousVA: 0,
        volts: 240,
        neutral: true,
        wires: 4,
        building: 'detached',
      }),
      run: [segment({ method: 'emt', place: 'outdoor' })],
      site: { building: 'detached-garage' },
    });
    const plan = told(jobOf([feeder]));
    const marks = plan.gates.find(({ kind }) => kind === 'marks');
    expect(marks?.holds).toEqual(['rough feeder']);
    expect(broken(plan)).toEqual([]);
  });

  test('what is dug after the marks have ended says so, until it is done', () => {
    const digs = (until: string | null, done: readonly string[] = []) => {
      const job = withDays(
        { ...demoJob, locate: { ticket: 'T', date: '2026-03-16', until } },
        { done: done.map((id) => ({ id, hours: 1, on: '2026-03-16' })) },
      );
      return daysOf(job).steps.flatMap(({ id, gate: held, marksEnded }) =>
        held === 'call' ? [[id, marksEnded] as const] : [],
      );
    };
    const [first] = digs(null);
    expect(first).toBeDefined();
    expect(digs(null).every(([, ended]) => ended === null)).toBe(true);
    expect(digs('2027-01-01').every(([, ended]) => ended === null)).toBe(true);
    expect(digs('2026-03-16').some(([, ended]) => ended === '2026-03-16')).toBe(true);
    const ids = digs('2026-03-16').map(([id]) => id);
    expect(digs('2026-03-16', ids).every(([, ended]) => ended === null)).toBe(true);
  });
});
