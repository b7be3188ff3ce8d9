import { describe, expect, test } from 'vitest';
import { readYard } from '../../../src/core/typing/readYard';
import { typedItemWords } from '../../../src/core/wording/yardWords';
import { POOL } from '../../support/yards';

const read = (text: string, water?: typeof POOL, northDeg = 0) => {
  let id = 0;
  return readYard(text, { water, northDeg, newId: () => `id-${(id += 1)}` });
};

const items = (text: string, water?: typeof POOL, northDeg?: number) => {
  const typed = read(text, water, northDeg);
  if ('problem' in typed) throw new Error(typed.problem);
  return typed.items;
};

describe('a pool or tub by typing', () => {
  test.each([
    ['pool 16 x 32 in-ground concrete', '16 × 32 ft, in-ground pool, concrete, bare steel tied'],
    ['pool 32 by 16 fiberglass', '16 × 32 ft, in-ground pool, fiberglass'],
    ["pool 16' x 32'6\" vinyl", '16 × 32.5 ft, in-ground pool, vinyl liner, resin wall, inflated'],
    ['24 ft round above-ground steel pool 52 in', '24 ft round, above-ground pool, metal wall with a liner'],
    ['ellipse pool 16 x 32', '16 × 32 ft, ellipse, in-ground pool, concrete, bare steel tied'],
    ['stadium pool 15 x 30', '15 × 30 ft, round ends, in-ground pool, concrete, bare steel tied'],
    ['kidney pool 16 x 32 gunite', 'free outline, in-ground pool, concrete, bare steel tied'],
    ['hot tub 7.5 x 7.5', '7.5 × 7.5 ft, hot tub or spa, outdoors, listed self-contained unit'],
    ['spa 8 x 8 indoors', '8 × 8 ft, hot tub or spa, indoors, listed self-contained unit'],
    ['inflatable pool round 15', '15 ft round, storable pool, vinyl liner, resin wall, inflated'],
  ])('%s', (text, words) => {
    const [first] = items(text);
    expect(first && typedItemWords(first)).toBe(words);
  });

  test('a wall height is how much it can hold, and its rim above grade', () => {
    const [first] = items('24 ft round above-ground steel pool 52 in');
    expect(first?.item).toMatchObject({ depthIn: 52, rimIn: 52 });
    const [sunk] = items('pool 16 x 32 concrete 96 in');
    expect(sunk?.item).toMatchObject({ depthIn: 96, rimIn: 0 });
  });

  test('an oval is asked which one it is', () => {
    expect(read('oval pool 16 x 32')).toMatchObject({
      problem: expect.stringContaining('stadium 16 x 32') as string,
    });
  });

  test.each([
    ['pool', /Say how large it is/],
    ['pool 1 x 900', /from 2 to 500 ft/],
    ['zeppelin 4 ft east', /"zeppelin 4 ft east" was not understood/],
    ['pump 4 ft east', /Type the pool or tub first/],
    ['pool 16 x 32, pump 4 ft', /Say on which side "pump 4 ft" is/],
    ['pool 16 x 32, pump 5000 ft east', /Say how far/],
    ['   ', /Type a pool or tub/],
  ])('%s is refused with what is accepted', (text, problem) => {
    expect(read(text)).toEqual({ problem: expect.stringMatching(problem) as string });
  });
});

describe('what stands by it', () => {
  test.each<readonly [string, readonly [number, number]]>([
    ['pump 11 ft east', [27, 0]],
    ['receptacle 8 ft north', [0, 16]],
    ['timer 6 ft west', [-22, 0]],
    ['spa panel 7 ft south', [0, -15]],
    ['light west', [-16, 0]],
    ['ladder north', [0, 8]],
    ['heater 8\'6" east', [24.5, 0]],
  ])('%s', (text, at) => {
    expect(items(text, POOL)[0]?.item).toMatchObject({ at });
  });

  test('where north is to the left, east is up', () => {
    expect(items('pump 11 ft east', POOL, 90)[0]?.item).toMatchObject({ at: [0, 19] });
  });

  test('a fence runs past the water on both sides; its metal is what was said of it', () => {
    expect(items('metal fence 4 ft south', POOL)[0]?.item).toMatchObject({
      kind: 'fence',
      metal: true,
      points: [
        [-30, -12],
        [30, -12],
      ],
    });
    expect(items('fence 4 ft south', POOL)[0]?.item).toMatchObject({ metal: null });
    expect(items('solid wood fence 4 ft east', POOL)[0]?.item).toMatchObject({ metal: false, solid: true });
  });

  test('a second water lies beside the first, and what follows stands by it', () => {
    const [, tub, pump] = items('pool 16 x 32, hot tub 8 x 8, pump 6 ft south');
    expect(tub?.item).toMatchObject({ at: [-26, 0] });
    expect(pump?.item).toMatchObject({ at: [-26, -10] });
  });
});
