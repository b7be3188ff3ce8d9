import { describe, expect, test } from 'vitest';
import type { FamilyId } from '../../../src/core/appliances/registry';
import { EDITION_YEARS, type EditionYear } from '../../../src/core/code/edition';
import { LOCATIONS } from '../../../src/core/code/locations';
import type { Site } from '../../../src/core/protection/siteSchema';
import { solveFamily } from '../../support/appliances';
import { codes, context } from '../../support/circuits';

interface Scene {
  readonly family: FamilyId;
  readonly plate: Record<string, unknown>;
  readonly site?: Site;
  readonly year?: EditionYear;
  readonly date?: string;
  readonly occupancy?: 'one-family' | 'two-family';
}

const scene = ({
  family,
  plate,
  site = {},
  year = 2023,
  date = '2025-06-01',
  occupancy = 'one-family',
}: Scene) =>
  solveFamily(
    family,
    plate,
    { method: 'pvc40', lengthFt: 30 },
    { site },
    context(year, { survey: { permitDate: date, occupancy, houseV: 240 } }),
  );

const rules = (about: Scene) => scene(about).figures.outlet.gfci.sources.map(({ rule }) => rule);
const required = (about: Scene) => scene(about).figures.outlet.gfci.required;

const range = { kw: 12, volts: 240, connection: 'receptacle' };
const dryer = { kw: 5.4, volts: 240, connection: 'receptacle' };
const welder = { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', breakerA: 50 };
const split = { mca: 18, mocp: 25, volts: 240 };
const corded = { amps: 12, volts: 120, neutral: true, connection: 'receptacle' };
const tub = { amps: 40, volts: 240, neutral: false, breakerA: 50 };

describe('GFCI protection by load, place and edition', () => {
  test.each<[Scene, boolean | 'ask']>([
    [{ family: 'rv', plate: { amps: 50 }, year: 2017 }, false],
    [{ family: 'rv', plate: { amps: 50 }, year: 2020 }, true],
    [{ family: 'rv', plate: { amps: 30 }, year: 2023 }, true],
    [{ family: 'welder', plate: welder, site: { room: 'garage' }, year: 2017 }, false],
    [{ family: 'welder', plate: welder, site: { room: 'garage' }, year: 2020 }, true],
    [{ family: 'range', plate: range, site: { sinkFt: 8 }, year: 2020 }, false],
    [{ family: 'range', plate: range, site: { sinkFt: 5 }, year: 2020 }, true],
    [{ family: 'range', plate: range, site: { sinkFt: 6 }, year: 2020 }, true],
    [
      { family: 'range', plate: { ...range, connection: 'hardwired' }, site: { sinkFt: 12 }, year: 2023 },
      true,
    ],
    [{ family: 'range', plate: { ...range, connection: 'hardwired' }, year: 2020 }, false],
    [{ family: 'dryer', plate: dryer, site: { room: 'basement' }, year: 2020 }, true],
    [{ family: 'dryer', plate: dryer, site: { room: 'basement' }, year: 2017 }, false],
    [{ family: 'dryer', plate: dryer, site: { room: 'hall' }, year: 2020 }, false],
    [{ family: 'dryer', plate: dryer, site: { room: 'hall' }, year: 2023 }, true],
    [
      {
        family: 'ev',
        plate: { outputAmps: 48, volts: 240, connection: 'hardwired' },
        site: { room: 'garage' },
      },
      false,
    ],
    [
      {
        family: 'ev',
        plate: { outputAmps: 48, volts: 240, connection: 'hardwired' },
        site: { room: 'garage' },
        year: 2026,
      },
      'ask',
    ],
    [
      {
        family: 'ev',
        plate: { outputAmps: 40, volts: 240, connection: 'hardwired' },
        site: { room: 'garage' },
      },
      true,
    ],
    // 210.8(A) has no limit of amperes in a dwelling from 2020 on, as long as it is one phase to 150 V to ground.
    [
      {
        family: 'welder',
        plate: { ...welder, inputAmps: 62, breakerA: 70 },
        site: { room: 'garage' },
        year: 2020,
      },
      true,
    ],
    [{ family: 'water-heater', plate: { kw: 4.5, volts: 240, storage: true } }, false],
    [
      { family: 'water-heater', plate: { kw: 4.5, volts: 240, storage: true }, site: { room: 'garage' } },
      true,
    ],
    [{ family: 'well-pump', plate: { hp: 1, volts: 240, controls: 'inside' } }, false],
    [{ family: 'well-pump', plate: { hp: 1, volts: 240 } }, false],
    [{ family: 'well-pump', plate: { hp: 1, volts: 240, controls: 'well-head' }, year: 2017 }, false],
    [{ family: 'well-pump', plate: { hp: 1, volts: 240, controls: 'well-head' }, year: 2020 }, true],
    [{ family: 'hot-tub', plate: tub, year: 2017 }, true],
    [{ family: 'hot-tub', plate: { ...tub, integralGfci: true }, year: 2017 }, false],
    [{ family: 'pool-pump', plate: { hp: 1, volts: 240 }, year: 2017 }, true],
    [{ family: 'pool-heater', plate: { kw: 11, volts: 240 } }, 'ask'],
    [
      {
        family: 'receptacle',
        plate: { amps: 20, count: 1, place: 'basement', serves: 'sump-pump' },
        year: 2017,
      },
      true,
    ],
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'finished-basement' }, year: 2017 }, false],
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'finished-basement' }, year: 2020 }, true],
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'bedroom' } }, false],
  ])('%j: %s', (about, expected) => {
    expect(required(about)).toBe(expected);
  });

  test('every source is listed, not only the first', () => {
    // A receptacle that 210.8(A) covers stands under (A) alone.
    expect(rules({ family: 'rv', plate: { amps: 50 } })).toEqual(['outdoors']);
    const vehicle = { outputAmps: 40, volts: 240, connection: 'receptacle' };
    expect(rules({ family: 'ev', plate: vehicle, site: { room: 'garage' } })).toEqual(['garage', 'vehicle']);
    expect(rules({ family: 'range', plate: range, site: { sinkFt: 4 } })).toEqual([
      'kitchen',
      'sink',
      'appliance',
    ]);
  });

  test.each([
    [2023, '2026-08-31', false],
    [2023, '2026-09-01', true],
    [2020, '2022-06-01', 'ask'],
    [2020, '2023-01-01', true],
    [2017, '2022-06-01', false],
    [2026, '2026-09-01', 'ask'],
  ] as const)('a mini split outdoors under %d, permit of %s: %s', (year, date, expected) => {
    expect(required({ family: 'mini-split', plate: split, year, date })).toBe(expected);
  });

  test('the exception of 2020 is for variable speed only', () => {
    const about = { family: 'mini-split', year: 2020, date: '2022-06-01' } as const;
    expect(required({ ...about, plate: { ...split, fixedSpeed: true } })).toBe(true);
  });

  test('without a permit date a dated exception is asked', () => {
    const undated = context(2023, { survey: { permitDate: null, occupancy: 'one-family', houseV: 240 } });
    const { figures } = solveFamily('mini-split', split, { method: 'pvc40' }, {}, undated);
    expect(figures.outlet.gfci.required).toBe('ask');
  });

  test('an edition never asks for less at a receptacle than the one before it', () => {
    for (const location of LOCATIONS) {
      for (const [index, year] of EDITION_YEARS.entries()) {
        const before = EDITION_YEARS[index - 1];
        if (before === undefined) continue;
        const about = { family: 'receptacle', plate: { amps: 20, count: 1, place: location } } as const;
        if (required({ ...about, year: before }) === true) expect(required({ ...about, year })).toBe(true);
      }
    }
  });

  test('a planned circuit without the protection stops, and by rule it is put right', () => {
    const bare = scene({ family: 'hot-tub', plate: tub, site: { groundFault: 'none' } });
    expect(bare.findings.find(({ code }) => code === 'gfci.required')?.severity).toBe('stop');
    const right = scene({ family: 'hot-tub', plate: tub });
    expect(right.findings.find(({ code }) => code === 'gfci.required')?.severity).toBe('note');
  });
});

describe('the form of the protection', () => {
  const form = (about: Scene) => scene(about).figures.outlet.gfci.form;

  test.each<[Scene, string]>([
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'outdoor' } }, 'receptacle'],
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'kitchen' } }, 'dual-function'],
    [
      { family: 'receptacle', plate: { amps: 20, count: 1, place: 'basement', serves: 'sump-pump' } },
      'breaker',
    ],
    [
      { family: 'receptacle', plate: { amps: 20, count: 1, place: 'outdoor' }, site: { panelGfci: false } },
      'dead-front',
    ],
    [{ family: 'rv', plate: { amps: 50 } }, 'breaker'],
    [{ family: 'rv', plate: { amps: 50 }, site: { panelGfci: false } }, 'spa-enclosure'],
    [{ family: 'hot-tub', plate: { ...tub, neutral: true } }, 'spa-enclosure'],
    [{ family: 'hot-tub', plate: tub }, 'breaker'],
    [{ family: 'hot-tub', plate: tub, site: { feedNeutral: true } }, 'spa-enclosure'],
    [{ family: 'kiln', plate: { kw: 5, volts: 240 } }, 'none'],
  ])('%j: %s', (about, expected) => {
    expect(form(about)).toBe(expected);
  });

  test('an enclosure at a three-wire tub has no neutral for its pigtail', () => {
    const enclosed = { family: 'hot-tub', plate: tub, site: { groundFault: 'spa-enclosure' } } as const;
    expect(codes(scene(enclosed))).toContain('gfci.neutral-missing');
    expect(codes(scene({ ...enclosed, site: { ...enclosed.site, feedNeutral: true } }))).not.toContain(
      'gfci.neutral-missing',
    );
  });

  test('the neutral of the load goes to the device, of a straight 240 V load nowhere', () => {
    expect(scene({ family: 'rv', plate: { amps: 50 } }).figures.outlet.gfci.neutral).toEqual({
      pigtail: 'bar',
      load: 'device',
    });
    expect(scene({ family: 'hot-tub', plate: tub }).figures.outlet.gfci.neutral).toEqual({
      pigtail: 'bar',
      load: 'empty',
    });
    expect(scene({ family: 'kiln', plate: { kw: 5, volts: 240 } }).figures.outlet.gfci.neutral).toBeNull();
  });
});

describe('AFCI protection', () => {
  test.each<[Scene, boolean | 'ask']>([
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'kitchen' } }, true],
    [{ family: 'receptacle', plate: { amps: 15, count: 4, place: 'finished-basement' }, year: 2017 }, true],
    [{ family: 'receptacle', plate: { amps: 20, count: 1, place: 'garage' } }, false],
    [{ family: 'room-ac', plate: { amps: 12, volts: 120 }, site: { room: 'bedroom' } }, true],
    [{ family: 'rv', plate: { amps: 30 } }, false],
    [{ family: 'dryer', plate: dryer }, false],
    [{ family: 'load', plate: { amps: 12, continuousAmps: 12, volts: 120, neutral: false } }, 'ask'],
    [
      {
        family: 'load',
        plate: { amps: 12, continuousAmps: 12, volts: 120, neutral: false },
        site: { room: 'attic' },
      },
      false,
    ],
  ])('%j: %s', (about, expected) => {
    expect(scene(about).figures.outlet.afci.required).toBe(expected);
  });
});

describe('disconnects', () => {
  test.each<[Scene, string, number | null]>([
    [{ family: 'hot-tub', plate: { ...tub, neutral: true } }, 'enclosure', 60],
    [{ family: 'hot-tub', plate: tub }, 'switch', 60],
    [{ family: 'hot-tub', plate: corded }, 'switch', 30],
    [{ family: 'hot-tub', plate: corded, site: { plugDisconnect: false } }, 'switch', 30],
    [{ family: 'hot-tub', plate: corded, site: { plugDisconnect: true } }, 'plug', null],
    [{ family: 'mini-split', plate: split }, 'switch', 30],
    [{ family: 'motor', plate: { hp: 5, volts: 230 } }, 'motor-switch', 100],
    [{ family: 'water-heater', plate: { kw: 4.5, volts: 240, storage: true } }, 'lockable-breaker', 30],
    [{ family: 'range', plate: { ...range, connection: 'hardwired' } }, 'lockable-breaker', 40],
    [{ family: 'range', plate: range }, 'plug', null],
    [{ family: 'ev', plate: { outputAmps: 48, volts: 240, connection: 'hardwired' } }, 'none', null],
    [
      { family: 'ev', plate: { outputAmps: 64, volts: 240, connection: 'hardwired' } },
      'lockable-breaker',
      80,
    ],
    [
      {
        family: 'feeder',
        plate: {
          loadVA: 4800,
          continuousVA: 0,
          volts: 240,
          neutral: true,
          building: 'detached',
          electrode: true,
        },
      },
      'switch',
      60,
    ],
  ])('%j: %s, %s A', (about, kind, ratingA) => {
    expect(scene(about).figures.outlet.disconnect).toMatchObject({ kind, ratingA });
  });

  test.each<[Site, string | null]>([
    [{ disconnectFt: 50, waterFt: 8 }, null],
    [{ disconnectFt: 51, waterFt: 8 }, 'disconnect.out-of-sight'],
    [{ disconnectFt: 20, disconnectInSight: false, waterFt: 8 }, 'disconnect.out-of-sight'],
    [{ disconnectFt: 20, waterFt: 4.9 }, 'disconnect.too-near-water'],
    [{ disconnectFt: 20, waterFt: 5 }, null],
    // To the outer edge alone the inside wall decides from 4 ft on; a barrier counts by the path around it.
    [{ disconnectFt: 20, waterEdgeFt: 3.9 }, 'disconnect.too-near-water'],
    [{ disconnectFt: 20, waterEdgeFt: 4 }, 'disconnect.inside-wall'],
    [{ disconnectFt: 20, waterEdgeFt: 5 }, null],
    [{ disconnectFt: 20, waterFt: 3, reachFt: 5 }, null],
    [{ disconnectFt: 20, waterFt: 3, reachFt: 4.9 }, 'disconnect.too-near-water'],
    [{ disconnectFt: 20, waterFt: 3, waterEdgeFt: 9 }, 'disconnect.too-near-water'],
    [{ disconnect: 'none' }, 'disconnect.missing'],
    [{ disconnectFt: 20, waterFt: 8, disconnectA: 30 }, 'disconnect.rating'],
    [{}, 'disconnect.place'],
  ])('a tub with %j: %s', (site, code) => {
    const about = codes(scene({ family: 'hot-tub', plate: { ...tub, neutral: true }, site })).filter((each) =>
      each.startsWith('disconnect'),
    );
    expect(about).toEqual(code === null ? [] : [code]);
  });

  test.each<[Site, string | null]>([
    [{ disconnectInSight: true, disconnectFt: 50 }, null],
    [{ disconnectInSight: true }, null],
    [{ disconnectInSight: true, disconnectFt: 60, lockable: false }, 'disconnect.not-lockable'],
    [{ disconnectInSight: true, disconnectFt: 60 }, 'disconnect.lock-or-sight'],
    [{ disconnectInSight: true, disconnectFt: 60, lockable: true }, null],
    [{ disconnectInSight: true, disconnectFt: 60, lockable: false, unitSwitch: true }, null],
  ])('a breaker is in sight within 50 ft alone: %j, %s', (site, code) => {
    const found = codes(
      scene({ family: 'water-heater', plate: { kw: 4.5, volts: 240, storage: true }, site }),
    );
    expect(found.filter((each) => each.startsWith('disconnect'))).toEqual(code === null ? [] : [code]);
  });

  test('a submersible motor is out of sight by its nature: lockable at its controller', () => {
    const pump = (submersible: boolean) =>
      scene({ family: 'well-pump', plate: { hp: 1, volts: 240, submersible } });
    expect(pump(true).figures.outlet.disconnect).toMatchObject({
      kind: 'motor-switch',
      inSight: false,
      withinFt: null,
    });
    expect(pump(false).figures.outlet.disconnect).toMatchObject({
      kind: 'motor-switch',
      inSight: true,
      withinFt: 50,
    });
  });

  test('a tub of two families has an emergency shutoff, of one it has not', () => {
    expect(codes(scene({ family: 'hot-tub', plate: tub, occupancy: 'two-family' }))).toContain(
      'disconnect.spa-emergency',
    );
    expect(codes(scene({ family: 'hot-tub', plate: tub }))).not.toContain('disconnect.spa-emergency');
  });
});

describe('receptacles and their places', () => {
  const at = (about: Scene) => scene(about).figures.outlet.receptacle;

  test('outdoors: in-use hood and weather resistance at 15 and 20 A, a cover over the plug above', () => {
    expect(at({ family: 'receptacle', plate: { amps: 20, count: 1, place: 'outdoor' } })).toEqual({
      config: '5-20',
      ratingA: 20,
      tamperResistant: true,
      weatherResistant: true,
      cover: 'in-use',
    });
    expect(at({ family: 'rv', plate: { amps: 50 } })).toMatchObject({
      cover: 'weatherproof',
      weatherResistant: false,
    });
    expect(at({ family: 'welder', plate: welder, site: { room: 'outdoor' } })?.cover).toBe('damp');
    expect(at({ family: 'range', plate: range })?.cover).toBe('none');
  });

  test.each<[Site, string]>([
    [{ receptacle: '10-50' }, 'receptacle.no-ground'],
    [{ receptacle: '14-30' }, 'receptacle.rating-mismatch'],
    [{ receptacle: '14-50', plug: '14-30' }, 'receptacle.config-mismatch'],
    [{ receptacle: 'TT-30' }, 'receptacle.config-mismatch'],
    [{ receptacle: 'X-9' }, 'receptacle.unknown'],
  ])('a planned %j on a 40 A vehicle circuit: %s', (site, code) => {
    const plate = { outputAmps: 40, volts: 240, connection: 'receptacle' };
    expect(codes(scene({ family: 'ev', plate, site }))).toContain(code);
    expect(codes(scene({ family: 'ev', plate, site: { receptacle: '14-50', plug: '14-50' } }))).not.toContain(
      code,
    );
  });
});

describe('colors', () => {
  const cable = { family: 'water-heater', plate: { kw: 4.5, volts: 240, storage: true } } as const;
  const inCable = (site: Site) => codes(solveFamily(cable.family, cable.plate, {}, { site }));

  test('a white of a cable is a hot only when it is marked; in raceway never', () => {
    expect(inCable({ hotColor: 'white', whiteMarked: false })).toContain('ident.white-hot-unmarked');
    expect(inCable({ hotColor: 'white', whiteMarked: true })).not.toContain('ident.white-hot-unmarked');
    expect(codes(scene({ ...cable, site: { hotColor: 'white', whiteMarked: true } }))).toContain(
      'ident.white-hot-unmarked',
    );
  });

  test('green is never a hot, and a small white or black is never a ground', () => {
    expect(inCable({ hotColor: 'green' })).toContain('ident.green-as-ungrounded');
    expect(inCable({ groundColor: 'white' })).toContain('ident.white-as-egc');
    expect(inCable({ groundColor: 'black' })).toContain('ident.ground-remarked');
    expect(
      inCable({ groundColor: 'green', hotColor: 'black' }).filter((code) => code.startsWith('ident')),
    ).toEqual([]);
  });

  test('from 4 AWG a black ground may be marked at its ends', () => {
    const solved = solveFamily(
      'feeder',
      { loadVA: 40000, continuousVA: 0, volts: 240, neutral: true },
      { method: 'pvc40', lengthFt: 250 },
      { site: { groundColor: 'black' } },
    );
    expect(solved.figures.groundTaken).toBe('4');
    expect(codes(solved)).not.toContain('ident.ground-remarked');
  });
});
