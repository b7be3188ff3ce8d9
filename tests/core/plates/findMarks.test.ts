import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { findMarks } from '../../../src/core/plates/findMarks';
import { MARKS } from '../../../src/core/plates/mark';
import { textLines } from '../../../src/core/plates/textLines';
import { wordsOfText } from '../../support/plateText';

const marksOf = (...lines: string[]) =>
  Object.fromEntries(
    findMarks(textLines(wordsOfText(lines))).map(({ mark, value, row }) => [
      row === null ? mark : `${mark} ${row}`,
      value,
    ]),
  );

describe('labels and what stands by them', () => {
  test.each<readonly [string[], Record<string, unknown>]>([
    [['MIN. CIRCUIT AMPACITY     22.4 A'], { MCA: 22.4 }],
    [['MINIMUM CIRCUIT AMPACITY  34.8A'], { MCA: 34.8 }],
    [['MCA 19 A    MOCP 30 A'], { MCA: 19, MOCP: 30 }],
    [['MAX. FUSE OR CKT BKR     35 A'], { MOCP: 35 }],
    [['MAX. OVERCURRENT PROTECTION   50 A'], { MOCP: 50 }],
    [['MAX FUSE 40'], { MOCP: 40 }],
    [['COMPRESSOR RLA 17.0 A', 'COMPRESSOR LRA 112 A'], { RLA: 17, LRA: 112 }],
    [['COMPRESSORRLA 12.1A'], { RLA: 12.1 }],
    [['FAN MOTOR FLA 1.1 A  85 W'], { FLA: 1.1 }],
    [['VOLTS 208/230   1 PH 60 HZ'], { volts: [208, 230], phase: 1, hz: 60 }],
    [['POWER SUPPLY 120/240 V'], { volts: 240 }],
    [
      ['U1 230 V 1 PH', 'I1 MAX 43 A', 'I1 EFF 27.2 A', 'DUTY CYCLE 40 %'],
      { volts: 230, phase: 1, I1max: 43, I1eff: 27.2, dutyPct: 40 },
    ],
    [
      ['HP 1-1/2', 'VOLTS 115/230', 'AMPS 20.0/10.0', 'S.F. 1.10'],
      { hp: 1.5, volts: [115, 230], amps: [20, 10], serviceFactor: 1.1 },
    ],
    [['HP 3/4  PH 1  HZ 60'], { hp: 0.75, phase: 1, hz: 60 }],
    [['VOLTS 240', 'WATTS 4500'], { volts: 240, kW: 4.5 }],
    [['OUTPUT 48 A MAX', 'CIRCUIT BREAKER 60 A'], { outputAmps: 48, breakerA: 60 }],
    [['BUS 200 A MAX', 'MAIN BREAKER 150 A', 'SPACES 30'], { busA: 200, mainA: 150, spaces: 30 }],
    [['USE TYPE W AND WT BREAKERS ONLY'], { breakerTypes: ['W', 'WT'] }],
    [['SHORT CIRCUIT RATING 22 KA'], { interruptingKA: 22 }],
    [['2-POLE 60 A TYPE W', 'TERMINALS 60/75 C WIRE'], { breakerA: 60, terminalC: 75 }],
    [['CONNECT ONLY TO A CIRCUIT PROTECTED BY A CLASS A GFCI'], { gfciRequired: true }],
  ])('%j', (lines, marks) => {
    expect(marksOf(...lines)).toEqual(marks);
  });

  test('a value stands below its label where the plate is a table of cells', () => {
    expect(marksOf('VOLTS        AMPS', '240          32')).toEqual({ volts: 240, amps: 32 });
    expect(marksOf('MODEL 81-7674    HP', '12 3248          2')).toEqual({ hp: 2 });
    expect(marksOf('BUS          120/240 V 1 PH', '225 A MAX    3 WIRE')).toEqual({
      busA: 225,
      volts: 240,
      phase: 1,
    });
  });

  test('a power for each voltage makes rows, whole ones', () => {
    const rows = { 'volts 0': 240, 'kW 0': 12.4, 'volts 1': 208, 'kW 1': 9.3, hz: 60 };
    expect(marksOf('120/240 V AC 60 HZ    12.4 KW', '120/208 V AC 60 HZ     9.3 KW')).toEqual(rows);
    expect(marksOf('120/240 V        120/208 V', '12.4 KW          9.3 KW')).toMatchObject({
      'kW 0': 12.4,
      'kW 1': 9.3,
    });
  });

  test('torques have the sizes they stand by, or those that the label takes', () => {
    expect(marksOf('WIRE CU/AL 8 - 2 AWG', 'TORQUE 40 LB-IN 4.5 N-M')).toEqual({
      wireRange: { from: '8', to: '2' },
      torqueLbIn: [{ from: '8', to: '2', value: 40 }],
    });
    expect(marksOf('TORQUE 14-10 AWG 35 LB-IN', '8 AWG 40 LB-IN')['torqueLbIn']).toEqual([
      { from: '14', to: '10', value: 35 },
      { from: '8', to: '8', value: 40 },
    ]);
    expect(marksOf('TORQUE 45 LB-IN')['torqueLbIn']).toEqual([{ from: null, to: null, value: 45 }]);
  });

  test('a model, a serial number, a capacity and a temperature are no marks', () => {
    expect(
      marksOf('MODEL 24-HP-230-A  SERIAL 09 2611 00418', 'CAPACITY 50 GAL', 'MAX. TEMP. 2340 F'),
    ).toEqual({});
  });
});

test('whatever stands there, each reading is one of the marks and lies in the text', () => {
  const piece = fc.constantFrom(
    'MCA',
    'VOLTS',
    '208/230',
    '22.4',
    'A',
    'KW',
    'HP',
    '1-1/2',
    'PH',
    '-',
    '/',
    '99999',
    'Ω',
  );
  fc.assert(
    fc.property(fc.array(fc.array(piece, { maxLength: 6 }), { maxLength: 8 }), (rows) => {
      const lines = textLines(wordsOfText(rows.map((row) => row.join(' '))));
      for (const { mark, text, box } of findMarks(lines)) {
        expect(MARKS).toContain(mark);
        expect(lines.some((line) => line.text.includes(text))).toBe(true);
        expect(box.width).toBeGreaterThan(0);
      }
    }),
    { numRuns: 200 },
  );
});

test('a value below stands under the first word of its cell', () => {
  expect(
    marksOf('MAX. OVERCURRENT PROTECTION     COMPRESSOR RLA', '30 A                            17.1 A'),
  ).toEqual({ MOCP: 30, RLA: 17.1 });
});

test('a letter that looks like a digit is one, but never surely', () => {
  const [read] = findMarks(textLines(wordsOfText(['AMPS A1'])));
  expect(read).toMatchObject({ mark: 'amps', value: 41, score: 40 });
  expect(marksOf('AMPS MAX')).toEqual({});
});
