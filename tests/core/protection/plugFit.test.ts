import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { judgePlug, type PlugQuestion } from '../../../src/core/protection/plugFit';
import { plugSentence } from '../../../src/core/wording/plugs';

const code = edition(2023);
const judge = (plug: string, receptacle: string, volts: number, ocpdA: number, outlets = 1) =>
  judgePlug({ plug, receptacle, volts, ocpdA, outlets } satisfies PlugQuestion, code);

describe('a receptacle and its circuit (210.21(B))', () => {
  test.each([
    ['15 A alone on 20 A', '5-15', 20, 1, 'rating'],
    ['15 A, one of several on 20 A', '5-15', 20, 2, 'fits'],
    ['20 A, one of several on 15 A', '5-20', 15, 2, 'rating'],
    ['20 A alone on 15 A', '5-20', 15, 1, 'fits'],
  ] as const)('%s', (_, config, ocpdA, outlets, why) => {
    expect(judge('5-15', config, 120, ocpdA, outlets).why).toBe(why);
  });

  test.each([
    ['14-50', 40, 'fits'],
    ['14-30', 40, 'rating'],
    ['14-50', 50, 'fits'],
  ] as const)('of several %s on %i A: %s', (config, ocpdA, why) => {
    expect(judge(config, config, 240, ocpdA, 2).why).toBe(why);
  });

  test('of several each plug draws 12 A at most on 15 A, 16 A on 20 A; alone nothing is said', () => {
    expect(judge('5-15', '5-15', 120, 20, 2).eachA).toBe(12);
    expect(judge('5-20', '5-20', 120, 20, 2).eachA).toBe(16);
    expect(judge('5-15', '5-15', 120, 15).eachA).toBeNull();
    expect(plugSentence('5-15', '5-15', judge('5-15', '5-15', 120, 20, 2))).toContain('12 A at most');
  });
});

describe('adapters', () => {
  test.each([
    ['a trailer on a larger outlet', 'TT-30', '14-50', 240, 50, 'trailer'],
    ['a dryer on three wires', '14-30', '10-30', 240, 30, 'never'],
    ['a neutral that is not there', '14-50', '6-50', 240, 50, 'never'],
    ['volts that are not there', '6-20', '5-20', 120, 20, 'never'],
    ['a welder on a range outlet', '6-50', '14-50', 240, 50, 'larger-plug'],
    ['a small plug on a large outlet', '6-20', '6-50', 240, 50, 'smaller-plug'],
    ['a large plug on a small outlet', '14-50', '14-30', 240, 30, 'larger-plug'],
  ] as const)('%s', (_, plug, receptacle, volts, ocpdA, adapter) => {
    const answer = judge(plug, receptacle, volts, ocpdA);
    expect(answer).toMatchObject({ verdict: 'no', why: 'shape', adapter });
    expect(plugSentence(plug, receptacle, answer)).toMatch(/adapter/);
  });

  test('what enters needs none', () => {
    expect(judge('5-15', '5-20', 120, 20).adapter).toBeNull();
  });
});
