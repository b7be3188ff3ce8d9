import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { roomCommand, roomOffers } from '../../../src/core/fixes/roomOffers';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob, type JobEvaluation } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { spaceOptions, type SpaceOption } from '../../../src/core/panel/spaceOptions';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { fullHouse } from '../../support/fullHouse/job';
import { after, jobOf, stopsIn } from '../../support/jobs';
import { circuit, segment } from '../../support/circuits';
import { runs } from '../../support/luck';
import { panel } from '../../support/panels';
import { listPrice } from '../../support/listPrice';

const IDS = { panel: 'new-panel', feeder: 'new-feeder', segment: 'new-segment' };

const dryer = circuit({
  id: 'dryer',
  name: 'Dryer',
  appliance: { family: 'dryer', nameplate: { kw: 5.4, volts: 240 } },
  run: [segment({ method: 'nm-b', lengthFt: 30 })],
});

/** A panel without a free space, beside which one circuit is to have a place. */
const full = (part: Parameters<typeof panel>[0] = {}): Job =>
  jobOf([dryer], { panels: [panel({ typed: '1 20 a; 2 20 b; 3 20 c; 4 20 d', spaces: 4, ...part })] });

const panelOf = (evaluation: JobEvaluation) => {
  const [first] = evaluation.panels;
  if (first === undefined) throw new Error('No panel.');
  return first;
};

function taken(job: Job, option: SpaceOption): JobEvaluation | undefined {
  const { panel: about, wanted } = panelOf(evaluateJob(job));
  const command = roomCommand(job, about, wanted, option, IDS);
  return command === undefined ? undefined : evaluateJob(after(job, command).job);
}

const untried = (job: Job): readonly SpaceOption[] => {
  const { panel: about, wanted } = panelOf(evaluateJob(job));
  return spaceOptions(about, wanted, defaultPrices);
};

const offers = (job: Job): readonly SpaceOption[] => roomOffers(job, job.panels[0]?.id ?? '', defaultPrices);

describe('ways to make room', () => {
  test('a feeder that no subpanel can carry is not offered, though there is space for it', () => {
    // Ten circuits ask for 373 A; the lugs of the panel end at 1/0.
    const subpanel = untried(fullHouse).find(({ kind }) => kind === 'subpanel');
    if (subpanel === undefined) throw new Error('No subpanel.');
    const result = taken(fullHouse, subpanel);
    expect(result && stopsIn(result)).toEqual(expect.arrayContaining(['ocpd.below-load', 'panel.lug-range']));
    expect(offers(fullHouse).map(({ kind }) => kind)).toEqual(['moves', 'new-panel']);
  });

  test('one that holds is offered; its feeder, breaker and enclosure are in its price', () => {
    const job = full({ tandems: [{ from: 1, to: 4 }] });
    const [moves, subpanel] = offers(job);
    expect([moves?.kind, subpanel?.kind]).toEqual(['moves', 'subpanel']);
    for (const option of [moves, subpanel]) {
      if (option === undefined) throw new Error('Not offered.');
      const result = taken(job, option);
      if (result === undefined) throw new Error('Not taken.');
      expect(stopsIn(result)).not.toContain('panel.no-space');
      const enclosure = option.kind === 'subpanel' ? 9500 : 0;
      const adds = listPrice(result) - listPrice(evaluateJob(job));
      expect(Math.abs(option.cents - enclosure - adds)).toBeLessThanOrEqual(1);
    }
    expect(evaluateJob(job).findings.map(({ code }) => code)).toContain('panel.no-space');
  });

  test('a new panel is only priced', () => {
    const option = untried(full()).find(({ kind }) => kind === 'new-panel');
    expect(option && taken(full(), option)).toBeUndefined();
    expect(offers(full()).map(({ kind }) => kind)).toContain('new-panel');
    expect(roomOffers(demoJob, 'no such panel', defaultPrices)).toEqual([]);
  });

  test('whatever is in the panel: what is offered is an edit that brings no stop', () => {
    const some = fc.record({
      spaces: fc.constantFrom(4, 6, 8),
      tandems: fc.constantFrom<{ from: number; to: number }[][]>(
        [],
        [{ from: 1, to: 4 }],
        [{ from: 3, to: 6 }],
      ),
      typed: fc.constantFrom(
        '1,3 2p30 a; 2 20 b; 4 20 gfci d',
        '1 20 a; 2 20 b; 3 20 c; 4 20 d; 5 15 e; 6 15 f',
        '1,3 mw20 a; 2,4 2p50 b',
      ),
      mostPoles: fc.constantFrom<(number | null)[]>(null, 5, 12),
      mainA: fc.constantFrom(60, 100, 200),
      lugTo: fc.constantFrom('6', '1/0'),
    });
    let offered = 0;
    fc.assert(
      fc.property(some, (part) => {
        const job = full({ ...part, busA: part.mainA });
        const had = new Set(stopsIn(evaluateJob(job)));
        for (const option of offers(job)) {
          const result = taken(job, option);
          if (result === undefined) continue;
          offered += 1;
          expect(stopsIn(result).filter((code) => !had.has(code))).toEqual([]);
        }
      }),
      runs(20),
    );
    expect(offered).toBeGreaterThan(10);
  });
});
