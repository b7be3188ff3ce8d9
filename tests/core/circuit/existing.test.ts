import { describe, expect, test } from 'vitest';
import { EDITION_YEARS } from '../../../src/core/code/edition';
import { NEW_WORK } from '../../../src/core/code/newWork';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { findingSentence } from '../../../src/core/wording/findings';
import { circuitLine, ladderWords } from '../../../src/core/wording/ladder';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import { charger, circuit, codes, context, segment, solveAny } from '../../support/circuits';
import { fixesIn, jobOf } from '../../support/jobs';
import { panel } from '../../support/panels';
import { withPlate } from '../findings/raised';
import { oldDryer } from '../findings/raisedByExisting';

const severityOf = (
  part: Parameters<typeof solveAny>[0],
  code: string,
  year: 2017 | 2020 | 2023 | 2026 = 2023,
) => solveAny(part, context(year)).findings.find((each) => each.code === code)?.severity;

describe('a range or dryer on three wires (250.140)', () => {
  test.each(EDITION_YEARS)(
    'may stay in %i when every condition holds, cited as that edition numbers it',
    (year) => {
      const { findings } = solveAny(oldDryer(), context(year));
      const stays = findings.find(({ code }) => code === 'existing.three-wire-stays');
      expect(stays?.cite.section).toBe(year < 2023 ? '250.140 Ex.' : '250.140(B)');
      expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    },
  );

  test.each([
    ['the neutral is 12 AWG', oldDryer({ neutralSize: '12' }), 'neutral-size'],
    [
      'aluminum of 10 AWG',
      oldDryer({ neutralSize: '10' }, { material: 'al', pins: { ocpdA: 30, size: '8' } }),
      'neutral-size',
    ],
    ['bare, and not in service cable', oldDryer({ neutral: 'bare', serviceCable: false }), 'bare-cable'],
    ['a ground is in the box', oldDryer({ groundInBox: true }), 'box-ground'],
    ['the frame is not bonded', oldDryer({ frameBonded: false }), 'not-bonded'],
    ['this job extends it', oldDryer({ extended: true }), 'extended'],
    ['it never was legal', oldDryer({ legal: false }), 'not-legal'],
    [
      'a water heater',
      { ...oldDryer(), ...withPlate('water-heater', { kw: 4.5, volts: 240, storage: true }) },
      'appliance',
    ],
  ] as const)('stops when %s', (_what, part, why) => {
    const found = solveAny(part).findings.find(({ code }) => code === 'existing.three-wire');
    expect(found).toMatchObject({ severity: 'stop', data: { why } });
  });

  test('10 AWG copper and 8 AWG aluminum are large enough', () => {
    expect(severityOf(oldDryer({ neutralSize: '10' }), 'existing.three-wire')).toBeUndefined();
    const aluminum = oldDryer({ neutralSize: '8' }, { material: 'al', pins: { ocpdA: 30, size: '8' } });
    expect(severityOf(aluminum, 'existing.three-wire')).toBeUndefined();
  });

  test('a bare neutral from a subpanel stops in 2017 and 2020, and is asked from 2023 on', () => {
    const bare = oldDryer(
      { neutral: 'bare', serviceCable: true },
      { site: { receptacle: '10-30', panel: 'subpanel' } },
    );
    expect(severityOf(bare, 'existing.three-wire', 2017)).toBe('stop');
    expect(severityOf(bare, 'existing.three-wire', 2020)).toBe('stop');
    expect(severityOf(bare, 'existing.bare-subpanel', 2023)).toBe('ask');
  });

  test('bare in service cable from the service panel may stay', () => {
    const bare = oldDryer({ neutral: 'bare', serviceCable: true });
    expect(severityOf(bare, 'existing.three-wire-stays', 2017)).toBe('note');
  });

  test('has no ground, and none is asked of it', () => {
    const part = circuit(oldDryer());
    const solved = solveAny(oldDryer());
    expect(ladderWords('ground', solved, part)).toMatchObject({
      figure: 'none',
      reason: 'the neutral grounds the frame',
    });
    expect(
      codes(solved).filter((code) => code.startsWith('egc.') || code === 'receptacle.no-ground'),
    ).toEqual([]);
  });

  test('the stop offers a new circuit of four wires, never a 14-50 on three', () => {
    const [fix] = fixesIn(jobOf([circuit(oldDryer({ groundInBox: true }))]), 'existing.three-wire');
    expect(fix?.change).toEqual({ kind: 'plan-new', ocpdA: 30, size: '10', wires: 3 });
  });
});

describe('an existing circuit', () => {
  const looked = { legal: true, extended: false } as const;
  const old = { appliance: charger({ outputAmps: 32 }), existing: looked };

  test('is never sized: without its breaker and conductor every figure that follows is missing', () => {
    const solved = solveAny(old);
    expect(solved.figures).toMatchObject({
      size: null,
      ground: null,
      ampacityA: null,
      drop: null,
      raceway: null,
    });
    expect(codes(solved)).toContain('existing.not-recorded');
    expect(codes(solved)).not.toContain('conductor.none');
    const part = circuit(old);
    expect(circuitLine(solved, part)).toBe('Existing, not recorded');
    expect(ladderWords('breaker', solved, part).figure).toBe('?');
    expect(solved.workings.breaker.map(({ id }) => id)).not.toContain('breaker.standard');
  });

  test('is judged by what was recorded: 10 AWG NM-B carries 30 A, not 40 A', () => {
    const part = { ...old, pins: { ocpdA: 40, size: '10' } as const };
    expect(severityOf(part, 'ocpd.above-ampacity') ?? severityOf(part, 'conductor.small-rule')).toBe('stop');
    expect(ladderWords('conductor', solveAny(part), circuit(part)).reason).toMatch(/^existing · /);
  });

  test('a stop of its breaker offers a smaller one and a new circuit', () => {
    const part = circuit({ ...old, appliance: charger({ outputAmps: 24 }), pins: { ocpdA: 40, size: '10' } });
    const solved = solveAny(part);
    const stop = solved.findings.find(({ severity }) => severity === 'stop');
    const fixes = fixesIn(jobOf([part]), stop?.code ?? '');
    expect(fixes.map(({ change }) => change)).toContainEqual({ kind: 'swap-breaker', ocpdA: 30 });
    expect(fixes.map(({ change }) => change.kind)).toContain('plan-new');
  });

  test.each(EDITION_YEARS)(
    'without GFCI and at 5 ft from old water it may stay in %i, and says what a new one requires',
    (year) => {
      const part = {
        ...withPlate('pool-pump', { hp: 1, volts: 240, connection: 'receptacle' }),
        run: [segment({ method: 'pvc40', place: 'outdoor' })],
        pins: { ocpdA: 20, size: '12' },
        site: { waterFt: 5, groundFault: 'none' },
        existing: { ...looked, newWater: false },
      } as const;
      const { findings } = solveAny({ ...part, run: [...part.run] }, context(year));
      const stays = findings.find(({ code }) => code === 'existing.stays');
      expect(stays && findingSentence(stays)).toContain('a receptacle 6 ft or more from the water');
      expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      for (const change of [{ extended: true }, { legal: false }, { newWater: true }]) {
        const moved = { ...part, run: [...part.run], existing: { ...part.existing, ...change } };
        expect(severityOf(moved, 'receptacle.near-water', year), JSON.stringify(change)).toBe('stop');
      }
    },
  );

  test('nothing that endangers is let stay', () => {
    for (const code of NEW_WORK)
      expect(code).not.toMatch(/^(ocpd|conductor|egc\.too-small|method|ident|terminal)/);
  });

  test('takes no new space in the panel and adds nothing to the service', () => {
    const part = circuit({ ...old, pins: { ocpdA: 40, size: '8' } });
    const job = (existing: typeof part.existing) =>
      evaluateJob(
        jobOf([{ ...part, existing }], { panels: [panel({})], house: { ...FRESH_HOUSE, areaFt2: 1800 } }),
      );
    expect(job(looked).service.report.additions).toEqual([]);
    expect(job(looked).panels[0]?.wanted).toEqual([]);
    expect(job(null).service.report.additions).toHaveLength(1);
    expect(job(null).panels[0]?.wanted).toHaveLength(1);
  });
});
