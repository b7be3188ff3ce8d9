import { describe, expect, test } from 'vitest';
import { readPanelCsv, writePanelCsv } from '../../../src/core/panel/panelCsv';
import {
  parseKnockouts,
  parseListings,
  parseTandems,
  printKnockouts,
  printTandems,
} from '../../../src/core/panel/panelFields';
import { printBreakers, readBreakers } from '../../../src/core/panel/typedBreakers';
import { FULL_PANEL } from '../../support/fullHouse/panel';
import { panel, wanted } from '../../support/panels';

const read = (text: string, spaces = 30) => readBreakers(text, spaces, () => 'id');

describe('breakers as they are typed', () => {
  test('two poles, singles, two in one space, a shared neutral, kinds and loads', () => {
    const { breakers, problems } = read(
      '1,3 2p30 dryer; 2 20 kitchen; 4 20/15 bed, hall; 9,11 mw20 counter; 5 20 gfci bath 700 VA',
    );
    expect(problems).toEqual([]);
    expect(breakers).toMatchObject([
      { place: { slot: 1, half: null }, poles: 2, amps: 30, name: 'dryer', sharedNeutral: false },
      { place: { slot: 2, half: null }, poles: 1, amps: 20, name: 'kitchen' },
      { place: { slot: 4, half: 'a' }, poles: 1, amps: 20, name: 'bed' },
      { place: { slot: 4, half: 'b' }, poles: 1, amps: 15, name: 'hall' },
      { place: { slot: 9, half: null }, poles: 2, amps: 20, sharedNeutral: true },
      { place: { slot: 5, half: null }, kind: 'gfci', name: 'bath', va: 700 },
    ]);
  });

  test.each([
    ['31 20 porch', 'space', 'a space from 1 to 30'],
    ['x 20 porch', 'space', 'a space from 1 to 30'],
    ['1 21 porch', 'rating', 'amperes of a breaker'],
    ['1', 'rating', 'amperes of a breaker'],
    ['1,2 2p30 dryer', 'space', 'one above the other: 1,3'],
    ['4a 2p20 heater', 'space', 'two halves of a space are on one leg'],
    ['29 2p20 heater', 'space', 'two spaces of one column'],
    ['1,3 20 porch', 'rating', '2p20 or mw20'],
    ['4a 20/20 bed, hall', 'space', 'the space alone, 4'],
    ['4 20/20 bed, hall, den', 'name', 'two names'],
  ])('%s names the %s and what is accepted', (text, field, accepts) => {
    const { breakers, problems } = read(text);
    expect(breakers).toEqual([]);
    expect(problems).toMatchObject([{ row: 1, field }]);
    expect(problems[0]?.accepts).toContain(accepts);
  });

  test('a bad row loses nothing of the good ones, and a space is taken once', () => {
    const { breakers, problems } = read('1,3 2p30 dryer\n3 20 porch\n5 20 hall\nnonsense');
    expect(breakers.map(({ name }) => name)).toEqual(['dryer', 'hall']);
    expect(problems.map(({ row, field }) => `${row} ${field}`)).toEqual(['2 space', '4 space']);
    expect(problems[0]?.accepts).toBe('a space that row 1 does not take');
  });

  test('halves of a space stand beside each other, not on one another', () => {
    expect(read('4a 15 bed; 4b 20 hall').problems).toEqual([]);
    expect(read('4a 15 bed; 4a 20 hall').problems).toHaveLength(1);
    expect(read('4 15 bed; 4b 20 hall').problems).toHaveLength(1);
  });

  test('what is printed is read back the same', () => {
    const { breakers } = FULL_PANEL;
    const again = readBreakers(printBreakers(breakers), 40, () => 'id');
    const plain = ({ id: _id, ...rest }: (typeof breakers)[number]) => rest;
    const order = (a: (typeof breakers)[number], b: (typeof breakers)[number]) => a.place.slot - b.place.slot;
    expect(again.problems).toEqual([]);
    expect(again.breakers.map(plain)).toEqual(breakers.toSorted(order).map(plain));
  });
});

describe('a panel schedule as CSV', () => {
  test('is read by its columns, row errors counted with the header', () => {
    const result = readPanelCsv(
      'space,rating,kind,feeds,va\n"1,3",2p30,plain,Dryer,5000\n2,20,gfci,Bath,\n99,20,,Porch,\n',
      30,
      () => 'id',
    );
    expect(result).toMatchObject({
      breakers: [
        { poles: 2, name: 'Dryer', va: 5000 },
        { kind: 'gfci', name: 'Bath', va: null },
      ],
      problems: [{ row: 4, field: 'space' }],
    });
  });

  test('a file without its columns says which it has', () => {
    expect(readPanelCsv('slot,amps\n1,20\n', 30, () => 'id')).toEqual({
      problem: 'A panel schedule has a column "space"; this one has slot, amps.',
    });
    expect(readPanelCsv('', 30, () => 'id')).toHaveProperty('problem');
  });

  test('what is written is read back: spaces, ratings, kinds, names, loads', () => {
    const written = writePanelCsv(FULL_PANEL, []);
    const again = readPanelCsv(written, 40, () => 'id');
    if ('problem' in again) throw new Error(again.problem);
    expect(again.problems).toEqual([]);
    expect(again.breakers).toHaveLength(FULL_PANEL.breakers.length - FULL_PANEL.plan.gone.length);
    expect(written).toContain('leg');
    expect(
      writePanelCsv(
        panel({ plan: { gone: [], moved: [], placed: [{ circuitId: 'a', at: { slot: 1, half: null } }] } }),
        [wanted('a', 2)],
      ),
    ).toContain('"1,3",2p40,plain,New a,3000,A B,new');
  });
});

describe('fields of a panel', () => {
  test.each([
    ['21-40', [{ from: 21, to: 40 }]],
    [
      '9, 11, 21 to 30',
      [
        { from: 9, to: 9 },
        { from: 11, to: 11 },
        { from: 21, to: 30 },
      ],
    ],
    ['none', []],
    ['all', [{ from: 1, to: 40 }]],
    ['', null],
  ])('spaces that take two: %s', (text, ranges) => {
    expect(parseTandems(text, 40)).toEqual(ranges);
  });
  test.each(['41', '5-3', 'some', '0-2'])('%s is refused with what is accepted', (text) => {
    expect(parseTandems(text, 40)).toMatchObject({
      accepts: expect.stringContaining('spaces from 1 to 40') as unknown,
    });
  });
  test('print and parse of tandems and knockouts agree', () => {
    expect(
      parseTandems(
        printTandems([
          { from: 9, to: 9 },
          { from: 21, to: 40 },
        ]),
        40,
      ),
    ).toEqual([
      { from: 9, to: 9 },
      { from: 21, to: 40 },
    ]);
    expect(printTandems(null)).toBe('');
    expect(parseKnockouts('3 × 3/4, 2 1')).toEqual([
      { trade: '3/4', free: 3 },
      { trade: '1', free: 2 },
    ]);
    expect(parseKnockouts(printKnockouts([{ trade: '1/2', free: 4 }]))).toEqual([{ trade: '1/2', free: 4 }]);
    expect(parseKnockouts('3 × 7/8')).toHaveProperty('accepts');
    expect(parseListings('Type W, Type X')).toEqual(['Type W', 'Type X']);
    expect(parseListings('a,b,c,d,e,f,g,h,i')).toHaveProperty('accepts');
  });
});
