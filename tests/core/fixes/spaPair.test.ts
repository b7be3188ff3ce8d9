import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { wiring } from '../../../src/core/wiring/terminations';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import { circuit, segment } from '../../support/circuits';
import { after, fixesIn, jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';
import { tub, withPlate } from '../findings/raised';

const house: Pick<Job, 'house' | 'panels'> = {
  house: { ...FRESH_HOUSE, areaFt2: 1800, method: 'standard' },
  panels: [panel({})],
};

/** A tub on a pair, its spa panel 40 ft out and 6 ft of raceway from there. */
const paired = (neutral = true): Job =>
  jobOf(
    [
      circuit({
        id: 'tub',
        name: 'Hot tub',
        ...withPlate('hot-tub', { ...tub, neutral, feeds: 'pair' }),
        run: [
          segment({
            id: 'out',
            method: 'pvc40',
            place: 'outdoor',
            lengthFt: 40,
            end: { kind: 'disconnect' },
          }),
          segment({ id: 'to-tub', method: 'pvc40', place: 'outdoor', lengthFt: 6 }),
        ],
        site: { disconnectFt: 6, disconnectInSight: true, waterFt: 6 },
      }),
    ],
    house,
  );

function planned(neutral = true) {
  const job = paired(neutral);
  const [fix] = fixesIn(job, 'load.spa-pair');
  if (fix === undefined) throw new Error('no fix');
  const done = after(job, fix.command);
  return { job, fix, done, evaluation: evaluateJob(done.job) };
}

const figuresOf = (evaluation: ReturnType<typeof evaluateJob>, id: string) => {
  const found = evaluation.circuit(id)?.solved.figures;
  if (found === undefined) throw new Error(`no circuit ${id}`);
  return found;
};

describe('the 20 A and 30 A pair of a tub', () => {
  test('is two circuits from the spa panel: 30 A on 10 AWG and 20 A on 12 AWG, the feed stays 50 A', () => {
    const { evaluation, fix } = planned();
    expect(fix.change).toEqual({ kind: 'plan-pair', heater: '10', pumps: '12' });
    expect(evaluation.circuits.map(({ circuit: { id, feedId } }) => [id, feedId])).toEqual([
      ['tub', null],
      ['tub-heater', 'tub'],
      ['tub-pumps', 'tub'],
    ]);
    expect(figuresOf(evaluation, 'tub').ocpd.ratingA).toBe(50);
    expect(figuresOf(evaluation, 'tub-heater')).toMatchObject({
      ocpd: { ratingA: 30 },
      size: '10',
      wires: 2,
    });
    expect(figuresOf(evaluation, 'tub-pumps')).toMatchObject({ ocpd: { ratingA: 20 }, size: '12', wires: 3 });
  });

  test('the feed ends at the spa panel, and both share one raceway with one ground: 2 + 3 + 1 conductors', () => {
    const { done, evaluation } = planned();
    expect(done.job.circuits[0]?.run.map(({ id }) => id)).toEqual(['out']);
    for (const id of ['tub-heater', 'tub-pumps']) {
      expect(figuresOf(evaluation, id).raceway?.conductors).toBe(6);
      expect(figuresOf(evaluation, id).groundTaken).toBe(id === 'tub-heater' ? '10' : '12');
    }
    const bought = (id: string) =>
      evaluation
        .route(id)
        ?.report.wires.flatMap(({ conductors }) => conductors.map(({ letters }) => letters));
    expect(
      [...(bought('tub-heater') ?? []), ...(bought('tub-pumps') ?? [])].filter((each) => each === 'GN'),
    ).toHaveLength(1);
  });

  test('lands the feed on the lugs of the spa panel, and each pair on its own GFCI breaker there', () => {
    const { done, evaluation } = planned();
    const wired = (id: string) => {
      const view = evaluation.circuit(id);
      return view && wiring(view.circuit, view.solved, view.context);
    };
    expect(done.job.circuits).toHaveLength(3);
    const feed = wired('tub');
    expect(feed).toMatchObject({ from: 'panel', to: 'spa-panel', between: null });
    expect(feed?.ends.find(({ at }) => at === 'load')?.landings.map(({ terminal }) => terminal)).toEqual([
      'ground-bar',
      'neutral-bar',
      'line-1',
      'line-2',
    ]);
    const pumps = wired('tub-pumps');
    expect(pumps).toMatchObject({
      from: 'spa-panel',
      to: 'load',
      between: null,
      panel: { role: 'subpanel', bars: 'apart' },
    });
    expect(pumps?.ends.find(({ at }) => at === 'panel')?.landings.map(({ terminal }) => terminal)).toEqual(
      expect.arrayContaining(['ground-bar', 'device-neutral', 'neutral-bar', 'breaker-1', 'breaker-2']),
    );
  });

  test('takes one space of the panel and adds the tub to the service once', () => {
    const { job, evaluation } = planned();
    const before = evaluateJob(job);
    expect(evaluation.panels[0]?.wanted.map(({ circuitId }) => circuitId)).toEqual(['tub']);
    expect(evaluation.service.report.additions).toEqual(before.service.report.additions);
  });

  test('adds the drop of the feed to that of each circuit', () => {
    const { evaluation } = planned();
    const step = evaluation
      .circuit('tub-heater')
      ?.solved.workings.drop.find(({ id }) => id === 'drop.with-feed');
    const [feed, own] = ['tub', 'tub-heater'].map((id) => figuresOf(evaluation, id).drop?.percent ?? 0);
    expect(step?.result).toBeCloseTo((feed ?? 0) + (own ?? 0), 9);
    expect(own).toBeGreaterThan(0);
  });

  test("asks for the pumps' poles and neutral, and whether the authority takes two breakers without a main", () => {
    const { evaluation } = planned();
    const codes = evaluation.findings.map(({ code }) => code);
    expect(codes).toContain('load.pair-diagram');
    expect(codes).toContain('disconnect.pair-main');
    expect(evaluation.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('is planned once: the finding is a note afterwards and offers nothing', () => {
    const { done, evaluation, job } = planned();
    expect(evaluation.findings.find(({ code }) => code === 'load.spa-pair')?.severity).toBe('note');
    expect(fixesIn(done.job, 'load.spa-pair')).toEqual([]);
    expect(after(done.job, done.inverse).job).toEqual(job);
  });
});
