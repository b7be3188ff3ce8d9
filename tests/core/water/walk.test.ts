import { describe, expect, test } from 'vitest';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { lineAtDistance, atDistance, movedBy, snapped } from '../../../src/core/water/yardEdits';
import {
  isWalked,
  lacksMeasure,
  lookAt,
  measuredAt,
  signedAt,
  walkSteps,
  withSeen,
} from '../../../src/core/water/walk';
import type { Water, YardLine } from '../../../src/core/water/yardSchema';
import { walkSays, walkTitle } from '../../../src/core/wording/walkWords';
import { movedUnderlay, scaledBy, underlaid } from '../../../src/core/water/underlay';
import { parsePoints, printPoints } from '../../../src/core/water/pointsText';
import { POOL, thing, yardJob, yardOf } from '../../support/yards';

const FENCE: YardLine = {
  id: 'fence',
  name: 'Fence',
  kind: 'fence',
  heightFt: 4,
  metal: true,
  solid: false,
  points: [
    [-40, -12],
    [40, -12],
  ],
};

const walked = (part: Partial<Water> = {}) => {
  const waters = [{ ...POOL, ...part }];
  const things = [thing('pump', [27, 0]), thing('water-plate', [-16, 4], { wetIn2: 9 })];
  const [view] = evaluateJob(yardJob({ waters, things, lines: [FENCE] })).waters;
  if (view === undefined) throw new Error('No water.');
  return view;
};

const ring = (offIn: number | null, deepIn: number | null, right?: true) => {
  const view = walked({ seen: [{ step: 'ring-south', offIn, deepIn, right }] });
  const step = walkSteps(view.report).find(({ id }) => id === 'ring-south');
  if (step === undefined) throw new Error('No side.');
  return {
    look: lookAt(step),
    says: walkSays(step),
    lacks: lacksMeasure(step),
    codes: view.findings.map(({ code }) => code),
  };
};

describe('the walk around a pool', () => {
  test('goes clockwise from the pump past each side of the ring, the taps last', () => {
    expect(walkSteps(walked().report).map(({ id }) => id)).toEqual([
      'pump',
      'ring-east',
      'ring-south',
      'fence',
      'ring-west',
      'water-plate',
      'ring-north',
      'shell',
    ]);
  });

  test('a side is measured off and down: 18 to 24 in and 4 to 6 in, ends and all', () => {
    for (const [off, down] of [
      [18, 4],
      [24, 6],
      [21, 5],
    ] as const)
      expect(ring(off, down, true).look).toBe('right');
    expect(ring(29, 5, true)).toMatchObject({
      look: 'wrong',
      says: '29 in off, 5 in down; 18 to 24 in off is required',
      codes: expect.arrayContaining(['bond.loop-distance']) as string[],
    });
    // Measured in its band is not yet looked at: somebody signs it.
    expect(ring(21, 5)).toMatchObject({ look: 'open', says: '21 in off, 5 in down' });
    // Nobody signs a side that was measured one way alone.
    expect(ring(21, null, true)).toMatchObject({ look: 'open', lacks: true });
    expect(ring(17.5, 5).codes).toContain('bond.loop-distance');
    expect(ring(21, 3).codes).toContain('bond.loop-depth');
    expect(ring(21, 5).codes).not.toContain('bond.loop-depth');
    expect(ring(17.9, null).look).toBe('wrong');
    expect(ring(null, 6.1).look).toBe('wrong');
  });

  test('what was seen replaces what was seen before at the same stop', () => {
    const first = withSeen(POOL, { step: 'pump', offIn: null, deepIn: null });
    const again = withSeen(first, { step: 'ring-east', offIn: 20, deepIn: 5 });
    const twice = withSeen(again, { step: 'ring-east', offIn: 22, deepIn: 5 });
    expect(twice.seen).toEqual([
      { step: 'pump', offIn: null, deepIn: null },
      { step: 'ring-east', offIn: 22, deepIn: 5 },
    ]);
  });

  test('a fence answers with its distance once it was seen; a pump is bonded at any', () => {
    const seen = ['fence', 'pump'].map((step) => ({ step, offIn: null, deepIn: null, right: true }));
    const steps = walkSteps(walked({ seen }).report);
    const of = (id: string) => steps.find((step) => step.id === id);
    const [fence, pump, plate] = [of('fence'), of('pump'), of('water-plate')];
    expect(fence && [lookAt(fence), walkSays(fence)]).toEqual([
      'right',
      '4 ft off, within 5 ft: solid 8 AWG',
    ]);
    expect(pump && walkTitle(pump)[1]).toContain('any distance');
    expect(plate && lookAt(plate)).toBe('open');
  });

  test('going on signs nothing, and what is not right is open, not done', () => {
    const answerOf = (right?: boolean) => {
      const { report, findings } = walked({ seen: [{ step: 'fence', offIn: null, deepIn: null, right }] });
      const fence = walkSteps(report).find(({ id }) => id === 'fence');
      if (fence === undefined) throw new Error('No fence.');
      return [lookAt(fence), isWalked(fence), findings.some(({ code }) => code === 'bond.walk-wrong')];
    };
    expect(answerOf()).toEqual(['open', false, false]);
    expect(answerOf(true)).toEqual(['right', true, false]);
    expect(answerOf(false)).toEqual(['wrong', false, true]);
  });
});

describe('what is said at a stop', () => {
  const fenceOf = (seen: Partial<Water['seen'][number]>) => {
    const entry = { step: 'fence', offIn: null, deepIn: null, ...seen };
    const fence = walkSteps(walked({ seen: [entry] }).report).find(({ id }) => id === 'fence');
    if (fence === undefined) throw new Error('No fence.');
    return fence;
  };

  test('who signs it stands with the hour, and a stop that moved since is looked at again', () => {
    const fence = fenceOf({});
    expect(signedAt(fence)).toEqual({ step: 'fence', offIn: null, deepIn: null, right: true, ft: 4 });
    const signed = { ...signedAt(fence), by: 'lead', at: '2026-03-19T15:12' };
    expect(walkSays(fenceOf(signed))).toContain('lead, March 19, 2026, 3:12 pm');
    expect(lookAt(fenceOf({ ...signed, ft: 4.04 }))).toBe('right');
    expect(lookAt(fenceOf({ ...signed, ft: 4.06 }))).toBe('again');
    expect(isWalked(fenceOf({ ...signed, ft: 6 }))).toBe(false);
    expect(walkSays(fenceOf({ ...signed, ft: 6 }))).toContain('moved since it was signed');
  });

  test('later and not right keep why; both are open, and what was measured stays', () => {
    const later = fenceOf({ later: 'clamp comes Friday' });
    expect([lookAt(later), isWalked(later)]).toEqual(['later', false]);
    expect(walkSays(later)).toContain('clamp comes Friday');
    const wrong = fenceOf({ right: false, wrong: 'clamp loose', offIn: 20 });
    expect([lookAt(wrong), isWalked(wrong)]).toEqual(['wrong', false]);
    expect(walkSays(wrong)).toContain('clamp loose');
    expect(measuredAt(wrong)).toEqual({ step: 'fence', offIn: 20, deepIn: null });
  });

  test('the water bond needs its area before anybody signs it', () => {
    const plateOf = (wetIn2?: number) => {
      const things = [
        thing('pump', [27, 0]),
        thing('water-plate', [-16, 4], wetIn2 === undefined ? {} : { wetIn2 }),
      ];
      const seen = [{ step: 'water-plate', offIn: null, deepIn: null, right: true }];
      const [view] = evaluateJob(yardJob({ waters: [{ ...POOL, seen }], things, lines: [] })).waters;
      const step = view && walkSteps(view.report).find(({ kind }) => kind === 'plate');
      return step && lookAt(step);
    };
    expect([plateOf(), plateOf(8.9), plateOf(9)]).toEqual(['open', 'wrong', 'right']);
  });
});

describe('moving things on the plan', () => {
  const yard = yardOf({ lines: [FENCE] });

  test('a measured distance moves a thing along its own way, and a fence as a whole', () => {
    expect(atDistance(thing('pump', [27, 0]), POOL, 14).at).toEqual([30, 0]);
    expect(atDistance(thing('light', [-16, 0]), POOL, 3).at).toEqual([-16, 0]);
    expect(lineAtDistance(FENCE, POOL, 6).points).toEqual([
      [-40, -14],
      [40, -14],
    ]);
  });

  test('a ladder snaps into the wall of the water, a gate into the fence, a pump to the half foot', () => {
    expect(snapped('ladder', [3, 9.2], yard)).toEqual([3, 8]);
    expect(snapped('ladder', [3, 12.3], yard)).toEqual([3, 12.5]);
    expect(snapped('gate', [5.2, -11], yard)).toEqual([5.2, -12]);
    expect(snapped('pump', [26.8, 0.3], yard)).toEqual([27, 0.5]);
  });

  test('a water takes what stands at its origin along, a line its points', () => {
    expect(movedBy(POOL, [1, -2]).at).toEqual([1, -2]);
    expect(movedBy(FENCE, [0, 1]).points).toEqual([
      [-40, -11],
      [40, -11],
    ]);
  });

  test('a site picture is scaled by two points, the first of which stays', () => {
    const picture = underlaid('photo', 1000, 500);
    expect(picture).toMatchObject({ at: [-50, -25], ftPerPx: 0.1 });
    const scaled = scaledBy(
      picture,
      [
        [-10, 0],
        [10, 0],
      ],
      40,
    );
    // Twice as large around (-10, 0).
    expect(scaled).toEqual({ underlay: { ...picture, at: [-90, -50], ftPerPx: 0.2 }, second: [30, 0] });
    expect(
      scaledBy(
        picture,
        [
          [1, 1],
          [1, 1],
        ],
        5,
      ),
    ).toBeUndefined();
    expect(movedUnderlay(picture, [1.005, 2]).at).toEqual([-48.99, -23]);
  });

  test('points are typed as they are printed', () => {
    expect(
      parsePoints(
        printPoints([
          [16, 8.25],
          [-16, -8],
        ]),
        2,
      ),
    ).toEqual([
      [16, 8.25],
      [-16, -8],
    ]);
    expect(parsePoints('16, 8', 2)).toMatchObject({
      accepts: expect.stringContaining('at least 2 points') as string,
    });
    expect(parsePoints('16, 8; here', 2)).toMatchObject({ refused: true });
  });
});
