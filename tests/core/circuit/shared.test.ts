import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Circuit, Segment } from '../../../src/core/circuit/circuitSchema';
import { isNipple, stationKinds } from '../../../src/core/circuit/stations';
import { METHOD_IDS, ENVIRONMENTS } from '../../../src/core/code/methods';
import { shortParts } from '../../../src/core/rules/shortPart';
import { sizeRank } from '../../../src/core/units/wireSize';
import { alone, sharing } from '../../../src/core/circuit/edits/routeEdits';
import { circuit, load, solve, solveAny, segment, sized } from '../../support/circuits';
import { after, fixesIn, jobOf } from '../../support/jobs';
import { routeOf, solvedIn, trench } from '../../support/routes';

const shares = { raceway: 'shared' };

/** The worked example of four 24 A continuous circuits in one EMT, 38 °C, terminals at 60 °C. */
const four: readonly Circuit[] = [1, 2, 3, 4].map((number) =>
  circuit({
    id: `c${number}`,
    appliance: load({ amps: 24, continuousAmps: 24 }),
    terminals: { panel: 60, load: 60 },
    run: [segment({ id: 'pipe', method: 'emt', lengthFt: 47, ambientC: 38, bendsDeg: 150, shares })],
  }),
);

describe('circuits in one raceway', () => {
  test('the worked example: eight that carry, 25.48 A left of 10 AWG, 3/4 EMT 35.6 % full', () => {
    const [first] = four;
    const { figures, workings } = solvedIn(first!, four).solved;
    expect(figures.size).toBe('10');
    expect(figures.ocpd.ratingA).toBe(30);
    expect(figures.segments[0]!.terms.adjustment).toBe(0.7);
    expect(figures.segments[0]!.verdict.correctedA).toBeCloseTo(25.48, 9);
    expect(figures.raceway).toMatchObject({ legal: '3/4', conductors: 9, ground: '10' });
    expect(figures.raceway!.legalFillPct).toBeCloseTo(35.6, 1);
    expect(workings.raceway.find(({ id }) => id === 'raceway.shared')?.cite.section).toBe('250.122(C)');
  });

  test('there is one ground for all, by the largest device', () => {
    const large = circuit({
      id: 'large',
      appliance: load({ amps: 60, continuousAmps: 60 }),
      run: [segment({ id: 'pipe', method: 'emt', shares })],
    });
    const small = circuit({
      id: 'small',
      appliance: load({ amps: 16, continuousAmps: 16 }),
      run: [segment({ id: 'pipe', method: 'emt', shares })],
    });
    const of = (each: Circuit) => solvedIn(each, [large, small]).solved.figures;
    expect(of(small).groundTaken).toBe('12');
    expect(of(small).raceway!.ground).toBe(of(large).groundTaken);
    expect(of(small).raceway!.areaIn2).toBeCloseTo(of(large).raceway!.areaIn2, 9);
    expect(of(small).raceway!.conductors).toBe(5);
  });

  test('a trench that is shared rerates nothing, a bundle does, and nobody is asked twice', () => {
    const pair = (kind: 'trench' | 'bundle'): readonly Circuit[] =>
      ['a', 'b'].map((id) =>
        circuit({ id, run: [segment({ id: 'run', method: 'pvc40', shares: { [kind]: 'w' } })] }),
      );
    const factor = (kind: 'trench' | 'bundle') =>
      solvedIn(pair(kind)[0]!, pair(kind)).solved.figures.segments[0]!.terms.adjustment;
    expect(factor('trench')).toBe(1);
    expect(factor('bundle')).toBe(0.8);
  });

  test('a count that was typed stays where it is larger than what is shared', () => {
    const typed = circuit({
      id: 'typed',
      run: [segment({ id: 'run', method: 'emt', currentCarrying: 9, shares })],
    });
    const other = circuit({ id: 'other', run: [segment({ id: 'run', method: 'emt', shares })] });
    expect(solvedIn(typed, [typed, other]).solved.figures.segments[0]!.terms.adjustment).toBe(0.7);
  });

  test('more neighbors never gives a smaller conductor or a smaller raceway', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 7 }), fc.constantFrom(16, 24, 32, 40), (count, amps) => {
        const of = (number: number): readonly Circuit[] =>
          Array.from({ length: number }, (_, at) =>
            circuit({
              id: `c${at}`,
              appliance: load({ amps, continuousAmps: amps }),
              run: [segment({ id: 'run', method: 'emt', shares })],
            }),
          );
        const figures = (number: number) => sized(solvedIn(of(number)[0]!, of(number)).solved).figures;
        const [few, more] = [figures(count), figures(count + 1)];
        return sizeRank(more.size) >= sizeRank(few.size) && more.raceway!.areaIn2 > few.raceway!.areaIn2;
      }),
    );
  });

  test('what is in one raceway lies in one trench, and a trench is drawn with each raceway once', () => {
    const run = (part: Partial<Segment>) => [trench({ ...part })];
    const a = circuit({ id: 'a', name: 'A', run: run({ shares: { trench: 't' } }) });
    const b = circuit({ id: 'b', name: 'B', run: run({}) });
    const c = circuit({
      id: 'c',
      name: 'C',
      run: run({ method: 'rmc', shares: { trench: 't', raceway: 'other' } }),
    });
    const d = circuit({
      id: 'd',
      name: 'D',
      run: run({ method: 'rmc', shares: { trench: 't', raceway: 'other' } }),
    });
    const [one, two] = sharing({ circuit: a, index: 0, other: b, otherIndex: 0 }, 'raceway', 'r');
    expect(two.run[0]!.shares).toEqual({ trench: 't', raceway: 'r' });
    const { burials } = routeOf(one, { others: [two, c, d] });
    expect(burials[0]!.routes.map(({ name }) => name)).toEqual(['A', 'C; D']);
    expect(solvedIn(one, [one, two, c, d]).solved.figures.raceway!.conductors).toBe(5);
    expect(alone(one, 0, 'raceway').run[0]!.shares).toEqual({ trench: 't' });
  });

  test('a pinned conductor that neighbors makes too small is helped by going alone', () => {
    const pinned = circuit({
      id: 'pinned',
      appliance: load({ amps: 48, continuousAmps: 48 }),
      pins: { size: '6' },
      run: [segment({ id: 'run', method: 'emt', shares })],
    });
    const others = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) =>
      circuit({ id, run: [segment({ id: 'run', method: 'emt', shares })] }),
    );
    const job = jobOf([pinned, ...others]);
    const { solved } = solvedIn(pinned, job.circuits);
    const [finding] = solved.findings.filter(({ severity }) => severity === 'stop');
    const apart = fixesIn(job, finding!.code).find(({ change }) => change.kind === 'spread-out');
    expect(after(job, apart!.command).job.circuits[0]!.run[0]).not.toHaveProperty('shares');
  });

  test('sharing makes the other segment the same raceway, and can be taken back', () => {
    const a = circuit({ id: 'a', run: [segment({ id: 'x', method: 'emt', lengthFt: 22, place: 'garage' })] });
    const b = circuit({ id: 'b', run: [segment({ id: 'y', method: 'pvc40', lengthFt: 30 })] });
    const [one, two] = sharing({ circuit: a, index: 0, other: b, otherIndex: 0 }, 'raceway', 'new');
    expect(two.run[0]).toMatchObject({
      method: 'emt',
      lengthFt: 22,
      place: 'garage',
      shares: { raceway: 'new' },
    });
    expect(one.run[0]!.shares).toEqual(two.run[0]!.shares);
    expect(alone(one, 0, 'raceway').run[0]).not.toHaveProperty('shares');
    const [, third] = sharing(
      {
        circuit: one,
        index: 0,
        other: circuit({ id: 'c', run: [segment({ method: 'emt' })] }),
        otherIndex: 0,
      },
      'raceway',
      'newer',
    );
    expect(third.run[0]!.shares).toEqual({ raceway: 'new' });
  });
});

describe('a short part of lower ampacity', () => {
  const run = (hotFt: number, part = {}) => [
    segment({ id: 'cool', method: 'emt', lengthFt: 90 }),
    segment({ id: 'hot', method: 'emt', lengthFt: hotFt, place: 'attic', ambientC: 55, ...part }),
  ];
  const appliance = load({ amps: 40, continuousAmps: 40 });

  test('of a tenth of the rest, and 10 ft at most, does not decide; a foot more does', () => {
    const short = solve({ appliance, run: run(9, { currentCarrying: 9 }) });
    expect(short.figures.size).toBe('8');
    expect(short.findings.map(({ code }) => code)).toContain('conductor.short-part');
    expect(short.workings.conductor.find(({ id }) => id === 'ampacity.short')?.cite.section).toBe(
      '310.14(A)(2)',
    );
    const long = solve({ appliance, run: run(10, { currentCarrying: 9 }) });
    expect(sizeRank(long.figures.size)).toBeGreaterThan(sizeRank('8'));
  });

  test('never helps cables that lie in one bundle', () => {
    const bundled = solve({
      appliance,
      run: [
        segment({ id: 'a', method: 'mc', lengthFt: 90 }),
        segment({ id: 'b', method: 'mc', lengthFt: 5, currentCarrying: 9 }),
      ],
    });
    expect(bundled.findings.map(({ code }) => code)).not.toContain('conductor.short-part');
  });

  test.each([
    {
      parts: [
        [90, 1],
        [9, 0.7],
      ],
      spared: [1],
    },
    {
      parts: [
        [200, 1],
        [10, 0.7],
      ],
      spared: [1],
    },
    {
      parts: [
        [200, 1],
        [11, 0.7],
      ],
      spared: [],
    },
    {
      parts: [
        [100, 1],
        [100, 0.8],
        [9, 0.7],
      ],
      spared: [2],
    },
    {
      parts: [
        [100, 1],
        [4, 0.8],
        [5, 0.7],
      ],
      spared: [1, 2],
    },
    { parts: [[50, 0.8]], spared: [] },
  ])('$parts spares $spared', ({ parts, spared }) => {
    const found = shortParts(
      parts.map(([lengthFt = 0, factor = 1]) => ({ lengthFt, factor, mayBeSpared: true })),
    );
    expect([...(found?.spared ?? [])]).toEqual(spared);
  });
});

describe('nipples and stations', () => {
  const nipple = segment({ id: 'n', method: 'emt', lengthFt: 2, currentCarrying: 9 });

  test('two feet between enclosures are filled to 60 % and not adjusted', () => {
    const { figures, workings } = solve({
      run: [segment({ id: 'a' }), nipple, segment({ id: 'b', method: 'nm-b' })],
    });
    expect(figures.segments[1]!.terms.adjustment).toBe(1);
    expect(figures.raceway!.limitPct).toBe(60);
    expect(workings.raceway.some(({ id }) => id === 'raceway.nipple')).toBe(true);
  });

  test('a body at one end, or three feet, make it a raceway like any other', () => {
    expect(isNipple([nipple, segment({ method: 'pvc40' })], 0)).toBe(false);
    expect(isNipple([{ ...nipple, lengthFt: 3 }, segment()], 0)).toBe(false);
    expect(isNipple([nipple, segment()], 0)).toBe(true);
  });

  test('what stands between two methods is a box at cable, a body between raceways, or what was said', () => {
    const emt = segment({ method: 'emt' });
    expect(stationKinds([segment(), emt, emt])).toEqual(['panel', 'box', 'body', 'appliance']);
    expect(stationKinds([{ ...emt, end: { kind: 'coupling' } }, emt])).toEqual([
      'panel',
      'coupling',
      'appliance',
    ]);
  });
});

describe('where a method may be', () => {
  const codes = (method: (typeof METHOD_IDS)[number], place: (typeof ENVIRONMENTS)[number]) =>
    solveAny({
      appliance: load({ amps: 16, continuousAmps: 16 }),
      run: [segment({ method, place })],
    }).findings.map(({ code }) => code);

  test.each([
    ['nm-b', 'damp', 'method.wet-location'],
    ['nm-b', 'corrosive', 'method.corrosive'],
    ['fmc', 'corrosive', 'method.corrosive'],
    ['emt', 'corrosive', 'method.ask-listing'],
    ['uf-b', 'corrosive', 'method.ask-listing'],
  ] as const)('%s %s: %s', (method, place, code) => {
    expect(codes(method, place)).toContain(code);
  });

  test('PVC may be anywhere, and every method in a dry room', () => {
    for (const place of ENVIRONMENTS)
      expect(codes('pvc40', place).filter((code) => code.startsWith('method.'))).toEqual([]);
    for (const method of METHOD_IDS)
      expect(codes(method, 'indoor').filter((code) => code.startsWith('method.'))).toEqual([]);
  });
});
