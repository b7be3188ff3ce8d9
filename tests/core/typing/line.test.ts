import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { answerLine } from '../../../src/core/typing/line/lineFile';
import { runOf } from '../../../src/core/typing/line/lineCircuit';
import { readLine } from '../../../src/core/typing/line/readLine';
import { lettersApart, nearest } from '../../../src/core/typing/line/near';
import { tokensOf } from '../../../src/core/typing/line/tokens';
import { familyList } from '../../../src/core/appliances/registry';
import lines from '../../fixtures/lines.json';

interface Expected {
  readonly line: string;
  readonly family: string;
  readonly told?: Readonly<Record<string, unknown>>;
  /** Each stretch: method, feet, place; a stroke where it was not said. */
  readonly run?: readonly string[];
  readonly breakerA?: number;
  readonly size?: string;
  readonly receptacle?: string;
  readonly wires?: number;
  readonly gfci?: boolean;
  readonly material?: string;
  readonly unread?: readonly string[];
  readonly others?: readonly string[];
}

const circuitOf = (line: string) => {
  const { circuit, ...rest } = answerLine(line);
  if (circuit === null) throw new Error(`No circuit in "${line}".`);
  return { ...rest, circuit };
};

describe('a line as people type one', () => {
  test.each(lines as readonly Expected[])('$line', (expected) => {
    const { circuit, assumed, unread, others } = circuitOf(expected.line);
    expect(circuit.family).toBe(expected.family);
    expect(circuit.nameplate).toMatchObject(expected.told ?? {});
    for (const key of Object.keys(expected.told ?? {})) expect(assumed).not.toContain(`nameplate.${key}`);
    const run = circuit.segments.map(
      ({ method, lengthFt, location }) => `${method ?? '-'} ${lengthFt ?? '-'} ${location}`,
    );
    expect(run).toEqual(expected.run ?? ['- - indoor']);
    const { breakerA, size, receptacle, wires, gfci, material } = circuit;
    expect({ breakerA, size, receptacle, wires, gfci, material }).toEqual({
      breakerA: expected.breakerA ?? null,
      size: expected.size ?? null,
      receptacle: expected.receptacle ?? null,
      wires: expected.wires ?? null,
      gfci: expected.gfci ?? null,
      material: expected.material ?? 'cu',
    });
    expect(unread.map(({ word }) => word)).toEqual(expected.unread ?? []);
    expect(others.map(({ say }) => say)).toEqual(expected.others ?? []);
  });

  test('says what was assumed, and answers all the same', () => {
    const { assumed, answer } = circuitOf('dryer 30');
    expect(assumed).toEqual(
      expect.arrayContaining([
        'method',
        'location',
        'lengthFt',
        'material',
        'nameplate.kw',
        'nameplate.volts',
      ]),
    );
    expect(answer).toMatchObject({ ocpdA: 30, size: '10' });
  });

  test.each([
    ['hot tub 50 70', '70', '70 ft'],
    ['range 50 6 awg kopper', 'kopper', null],
    ['hot tub 50 purple', 'purple', null],
    ['ev 48 3/4 emt', '3/4', 'kept as a note'],
    ['ac 3 ton 30 amp', '3 ton', 'kept as a note'],
  ])('%s: %s stands where it was typed', (line, word, suggestion) => {
    const { unread } = circuitOf(line);
    const at = line.indexOf(word);
    if (suggestion !== null || word === 'purple')
      expect(unread).toContainEqual({ word, from: at, to: at + word.length, suggestion });
  });

  test.each([
    ['dryer 30amp/240v 4 prong 40ft', { wires: 4, nameplate: { kw: 5.4 } }, []],
    ['5hp compressor 240 single phase 35ft emt', { nameplate: { hp: 5, volts: 240 } }, []],
    ['ev chargers 48a', { family: 'ev' }, []],
    ['AC unit 40 amp fused disconnect 45ft', { breakerA: 40 }, ['fused', 'disconnect']],
  ])('%s', (line, circuit, unread) => {
    const read = circuitOf(line);
    expect(read.circuit).toMatchObject(circuit);
    expect(read.unread.map(({ word }) => word)).toEqual(unread);
  });

  test('feet and inches are one length', () => {
    expect(circuitOf(`ev 48 12'6" emt`).circuit.segments[0]?.lengthFt).toBe(12.5);
    expect(circuitOf('ev 48 12 ft 6 in emt').circuit.segments[0]?.lengthFt).toBe(12.5);
  });

  test('of MCA and MOCP the one that was not read is taken for the worse: a larger conductor, a smaller breaker', () => {
    expect(circuitOf('mini split 35').circuit.nameplate).toMatchObject({ mca: 35, mocp: 35 });
    expect(circuitOf('mini split mca 21').circuit.nameplate).toMatchObject({ mca: 21, mocp: 25 });
  });

  test('a method goes on until another is said; where none was, it is what such a place takes', () => {
    const methods = (line: string) => {
      const reading = readLine(line);
      return reading.family === null ? [] : runOf(reading).map(({ method }) => method);
    };
    expect(methods('ev 48 emt attic 40 ft then garage 15 ft')).toEqual(['emt', 'emt']);
    expect(methods('hot tub 50 attic 40 ft then underground 15 ft')).toEqual(['nm-b', 'pvc40']);
    expect(methods('hot tub 50 underground 40 ft')).toEqual(['pvc40']);
  });

  test('a slip of one letter is read; where another word is as near it is asked', () => {
    expect(circuitOf('dyer 30').circuit.family).toBe('dryer');
    expect(circuitOf('ev 48 40 ft rommex').circuit.segments[0]?.method).toBe('nm-b');
    expect(nearest('rage', ['range', 'rave', 'cage'])).toMatchObject({ sure: null });
    expect(lettersApart('rnage', 'range', 2)).toBe(1);
    expect(lettersApart('range', 'dryer', 2)).toBeGreaterThan(2);
  });
});

describe('what a line is about', () => {
  test.each([
    ['pool 18x36 concrete, pump 11 ft east', 'water'],
    ['spa 8 ft round', 'water'],
    ['pool pump 1.5 hp', 'circuit'],
    ['hot tub 50', 'circuit'],
    ['1,3 2p30 dryer; 4 20 bed', 'panel'],
    ['5 20 kitchen', 'panel'],
    ['50 hot tub', 'circuit'],
    ['20 amp outlet', 'circuit'],
    ['hello there', null],
    ['', null],
  ])('%s: %s', (line, kind) => {
    expect(answerLine(line).kind).toBe(kind);
  });

  test('what is not understood of a yard or a panel stands in its place', () => {
    const yard = answerLine('pool 18x36 concrete, zzgrl 11 ft east');
    expect(yard).toMatchObject({ kind: 'water', circuit: null, answer: null });
    expect(yard.unread.map(({ word }) => word)).toContain('zzgrl');
    expect(yard.unread.every(({ from }) => from >= 21)).toBe(true);
    expect(answerLine('nm 38 joists, box, emt 12', 'route')).toMatchObject({ kind: 'route', unread: [] });
    expect(answerLine('nm 38 joists, blorp 12', 'route').unread.map(({ word }) => word)).toContain('blorp');
  });
});

describe('any line', () => {
  const words = fc.constantFrom(
    ...familyList.flatMap(({ typed }) => typed.names),
    ...[
      '50',
      '48 A',
      '12 kW',
      '60 ft',
      '6/3',
      '#6',
      'emt',
      'romex',
      'outside',
      'then',
      ',',
      'zzgrl',
      '14-50',
      '%',
      '"',
    ],
  );

  test('every word is used or stands among the unread, which are pieces of the line', () => {
    fc.assert(
      fc.property(fc.array(words, { maxLength: 8 }), (parts) => {
        const line = parts.join(' ');
        for (const { word, from, to } of answerLine(line).unread) expect(line.slice(from, to)).toBe(word);
        for (const { word, from, to } of tokensOf(line)) expect(line.slice(from, to)).toBe(word);
      }),
      { numRuns: 60 },
    );
  });

  test('nothing that is typed is an error', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (line) => {
        expect(['circuit', 'water', 'panel', 'route', null]).toContain(answerLine(line).kind);
      }),
    );
  });
});
