import { describe, expect, test } from 'vitest';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import { holdsWords } from '../../../src/core/wording/conductors';
import { solveFamily } from '../../support/appliances';
import { codes, context, type Sized } from '../../support/circuits';

const EMT = { method: 'emt' } as const;
const severityOf = ({ findings }: Sized, code: string) =>
  findings.find((each) => each.code === code)?.severity;

describe('motors (430.52(C)(1))', () => {
  // 2 hp at 240 V: 12 A by Table 430.248; 250 % is 30 A; 400 % is 48 A, so 45 A.
  const motor = (ocpdA: number, plate = {}) =>
    solveFamily('motor', { hp: 2, volts: 240, ...plate }, EMT, { pins: { ocpdA } });

  test('up to the next standard rating above 250 % nothing is asked', () => {
    expect(codes(motor(30))).not.toContain('ocpd.start-exception');
  });

  test('above it: did it fail to start? Up to 400 %, rounded down', () => {
    expect(severityOf(motor(35), 'ocpd.start-exception')).toBe('check');
    expect(severityOf(motor(45), 'ocpd.start-exception')).toBe('check');
    expect(severityOf(motor(45), 'ocpd.above-mocp')).toBeUndefined();
    expect(severityOf(motor(50), 'ocpd.above-mocp')).toBe('stop');
  });

  test('the limit is said to be on the nameplate only where it is', () => {
    const by = (solved: Sized) => solved.findings.find(({ code }) => code === 'ocpd.above-mocp')?.data;
    expect(by(motor(50))).toMatchObject({ by: 'article', maxA: 45 });
    expect(by(motor(50, { breakerA: 40 }))).toMatchObject({ by: 'plate', maxA: 40 });
  });

  test('14 AWG on 25 A stands on 430.52 where it is hardwired, and not at all on a plug (240.4(D))', () => {
    // 1-1/2 hp: 10 A, conductor for 12.5 A, breaker 25 A.
    const hardwired = solveFamily('motor', { hp: 1.5, volts: 240 }, EMT);
    expect([hardwired.figures.size, hardwired.figures.ocpd.ratingA]).toEqual(['14', 25]);
    expect(holdsWords(hardwired.figures.segments[0]!, hardwired.figures)).toContain('25 A by 430.52');
    const plugged = solveFamily('motor', { hp: 1.5, volts: 240, connection: 'receptacle' }, EMT);
    expect(plugged.figures.size).toBe('10');
  });
});

describe('welders (630.11, 630.12)', () => {
  const welder = (plate: object, general = true) =>
    solveFamily(
      'welder',
      { inputAmps: 40, dutyPct: 20, volts: 240, type: 'arc', ...plate },
      EMT,
      {},
      context(2023, { practices: { ...DEFAULT_PRACTICES, welderGeneralUse: general } }),
    );

  test.each([true, false])(
    'load, breaker and conductor are never below the effective current (outlet for any use: %s)',
    (general) => {
      const small = welder({ effectiveA: 38, breakerA: 30 }, general);
      expect(small.figures.load.otherA).toBeGreaterThanOrEqual(38);
      expect(small.figures.ampacityA).toBeGreaterThanOrEqual(38);
      const stop = small.findings.find(({ code }) => code === 'ocpd.below-load');
      expect([stop?.severity, stop?.cite.section]).toEqual(['stop', '210.22']);
    },
  );

  test('the breaker is a standard rating (240.6(A))', () => {
    expect(welder({ inputAmps: 62 }).figures.ocpd.ratingA).toBe(70);
    expect(severityOf(welder({ breakerA: 42 }), 'ocpd.not-standard')).toBe('check');
  });
});

describe('a mini split wired to its breaker, by shop practice', () => {
  const under = context(2023, { practices: { ...DEFAULT_PRACTICES, matchBreaker: true } });
  const plate = { mca: 18, mocp: 30, volts: 240 };

  test('has the ampacity of its breaker after correction: never the next size up', () => {
    for (const ambientC of [30, 41, 46]) {
      const { figures } = solveFamily('mini-split', plate, { ...EMT, ambientC }, {}, under);
      expect(figures.ampacityA).toBeGreaterThanOrEqual(30);
    }
  });

  test('a smaller size set by hand is legal, so it is a check', () => {
    const solved = solveFamily('mini-split', plate, EMT, { pins: { size: '12' } }, under);
    expect(severityOf(solved, 'conductor.practice')).toBe('check');
    expect(solved.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});
