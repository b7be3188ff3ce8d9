import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import type { Job } from '../../../src/core/job/jobSchema';
import { assumptionsOf } from '../../../src/core/known/assumptions';
import { withInput } from '../../../src/core/known/circuitInput';
import { toVerify } from '../../../src/core/known/toVerify';
import { unverifiedLines } from '../../../src/core/known/unverifiedFile';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { charger, circuit, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';

const verifyIn = (job: Job) => {
  const memo = freshMemo();
  return toVerify(evaluateJob(job, memo), memo, defaultPrices);
};

const unmarked = jobOf([
  circuit({
    id: 'ev',
    appliance: charger(),
    terminals: { panel: 'unmarked', load: 75 },
    run: [segment({ method: 'emt', lengthFt: 40 })],
  }),
]);

describe('what nobody gave', () => {
  test('lugs without a mark stand at 60 °C; marked 75 °C the conductor and the money are others', () => {
    const lug = verifyIn(unmarked).find(({ assumption }) => assumption.input === 'terminals.panel');
    expect(lug?.assumption.stands).toBe('60 °C, no mark seen');
    const [marked] = lug?.outcomes ?? [];
    expect(marked?.figures).toContainEqual({ figure: 'conductor', was: '4 AWG', is: '6 AWG' });
    expect(marked?.cents).toBeLessThan(0);
    expect(verifyIn(unmarked).some(({ assumption }) => assumption.input === 'terminals.load')).toBe(false);
  });

  test('what was looked at is not asked any more', () => {
    const [asked] = assumptionsOf(evaluateJob(unmarked).circuits[0]!, []).filter(({ input }) =>
      input.startsWith('site.'),
    );
    const [other] = asked?.alternatives ?? [];
    if (asked === undefined || other === undefined) throw new Error('Nothing is asked of the site.');
    const seen = { ...unmarked, circuits: [withInput(unmarked.circuits[0]!, asked.input, other.value)!] };
    expect(assumptionsOf(evaluateJob(seen).circuits[0]!, []).map(({ input }) => input)).not.toContain(
      asked.input,
    );
  });

  test('lugs that somebody looked at and found without a mark stay at 60 °C, and are asked no more', () => {
    const sources = [{ input: 'circuit:ev/terminals.panel', source: { kind: 'seen', who: 'lead' } as const }];
    const inputs = (job: Job) =>
      assumptionsOf(evaluateJob(job).circuits[0]!, job.sources).map(({ input }) => input);
    expect(inputs(unmarked)).toContain('terminals.panel');
    expect(inputs({ ...unmarked, sources })).not.toContain('terminals.panel');
  });

  test('a length that nobody gave may be half of it, or twice; a plate that nobody read, a quarter less or more', () => {
    const id = unmarked.circuits[0]!.run[0]!.id;
    const assumed = (at: string) => ({
      input: `circuit:ev/${at}`,
      source: { kind: 'assumed', rule: 'default' } as const,
    });
    const sources = [assumed(`run.${id}.lengthFt`), assumed('nameplate.outputAmps')];
    const found = assumptionsOf(evaluateJob(unmarked).circuits[0]!, sources);
    const values = (input: string) =>
      found.find((each) => each.input === input)?.alternatives.map(({ value }) => value);
    expect(values(`run.${id}.lengthFt`)).toEqual([20, 80]);
    expect(values('nameplate.outputAmps')).toEqual([36, 60]);
    expect(
      assumptionsOf(evaluateJob(unmarked).circuits[0]!, []).some(({ input }) => /^run/.test(input)),
    ).toBe(false);
  });

  test('what would change nothing is not asked, and what matters most stands first', () => {
    const all = verifyIn(demoJob);
    for (const { outcomes } of all)
      expect(
        outcomes.some(({ figures, opens, closes }) => figures.length + opens.length + closes.length > 0),
      ).toBe(true);
    const weights = all.map(({ weight }) => weight);
    expect(weights).toEqual(weights.toSorted((a, b) => b - a));
    expect(weights[0]).toBeGreaterThan(999);
  });

  test('what the electrician builds himself is no fact of the place; of an existing circuit it is', () => {
    const inputs = (job: Job) =>
      evaluateJob(job).circuits.flatMap((view) => assumptionsOf(view, job.sources).map(({ input }) => input));
    expect(inputs(unmarked)).not.toContain('site.groundColor');
    const there = { ...unmarked, circuits: unmarked.circuits.map((each) => ({ ...each, existing: {} })) };
    expect(inputs(there)).toContain('site.groundColor');
  });

  test('an outcome is what the job comes to with that value', () => {
    const memo = freshMemo();
    for (const { assumption, outcomes } of verifyIn(demoJob).slice(0, 12))
      for (const [at, { figures, opens }] of outcomes.entries()) {
        const was = demoJob.circuits.find(({ id }) => id === assumption.circuitId);
        const other = was && withInput(was, assumption.input, assumption.alternatives[at]?.value);
        if (other === undefined) throw new Error('An outcome without its value.');
        const circuits = demoJob.circuits.map((each) => (each.id === other.id ? other : each));
        const view = evaluateJob({ ...demoJob, circuits }, memo).circuit(other.id);
        const codes = view?.solved.findings.map(({ code }) => code) ?? [];
        for (const { code } of opens) expect(codes).toContain(code);
        if (figures.some(({ figure }) => figure === 'conductor'))
          expect(view?.solved.figures.size).toBeTruthy();
      }
  });

  test('what hurts is told from what only costs: a smaller conductor is no hazard, a larger one is', () => {
    const [lug] = verifyIn(unmarked).filter(({ assumption }) => assumption.input === 'terminals.panel');
    expect(lug?.outcomes.map(({ isHazard }) => isHazard)).toEqual([false]);
    const sources = [
      {
        input: 'circuit:ev/nameplate.outputAmps',
        source: { kind: 'assumed', rule: 'default' } as const,
      },
    ];
    const output = verifyIn({ ...unmarked, sources }).find(
      ({ assumption }) => assumption.input === 'nameplate.outputAmps',
    );
    expect(output?.outcomes.map(({ value, isHazard }) => [value, isHazard])).toEqual([
      [36, false],
      [60, true],
    ]);
  });

  test('in a file each bears subject, input, source and outcomes', () => {
    const [line] = unverifiedLines(verifyIn(unmarked));
    expect(line).toMatchObject({ subject: { kind: 'circuit', circuitId: 'ev' }, source: 'assumed' });
    expect(line?.outcomes.length).toBeGreaterThan(0);
  });
});
