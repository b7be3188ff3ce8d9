import { describe, expect, test } from 'vitest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { jobSchema } from '../../../src/core/job/jobSchema';
import { jobOf } from '../../support/jobs';
import { fullHouse } from '../../support/fullHouse/job';

const evaluation = evaluateJob(demoJob, freshMemo());
const of = (severity: string) =>
  evaluation.findings.filter((each) => each.severity === severity).map(({ code }) => code);

describe('the demo job', () => {
  test('is a valid job of ten circuits', () => {
    expect(jobSchema.parse(demoJob)).toEqual(demoJob);
    expect(demoJob.circuits).toHaveLength(10);
  });

  test('has three stops, the cable that everybody takes for 60 A and a neutral joint that heats by its readings, and two questions', () => {
    expect(of('stop')).toEqual(['conductor.terminal-60c', 'check.danger', 'check.reading']);
    expect(of('ask').toSorted()).toEqual(['gfci.contested', 'rv.larger']);
    expect(of('check')).toEqual(['gfci.hvac-exempt']);
  });

  test('has every circuit in a space of its panel, and no space twice', () => {
    const placed = demoJob.panels.flatMap(({ plan }) => plan.placed.map(({ circuitId }) => circuitId));
    expect(placed.toSorted()).toEqual(demoJob.circuits.map(({ id }) => id).toSorted());
    expect(evaluation.panels.map(({ panel }) => panel.id)).toEqual(['utility', 'garage']);
  });

  test('runs two circuits through one trench, and one from the panel that another feeds', () => {
    const sharing = demoJob.circuits.filter(({ run }) => run.some(({ shares }) => shares?.trench === 'yard'));
    expect(sharing.map(({ id }) => id)).toEqual(['garage-feeder', 'kiln']);
    expect(demoJob.panels[1]?.feederId).toBe('garage-feeder');
  });
});

describe('a feeder and the circuits of its panel', () => {
  const report = (job: typeof demoJob) => evaluateJob(job, freshMemo()).service.report;
  const withLoad = (loadVA: number) => ({
    ...demoJob,
    circuits: demoJob.circuits.map((each) =>
      each.appliance.family === 'feeder'
        ? { ...each, appliance: { ...each.appliance, nameplate: { ...each.appliance.nameplate, loadVA } } }
        : each,
    ),
  });
  const after = (job: typeof demoJob, method: string) =>
    report(job).answers.find((each) => each.method === method)?.after.totalVA ?? 0;

  test('count once in the service: the circuits themselves, the feeder for what is left', () => {
    // The panel holds a charger of 7680 VA and a compressor of 17 A x 240 V = 4080 VA: 11,760 of the 13,800 VA.
    const rest = after(demoJob, 'optional') - after(withLoad(11760), 'optional');
    expect(rest).toBeCloseTo((13800 - 11760) * 0.4, 6);
    expect(after(withLoad(8000), 'optional')).toBe(after(withLoad(11760), 'optional'));
  });

  test('a feeder of a panel that the job does not have counts whole', () => {
    const alone = { ...demoJob, panels: demoJob.panels.slice(0, 1) };
    expect(after(alone, 'optional') - after(demoJob, 'optional')).toBeCloseTo(11760 * 0.4, 6);
  });

  test('a check says that the panel holds more than its feeder is computed for', () => {
    const codes = evaluateJob(withLoad(8000), freshMemo()).findings.map(({ code }) => code);
    expect(codes).toContain('panel.feeder-load');
    expect(
      evaluateJob(jobOf(fullHouse.circuits), freshMemo()).findings.map(({ code }) => code),
    ).not.toContain('panel.feeder-load');
  });
});
