import { describe, expect, test } from 'vitest';
import { fullHouse } from '../../support/fullHouse/job';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { FIGURE_KEYS } from '../../../src/core/findings/subject';
import { isQuiet } from '../../../src/core/working/quietSteps';
import { circuitNote, holdsWords, segmentName, supportWords } from '../../../src/core/wording/conductors';
import { segmentConductors } from '../../../src/core/circuit/namedConductors';
import { findingSentence } from '../../../src/core/wording/findings';
import { circuitLine, ladderWords } from '../../../src/core/wording/ladder';
import { stepWords } from '../../../src/core/wording/steps';
import type { StepWords } from '../../../src/core/wording/stepWords';
import { charger, circuit, context, load, solve, segment } from '../../support/circuits';

const everySolved = fullHouse.circuits.map((each) => ({ each, solved: solveCircuit(each, context()) }));
const wordsOf = ({ label, formula, result }: StepWords): string[] => [label, formula, result];

/** The shipped faces have Latin-1 only: anything else would fall to another font or be lost in print. */
const LATIN = /^[\u0020-\u00ff]*$/;

describe('words', () => {
  test('every step, finding and figure of the demo job has words, in letters that the fonts have', () => {
    for (const { each, solved } of everySolved) {
      const said = [
        ...FIGURE_KEYS.flatMap((figureKey) =>
          solved.workings[figureKey].flatMap((step) => wordsOf(stepWords(step))),
        ),
        ...FIGURE_KEYS.flatMap((figureKey) =>
          Object.values(ladderWords(figureKey, solved, each)).map(String),
        ),
        ...solved.findings.map(findingSentence),
        circuitLine(solved, each),
      ];
      for (const words of said) {
        expect(words).toMatch(LATIN);
        expect(words).not.toMatch(/undefined|NaN|null|\[object/);
      }
    }
  });

  test('what decides is never folded away', () => {
    const { workings } = solve({ pins: { size: '6' } });
    const shown = workings.conductor.filter((step) => !isQuiet(step)).map(({ id }) => id);
    expect(shown).toEqual(
      expect.arrayContaining(['conductor.required', 'method.column', 'ampacity.column', 'test.load']),
    );
    expect(shown).not.toContain('ambient.factor');
  });

  test('a circuit in one line', () => {
    const line = (part: Parameters<typeof solve>[0]) => circuitLine(solve(part), circuit(part));
    expect(line({ pins: { size: '6' } })).toBe('60 A 2P × NM-B 6/2');
    expect(line({ run: [segment({ method: 'emt' })] })).toBe('60 A 2P × 6 AWG THWN-2');
    expect(line({ appliance: load({ amps: 12, continuousAmps: 12, volts: 120 }) })).toBe(
      '15 A 1P × NM-B 14/2',
    );
  });

  test('how it is wired', () => {
    const note = (part: Parameters<typeof solve>[0]) => circuitNote(circuit(part), solve(part).figures);
    expect(note({})).toBe('hardwired, continuous, no neutral');
    expect(note({ appliance: charger({ outputAmps: 32, connection: 'receptacle' }) })).toBe(
      'plug and receptacle, continuous, with neutral',
    );
    expect(note({ appliance: load({ amps: 30, continuousAmps: 10, neutral: true }) })).toBe(
      'partly continuous, with neutral',
    );
  });

  test('a pinned figure says so', () => {
    const given = { pins: { size: '6' } } as const;
    expect(ladderWords('conductor', solve(given), circuit(given))).toMatchObject({
      figure: '6',
      unit: 'AWG',
      pinned: true,
      reason: 'by hand · 55 A at 60 °C',
    });
  });
});

describe('what is in a segment', () => {
  const letters = (part: Parameters<typeof solve>[0]) => {
    const { figures } = solve(part);
    const [first] = figures.segments;
    return first
      ? segmentConductors(first, figures).map(({ letters: each, size, note }) =>
          [each, size, note].filter(Boolean).join(' '),
        )
      : [];
  };

  test('the white of a two-wire 240 V cable is re-identified', () => {
    expect(letters({ pins: { size: '6' } })).toEqual(['BK 6', 'WH 6 re-identified', 'BARE 10']);
  });

  test('the third wire of a cable that is only made with three is capped', () => {
    expect(letters({})).toEqual(['BK 4', 'RD 4', 'WH 4 spare, capped', 'BARE 8']);
  });

  test('in raceway the hots are black and red, the ground green', () => {
    expect(letters({ run: [segment({ method: 'emt' })] })).toEqual(['BK 6', 'RD 6', 'GN 10']);
    expect(letters({ appliance: load({ neutral: true }), run: [segment({ method: 'emt' })] })).toEqual([
      'BK 10',
      'RD 10',
      'WH 10',
      'GN 10',
    ]);
  });

  test('at 120 V white is the neutral, and needs no mark', () => {
    expect(letters({ appliance: load({ amps: 12, continuousAmps: 12, volts: 120 }) })).toEqual([
      'BK 14',
      'WH 14',
      'BARE 14',
    ]);
  });

  test('whether it holds, and how it is held', () => {
    const { figures } = solve({ pins: { size: '6' }, run: [segment({ lengthFt: 62 })] });
    const [first] = figures.segments;
    if (first === undefined) throw new Error('no segment');
    expect(holdsWords(first, figures)).toBe('55 A, 60 A required');
    expect(supportWords(first)).toBe('28 staples, code minimum 15');
    expect(segmentName(first)).toBe('NM-B 6/2');
  });
});
