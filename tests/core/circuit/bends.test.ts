import { describe, expect, test } from 'vitest';
import { bendsOf } from '../../../src/core/circuit/bends';
import { followedBy } from '../../../src/core/circuit/edits/sharedRaceway';
import { circuit, segment } from '../../support/circuits';
import { routeOf, trench } from '../../support/routes';

const drawn = { bendsDeg: null } as const;

describe('bends that are drawn count (3xx.24, 3xx.26)', () => {
  test('a run in a trench between two risers has its two quarter turns', () => {
    const about = circuit({ startHeightFt: 4, run: [trench(drawn)] });
    expect(bendsOf(about, 0)).toBe(180);
    const report = routeOf(about);
    expect(report.pulls[0]?.degrees).toBe(180);
    expect(report.raceways[0]?.elbows).toBe(2);
  });

  test('what was typed wins', () => {
    const about = circuit({ startHeightFt: 4, run: [trench({ bendsDeg: 0 })] });
    expect(bendsOf(about, 0)).toBe(0);
    expect(routeOf(about).pulls[0]?.degrees).toBe(0);
    expect(bendsOf(circuit({ run: [trench({ bendsDeg: 270 })] }), 0)).toBe(270);
  });

  test('a straight run has none, and cable has none', () => {
    const level = {
      startHeightFt: 8,
      run: [segment({ method: 'emt', heightFt: 8, endHeightFt: 8, ...drawn })],
    };
    expect(bendsOf(circuit(level), 0)).toBe(0);
    expect(bendsOf(circuit({ run: [segment(drawn)] }), 0)).toBe(0);
  });

  test('a riser that goes on level through a coupling turns there, through a body it does not', () => {
    const run = (kind: 'coupling' | 'body') => [
      segment({ id: 'a', method: 'pvc40', heightFt: 4, endHeightFt: -1.5, end: { kind }, ...drawn }),
      trench({ id: 'b', endHeightFt: -1.5, ...drawn }),
    ];
    const about = (kind: 'coupling' | 'body') => circuit({ startHeightFt: 4, run: run(kind) });
    expect(bendsOf(about('coupling'), 1)).toBe(90);
    expect(bendsOf(about('body'), 1)).toBe(0);
    expect(routeOf(about('coupling')).pulls[0]?.degrees).toBe(180);
  });
});

describe('a raceway that is shared', () => {
  const shares = { raceway: 'r' };
  const one = circuit({ id: 'one', run: [segment({ id: 's', method: 'emt', shares })] });
  const other = circuit({ id: 'other', run: [segment({ id: 't', method: 'emt', shares, endHeightFt: 2 })] });
  const apart = circuit({ id: 'apart', run: [segment({ id: 'u', method: 'emt' })] });
  const edited = {
    ...one,
    run: [{ ...one.run[0]!, lengthFt: 55, ambientC: 41, bendsDeg: 270, endHeightFt: 6 }],
  };

  test('is edited once: length, ambient and bends follow in every circuit in it', () => {
    expect(followedBy(one, edited, [edited, other, apart])).toEqual([
      [other, { ...other, run: [{ ...other.run[0]!, lengthFt: 55, ambientC: 41, bendsDeg: 270 }] }],
    ]);
  });

  test('what is not of the raceway stays with its circuit', () => {
    const moved = { ...one, run: [{ ...one.run[0]!, endHeightFt: 6 }] };
    expect(followedBy(one, moved, [moved, other])).toEqual([]);
  });
});
