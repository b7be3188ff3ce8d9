import { describe, expect, test } from 'vitest';
import { bondsOf } from '../../../src/core/plates/arithmetic';
import { findMarks } from '../../../src/core/plates/findMarks';
import { withoutTwice } from '../../../src/core/plates/together';
import { isPlausible } from '../../../src/core/plates/plausible';
import { plateFamily } from '../../../src/core/plates/plateFamily';
import { readMarks } from '../../../src/core/plates/readMarks';
import { textLines } from '../../../src/core/plates/textLines';
import { edition, NEWEST_KNOWN } from '../../../src/core/code/edition';
import { wordsOfText } from '../../support/plateText';

const { ratings } = edition(NEWEST_KNOWN).tables.standardOcpd;
const pass = (lines: readonly string[], score = 95) => findMarks(textLines(wordsOfText(lines, score)));
const marks = (...passes: readonly (readonly string[])[]) => {
  const read = readMarks(
    passes.map((lines) => pass(lines)),
    ratings,
  );
  return { ...read, of: (mark: string) => read.marks.find((each) => each.mark === mark) };
};

describe('several passes', () => {
  test('two that agree give a value without doubt', () => {
    const read = marks(['MCA 22.4 A'], ['MCA 22.4 A']);
    expect(read.of('MCA')).toMatchObject({ value: 22.4, doubts: [], alternatives: [], confidence: 0.95 });
  });

  test('one alone, two that differ and a low score are doubts', () => {
    expect(marks(['MCA 22.4 A'], []).of('MCA')?.doubts).toEqual(['read-once']);
    const differ = marks(['MCA 22.4 A'], ['MCA 27.4 A'], ['MCA 22.4 A']).of('MCA');
    expect(differ).toMatchObject({ value: 22.4, doubts: ['passes-differ'], alternatives: [27.4] });
    const guessed = readMarks([pass(['MCA 22.4 A'], 40), pass(['MCA 22.4 A'], 54)], ratings);
    expect(guessed.marks[0]?.doubts).toEqual(['low-score']);
    const sure = readMarks([pass(['MCA 22.4 A'], 40), pass(['MCA 22.4 A'], 55)], ratings);
    expect(sure.marks[0]?.doubts).toEqual([]);
  });

  test('a reading that no device has gives way to one that there is', () => {
    expect(marks(['MOCP 85 A'], ['MOCP 85 A'], ['MOCP 35 A']).of('MOCP')).toMatchObject({
      value: 35,
      doubts: ['read-once'],
    });
    expect(marks(['MOCP 85 A'], ['MOCP 85 A']).of('MOCP')?.doubts).toEqual(['out-of-bounds']);
  });

  test('a point that was lost comes back where the plate bears it out', () => {
    const read = marks(['MCA 224 A', 'RLA 17.0 A', 'FLA 1.1 A'], ['MCA 224 A', 'RLA 17.0 A', 'FLA 1.1 A']);
    expect(read.of('MCA')).toMatchObject({ value: 22.4, doubts: [] });
    expect(read.contradictions).toEqual([]);
    const alone = marks(['MCA 224 A', 'MOCP 35 A'], ['MCA 224 A', 'MOCP 35 A']);
    expect(alone.of('MCA')?.doubts).not.toEqual([]);
    expect(alone.of('MCA')?.alternatives).toContain(224);
  });

  test('a breaker that another pass reads as MOCP is that', () => {
    const passes = withoutTwice([pass(['MAX FUSE OR CKT BKR 35 A']), pass(['FUSE OR CKT BKR 35 A'])]);
    expect(readMarks(passes, ratings).marks.map(({ mark }) => mark)).toEqual(['MOCP']);
  });
});

describe('the arithmetic of a plate', () => {
  test.each([
    [{ MCA: 22.4, MOCP: 35 }, []],
    [{ MCA: 22.4, MOCP: 22.4 }, []],
    [{ MCA: 35.1, MOCP: 35 }, ['mocp-below-mca']],
    [{ MCA: 22.4, RLA: 17, FLA: 1.1 }, []],
    [{ MCA: 22.7, RLA: 17, FLA: 1.1 }, ['mca-of-parts']],
    [{ kW: 11.52, amps: 48, volts: 240 }, []],
    [{ kW: 14.4, amps: 48, volts: 240 }, ['kw-against-amps']],
    [{ outputAmps: 48, breakerA: 60 }, []],
    [{ outputAmps: 48, breakerA: 50 }, ['breaker-below-output']],
    [{ I1max: 43, I1eff: 27.2, dutyPct: 40 }, []],
    [{ I1max: 43, I1eff: 37.2, dutyPct: 40 }, ['effective-current']],
  ] as const)('%j', (figures, broken) => {
    expect(
      bondsOf(figures)
        .filter(({ holds }) => !holds)
        .map(({ code }) => code),
    ).toEqual(broken);
  });

  test('a plate that contradicts itself is said, and both figures are doubtful', () => {
    const read = marks(['MCA 40.0 A', 'MOCP 35 A'], ['MCA 40.0 A', 'MOCP 35 A']);
    expect(read.contradictions).toMatchObject([{ code: 'mocp-below-mca', marks: ['MCA', 'MOCP'] }]);
    expect(read.of('MCA')?.doubts).toEqual(['contradicts']);
    expect(read.of('MOCP')?.doubts).toEqual(['contradicts']);
  });
});

test('a figure that was guessed, or that no device has, is no contradiction of the plate', () => {
  expect(marks(['MCA 40.0 A', 'MOCP 36 A'], ['MCA 40.0 A', 'MOCP 36 A']).contradictions).toEqual([]);
  const low = readMarks(
    [pass(['MCA 40.0 A', 'MOCP 35 A'], 54), pass(['MCA 40.0 A', 'MOCP 35 A'], 54)],
    ratings,
  );
  expect(low.contradictions).toEqual([]);
});

test('a zero with a stroke in it is one', () => {
  expect(marks(['MOCP 5@ A'], ['MOCP 5@ A']).of('MOCP')?.value).toBe(50);
});

test.each([
  ['MOCP', 35, true],
  ['MOCP', 36, false],
  ['volts', [208, 230], true],
  ['volts', 234, false],
  ['MCA', 120, true],
  ['MCA', 121, false],
  ['amps', [24, 12], true],
  ['breakerA', 15, true],
  ['serviceFactor', 1.8, false],
] as const)('%s of %j may be: %s', (mark, value, may) => {
  expect(isPlausible(mark, value, ratings)).toBe(may);
});

test.each([
  ['HEAT PUMP OUTDOOR UNIT', 'mini-split'],
  ['POOL HEATER HEAT PUMP', 'pool-heater'],
  ['SUBMERSIBLE MOTOR', 'well-pump'],
  ['POOL PUMP MOTOR', 'pool-pump'],
  ['ELECTRIC VEHICLE SUPPLY EQUIPMENT', 'ev'],
  ['ELECTRIC RANGE', 'range'],
  ['ELECTRIC WATER HEATER', 'water-heater'],
  ['ARC WELDING POWER SOURCE', 'welder'],
  ['LOAD CENTER', null],
  ['2-POLE 60 A TYPE W', null],
  ['SERIAL 12', null],
] as const)('"%s" belongs to %s', (words, family) => {
  expect(plateFamily(textLines(wordsOfText([words]))).family).toBe(family);
});
