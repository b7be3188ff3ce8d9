import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { bondingPlan, type BondedWater, type BondItem } from '../../../src/core/water/bonding';

const POOL: BondedWater = { kind: 'in-ground', shell: 'concrete-steel', perimeter: 'unpaved' };
const plan = (
  water: Partial<BondedWater> = {},
  items: readonly BondItem[] = [],
  year: 2017 | 2020 | 2023 = 2023,
) => bondingPlan({ ...POOL, ...water }, items, edition(year));
const item = (what: BondItem['what'], part: Partial<BondItem> = {}, water: Partial<BondedWater> = {}) =>
  plan(water, [{ what, metal: true, ...part }]).items[0];

describe('parts', () => {
  test('equipment of the water at any distance; a double-insulated pump not (680.26(B)(6))', () => {
    expect(item('heater', { distanceFt: 60 })).toMatchObject({ bond: true, reason: 'equipment' });
    expect(item('pump')).toMatchObject({ bond: true });
    expect(item('pump', { doubleInsulated: true })).toMatchObject({
      bond: false,
      reason: 'double-insulated',
    });
    expect(item('heater', { doubleInsulated: true })).toMatchObject({ bond: true });
  });

  test('fittings: isolated, 4 in or less and 1 in deep or less stay free (680.26(B)(5))', () => {
    const cup = { isolated: true, maxDimIn: 4, penetrationIn: 1 };
    expect(item('ladder-cup', cup)).toMatchObject({ bond: false });
    expect(item('ladder-cup', { ...cup, maxDimIn: 4.1 })).toMatchObject({ bond: true });
    expect(item('ladder-cup', { ...cup, maxDimIn: 3, penetrationIn: 2 })).toMatchObject({ bond: true });
    expect(item('drain-ring', { ...cup, isolated: false })).toMatchObject({ bond: true });
    expect(item('drain-ring', { isolated: true })).toMatchObject({ bond: 'ask' });
  });

  test('fixed metal to 5 ft and 12 ft up, unless a barrier is between (680.26(B)(7))', () => {
    expect(item('fence-post', { distanceFt: 5 })).toMatchObject({ bond: true, reason: 'within-reach' });
    expect(item('fence-post', { distanceFt: 5.1 })).toMatchObject({ bond: false });
    expect(item('pole', { distanceFt: 2, heightFt: 12 })).toMatchObject({ bond: true });
    expect(item('pole', { distanceFt: 2, heightFt: 12.1 })).toMatchObject({ bond: false });
    expect(item('gate', { distanceFt: 2, barrier: true })).toMatchObject({ bond: false, reason: 'barrier' });
    expect(item('rail')).toMatchObject({ bond: 'ask', reason: 'distance-unknown' });
  });

  test('furniture, what is not fixed, and what is not metal are not bonded', () => {
    expect(item('furniture', { distanceFt: 1, fixed: false })).toMatchObject({
      bond: false,
      reason: 'moveable',
    });
    expect(item('furniture', { distanceFt: 5 })).toMatchObject({ bond: 'ask', reason: 'fixed-unknown' });
    expect(item('furniture', { distanceFt: 5, fixed: true })).toMatchObject({ bond: true });
    expect(item('furniture', { distanceFt: 5.1 })).toMatchObject({ bond: false, reason: 'out-of-reach' });
    expect(item('furniture', { distanceFt: 1, heightFt: 12.1, fixed: true })).toMatchObject({ bond: false });
    expect(item('furniture', { distanceFt: 1, fixed: true, barrier: true })).toMatchObject({ bond: false });
    expect(item('pole', { distanceFt: 1, fixed: false })).toMatchObject({ bond: false });
    expect(item('light-shell', { metal: false })).toMatchObject({ bond: false, reason: 'not-metal' });
    expect(item('light-shell')).toMatchObject({ bond: true, section: 'bond.lights' });
  });

  test('a listed tub bonds its own parts, and rails within 5 ft of it are bonded', () => {
    const tub = { kind: 'spa-outdoor', shell: 'self-contained' } as const;
    expect(item('pump', {}, tub)).toMatchObject({ bond: false, reason: 'in-unit' });
    expect(item('rail', { distanceFt: 4 }, tub)).toMatchObject({ bond: true });
  });

  test('nothing of a storable pool', () => {
    const storable = { kind: 'storable', shell: 'metal-wall' } as const;
    expect(item('pump', {}, storable)).toMatchObject({ bond: false, reason: 'storable' });
    expect(plan(storable).perimeter).toMatchObject({ method: 'none', points: 0 });
    expect(plan(storable).water.bond).toBe(false);
  });
});

describe('the perimeter', () => {
  test('steel of the deck, or a ring where nothing is paved; four ties on concrete, one on fiberglass', () => {
    expect(plan({ perimeter: 'deck-steel' }).perimeter).toMatchObject({ method: 'steel', points: 4 });
    expect(plan().perimeter).toMatchObject({ method: 'ring', points: 4 });
    expect(plan({ shell: 'fiberglass' }).perimeter).toMatchObject({ method: 'ring', points: 1 });
  });

  test('a single ring under pavement passes in 2017 and 2020, and is asked about in 2023', () => {
    const methods = ([2017, 2020, 2023] as const).map(
      (year) => plan({ perimeter: 'paved' }, [], year).perimeter.method,
    );
    expect(methods).toEqual(['ring', 'ring', 'ask']);
  });

  test('a tub whose rim stands 28 in above all within 30 in has none (680.42(B))', () => {
    const tub = { kind: 'spa-outdoor', shell: 'self-contained' } as const;
    expect(plan({ ...tub, rimAboveIn: 28 }).perimeter.method).toBe('none');
    expect(plan({ ...tub, rimAboveIn: 27.9 }).perimeter.method).toBe('ring');
    expect(plan(tub).perimeter.method).toBe('ask');
    expect(plan({ ...tub, kind: 'spa-indoor' }).perimeter.method).toBe('none');
  });
});

test('water: 9 in² of bonded metal that it always wets, or a bond of its own (680.26(C))', () => {
  expect(plan({ shell: 'vinyl' }).water.bond).toBe(true);
  expect(plan({ shell: 'vinyl', wettedBondedIn2: 9 }).water.bond).toBe(false);
  expect(plan({ shell: 'vinyl', wettedBondedIn2: 8.9 }).water.bond).toBe(true);
  expect(plan({ shell: 'concrete-steel' }).water.bond).toBe(false);
  expect(plan({ shell: 'concrete-coated' }).water.bond).toBe('ask');
});
