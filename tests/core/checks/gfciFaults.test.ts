import { describe, expect, test } from 'vitest';
import {
  explainGfci,
  gfciFaults,
  nextGfciTest,
  type GfciObserved,
} from '../../../src/core/checks/gfciFaults';
import { networkOf } from '../../../src/core/network/singleFaults';
import { gfciWords } from '../../../src/core/wording/checkWords';

/** Panel A, enclosure B, tub C: 40 ft and 12 ft, a load between the hots and one of 12 A to the neutral. */
const tub = (neutralAmps: number) =>
  networkOf(
    [
      { from: 'A', to: 'B', wireOhms: 0.02, groundOhms: 0.05, neutral: true },
      { from: 'B', to: 'C', wireOhms: 0.006, groundOhms: 0.015, neutral: true },
    ],
    { L1: 120, L2: 120 },
    [
      { at: 'C', between: 'L1L2', ohms: 8 },
      ...(neutralAmps > 0 ? [{ at: 'C', between: 'L1N' as const, ohms: 120 / neutralAmps }] : []),
    ],
  );

const NOTHING: GfciObserved = {
  button: null,
  tripMa: null,
  tripsOnLoad: null,
  tripsAlone: null,
  trippedV: null,
};
const SOUND: GfciObserved = { button: true, tripMa: 5, tripsOnLoad: false, tripsAlone: false, trippedV: 0.2 };

const kinds = (observed: Partial<GfciObserved>, neutralAmps = 12, device = 1) =>
  explainGfci(tub(neutralAmps), device, { ...NOTHING, ...observed }).map(({ fault }) =>
    fault.kind === 'joined-past-it' ? `joined ${fault.at}` : fault.kind,
  );

describe('a GFCI by what was observed of it', () => {
  test('nothing observed, or all as it should be: nothing is explained', () => {
    expect(kinds({})).toEqual([]);
    expect(kinds(SOUND)).toEqual([]);
  });

  test('it trips as the load comes on: its neutral is on the bar, or touches the ground past it', () => {
    const leaks = ['load-leaks', 'wire-leaks'];
    expect(kinds({ ...SOUND, tripsOnLoad: true })).toEqual([
      'neutral-on-bar',
      'joined B',
      'joined C',
      'load-leaks',
    ]);
    // Standing at the panel, it sees what touches anywhere past the panel.
    expect(kinds({ tripsOnLoad: true }, 12, 0)).toEqual(['neutral-on-bar', 'joined B', 'joined C', ...leaks]);
    expect(kinds({ tripsOnLoad: true }, 12, 2)).toEqual(['neutral-on-bar', 'joined C', ...leaks]);
  });

  test('the neutral on the bar sends all of its current past the device; a touch sends its share', () => {
    const [bar, joined] = gfciFaults(tub(12), 1).map(({ signs }) => signs.unbalancedMa);
    // Less what the wire takes of its volts.
    expect(bar).toBeGreaterThan(11_700);
    expect(bar).toBeLessThan(12_000);
    // At B the neutral of 0.02 ohm and the ground of 0.05 ohm share 12 A.
    expect((joined ?? 0) / (bar ?? 1)).toBeCloseTo(0.02 / 0.07, 2);
  });

  test('a load without a neutral does not show it: no trip agrees with the neutral on the bar', () => {
    expect(gfciFaults(tub(0), 1)[0]?.signs).toMatchObject({ tripsOnLoad: false, unbalancedMa: 0 });
    expect(kinds({ tripsOnLoad: true }, 0)).toEqual(['load-leaks', 'wire-leaks']);
  });

  test('what is live past it while it is tripped: line and load are reversed', () => {
    expect(kinds({ ...SOUND, trippedV: 120.4 })).toEqual(['line-load-reversed']);
    expect(kinds({ trippedV: 2.9 })).toEqual([]);
    expect(kinds({ trippedV: 3 })).toEqual(['line-load-reversed']);
  });

  test('no trip in its range: the device, or what takes a part of the current around it', () => {
    expect(kinds({ ...SOUND, tripMa: 6.1 })).toEqual(['device-fails']);
    expect(kinds({ ...SOUND, tripMa: 3.9 })).toEqual(['device-fails']);
    expect(kinds({ button: false, trippedV: 120 })).toEqual(['line-load-reversed']);
    expect(kinds({ tripMa: 6 })).toEqual([]);
  });

  test('a 240 V load without a neutral that trips it: the load or the wire, told apart with the load disconnected', () => {
    const network = networkOf(
      [{ from: 'A', to: 'B', wireOhms: 0.02, groundOhms: 0.05, neutral: false }],
      { L1: 120, L2: 120 },
      [{ at: 'B', between: 'L1L2', ohms: 8 }],
    );
    const left = (observed: Partial<GfciObserved>) => explainGfci(network, 0, { ...NOTHING, ...observed });
    const both = left({ tripsOnLoad: true });
    expect(both.map(({ fault }) => fault.kind)).toEqual(['load-leaks', 'wire-leaks']);
    expect(nextGfciTest(both, { ...NOTHING, tripsOnLoad: true })).toBe('tripsAlone');
    const kindsOf = (tripsAlone: boolean) =>
      left({ tripsOnLoad: true, tripsAlone }).map(({ fault }) => fault.kind);
    expect(kindsOf(false)).toEqual(['load-leaks']);
    expect(kindsOf(true)).toEqual(['wire-leaks']);
    expect(nextGfciTest(left({ tripsOnLoad: true, tripsAlone: true }), NOTHING)).toBeNull();
    expect(left({ tripsAlone: true }).map(gfciWords)).toContain(
      'A wire or joint past it leaks to ground: damaged insulation, water in a box or raceway',
    );
  });

  test('each is told in words, with the current that decides', () => {
    const words = gfciFaults(tub(12), 1).map(gfciWords);
    expect(words[0]).toMatch(/^Load neutral on the neutral bar, not on the device: 11\.9 A past it/);
    expect(words[1]).toMatch(/^Neutral and ground touch at B/);
    expect(words.some((each) => each.includes('stays live when it trips'))).toBe(true);
    expect(words.at(-1)).toBe('The device itself: replace it');
    expect(gfciWords(gfciFaults(tub(0), 1)[0] as never)).toContain('the next one will trip it');
  });
});
