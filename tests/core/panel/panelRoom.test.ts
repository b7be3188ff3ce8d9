import { withSubpanel } from '../../../src/core/job/withSubpanel';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Panel } from '../../../src/core/panel/panelSchema';
import { spaceOptions } from '../../../src/core/panel/spaceOptions';
import { putInto, swapped, takeOut } from '../../../src/core/panel/planEdits';
import { makeSpace, withSpace } from '../../../src/core/panel/freeSpaceFinder';
import {
  clashes,
  freeSlots,
  found,
  legOf,
  planned,
  takesTandem,
  type InstalledBreaker,
  type Wanted,
} from '../../../src/core/panel/spaces';
import { FULL_PANEL } from '../../support/fullHouse/panel';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { panel, wanted } from '../../support/panels';
import { runs } from '../../support/luck';

const TANDEM = defaultPrices.panel.tandem;

/** Applies what was found and gives what then stands. */
function applied(about: Panel, needs: readonly Wanted[]) {
  const freeSpace = makeSpace(about, found(about), needs, TANDEM);
  if (freeSpace === undefined) return undefined;
  const plan = withSpace(about, found(about), freeSpace);
  return { freeSpace, severity: planned({ ...about, plan }, needs) };
}

/** The fewest moves by trying everything: which breakers move, then where everything goes. */
function exhaustive(
  about: Panel,
  needs: readonly Wanted[],
): { readonly moves: number; readonly tandems: number } | undefined {
  const all = found(about);
  const shares = ({ poles, kind, amps }: InstalledBreaker): boolean =>
    poles === 1 && kind === 'plain' && amps <= 30;
  let best: { moves: number; tandems: number } | undefined;
  const better = (moves: number, tandems: number): boolean =>
    best === undefined || moves < best.moves || (moves === best.moves && tandems < best.tandems);
  for (let set = 0; set < 2 ** all.length; set += 1) {
    const movers = all.filter((_, at) => ((set >> at) & 1) === 1);
    // A space that two share is cleared whole or not at all.
    const whole = movers.every(
      ({ place }) =>
        place.half === null || all.every((each) => each.place.slot !== place.slot || movers.includes(each)),
    );
    if (!whole || (best !== undefined && movers.length > best.moves)) continue;
    const stay = all.filter((each) => !movers.includes(each));
    const free = new Set(freeSlots(about, stay));
    const halves = new Map<number, number>();
    for (const each of stay)
      if (
        each.poles === 1 &&
        takesTandem(about, each.place.slot) &&
        (each.place.half !== null || shares(each))
      )
        halves.set(each.place.slot, (halves.get(each.place.slot) ?? 2) - 1);
    const tandemCost = (slot: number): number =>
      stay.some(({ place }) => place.slot === slot && place.half === null) ? 1 : 0;
    const pairs = [...needs.filter(({ poles }) => poles === 2), ...movers.filter(({ poles }) => poles === 2)]
      .length;
    const fulls = [
      ...needs.filter(({ poles }) => poles === 1),
      ...movers.filter((each) => each.poles === 1 && !shares(each)),
    ].length;
    const small = movers.filter(shares).length;
    const place = (
      pairsLeft: number,
      fullsLeft: number,
      smallLeft: number,
      open: ReadonlySet<number>,
      half: ReadonlyMap<number, number>,
      cost: number,
      from: number,
    ): void => {
      if (pairsLeft + fullsLeft + smallLeft === 0) {
        if (better(movers.length, cost)) best = { moves: movers.length, tandems: cost };
        return;
      }
      if (!better(movers.length, cost)) return;
      const without = (...slots: number[]) => new Set([...open].filter((slot) => !slots.includes(slot)));
      if (pairsLeft > 0) {
        for (const slot of open)
          if (slot >= from && open.has(slot + 2))
            place(
              pairsLeft - 1,
              fullsLeft,
              smallLeft,
              without(slot, slot + 2),
              half,
              cost,
              pairsLeft === 1 ? 0 : slot,
            );
      } else if (fullsLeft > 0) {
        for (const slot of open)
          if (slot >= from) place(0, fullsLeft - 1, smallLeft, without(slot), half, cost, slot);
      } else {
        for (const slot of open) {
          place(0, 0, smallLeft - 1, without(slot), half, cost, 0);
          if (takesTandem(about, slot) && smallLeft > 1)
            place(0, 0, smallLeft - 2, without(slot), half, cost + 1, 0);
        }
        for (const [slot, count] of half)
          if (count > 0)
            place(0, 0, smallLeft - 1, open, new Map([...half, [slot, 0]]), cost + tandemCost(slot), 0);
      }
    };
    place(pairs, fulls, small, free, halves, 0, 0);
  }
  return best;
}

describe('the legs', () => {
  test('rows alternate: 1 and 2 on A, 3 and 4 on B; a two-pole breaker meets both', () => {
    expect([1, 2, 3, 4, 5, 6].map(legOf)).toEqual(['A', 'A', 'B', 'B', 'A', 'A']);
    expect(legOf(41)).not.toBe(legOf(43));
  });
});

describe('making room', () => {
  test('nothing moves where two spaces are free one above the other', () => {
    const result = applied(panel({ typed: '1 20 a; 2 20 b; 3 20 c; 4 20 d' }), [wanted('ev', 2)]);
    expect(result?.freeSpace).toMatchObject({ moves: [], tandems: 0 });
    expect(result?.freeSpace.placed[0]?.at.slot).toBeGreaterThanOrEqual(5);
  });

  test('one move joins two free spaces that are apart', () => {
    const result = applied(panel({ spaces: 6, typed: '1 20 a; 2 20 b; 4 20 d; 5 20 e; 6 20 f' }), [
      wanted('ev', 2),
    ]);
    expect(result).toBeUndefined();
    const other = applied(panel({ spaces: 6, typed: '1,3 2p30 dryer; 4 20 d' }), [
      wanted('a', 2),
      wanted('b', 1),
    ]);
    expect(other?.freeSpace.moves).toHaveLength(1);
  });

  test('a full panel gives room only where its label takes two, and keeps legs where it can', () => {
    const typed = '1 20 a; 2 20 b; 3 20 c; 4 20 d; 5 20 e; 6 20 f; 7 20 g; 8 20 h';
    expect(applied(panel({ typed }), [wanted('ev', 2)])).toBeUndefined();
    const result = applied(panel({ typed, tandems: [{ from: 5, to: 8 }] }), [wanted('ev', 2)]);
    expect(result?.freeSpace).toMatchObject({ tandems: 2, cents: 2 * TANDEM });
    expect(result?.freeSpace.moves).toHaveLength(2);
    expect(result?.freeSpace.moves.every(({ keepsLeg }) => keepsLeg)).toBe(true);
  });

  test('a GFCI breaker never shares a space; a shared neutral moves only as a pair', () => {
    const gfci = '1 20 gfci a; 2 20 b; 3 20 gfci c; 4 20 d; 5 20 e; 6 20 f';
    const result = applied(panel({ spaces: 6, typed: gfci, tandems: [{ from: 1, to: 6 }] }), [
      wanted('ev', 2),
    ]);
    expect(
      result?.severity.filter(({ kind }) => kind === 'gfci').every(({ place }) => place.half === null),
    ).toBe(true);
    const tied = applied(panel({ spaces: 6, typed: '3,5 mw20 counter', tandems: [{ from: 1, to: 6 }] }), [
      wanted('a', 2),
      wanted('b', 1),
      wanted('c', 1),
    ]);
    const counter = tied?.severity.find(({ sharedNeutral }) => sharedNeutral);
    expect(counter?.poles).toBe(2);
    expect(tied?.freeSpace.moves.length).toBeLessThanOrEqual(1);
  });

  test('the number of circuits that the label allows is kept', () => {
    const about = panel({ typed: '1 20 a', tandems: [{ from: 1, to: 8 }], mostPoles: 2 });
    expect(applied(about, [wanted('ev', 2)])).toBeUndefined();
    expect(applied({ ...about, mostPoles: 3 }, [wanted('ev', 2)])).toBeDefined();
  });

  const anyPanel = fc
    .record({
      spaces: fc.constantFrom(4, 6, 8),
      items: fc.array(fc.constantFrom('free', 'one', 'one', 'one', 'gfci', 'two', 'tandem', 'half'), {
        minLength: 8,
        maxLength: 8,
      }),
      tandems: fc.constantFrom<{ from: number; to: number }[]>(
        [],
        [{ from: 1, to: 8 }],
        [{ from: 3, to: 6 }],
        [{ from: 5, to: 8 }],
      ),
    })
    .map(({ spaces, items, tandems }) => {
      const taken = new Set<number>();
      const typed: string[] = [];
      for (let slot = 1; slot <= spaces; slot += 1) {
        if (taken.has(slot)) continue;
        const item = items[slot - 1];
        const pairs = tandems.some(({ from, to }) => slot >= from && slot <= to);
        if (item === 'one' || (!pairs && (item === 'tandem' || item === 'half')))
          typed.push(`${slot} 15 r${slot}`);
        else if (item === 'gfci') typed.push(`${slot} 20 gfci g${slot}`);
        else if (item === 'tandem') typed.push(`${slot} 15/15 t${slot}, u${slot}`);
        else if (item === 'half') typed.push(`${slot}a 15 h${slot}`);
        else if (item === 'two' && slot + 2 <= spaces) {
          typed.push(`${slot},${slot + 2} 2p30 p${slot}`);
          taken.add(slot + 2);
        }
      }
      return panel({ spaces, typed: typed.join(';'), tandems });
    });
  const anyNeeds = fc
    .tuple(fc.integer({ min: 0, max: 2 }), fc.integer({ min: 0, max: 2 }))
    .map(([pairs, singles]) => [
      ...Array.from({ length: pairs }, (_, at) => wanted(`pair-${at}`, 2)),
      ...Array.from({ length: singles }, (_, at) => wanted(`single-${at}`, 1)),
    ]);

  test('is never worse than trying everything, and never illegal', () => {
    fc.assert(
      fc.property(anyPanel, anyNeeds, (about, needs) => {
        const result = applied(about, needs);
        const best = exhaustive(about, needs);
        expect(result === undefined).toBe(best === undefined);
        if (result === undefined || best === undefined) return;
        expect(result.freeSpace.moves).toHaveLength(best.moves);
        expect(result.freeSpace.tandems).toBe(best.tandems);
        expect(clashes(about, result.severity)).toEqual([]);
        expect(result.severity).toHaveLength(about.breakers.length + needs.length);
        expect(result.severity.filter(({ fate }) => fate === 'new')).toHaveLength(needs.length);
      }),
      runs(150),
    );
  });

  test('holds on 84 spaces', () => {
    const typed = Array.from({ length: 84 }, (_, at) => `${at + 1} 15 r${at}`).join(';');
    const about = panel({ spaces: 84, typed, tandems: [{ from: 43, to: 84 }] });
    const needs = Array.from({ length: 10 }, (_, at) => wanted(`n${at}`, 2));
    const result = applied(about, needs);
    expect(result?.freeSpace.moves).toHaveLength(20);
    expect(clashes(about, result?.severity ?? [])).toEqual([]);
  });
});

describe('ways to make room', () => {
  const needs = Array.from({ length: 9 }, (_, at) => wanted(`n${at}`, 2));

  test('moves, a subpanel and a new panel, cheapest first', () => {
    const options = spaceOptions(FULL_PANEL, needs, defaultPrices);
    expect(options.map(({ kind }) => kind)).toEqual(['moves', 'subpanel', 'new-panel']);
    expect(options.map(({ cents }) => cents)).toEqual(
      options.map(({ cents }) => cents).toSorted((a, b) => a - b),
    );
    expect(options[1]).toMatchObject({ kind: 'subpanel', spaces: 30, feederA: 150 });
  });

  test('a subpanel stands beside the panel: its feeder is 4 ft', () => {
    const option = spaceOptions(FULL_PANEL, needs, defaultPrices).find(({ kind }) => kind === 'subpanel');
    if (option?.kind !== 'subpanel') throw new Error('No subpanel is offered.');
    const command = withSubpanel(demoJob, FULL_PANEL, needs, option, {
      panel: 'p',
      feeder: 'f',
      segment: 's',
    });
    const commands = command.kind === 'batch' ? command.commands : [command];
    const added = commands.flatMap((each) => (each.kind === 'add-circuits' ? each.circuits : []));
    expect(added[0]?.circuit).toMatchObject({ id: 'f', run: [{ id: 's', lengthFt: 4 }] });
  });

  test('none where everything has its place', () => {
    expect(spaceOptions(FULL_PANEL, [], defaultPrices)).toEqual([]);
  });
});

describe('a plan by hand', () => {
  const about = panel({ typed: '1 20 a; 2 20 b', tandems: [{ from: 1, to: 2 }] });
  const ev = wanted('ev', 2);

  test('a circuit goes into a free space, and is refused where another stands', () => {
    expect(putInto(about, [ev], 'ev', { slot: 3, half: null })).toMatchObject({
      plan: { placed: [{ circuitId: 'ev', at: { slot: 3 } }] },
    });
    expect(putInto(about, [ev], 'ev', { slot: 1, half: null })).toMatchObject({
      clash: { why: 'taken', slot: 1 },
    });
    expect(putInto(about, [ev], 'ev', { slot: 7, half: null })).toMatchObject({
      clash: { why: 'outside', slot: 9 },
    });
  });

  test('a single shares a space only where the label allows it', () => {
    const wide = panel({ typed: '1 20 a; 3 20 c', tandems: [{ from: 1, to: 1 }] });
    expect(putInto(wide, [], 'at-3', { slot: 5, half: 'a' })).toMatchObject({
      clash: { why: 'tandem', slot: 5 },
    });
    expect(putInto(wide, [], 'at-3', { slot: 1, half: 'b' })).toMatchObject({ clash: { why: 'taken' } });
  });

  test('what is taken out comes back, and two change places', () => {
    const gone = takeOut(about, 'at-1');
    expect(gone.gone).toEqual(['at-1']);
    expect(takeOut({ ...about, plan: gone }, 'at-1').gone).toEqual([]);
    const plan = swapped(about, [], 'at-1', 'at-2');
    expect(planned({ ...about, plan }, []).find(({ id }) => id === 'at-1')?.place.slot).toBe(2);
  });
});
