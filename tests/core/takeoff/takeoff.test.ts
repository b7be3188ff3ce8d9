import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { freshMemo } from '../../../src/core/job/jobMemo';
import type { Panel } from '../../../src/core/panel/panelSchema';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { itemKey, type Item } from '../../../src/core/takeoff/item';
import { itemPrice } from '../../../src/core/takeoff/itemPrice';
import { lineCuts } from '../../../src/core/takeoff/lineCuts';
import { panelNeeds } from '../../../src/core/takeoff/panelNeeds';
import { pieceOf, sourceKey } from '../../../src/core/takeoff/need';
import { offeredLines, pricedTakeoff, sharedOut } from '../../../src/core/takeoff/pricedTakeoff';
import type { Takeoff, TakeoffLine } from '../../../src/core/takeoff/takeoff';
import { itemName } from '../../../src/core/wording/itemWords';
import { circuit, load, segment } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';
import { POOL, thing, yardJob } from '../../support/yards';
import { runs } from '../../support/luck';

const takeoff = (job: Job): Takeoff => evaluateJob(job).takeoff;
const countOf = (job: Job, key: string): number =>
  takeoff(job).lines.find((line) => line.key === key)?.count ?? 0;
const lineOf = (job: Job, is: (item: Item) => boolean): TakeoffLine | undefined =>
  takeoff(job).lines.find(({ item }) => is(item));
const pricedOf = (job: Job) => {
  const offered = offeredLines(takeoff(job), job.materials, defaultPrices);
  const cuts = new Map(
    offered.flatMap(({ line: { key, pieces }, offer }) => {
      const found = lineCuts({ key, pieces, offer });
      return found === undefined ? [] : [[key, found] as const];
    }),
  );
  return { cuts, priced: pricedTakeoff(offered, cuts) };
};

const heater = (id: string, part: Parameters<typeof circuit>[0] = {}) =>
  circuit({ id, name: id, appliance: load(), run: [segment({ id: `${id}-run` })], ...part });

describe('a piece as it is cut', () => {
  // 66 ft of raceway, 3 % of it up to 2 ft, 1 ft in a box and 2 ft at a disconnect.
  test('is its run, the waste of that up to the foot, and what is left at both ends', () => {
    expect(pieceOf('p', 'B to C', 66, [1, 2], 'wire')).toMatchObject({ wasteFt: 2, cutFt: 71 });
    expect(pieceOf('p', 'A to B', 62, [4, 2], 'cable')).toMatchObject({ wasteFt: 4, cutFt: 72 });
    expect(pieceOf('p', 'ring', 100, [0.5, 0.5], 'bond')).toMatchObject({ wasteFt: 10, cutFt: 111 });
  });
});

describe('what a circuit takes', () => {
  test('one cable of 40 ft: 2 ft of waste, 4 ft in the panel and 2 ft at the appliance', () => {
    const line = lineOf(jobOf([heater('a')]), ({ kind }) => kind === 'cable');
    expect(line?.pieces).toMatchObject([{ runFt: 40, wasteFt: 2, endsFt: [4, 2], cutFt: 48 }]);
    expect(line?.needs).toMatchObject([{ source: { kind: 'circuit', id: 'a' }, where: 'A to B' }]);
  });

  test('a breaker of its poles and form, and a label', () => {
    const job = jobOf([heater('a'), heater('b')]);
    expect(countOf(job, 'label')).toBe(2);
    expect(countOf(job, 'breaker 30 2 plain')).toBe(2);
    expect(takeoff(job).parts.map(({ key }) => key)).toEqual(['circuit a', 'circuit b']);
  });

  test('two circuits in one raceway buy it once, and one ground', () => {
    const shares = { raceway: 'pipe' };
    const run = (id: string) => [segment({ id, method: 'emt', lengthFt: 40, shares })];
    const shared = jobOf([heater('a', { run: run('x') }), heater('b', { run: run('y') })]);
    const apart = jobOf([
      heater('a', { run: [segment({ id: 'x', method: 'emt' })] }),
      heater('b', { run: [segment({ id: 'y', method: 'emt' })] }),
    ]);
    const feet = (job: Job, kind: Item['kind']) =>
      takeoff(job)
        .lines.filter(({ item }) => item.kind === kind)
        .reduce((sum, { count }) => sum + count, 0);
    expect(feet(apart, 'raceway')).toBeCloseTo(2 * 40, 6);
    expect(feet(shared, 'raceway')).toBeCloseTo(40, 6);
    const greens = (job: Job) =>
      takeoff(job).lines.flatMap((each) =>
        each.item.kind === 'wire' && each.item.letters === 'GN' ? each.pieces : [],
      );
    expect(greens(apart)).toHaveLength(2);
    expect(greens(shared)).toHaveLength(1);
  });

  test('an existing circuit takes nothing', () => {
    expect(takeoff(jobOf([heater('a')])).lines.length).toBeGreaterThan(5);
    expect(takeoff(jobOf([heater('a', { existing: {} })])).lines).toEqual([]);
    const recorded = heater('a', { existing: {}, pins: { ocpdA: 30, size: '10' } });
    expect(takeoff(jobOf([recorded])).lines).toEqual([]);
  });

  test('more run never takes less wire', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 150 }), fc.integer({ min: 0, max: 40 }), (lengthFt, more) => {
        const feet = (ft: number) =>
          lineOf(
            jobOf([heater('a', { maxDropPct: null, run: [segment({ lengthFt: ft })] })]),
            ({ kind }) => kind === 'cable',
          )?.count ?? 0;
        expect(feet(lengthFt + more)).toBeGreaterThanOrEqual(feet(lengthFt) + more);
      }),
      runs(30),
    );
  });
});

describe('what a water takes', () => {
  const job = yardJob({ things: [thing('pump', [27, 0]), thing('water-plate', [16, 0], { wetIn2: 9 })] });

  test('the ring with its waste and lap, four taps, tails, connectors by their listing', () => {
    const { copper } = evaluateJob(job).waters[0]?.report ?? {};
    const wire = lineOf(job, ({ kind }) => kind === 'bond-wire');
    // 107.0 ft, 10 % up to 11 ft, half a foot of lap at each end.
    expect(wire?.pieces[0]).toMatchObject({ id: `${POOL.id} ring`, wasteFt: 11, cutFt: 119 });
    expect(wire?.pieces.filter(({ id }) => id.includes(' tap '))).toHaveLength(4);
    expect(countOf(job, 'bond-connector')).toBe(copper?.buriedConnectors);
    expect(countOf(job, 'bond-clamp')).toBe(copper?.clamps);
    expect(countOf(job, 'water-bond')).toBe(1);
  });

  test('a grid in lengths of 200 ft at most', () => {
    const grid = yardJob({ waters: [{ ...POOL, grid: true }] });
    const wire = lineOf(grid, ({ kind }) => kind === 'bond-wire');
    expect(wire?.pieces.filter(({ where }) => where.startsWith('grid'))).toHaveLength(4);
  });
});

describe('what work in a panel takes', () => {
  const found = panel({ typed: '1 15 Lights\n2 20 Sink\n3 15 Hall', tandems: [{ from: 1, to: 20 }] });
  const needs = (part: Partial<Panel['plan']>) =>
    panelNeeds({ ...found, plan: { gone: [], moved: [], placed: [], ...part } }, []).map(
      ({ item, where }) => [itemKey(item), where],
    );
  const id = (at: number): string => found.breakers[at]?.id ?? '';

  test('nothing where nothing changes', () => {
    expect(needs({})).toEqual([]);
  });

  test('a tandem where two come to share a space, and a blank where one stood', () => {
    expect(
      needs({
        moved: [
          { id: id(0), to: { slot: 1, half: 'a' } },
          { id: id(2), to: { slot: 1, half: 'b' } },
        ],
      }),
    ).toEqual([
      ['tandem 15 15', 'space 1'],
      ['blank', 'space 3'],
    ]);
  });

  test('a blank for a breaker that is taken out', () => {
    expect(needs({ gone: [id(1)] })).toEqual([['blank', 'space 2']]);
  });
});

describe('the list of the demo job', () => {
  const list = takeoff(demoJob);
  const { cuts, priced } = pricedOf(demoJob);

  test('every need is in one line and in one part, and traces to something of the job', () => {
    const byLine = list.lines.flatMap(({ needs }) => needs);
    const byPart = list.parts.flatMap(({ needs }) => needs);
    expect(byLine).toHaveLength(byPart.length);
    expect(new Set(byLine)).toEqual(new Set(byPart));
    const ids = new Set([
      ...demoJob.circuits.map(({ id }) => `circuit ${id}`),
      ...demoJob.panels.map(({ id }) => `panel ${id}`),
      ...demoJob.yard.waters.map(({ id }) => `water ${id}`),
      'job',
    ]);
    for (const { source, where, count } of byLine) {
      expect(ids).toContain(sourceKey(source));
      expect(where).not.toBe('');
      expect(count).toBeGreaterThan(0);
    }
  });

  test('every line has a name of its own and a price', () => {
    const names = list.lines.map(({ item }) => itemName(item));
    expect(new Set(names).size).toBe(names.length);
    for (const { item } of list.lines)
      expect(itemPrice(item, defaultPrices), itemKey(item)).toBeGreaterThan(0);
    expect(priced.unpriced).toBe(0);
  });

  test('totals by line and by part are the same money', () => {
    const byPart = [...priced.byPart.values()].reduce((sum, cents) => sum + cents, 0);
    expect(byPart).toBe(priced.cents);
    expect(priced.lines.reduce((sum, { cents }) => sum + (cents ?? 0), 0)).toBe(priced.cents);
  });

  test('every piece that is cut lies in one bar', () => {
    for (const { key, pieces } of list.lines) {
      if (pieces.length === 0) continue;
      const laid = cuts.get(key)?.plan.bars.flatMap((bar) => bar.pieces) ?? [];
      expect(laid.toSorted()).toEqual(pieces.map(({ id }) => id).toSorted());
      expect(cuts.get(key)?.plan.proved).toBe(true);
    }
  });

  test('an edit of one circuit takes only that one off anew', () => {
    const memo = freshMemo();
    const before = evaluateJob(demoJob, memo).takeoff;
    const [first, ...rest] = demoJob.circuits;
    if (first === undefined) throw new Error('The demo has no circuit.');
    const after = evaluateJob(
      { ...demoJob, circuits: [{ ...first, name: 'Renamed' }, ...rest] },
      memo,
    ).takeoff;
    const needs = ({ parts }: Takeoff, key: string) => parts.find((part) => part.key === key)?.needs ?? [];
    for (const { id } of rest) {
      const [was] = needs(before, `circuit ${id}`);
      expect(needs(after, `circuit ${id}`)[0]).toBe(was);
    }
  });
});

test('cents that are shared out add up, whatever they are shared by', () => {
  fc.assert(
    fc.property(
      fc.nat(500_000),
      fc.array(fc.integer({ min: 1, max: 900 }), { minLength: 1, maxLength: 9 }),
      (cents, by) => {
        const shares = sharedOut(cents, new Map(by.map((each, at) => [`${at}`, each])));
        const given = [...shares.values()];
        expect(given.reduce((sum, each) => sum + each, 0)).toBe(cents);
        const whole = by.reduce((sum, each) => sum + each, 0);
        for (const [at, each] of by.entries())
          expect(Math.abs((shares.get(`${at}`) ?? 0) - (cents * each) / whole)).toBeLessThan(1);
      },
    ),
  );
});
