import { describe, expect, test } from 'vitest';
import type { FamilyId } from '../../../src/core/appliances/registry';
import { familyList, freshAppliance } from '../../../src/core/appliances/registry';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { edition } from '../../../src/core/code/edition';
import type { Site } from '../../../src/core/protection/siteSchema';
import type { WireSize } from '../../../src/core/units/wireSize';
import { defaultTorque } from '../../../src/core/wiring/defaultTorque';
import { wiring, type End } from '../../../src/core/wiring/terminations';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';
import { lookedAt } from '../../support/workedSheet';

/** The wiring of a circuit whose conductor is known. */
const landed = (...about: Parameters<typeof wiring>) => {
  const found = wiring(...about);
  if (found === null) throw new Error('No conductor fits.');
  return found;
};

const wired = (
  family: FamilyId,
  plate: Record<string, unknown>,
  method: 'nm-b' | 'pvc40' | 'mc',
  site: Site = {},
) => {
  const about = circuit({ appliance: appliance(family, plate), run: [segment({ method })], site });
  return landed(about, solveCircuit(about, context()), { ...context(), panel: lookedAt(site) });
};

const said = ({ landings }: End): string[] =>
  landings.map(
    ({ letters, marked, terminal }) => `${letters}${marked === null ? '' : ` as ${marked}`}: ${terminal}`,
  );

const end = (ends: readonly End[], at: End['at']): string[] => {
  const found = ends.find((each) => each.at === at);
  return found === undefined ? [] : said(found);
};

const tub = { amps: 40, volts: 240, breakerA: 50 };

describe('which conductor goes where', () => {
  test('a water heater in cable: the white is a hot and is marked', () => {
    const { ends } = wired('water-heater', { kw: 4.5, volts: 240, storage: true }, 'nm-b');
    expect(end(ends, 'load')).toEqual(['BARE: load-ground', 'BK: load-1', 'WH as RD: load-2']);
    expect(end(ends, 'panel')).toEqual(['BARE: bonded-bar', 'BK: breaker-1', 'WH as RD: breaker-2']);
  });

  test('in raceway the second hot is red, and nothing is re-marked', () => {
    const { ends } = wired('water-heater', { kw: 4.5, volts: 240, storage: true }, 'pvc40', {
      panel: 'subpanel',
    });
    expect(end(ends, 'panel')).toEqual(['GN: ground-bar', 'BK: breaker-1', 'RD: breaker-2']);
  });

  test('a GFCI breaker takes the neutral of the load, and its pigtail goes to the bar', () => {
    const { ends } = wired('rv', { amps: 50 }, 'pvc40', { panel: 'subpanel' });
    expect(end(ends, 'panel')).toEqual([
      'GN: ground-bar',
      'WH: device-neutral',
      'WH: neutral-bar',
      'BK: breaker-1',
      'RD: breaker-2',
    ]);
    expect(end(ends, 'load')).toEqual(['GN: load-ground', 'WH: load-neutral', 'BK: load-1', 'RD: load-2']);
  });

  test('a straight 240 V tub leaves the neutral of its breaker empty', () => {
    const { ends } = wired('hot-tub', { ...tub, neutral: false }, 'pvc40');
    expect(end(ends, 'panel')).toEqual([
      'GN: bonded-bar',
      'WH: bonded-bar',
      'BK: breaker-1',
      'RD: breaker-2',
    ]);
  });

  test('a four-wire tub has its device near it: both sides of the enclosure, grounds and neutrals apart', () => {
    const { ends, between } = wired('hot-tub', { ...tub, neutral: true }, 'pvc40');
    expect(between).toBe('spa-enclosure');
    expect(ends.map(({ at }) => at)).toEqual(['load', 'load-side', 'line-side', 'panel']);
    expect(end(ends, 'load-side')).toEqual([
      'GN: ground-bar',
      'WH: device-neutral',
      'WH: neutral-bar',
      'BK: breaker-1',
      'RD: breaker-2',
    ]);
    expect(end(ends, 'line-side')).toEqual(['GN: ground-bar', 'WH: neutral-bar', 'BK: line-1', 'RD: line-2']);
    expect(end(ends, 'panel')).toContain('WH: bonded-bar');
  });

  test('a disconnect that is not the breaker has a line side and a load side', () => {
    const { ends, between } = wired('mini-split', { mca: 19, mocp: 30, volts: 240 }, 'pvc40');
    expect(between).toBe('disconnect');
    expect(end(ends, 'load-side')).toEqual(['GN: ground-bar', 'BK: out-1', 'RD: out-2']);
    expect(end(ends, 'line-side')).toEqual(['GN: ground-bar', 'BK: line-1', 'RD: line-2']);
    expect(end(ends, 'panel')).not.toContain('BK: line-1');
  });

  test('a 120 V outlet has one hot and a neutral; a spare conductor is capped', () => {
    expect(end(wired('rv', { amps: 30 }, 'nm-b').ends, 'load')).toEqual([
      'BARE: load-ground',
      'WH: load-neutral',
      'BK: load-1',
    ]);
    const { ends } = wired('kiln', { kw: 11.5, volts: 240 }, 'nm-b');
    expect(end(ends, 'load')).toEqual(['BARE: load-ground', 'BK: load-1', 'RD: load-2', 'WH: capped']);
  });
});

describe('order and torque', () => {
  test.each<[WireSize, number]>([
    ['14', 35],
    ['10', 35],
    ['8', 40],
    ['6', 45],
    ['4', 45],
    ['1/0', 50],
  ])('%s AWG without a label: %d lb-in', (size, torque) => {
    expect(defaultTorque(size, edition(2023))).toBe(torque);
  });

  test('the label comes first, and says so', () => {
    const site = { torqueLbIn: 27, torqueBarLbIn: 31, torqueDisconnectLbIn: 53, torqueEndLbIn: 19 };
    const atEach = (some: Partial<typeof site>) => {
      const { ends, torqueFrom } = wired(
        'motor',
        { hp: 5, volts: 240, phase: 1, continuous: true },
        'nm-b',
        some,
      );
      return [torqueFrom, ends.map(({ landings }) => landings.map(({ torqueLbIn }) => torqueLbIn))];
    };
    // Load, both sides of the disconnect, panel: its bar and its breaker.
    expect(atEach(site)).toEqual([
      'label',
      [
        [19, 19, 19],
        [53, 53, 53],
        [53, 53, 53],
        [31, 27, 27],
      ],
    ]);
    // The label of the breaker is none of what is screwed anywhere else.
    expect(atEach({ torqueLbIn: 27 })).toEqual([
      'both',
      [
        [35, 40, 40],
        [35, 40, 40],
        [35, 40, 40],
        [35, 27, 27],
      ],
    ]);
    expect(wired('kiln', { kw: 5, volts: 240 }, 'nm-b').torqueFrom).toBe('default');
  });

  test('for every family the load comes first, the panel last, grounds before neutrals before hots', () => {
    for (const { id } of familyList) {
      const about = circuit({ appliance: freshAppliance(id), run: [segment({ method: 'pvc40' })] });
      const { ends } = landed(about, solveCircuit(about, context()), context());
      expect(ends[0]?.at).toBe('load');
      expect(ends.at(-1)?.at).toBe('panel');
      let number = 0;
      for (const { landings } of ends) {
        expect(landings[0]?.role).toBe('ground');
        for (const { order } of landings) expect(order).toBe((number += 1));
        const hot = landings.findIndex(({ role }) => role.startsWith('hot'));
        expect(landings.slice(hot).some(({ role }) => role === 'neutral' || role === 'ground')).toBe(false);
      }
    }
  });
});
