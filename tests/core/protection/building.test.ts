import { describe, expect, test } from 'vitest';
import { EDITION_YEARS } from '../../../src/core/code/edition';
import type { Site } from '../../../src/core/protection/siteSchema';
import { circuit, codes, context, segment, solveAny } from '../../support/circuits';
import { fixesIn, jobOf } from '../../support/jobs';
import { withPlate } from '../findings/raised';
import { feederTo, inGarage } from '../findings/raisedByBuildings';

const OTHERS = ['detached-garage', 'accessory'] as const;

describe('another building (Article 225 Part II)', () => {
  test.each(EDITION_YEARS)('a branch circuit beside an existing supply stops in %i', (year) => {
    for (const building of OTHERS)
      for (const supply of ['branch', 'feeder'] as const) {
        const found = solveAny(inGarage({ building, supply }), context(year)).findings;
        expect(found.find(({ code }) => code === 'building.second-supply')?.severity).toBe('stop');
      }
  });

  test.each([
    [2017, 'building.second-supply', 'stop'],
    [2020, 'building.further-feeder', 'check'],
    [2023, 'building.further-feeder', 'check'],
    [2026, 'building.further-feeder', 'check'],
  ] as const)('a further feeder in %i: %s', (year, code, severity) => {
    const found = solveAny(feederTo({ supply: 'feeder' }), context(year)).findings;
    expect(
      found.filter((each) => each.code.startsWith('building.')).map((each) => [each.code, each.severity]),
    ).toEqual([[code, severity]]);
  });

  test.each([
    [2017, '225.31', true],
    [2020, '225.31', true],
    [2023, '225.31(B)', false],
  ] as const)('the disconnect is cited in %i as %s', (year, section, certain) => {
    const site: Site = { building: 'accessory', supply: 'none', buildingDisconnect: 'none' };
    const found = solveAny(inGarage(site), context(year)).findings.find(
      ({ code }) => code === 'building.disconnect',
    );
    expect(found?.cite).toEqual({ section, certain });
  });

  test('225.39(A): a single branch circuit takes a disconnect no less than 15 A and no less than its breaker', () => {
    const small = {
      ...withPlate('receptacle', { amps: 15, count: 1, place: 'garage' }),
      run: [segment({ method: 'pvc40', place: 'outdoor' })],
      site: { room: 'garage', building: 'detached-garage', supply: 'none', buildingDisconnect: 'none' },
    } as const;
    const minOf = (part: Parameters<typeof solveAny>[0]) =>
      solveAny(part).findings.find(({ code }) => code === 'building.disconnect')?.data;
    expect(minOf({ ...small, run: [...small.run] })).toEqual({ minA: 15 });
    expect(minOf({ ...small, run: [...small.run], pins: { ocpdA: 10 } })).toEqual({ minA: 15 });
    expect(minOf(inGarage({ building: 'accessory', supply: 'none', buildingDisconnect: 'none' }))).toEqual({
      minA: 40,
    });
  });

  test('a post is another structure only when the authority says so', () => {
    const post = (structure?: boolean) =>
      codes(solveAny(inGarage({ building: 'post', ...(structure !== undefined && { structure }) }))).filter(
        (code) => code.startsWith('building.'),
      );
    expect(post()).toEqual(['building.structure']);
    expect(post(false)).toEqual([]);
    expect(post(true)).toEqual(['building.supply']);
  });

  test('nothing is asked indoors, nor in an attached garage', () => {
    expect(codes(solveAny()).filter((code) => code.startsWith('building.'))).toEqual([]);
    expect(
      codes(solveAny(inGarage({ building: 'attached-garage' }))).filter((code) =>
        code.startsWith('building.'),
      ),
    ).toEqual([]);
  });

  test('the stop offers the panel that the building has', () => {
    const job = jobOf([circuit(inGarage({ building: 'detached-garage', supply: 'feeder' }))]);
    expect(fixesIn(job, 'building.second-supply').map(({ change }) => change.kind)).toEqual([
      'feed-from-there',
    ]);
  });
});
