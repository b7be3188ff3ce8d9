import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { isDoesNotFit, movedPiece } from '../../../src/core/takeoff/keptBars';
import { lineCuts } from '../../../src/core/takeoff/lineCuts';
import { listState } from '../../../src/core/takeoff/listState';
import type { KeptBar, Materials, OnTruck } from '../../../src/core/takeoff/materialsDocument';
import type { NeededPiece } from '../../../src/core/takeoff/need';
import type { Offer } from '../../../src/core/takeoff/offer';
import {
  countRows,
  FRESH_COUNT,
  withFetched,
  withUsed,
  type CountRow,
} from '../../../src/core/takeoff/noonCount';
import { cutLines, offeredLines, pricedTakeoff } from '../../../src/core/takeoff/pricedTakeoff';
import { truckAfter } from '../../../src/core/takeoff/truckAfter';
import { standWords, tripText } from '../../../src/core/wording/countWords';
import { doesNotFit } from '../../../src/core/wording/takeoffWords';
import { runs } from '../../support/luck';

const ITEM = 'wire';
const piece = (id: string, cutFt: number): NeededPiece => ({
  id,
  where: 'A to B',
  runFt: cutFt,
  wasteFt: 0,
  endsFt: [0, 0],
  cutFt,
});
const offer = (part: Partial<Offer> = {}): Offer => ({
  each: undefined,
  packs: [{ ft: 100, cents: 10000 }],
  packsOnly: true,
  basis: 'dated',
  date: null,
  source: null,
  truck: [],
  ...part,
});
const PIECES = [piece('a', 60), piece('b', 40), piece('c', 30), piece('d', 20)];
const cut = (kept: readonly KeptBar[] = [], pieces = PIECES, sold = offer()) => {
  const found = lineCuts({ key: ITEM, pieces, offer: sold, kept });
  if (found === undefined) throw new Error('Nothing is cut.');
  return found;
};
const keptBar = (...pieces: string[]): KeptBar => ({ item: ITEM, stock: 'roll 100', pieces });
const lying = ({ plan }: ReturnType<typeof cut>) => plan.bars.map((bar) => bar.pieces);

describe('pieces laid by hand', () => {
  test('stay on their bar, and the rest is planned around them, into what they leave too', () => {
    expect(lying(cut())).toEqual([
      ['a', 'b'],
      ['c', 'd'],
    ]);
    const held = cut([keptBar('a', 'c')]);
    expect(held.held).toBe(1);
    expect(held.plan.bars[0]).toMatchObject({ stock: 'roll 100', pieces: ['a', 'c'], leftFt: 10 });
    expect(lying(held)[1]?.toSorted()).toEqual(['b', 'd']);
    expect(held.plan).toMatchObject({ costCents: 20000, boundCents: 20000, proved: true });
    // What is left of a held bar is cut before anything more is bought.
    const small = cut([keptBar('a')], [piece('a', 60), piece('b', 40)]);
    expect([lying(small), small.plan.costCents]).toEqual([[['a', 'b']], 10000]);
  });

  test('never cost less than the best plan, and every piece is cut once', () => {
    const feet = fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(
        feet,
        fc.integer({ min: 0, max: 7 }),
        fc.integer({ min: 0, max: 7 }),
        (lengths, one, other) => {
          const pieces = lengths.map((ft, at) => piece(`p${at}`, ft));
          const ids = [...new Set([`p${one % lengths.length}`, `p${other % lengths.length}`])];
          const held = cut([keptBar(...ids)], pieces);
          expect(held.plan.costCents).toBeGreaterThanOrEqual(cut([], pieces).plan.costCents);
          expect(lying(held).flat().toSorted()).toEqual(pieces.map(({ id }) => id).toSorted());
          const together = lying(held).find((bar) => bar.includes(ids[0] ?? ''));
          const whole = pieces
            .filter(({ id }) => ids.includes(id))
            .reduce((sum, { cutFt }) => sum + cutFt, 0);
          if (whole <= 100) expect(ids.every((id) => together?.includes(id))).toBe(true);
        },
      ),
      runs(60),
    );
  });

  test('are let go where they no longer can lie so', () => {
    const best = lying(cut());
    expect(lying(cut([keptBar('a', 'gone')]))).toEqual(best);
    expect(lying(cut([keptBar('a', 'b', 'c')]))).toEqual(best);
    expect(lying(cut([{ ...keptBar('a'), stock: 'roll 250' }]))).toEqual(best);
    // A tail lies there once.
    const truck: OnTruck[] = [{ item: ITEM, ft: 70, count: 1 }];
    const onTail = (id: string): KeptBar => ({ item: ITEM, stock: 'truck 70 ft', pieces: [id] });
    const twice = cut([onTail('a'), onTail('b')], PIECES, offer({ truck }));
    expect(twice.held).toBe(1);
    expect(twice.plan.bars.filter(({ stock }) => stock === 'truck 70 ft')).toHaveLength(1);
  });

  test('a bar is known by what it is: another tail before it on the truck does not change that', () => {
    const tail = (ft: number): OnTruck => ({ item: ITEM, ft, count: 1 });
    const kept: KeptBar = { item: ITEM, stock: 'truck 70 ft', pieces: ['a'] };
    const on = (truck: readonly OnTruck[], bar: KeptBar) =>
      cut([bar], PIECES, offer({ truck })).plan.bars.find(({ pieces }) => pieces.includes('a'))?.stock;
    expect(on([tail(70)], kept)).toBe('truck 70 ft');
    expect(on([tail(65), tail(70)], kept)).toBe('truck 70 ft');
    // Jobs of before told it by its place.
    expect(on([tail(70), tail(65)], { ...kept, stock: 'truck 1' })).toBe('truck 70 ft');
  });

  test('moving a piece holds the bar that it comes to; one that does not fit is refused with both lengths', () => {
    const { plan } = cut();
    const [first, second] = plan.bars;
    if (first === undefined || second === undefined) throw new Error('Two bars.');
    const refused = movedPiece(ITEM, piece('c', 30), first, []);
    if (!isDoesNotFit(refused)) throw new Error('It fits.');
    expect(doesNotFit(refused)).toBe('30 ft does not fit in 0 ft left.');
    const moved = movedPiece(ITEM, piece('b', 40), second, []);
    if (isDoesNotFit(moved)) throw new Error('It does not fit.');
    expect(moved).toEqual([keptBar(...second.pieces, 'b')]);
    expect(lying(cut(moved)).map((bar) => bar.toSorted())).toEqual([['b', 'c', 'd'], ['a']]);
    // Moved on, it is held there alone; bars of other items stay.
    const other: KeptBar = { item: 'other', stock: 'roll 50', pieces: ['b'] };
    const again = cut(moved);
    const to = again.plan.bars.find(({ pieces }) => pieces.includes('a'));
    if (to === undefined) throw new Error('No bar.');
    expect(movedPiece(ITEM, piece('d', 20), to, [...moved, other])).toEqual([other, keptBar('a', 'd')]);
    expect(movedPiece(ITEM, piece('a', 60), to, moved)).toBe(moved);
  });
});

const pricedOf = (materials: Materials = demoJob.materials) => {
  const offered = offeredLines(evaluateJob({ ...demoJob, materials }).takeoff, materials, defaultPrices);
  const cuts = cutLines(offered).flatMap((asked) => {
    const found = lineCuts(asked);
    return found === undefined ? [] : [[asked.key, found] as const];
  });
  return pricedTakeoff(offered, new Map(cuts));
};

describe('the truck after the job', () => {
  const after = truckAfter(pricedOf(), demoJob.materials.truck);
  const of = (item: string) => after.filter((each) => each.item === item).map(({ ft, count }) => [ft, count]);

  test('what was cut is gone, its rest is there if it is worth keeping, what is counted is less', () => {
    // 46 of 52 ft were cut from the tail.
    expect(of('cable NM-B 12/2 nm-b 12 2')).toEqual([[6, 1]]);
    const used = pricedOf().lines.find(({ line }) => line.key === 'wire-connector')?.fromTruck ?? 0;
    expect(used).toBeGreaterThan(0);
    expect(of('wire-connector')).toEqual([[null, 40 - used]]);
    // Two feet of the black coil are left: nobody keeps those.
    expect(of('wire 6 cu THWN-2 BK')).toEqual([]);
  });

  test('what the job has no use for stays as it is', () => {
    const odd: OnTruck = { item: 'cable NM-B 6/3 nm-b 6 3 of another house', ft: 12, count: 2 };
    expect(truckAfter(pricedOf(), [...demoJob.materials.truck, odd])).toContainEqual(odd);
  });

  test('taken to the next job it is a truck that such a job accepts', () => {
    const truck = [...after];
    expect(pricedOf({ ...demoJob.materials, truck }).cents).toBeGreaterThan(0);
    expect(truck.every(({ ft, count }) => count >= 1 && (ft === null || ft >= 3))).toBe(true);
  });
});

describe('what of the list is to be looked at', () => {
  const { takeoff } = evaluateJob(demoJob);
  const state = (today: string, materials: Partial<Materials> = {}) =>
    listState(takeoff, { ...demoJob.materials, ...materials }, defaultPrices, today);

  test('prices over 60 days old, on the day and the day after', () => {
    expect(state('2026-05-11').old).toEqual([]);
    expect(state('2026-05-12').old).toEqual(['wire 6 cu THWN-2 BK', 'wire 6 cu THWN-2 RD']);
  });

  test('pieces that nothing is long enough for, and items without a price', () => {
    const item = 'wire 6 cu THWN-2 BK';
    const coil = { item, packFt: 50, cents: 5000, date: '2026-05-01', source: 'x' };
    expect(state('2026-05-11', { prices: [coil] }).tooLong).toEqual([item]);
    expect(state('2026-05-11', { prices: [{ ...coil, packFt: 100 }] }).tooLong).toEqual([]);
    const bare = listState(takeoff, demoJob.materials, { ...defaultPrices, cable: {} }, '2026-05-11');
    expect(bare.unpriced).toContain('cable NM-B 6/2 nm-b 6 2');
  });
});

describe('the count at noon', () => {
  const priced = pricedOf();
  const RANGE = 'circuit kitchen-range';
  const SPLIT = 'circuit north-split';
  const row = (rows: readonly CountRow[], key: string): CountRow => {
    const found = rows.find((each) => each.key === key);
    if (found === undefined) throw new Error(`No ${key}.`);
    return found;
  };
  const WHIP = 'raceway lfnc 1/2';

  test('what is up should be used by the plan; the rest is still to go; nothing is short by the plan', () => {
    const rows = countRows(priced, { ...FRESH_COUNT, up: [SPLIT] });
    expect(row(rows, WHIP)).toMatchObject({ planned: 6, used: null, toGo: 0, onHand: 6, short: 0 });
    expect(row(rows, 'cable NM-B 8/3 nm-b 8 3')).toMatchObject({ planned: 0, toGo: 43, onHand: 43 });
    expect(rows.filter(({ short }) => short > 0)).toEqual([]);
    expect(row(rows, 'cable NM-B 12/2 nm-b 12 2').left).toBe(6);
  });

  test('more used than planned is short, stands first, and is priced', () => {
    const count = withUsed({ ...FRESH_COUNT, up: [RANGE] }, 'cable NM-B 8/3 nm-b 8 3', 50.5);
    const [first] = countRows(priced, count);
    expect(first).toMatchObject({ used: 50.5, planned: 43, short: 7.5, left: 0 });
    if (first === undefined) throw new Error('No row.');
    expect(standWords(first)).toBe('Short 7.5 ft');
    // Eight feet at $2.60.
    expect(first.cents).toBe(2080);
    expect(tripText([first])).toBe('NM-B 8/3: 8 ft\nAbout $20.80');
  });

  test('less used than planned leaves some for what is still to go', () => {
    const key = 'wire-connector';
    const before = row(countRows(priced, { ...FRESH_COUNT, up: [SPLIT] }), key);
    const count = withUsed({ ...FRESH_COUNT, up: [SPLIT] }, key, before.planned + 3);
    expect(row(countRows(priced, count), key).left).toBe(before.left - 3);
    expect(row(countRows(priced, withUsed(count, key, null)), key)).toEqual(before);
  });

  test('fetched it is short no more, and a second short is fetched on top', () => {
    const key = 'cable NM-B 8/3 nm-b 8 3';
    const used = withUsed({ ...FRESH_COUNT, up: [RANGE] }, key, 50);
    const fetched = withFetched(used, countRows(priced, used));
    expect(fetched.fetched).toEqual([{ item: key, count: 7 }]);
    expect(row(countRows(priced, fetched), key)).toMatchObject({ onHand: 50, short: 0 });
    const more = withUsed(fetched, key, 52);
    expect(withFetched(more, countRows(priced, more)).fetched).toEqual([{ item: key, count: 9 }]);
  });
});
