import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import fc from 'fast-check';
import { WATER_KINDS } from '../../../src/core/code/waterFacts';
import { zoneVerdict, ZONE_OBJECTS, type Measured } from '../../../src/core/water/zones';

const at = (object: Measured['object'], ft: number, part: Partial<Measured> = {}) =>
  zoneVerdict({ water: 'in-ground', object, distanceFt: ft, pathFt: ft, ...part }, edition(2023));

describe('receptacles', () => {
  test('6 ft or more along the cord; GFCI cures no distance (680.22(A)(3))', () => {
    expect(at('receptacle', 5.99, { gfci: true })).toMatchObject({
      ok: false,
      leastFt: 6,
      section: 'zone.receptacle',
    });
    expect(at('receptacle', 6)).toMatchObject({
      ok: true,
      gfciRequired: true,
      section: 'zone.receptacle-gfci',
    });
  });

  test('GFCI to 20 ft, and not placed well where it is known to be missing (680.22(A)(4))', () => {
    expect(at('receptacle', 20)).toMatchObject({ ok: true, gfciRequired: true });
    expect(at('receptacle', 20, { gfci: false }).ok).toBe(false);
    expect(at('receptacle', 20.01, { gfci: false })).toMatchObject({ ok: true, gfciRequired: false });
  });

  test('the path counts, not the straight line; no way is no zone', () => {
    expect(at('receptacle', 3, { pathFt: 7 })).toMatchObject({ ok: true, read: 'path' });
    expect(at('receptacle', 3, { pathFt: null })).toMatchObject({ ok: true, gfciRequired: false });
  });

  test('that of a pump has GFCI at any distance (680.22(A)(2))', () => {
    expect(at('pump-receptacle', 40)).toMatchObject({
      ok: true,
      gfciRequired: true,
      section: 'zone.receptacle-pump',
    });
    expect(at('pump-receptacle', 40, { gfci: false }).ok).toBe(false);
  });

  test('storable pools by 680.34, indoor spas within 10 ft by 680.43(A)', () => {
    expect(at('receptacle', 18, { water: 'storable', gfci: false })).toMatchObject({
      ok: false,
      section: 'zone.storable',
    });
    expect(at('receptacle', 5.5, { water: 'storable' }).ok).toBe(false);
    expect(at('receptacle', 10, { water: 'spa-indoor' })).toMatchObject({
      gfciRequired: true,
      section: 'zone.receptacle-indoors',
    });
    expect(at('receptacle', 10.1, { water: 'spa-indoor' }).gfciRequired).toBe(false);
  });
});

describe('what has to be out of reach', () => {
  test.each([
    ['switch', 5, 'zone.switch'],
    ['disconnect', 5, 'zone.disconnect'],
    ['outlet', 10, 'zone.outlet'],
  ] as const)('%s: %d ft, by the reach around a wall', (object, least, section) => {
    expect(at(object, least)).toMatchObject({ ok: true, leastFt: least, section });
    expect(at(object, least - 0.01).ok).toBe(false);
    expect(at(object, 1, { pathFt: least }).ok).toBe(true);
  });

  test('the box of a light: 4 ft away and 8 in above the water (680.24(A)(2))', () => {
    expect(at('junction-box', 4, { heightFt: 8 / 12 }).ok).toBe(true);
    expect(at('junction-box', 3.9, { heightFt: 1 }).ok).toBe(false);
    expect(at('junction-box', 4, { heightFt: 7 / 12 }).ok).toBe(false);
    expect(at('junction-box', 4).ok).toBe(false);
  });
});

describe('luminaires and fans', () => {
  test('new within 5 ft hang 12 ft up, whatever protects them (680.22(B)(1))', () => {
    expect(at('luminaire', 4, { heightFt: 10, gfci: true })).toMatchObject({ ok: false, leastFt: 5 });
    expect(at('luminaire', 4, { heightFt: 12 })).toMatchObject({
      ok: true,
      gfciRequired: false,
      leastFt: null,
    });
    expect(at('luminaire', 5, { heightFt: 3, gfci: true }).ok).toBe(true);
  });

  test('existing ones stay at 5 ft, rigid and with GFCI (680.22(B)(3))', () => {
    const old = { existing: true, rigid: true, heightFt: 6 };
    expect(at('luminaire', 3, { ...old, gfci: true }).ok).toBe(true);
    expect(at('luminaire', 3, { ...old, gfci: false }).ok).toBe(false);
    expect(at('luminaire', 3, { ...old, heightFt: 4.9, gfci: true }).ok).toBe(false);
    expect(at('luminaire', 3, { ...old, rigid: false, gfci: true }).ok).toBe(false);
  });

  test('from 5 to 10 ft with GFCI, or rigid and 5 ft up (680.22(B)(4))', () => {
    expect(at('luminaire', 7, { heightFt: 4, gfci: false }).ok).toBe(false);
    expect(at('luminaire', 7, { heightFt: 4, gfci: true }).ok).toBe(true);
    expect(at('luminaire', 7, { heightFt: 6, rigid: true, gfci: false })).toMatchObject({
      ok: true,
      gfciRequired: false,
    });
    expect(at('luminaire', 10, { heightFt: 1 }).gfciRequired).toBe(false);
  });

  test('over an indoor spa 7 ft 6 in with GFCI, 12 ft without (680.43(B))', () => {
    const spa = { water: 'spa-indoor' } as const;
    expect(at('fan', 0, { ...spa, heightFt: 8, gfci: true }).ok).toBe(true);
    expect(at('fan', 0, { ...spa, heightFt: 8, gfci: false }).ok).toBe(false);
    expect(at('fan', 0, { ...spa, heightFt: 7.4, gfci: true }).ok).toBe(false);
    expect(at('fan', 0, { ...spa, heightFt: 12 })).toMatchObject({ ok: true, gfciRequired: false });
  });

  test('the straight distance counts for them', () => {
    expect(at('luminaire', 4, { pathFt: 30, heightFt: 3 })).toMatchObject({ ok: false, read: 'straight' });
  });
});

test('farther is never worse, and GFCI never either', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...WATER_KINDS),
      fc.constantFrom(...ZONE_OBJECTS),
      fc.double({ min: 0, max: 30, noNaN: true }),
      fc.double({ min: 0, max: 10, noNaN: true }),
      fc.double({ min: 0, max: 15, noNaN: true }),
      (water, object, ft, more, heightFt) => {
        const of = (distanceFt: number, gfci: boolean) =>
          zoneVerdict({ water, object, distanceFt, pathFt: distanceFt, heightFt, gfci }, edition(2023)).ok;
        if (of(ft, true)) expect(of(ft + more, true)).toBe(true);
        if (of(ft, false)) expect(of(ft, true)).toBe(true);
      },
    ),
  );
});
