import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { segmentIndex } from '../../../src/core/findings/subject';
import { stationKinds } from '../../../src/core/circuit/stations';
import { segmentConductors } from '../../../src/core/circuit/namedConductors';
import { circuitPrice } from '../../../src/core/circuit/circuitPrice';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { sizeRank, WIRE_SIZES } from '../../../src/core/units/wireSize';
import { conductors } from '../../../src/core/wiring/conductors';
import { ladderWords } from '../../../src/core/wording/ladder';
import { circuit, codes, load, segment, solve } from '../../support/circuits';
import { jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';
import { runs } from '../../support/luck';

const inside = segment({ id: 'in', lengthFt: 30 });
const outside = segment({ id: 'out', method: 'pvc40', place: 'outdoor', lengthFt: 60 });

describe('a segment with a conductor of its own', () => {
  test('is judged by that, and the rest of the run is sized without it', () => {
    // 50 A, of which NM-B carries 40 on 8 AWG and 55 on 6; conductors in PVC carry 50 on 8 AWG.
    const fifty = { appliance: load({ amps: 40, continuousAmps: 40 }), maxDropPct: null };
    expect(solve({ ...fifty, run: [inside, outside] }).figures.size).toBe('6');
    const { figures, findings } = solve({ ...fifty, run: [{ ...inside, size: '6' }, outside] });
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(figures.size).toBe('8');
    expect(figures.segments.map(({ size }) => size)).toEqual(['6', '8']);
    expect(figures.segments[0]?.verdict.finalA).toBe(55);
  });

  test('stops where it is too small, in that segment alone', () => {
    const solved = solve({ run: [{ ...inside, size: '10' }, outside], maxDropPct: null });
    const stops = solved.findings.filter(({ severity }) => severity === 'stop');
    expect(stops.map(({ code }) => code)).toContain('conductor.too-small');
    expect(stops.every(({ subject }) => segmentIndex(subject) === 0)).toBe(true);
  });

  test('the drop is that of each size over its own length', () => {
    const appliance = load({ amps: 24, continuousAmps: 24 });
    const whole = (size: '10' | '8') =>
      solve({ appliance, run: [inside, outside], pins: { size }, maxDropPct: null }).figures;
    const mixed = solve({
      appliance,
      run: [inside, { ...outside, size: '8' }],
      pins: { size: '10' },
      maxDropPct: null,
    }).figures;
    expect(mixed.segments.map(({ dropV }) => dropV)).toEqual([
      whole('10').segments[0]?.dropV,
      whole('8').segments[1]?.dropV,
    ]);
    expect(mixed.drop.volts).toBeCloseTo(
      mixed.segments.reduce((sum, { dropV }) => sum + dropV, 0),
      9,
    );
  });

  test('a larger one raises its own ground in proportion, not that of the rest (250.122(B))', () => {
    // 30 A: 10 AWG ground. 10 AWG to 6 AWG is 26240 / 10380 = 2.53 times: 10380 x 2.53 = 26240, 6 AWG.
    const { figures } = solve({
      appliance: load(),
      run: [inside, { ...outside, size: '6' }],
      maxDropPct: null,
    });
    expect(figures.size).toBe('10');
    expect(figures.segments.map(({ ground }) => ground)).toEqual(['10', '6']);
    expect(figures.segments[1]?.raceway?.ground).toBe('6');
  });

  test('larger where it is hot raises no ground: the heat requires it', () => {
    const hot = segment({ id: 'hot', method: 'emt', place: 'attic', ambientC: 70, lengthFt: 30 });
    const cool = segment({ id: 'cool', method: 'emt', lengthFt: 30 });
    const run = [{ ...hot, size: '8' as const }, cool];
    const { figures, findings } = solve({ appliance: load(), run, maxDropPct: null });
    expect(figures.segments[0]?.min).toBe('8');
    expect(figures.size).toBe('10');
    expect(figures.segments.map(({ ground }) => ground)).toEqual(['10', '10']);
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('two sizes are spliced in a box, whatever else was to stand there', () => {
    const [first, second] = [{ ...outside, id: 'a', size: '6' as const }, outside];
    expect(stationKinds([first, second])[1]).toBe('box');
    expect(stationKinds([{ ...first, end: { kind: 'coupling' } }, second])[1]).toBe('box');
    expect(stationKinds([{ ...first, end: { kind: 'disconnect' } }, second])[1]).toBe('disconnect');
    expect(stationKinds([{ ...outside, id: 'a' }, second])[1]).toBe('body');
  });

  test('names its conductors, lands and prices them by its own size', () => {
    const run = [inside, { ...outside, size: '6' as const }];
    const { figures } = solve({ appliance: load(), run, maxDropPct: null });
    const [a, b] = figures.segments;
    expect(segmentConductors(b!, figures).map(({ size }) => size)).toEqual(['6', '6', '6']);
    expect(conductors(figures, a!).map(({ size }) => size)).toEqual(['10', '10', '10']);
    expect(conductors(figures, b!).map(({ size }) => size)).toEqual(['6', '6', '6']);
    const plain = solve({ appliance: load(), run: [inside, outside], maxDropPct: null }).figures;
    expect(circuitPrice(run, figures, defaultPrices)).toBeGreaterThan(
      circuitPrice(run, plain, defaultPrices),
    );
  });

  test('a cable is priced by its own size', () => {
    const of = (run: readonly ReturnType<typeof segment>[]) =>
      circuitPrice(run, solve({ appliance: load(), run: [...run], maxDropPct: null }).figures, defaultPrices);
    const two = defaultPrices.cable['nm-b']?.two;
    const dearer = ((two?.['6'] ?? 0) - (two?.['10'] ?? 0)) * (inside.lengthFt + 6);
    expect(of([{ ...inside, size: '6' }, outside]) - of([inside, outside])).toBeCloseTo(dearer, 6);
  });

  test('the lug at the load takes the last segment, the breaker in the panel the first', () => {
    const lugMost = '8';
    const lugs = (run: readonly ReturnType<typeof segment>[]) =>
      codes(solve({ appliance: load(), run: [...run], maxDropPct: null, site: { lugMost } }));
    expect(lugs([inside, { ...outside, size: '6' }])).toContain('conductor.lug-range');
    expect(lugs([{ ...inside, size: '6' }, outside])).not.toContain('conductor.lug-range');
    const inPanel = (run: readonly ReturnType<typeof segment>[]) => {
      const fed = circuit({ id: 'fed', appliance: load(), run: [...run], maxDropPct: null });
      const job = { ...jobOf([fed]), panels: [panel({ lugTo: '8' })] };
      return evaluateJob(job, freshMemo()).findings.map(({ code }) => code);
    };
    expect(inPanel([{ ...inside, size: '6' }, outside])).toContain('panel.lug-range');
    expect(inPanel([inside, { ...outside, size: '6' }])).not.toContain('panel.lug-range');
  });

  test('in a shared raceway its neighbors count what is really there', () => {
    const shares = { raceway: 'trench' };
    const one = circuit({ id: 'one', appliance: load(), run: [{ ...outside, shares }], maxDropPct: null });
    const there = { ...outside, id: 'there', shares };
    const fill = (shared: ReturnType<typeof segment>) => {
      const two = circuit({ id: 'two', appliance: load(), run: [inside, shared], maxDropPct: null });
      return evaluateJob(jobOf([one, two]), freshMemo()).circuit('one')?.solved.figures.segments[0]?.raceway
        ?.areaIn2;
    };
    // Two more of 4 AWG THWN-2 at 0.0824 in² instead of 10 AWG at 0.0211, and the ground raised to 4 AWG.
    expect(fill({ ...there, size: '4' })! - fill(there)!).toBeCloseTo(3 * (0.0824 - 0.0211), 6);
  });

  test('the ladder names it', () => {
    const given = circuit({ appliance: load(), run: [{ ...inside, size: '6' }, outside] });
    expect(ladderWords('conductor', solve(given), given).reason).toContain('A to B 6 AWG');
  });

  test('a larger one never carries less, nor drops more', () => {
    const sizes = WIRE_SIZES.filter(
      (size) => sizeRank(size) >= sizeRank('10') && sizeRank(size) <= sizeRank('2'),
    );
    fc.assert(
      fc.property(fc.constantFrom(...sizes), fc.constantFrom(...sizes), (a, b) => {
        const [small, large] = sizeRank(a) <= sizeRank(b) ? [a, b] : [b, a];
        const of = (size: typeof a) =>
          solve({ appliance: load(), run: [inside, { ...outside, size }], maxDropPct: null }).figures;
        expect(of(large).segments[1]!.verdict.finalA).toBeGreaterThanOrEqual(
          of(small).segments[1]!.verdict.finalA,
        );
        expect(of(large).drop.volts).toBeLessThanOrEqual(of(small).drop.volts + 1e-9);
      }),
      runs(40),
    );
  });
});

describe('cable as bought', () => {
  const plain = { appliance: load(), maxDropPct: null };

  test('a cable on hand with one conductor more is counted, its spare capped', () => {
    const { figures } = solve({ ...plain, run: [{ ...inside, size: '6', cableWires: 3 }] });
    expect(figures.segments[0]?.cable?.name).toBe('NM-B 6/3');
    const named = segmentConductors(figures.segments[0]!, figures);
    expect(named.map(({ letters, note }) => `${letters} ${note}`.trim())).toEqual([
      'BK',
      'RD',
      'WH spare, capped',
      'BARE',
    ]);
    expect(conductors(figures, figures.segments[0]!).map(({ role }) => role)).toContain('spare');
  });

  test('one with too few conductors is a stop, and the cable that is needed is shown', () => {
    const solved = solve({
      ...plain,
      appliance: load({ neutral: true }),
      run: [{ ...inside, cableWires: 2 }],
    });
    expect(codes(solved)).toContain('conductor.cable-wires');
    expect(solved.figures.segments[0]?.cable?.wires).toBe(3);
  });
});
