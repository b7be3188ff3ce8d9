import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import type { Job } from '../../../src/core/job/jobSchema';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import type { Item } from '../../../src/core/takeoff/item';
import { itemKey } from '../../../src/core/takeoff/item';
import { lineCuts } from '../../../src/core/takeoff/lineCuts';
import type { Materials } from '../../../src/core/takeoff/materialsDocument';
import { offerOf } from '../../../src/core/takeoff/offer';
import { ageInDays, isOld } from '../../../src/core/takeoff/priceAge';
import { readPriceCsv, withPrices } from '../../../src/core/takeoff/priceCsv';
import { offeredLines, pricedTakeoff } from '../../../src/core/takeoff/pricedTakeoff';
import { parseTails, printTails } from '../../../src/core/takeoff/truckText';
import { oneMoreFoot, otherWays } from '../../../src/core/takeoff/whatIf';
import { writeCsv } from '../../../src/core/files/csvTable';
import { itemName } from '../../../src/core/wording/itemWords';
import {
  basisWords,
  boughtWords,
  priceRows,
  priceWords,
  truckWords,
} from '../../../src/core/wording/takeoffWords';
import { circuit, load, segment } from '../../support/circuits';
import { after, jobOf } from '../../support/jobs';
import { runs } from '../../support/luck';

const CABLE: Item = { kind: 'cable', name: 'NM-B 10/2', method: 'nm-b', size: '10', wires: 2 };
const STICK: Item = { kind: 'raceway', method: 'emt', trade: '3/4' };
const LABEL: Item = { kind: 'label' };
const NONE: Materials = { prices: [], truck: [], kept: [], count: null };
const price = (item: Item, packFt: number | null, cents: number, date = '2026-03-12') => ({
  item: itemKey(item),
  packFt,
  cents,
  date,
  source: 'Ridgeline',
});
/** A job of one heater of 30 A on 40 ft of cable: 48 ft to cut. */
const job = (materials: Partial<Materials> = {}): Job => ({
  ...jobOf([circuit({ id: 'a', name: 'Heater', appliance: load(), run: [segment()] })]),
  materials: { ...NONE, ...materials },
});
const pricedOf = (of: Job) => {
  const offered = offeredLines(evaluateJob(of).takeoff, of.materials, defaultPrices);
  const cuts = new Map(
    offered.flatMap(({ line: { key, pieces }, offer }) => {
      const found = lineCuts({ key, pieces, offer });
      return found === undefined ? [] : [[key, found] as const];
    }),
  );
  return pricedTakeoff(offered, cuts);
};
const cableIn = (of: Job) => {
  const line = pricedOf(of).lines.find(({ line: { item } }) => item.kind === 'cable');
  if (line === undefined) throw new Error('No cable.');
  return line;
};

describe('what an item is sold as', () => {
  test('by the list for comparing, which is said, until a price of its own is known', () => {
    expect(offerOf(CABLE, NONE, defaultPrices)).toMatchObject({ basis: 'comparing', each: 105, date: null });
    const own = { ...NONE, prices: [price(CABLE, null, 120), price(CABLE, 250, 20000, '2026-01-02')] };
    expect(offerOf(CABLE, own, defaultPrices)).toMatchObject({
      basis: 'dated',
      each: 120,
      packs: [{ ft: 250, cents: 20000 }],
      date: '2026-01-02',
      source: 'Ridgeline',
    });
  });

  test('a cable by its wires and size, a breaker by its poles and form', () => {
    const each = (item: Item) => offerOf(item, NONE, defaultPrices).each;
    expect([each(CABLE), each({ ...CABLE, name: 'NM-B 10/3', wires: 3 })]).toEqual([105, 150]);
    const breaker = (poles: number, form: 'plain' | 'gfci') =>
      each({ kind: 'breaker', amps: 30, poles, form });
    expect([breaker(1, 'plain'), breaker(2, 'plain'), breaker(2, 'gfci')]).toEqual([800, 1600, 11100]);
  });

  test('raceway in sticks of 10 ft only', () => {
    expect(offerOf(STICK, NONE, defaultPrices)).toMatchObject({
      packsOnly: true,
      packs: [{ ft: 10, cents: 1200 }],
    });
  });

  test('what a list has no price of has none', () => {
    const bare = { ...defaultPrices, cable: {} };
    expect(offerOf(CABLE, NONE, bare)).toMatchObject({ basis: 'none', each: undefined });
    const offered = offeredLines(evaluateJob(job()).takeoff, NONE, bare);
    const priced = pricedTakeoff(offered, new Map());
    expect(priced.unpriced).toBe(1);
    expect(basisWords(priced)).toContain('1 line without a price: the total lacks them');
  });
});

describe('what lies on the truck', () => {
  test('is cut first and costs nothing more', () => {
    const key = itemKey(cableIn(job()).line.item);
    // 48 ft by the foot are $50.40; a coil of 50 ft at 94 % is less.
    expect([cableIn(job()).cents, boughtWords(cableIn(job()))]).toEqual([4935, '50 ft coil']);
    const line = cableIn(job({ truck: [{ item: key, ft: 60, count: 1 }] }));
    expect([line.cents, boughtWords(line), truckWords(line)]).toEqual([0, 'nothing', '60 ft']);
    const short = cableIn(job({ truck: [{ item: key, ft: 47, count: 1 }] }));
    expect([boughtWords(short), truckWords(short)]).toEqual(['50 ft coil', '']);
  });

  test('what is counted is taken from it, never more than there is need of', () => {
    const labels = (count: number) =>
      pricedOf(job({ truck: [{ item: itemKey(LABEL), ft: null, count }] })).lines.find(
        ({ line }) => line.item.kind === 'label',
      );
    expect(labels(40)).toMatchObject({ fromTruck: 1, cents: 0 });
    expect(pricedOf(job()).lines.find(({ line }) => line.item.kind === 'label')).toMatchObject({
      fromTruck: 0,
      cents: 60,
    });
  });

  test('more on the truck never makes the list dearer', () => {
    const key = itemKey(cableIn(job()).line.item);
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 120 }), { maxLength: 4 }),
        fc.integer({ min: 1, max: 120 }),
        (tails, more) => {
          const cost = (feet: readonly number[]) =>
            pricedOf(job({ truck: feet.map((ft) => ({ item: key, ft, count: 1 })) })).cents;
          expect(cost([...tails, more])).toBeLessThanOrEqual(cost(tails));
        },
      ),
      runs(30),
    );
  });

  test('is typed as lengths, and printed as it is typed', () => {
    expect(parseTails('x', '52, 3 x 10')).toEqual([
      { item: 'x', ft: 52, count: 1 },
      { item: 'x', ft: 10, count: 3 },
    ]);
    expect(
      printTails([
        { item: 'x', ft: 52, count: 1 },
        { item: 'x', ft: 10, count: 3 },
      ]),
    ).toBe('52, 3 x 10');
    expect(parseTails('x', '')).toEqual([]);
    for (const wrong of ['ten', '-5', '0', '3000', '0 x 10'])
      expect(parseTails('x', wrong)).toMatchObject({ refused: true, got: wrong });
  });
});

test('a piece longer than anything that is sold is said with where it lies, and the total lacks it', () => {
  const { item } = cableIn(job()).line;
  const priced = pricedOf(job({ prices: [price(item, 25, 2000)] }));
  const line = priced.lines.find((each) => each.line.item.kind === 'cable');
  expect(line).toMatchObject({ cents: undefined, tooLong: { where: 'A to B', ft: 48, maxFt: 25 } });
  expect(priced.unpriced).toBe(1);
  const onTruck = job({
    prices: [price(item, 25, 2000)],
    truck: [{ item: itemKey(item), ft: 50, count: 1 }],
  });
  expect(cableIn(onTruck)).toMatchObject({ cents: 0, tooLong: null });
  expect(cableIn(job({ prices: [price(item, null, 100)] })).tooLong).toBeNull();
});

describe('what changes if', () => {
  const cable = cableIn(job());
  const asked = { key: cable.line.key, pieces: cable.line.pieces, offer: cable.offer };
  const [id = ''] = cable.line.pieces.map((piece) => piece.id);

  test('a line is bought in one kind of coil only, or cut at the counter: the cheapest first', () => {
    expect(otherWays(asked)).toEqual([
      { packFt: 50, cents: 4935, leftFt: 2 },
      { packFt: null, cents: 5040, leftFt: 0 },
      { packFt: 125, cents: 11288, leftFt: 77 },
      { packFt: 250, cents: 21000, leftFt: 202 },
    ]);
  });

  test('one more foot costs nothing while it fits, and the next way when it does not', () => {
    expect(oneMoreFoot(asked, new Set([id]))).toBe(0);
    const full = { ...asked, pieces: asked.pieces.map((piece) => ({ ...piece, cutFt: 50 })) };
    // 51 ft by the foot: $53.55 for $49.35.
    expect(oneMoreFoot(full, new Set([id]))).toBe(5355 - 4935);
    expect(oneMoreFoot(full, new Set())).toBe(0);
  });
});

describe('a price file', () => {
  const items = [CABLE, STICK, LABEL].map((item) => ({ item, name: itemName(item) }));
  const read = (text: string) => {
    const found = readPriceCsv(text, items, '2026-04-01');
    if ('problem' in found) throw new Error(found.problem);
    return found;
  };

  test('is read row by row: packs, dollar signs, thousands, a day of its own or today', () => {
    const { prices, problems, others } = read(
      'item,pack_ft,price,date,source\nnm-b  10/2,250,"$1,204.50",2026-03-12,Ridgeline\nCircuit label,,0.55,,\nSomething else,,4,,\n',
    );
    expect(prices).toEqual([
      { item: itemKey(CABLE), packFt: 250, cents: 120450, date: '2026-03-12', source: 'Ridgeline' },
      { item: itemKey(LABEL), packFt: null, cents: 55, date: '2026-04-01', source: '' },
    ]);
    expect([problems, others]).toEqual([[], 1]);
  });

  test.each([
    ['NM-B 10/2,,-4,', 'price'],
    ['NM-B 10/2,,free,', 'price'],
    ['NM-B 10/2,,0,', 'price'],
    ['NM-B 10/2,a coil,4,', 'pack_ft'],
    ['Circuit label,25,4,', 'pack_ft'],
    ['NM-B 10/2,,4,2026-02-31', 'date'],
  ])('refuses %s at its %s, and reads the other rows', (row, field) => {
    const { prices, problems } = read(`item,pack_ft,price,date\n${row}\nCircuit label,,0.55,\n`);
    expect(problems).toMatchObject([{ line: 2, field }]);
    expect(prices).toHaveLength(1);
  });

  test('that is none is refused with what it lacks', () => {
    expect(readPriceCsv('item,cost\nNM-B 10/2,4\n', items, '2026-04-01')).toMatchObject({
      problem: expect.stringContaining('no column price') as string,
    });
    expect(readPriceCsv('', items, '2026-04-01')).toHaveProperty('problem');
  });

  test('of thousands of rows is read, and the newer price of a pack takes the place of the older', () => {
    const rows = Array.from({ length: 4000 }, (_, at) => `Other ${at},,${at + 1},`).join('\n');
    expect(read(`item,pack_ft,price,date\n${rows}\nNM-B 10/2,,1.25,\n`)).toMatchObject({
      others: 4000,
      prices: [{ cents: 125 }],
    });
    const both = withPrices([price(CABLE, null, 100), price(CABLE, 250, 200)], [price(CABLE, null, 125)]);
    expect(both.map(({ packFt, cents }) => [packFt, cents])).toEqual([
      [null, 125],
      [250, 200],
    ]);
  });

  test('that was written is read back the same', () => {
    const own = job({
      prices: [price(cableIn(job()).line.item, 250, 20000), price(cableIn(job()).line.item, null, 120)],
    });
    const priced = pricedOf(own);
    const names = priced.lines.map(({ line: { item } }) => ({ item, name: itemName(item) }));
    const back = readPriceCsv(writeCsv(priceRows(priced)), names, '2026-04-01');
    if ('problem' in back) throw new Error(back.problem);
    expect(back.problems).toEqual([]);
    // Prices for comparing are not written: nobody gave them.
    expect(back.prices).toHaveLength(2);
    const cable = back.prices.filter(({ item }) => item.startsWith('cable NM'));
    expect(cable.map(({ packFt, cents, date }) => [packFt, cents, date])).toEqual([
      [null, 120, '2026-03-12'],
      [250, 20000, '2026-03-12'],
    ]);
  });
});

describe('the age of a price', () => {
  test('counts days over months, leap years and years', () => {
    expect(ageInDays('2026-03-01', '2026-03-02')).toBe(1);
    expect(ageInDays('2024-02-28', '2024-03-01')).toBe(2);
    expect(ageInDays('2025-02-28', '2025-03-01')).toBe(1);
    expect(ageInDays('2025-12-31', '2026-01-01')).toBe(1);
    expect(ageInDays('2026-01-01', '2027-01-01')).toBe(365);
  });

  test('over 60 days is a check', () => {
    expect([isOld('2026-03-01', '2026-04-30'), isOld('2026-03-01', '2026-05-01')]).toEqual([false, true]);
    const offer = offerOf(CABLE, { ...NONE, prices: [price(CABLE, null, 120)] }, defaultPrices);
    expect(priceWords(offer, '2026-04-01')).toBe('Price of March 12, 2026, Ridgeline.');
    expect(priceWords(offer, '2026-06-01')).toMatch(/^Check: .* 81 days old/);
    expect(priceWords(offerOf(CABLE, NONE, defaultPrices), '2026-06-01')).toContain('no quote');
  });
});

test('an edit of prices or truck is one command, taken back by its inverse, and refused where it cannot be opened again', () => {
  const truck = [{ item: 'label', ft: null, count: 3 }];
  const { job: changed, inverse } = after(job(), { kind: 'change', part: 'materials', fields: { truck } });
  expect(changed.materials).toEqual({ ...NONE, truck });
  expect(after(changed, inverse).job).toEqual(job());
  expect(() =>
    after(job(), {
      kind: 'change',
      part: 'materials',
      fields: { truck: [{ item: 'label', ft: -1, count: 3 }] },
    }),
  ).toThrow(/Refused/);
});
