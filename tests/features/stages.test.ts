import { signedAt, walkSteps } from '../../src/core/water/walk';
import { describe, expect, test } from 'vitest';
import { demoJob } from '../../src/core/job/demo/demoJob';
import { fullHouse } from '../support/fullHouse/job';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { freshJob } from '../../src/core/job/freshJob';
import type { Job } from '../../src/core/job/jobSchema';
import { stageStates } from '../../src/core/packet/stageStates';

const states = (job: Job): Readonly<Record<string, string>> => {
  const all = Object.entries(stageStates(evaluateJob(job), '2026-03-02'));
  return Object.fromEntries(all.map(([id, { severity }]) => [id, severity]));
};

describe('how the stages of a job stand', () => {
  test('what was not looked at bears a dash, not a tick', () => {
    expect(states(freshJob('empty', 'Empty'))).toMatchObject({
      circuits: 'nothing',
      panel: 'nothing',
      materials: 'nothing',
    });
  });

  test('what is in a stage bears the worst that is open in it, and a tick where nothing is', () => {
    expect(states(fullHouse)).toEqual({
      survey: 'ask',
      service: 'stop',
      circuits: 'stop',
      water: 'nothing',
      panel: 'stop',
      materials: 'ok',
      days: 'nothing',
      checks: 'nothing',
      packet: 'ok',
    });
    expect(states(demoJob)).toMatchObject({ water: 'nothing', days: 'ok', checks: 'stop' });
    const failed = {
      id: 'rough-in' as const,
      booked: null,
      until: null,
      passed: null,
      failed: 'Box over full',
      photos: [],
    };
    expect(states({ ...demoJob, days: { ...demoJob.days, gates: [failed] } })['days']).toBe('stop');
    const [outlet] = fullHouse.circuits.filter(({ id }) => id === 'garage-outlet');
    expect(states({ ...fullHouse, circuits: outlet === undefined ? [] : [outlet] })['circuits']).toBe('ok');
  });

  test('the survey bears no tick while a plate, a lug or a length is nobody’s word', () => {
    const [outlet] = fullHouse.circuits.filter(({ id }) => id === 'garage-outlet');
    if (outlet === undefined) throw new Error('No outlet.');
    const job = {
      ...fullHouse,
      authority: 'County',
      permitDate: '2026-03-02',
      panels: [],
      circuits: [outlet],
    };
    const withSource = (at: string, kind: 'assumed' | 'told') =>
      states({
        ...job,
        sources: [
          {
            input: `circuit:${outlet.id}/${at}`,
            source: kind === 'assumed' ? { kind, rule: 'default' } : { kind },
          },
        ],
      })['survey'];
    for (const at of ['nameplate.amps', 'terminals.load', `run.${outlet.run[0]?.id ?? ''}.lengthFt`])
      expect([withSource(at, 'assumed'), withSource(at, 'told')], at).toEqual(['nothing', 'ok']);
    expect(withSource('site.room', 'assumed')).toBe('ok');
    expect(states({ ...job, circuits: [] })['survey']).toBe('nothing');
  });

  test('the water bears its tick once each stop of the bond walk was seen and right', () => {
    const walked = (leaving: number) => {
      const waters = evaluateJob(demoJob).waters.map(({ report }) => ({
        ...report.water,
        seen: walkSteps(report)
          .slice(leaving)
          .map((step) => ({ ...signedAt(step), offIn: 21, deepIn: 5 })),
      }));
      return states({ ...demoJob, yard: { ...demoJob.yard, waters } })['water'];
    };
    expect([walked(0), walked(1)]).toEqual(['ok', 'nothing']);
  });

  test('a piece that nothing it is sold as is long enough for is a stop of the materials', () => {
    const line = evaluateJob(demoJob).takeoff.lines.find(({ pieces }) =>
      pieces.some(({ cutFt }) => cutFt > 25),
    )!;
    const price = { item: line.key, packFt: 25, cents: 2000, date: '2026-03-01', source: 'typed' };
    const job = { ...demoJob, materials: { ...demoJob.materials, prices: [price] } };
    expect(states(demoJob)['materials']).not.toBe('stop');
    expect(states(job)['materials']).toBe('stop');
  });
});
