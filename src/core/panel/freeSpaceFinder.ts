import { legLoads } from './legBalance';
import type { Panel, PanelPlan, Space } from './panelSchema';
import { isSecondSource } from './secondSources';
import { findRoom, type freeSpace } from './freeSpaceSearch';
import type { Segment } from './freeSpaceSteps';
import { below, legOf, polesIn, takesTandem, type Leg, type InstalledBreaker, type Wanted } from './spaces';

/** One breaker that moves, and where to. */
export interface Move {
  readonly installed: InstalledBreaker;
  readonly to: Space;
  readonly keepsLeg: boolean;
}

/** Room for new circuits: what moves, where everything goes, and what it takes. */
export interface FreeSpaceFound {
  readonly moves: readonly Move[];
  readonly placed: PanelPlan['placed'];
  /** Breakers for two single poles that have to be bought. */
  readonly tandems: number;
  readonly cents: number;
}

/** Ratings in which breakers for two single poles are made, at most. */
const TANDEM_MOST_A = 30;

/** Whether a single pole can share a space: no ground-fault or AFCI breaker is made so. */
const canShare = ({ poles, kind, amps }: InstalledBreaker): boolean =>
  poles === 1 && kind === 'plain' && amps <= TANDEM_MOST_A;

const FREE = { moves: 0, pairs: 0, fulls: 0, halves: 0 } as const;

/**
 * Whether it may be moved: never what feeds the panel itself, nor one pole of a neutral that two breakers share untied,
 * whose other leg keeps the neutral from carrying both currents.
 */
const mayMove = (each: InstalledBreaker): boolean =>
  each.fate === 'stays' && !isSecondSource(each) && !(each.sharedNeutral && each.poles === 1);

/** One column of a panel as the search sees it. */
function columnSegments(
  panel: Panel,
  installed: readonly InstalledBreaker[],
  first: 1 | 2,
  tandemCents: number,
): readonly Segment[] {
  const segments: Segment[] = [];
  for (let slot: number = first; slot <= panel.spaces; slot = below(slot)) {
    const here = installed.filter(({ place }) => place.slot === slot);
    const tandem = [takesTandem(panel, slot)];
    const [one, other] = here;
    const movable = here.every(mayMove);
    if (one === undefined) {
      segments.push({ slots: [slot], clear: FREE, offers: undefined, tandem });
    } else if (one.poles === 2) {
      segments.push({
        slots: [slot, below(slot)],
        clear: movable ? { moves: 1, pairs: 1, fulls: 0, halves: 0 } : undefined,
        offers: undefined,
        tandem: [...tandem, takesTandem(panel, below(slot))],
      });
      slot = below(slot);
    } else if (one.place.half !== null) {
      const count = here.length;
      segments.push({
        slots: [slot],
        clear: movable ? { moves: count, pairs: 0, fulls: 0, halves: count } : undefined,
        offers: other === undefined ? { cents: 0 } : undefined,
        tandem,
      });
    } else {
      const shares = canShare(one) && mayMove(one);
      segments.push({
        slots: [slot],
        clear: movable ? { moves: 1, pairs: 0, fulls: shares ? 0 : 1, halves: shares ? 1 : 0 } : undefined,
        offers: shares && tandem[0] === true ? { cents: tandemCents } : undefined,
        tandem,
      });
    }
  }
  return segments;
}

/** The largest first: they stand near the main. */
const byRating = (a: { readonly amps: number }, b: { readonly amps: number }): number => b.amps - a.amps;

/** Half spaces in which moved singles may stand, in the order of the panel. */
function halfPlaces(
  freeSpace: freeSpace,
  segments: readonly Segment[],
  installed: readonly InstalledBreaker[],
): readonly Space[] {
  const offered = freeSpace.offered.flatMap((at): readonly Space[] => {
    const slot = segments[at]?.slots[0] ?? 0;
    const here = installed.filter(({ place }) => place.slot === slot);
    return [{ slot, half: here.some(({ place }) => place.half === 'b') ? 'a' : 'b' }];
  });
  const left = freeSpace.leftovers.flatMap(({ slot, use }): readonly Space[] => {
    if (use === 'one-half') return [{ slot, half: null }];
    return use === 'two-halves'
      ? [
          { slot, half: 'a' },
          { slot, half: 'b' },
        ]
      : [];
  });
  return [...offered, ...left].toSorted((a, b) => a.slot - b.slot);
}

/** Gives each moved single a place, on its own leg where one is left. */
function dealt(movers: readonly InstalledBreaker[], places: readonly Space[]): readonly Move[] {
  const left: Record<Leg, Space[]> = { A: [], B: [] };
  for (const place of places) left[legOf(place.slot)].push(place);
  const kept = movers.map((installed) => ({ installed, to: left[legOf(installed.place.slot)].shift() }));
  const rest = [...left.A, ...left.B];
  return kept.flatMap(({ installed, to }): readonly Move[] => {
    const place = to ?? rest.shift();
    return place === undefined ? [] : [{ installed, to: place, keepsLeg: to !== undefined }];
  });
}

/** The spaces in which something is put, where it shares one with what stays: that one is then a half too. */
function hosts(moves: readonly Move[], installed: readonly InstalledBreaker[]): readonly Move[] {
  return moves.flatMap(({ to }): readonly Move[] => {
    if (to.half === null) return [];
    const host = installed.find(
      ({ place, poles }) => place.slot === to.slot && place.half === null && poles === 1,
    );
    if (host === undefined || moves.some(({ installed: { id } }) => id === host.id)) return [];
    return [{ installed: host, to: { slot: to.slot, half: 'a' }, keepsLeg: true }];
  });
}

/** The leg that carries less of what stands, for a new single. */
const lighter = (installed: readonly InstalledBreaker[]): Leg => {
  const { aVA, bVA } = legLoads(installed);
  return aVA <= bVA ? 'A' : 'B';
};

/**
 * The fewest and cheapest moves that free the spaces that new circuits need, and where each goes. Honors what
 * the label says of tandems, keeps two poles on both legs, moves circuits with a shared neutral only as a pair,
 * and keeps every moved circuit on its leg where that costs nothing. Undefined where the label's number of
 * circuits, or the spaces, do not allow it.
 */
export function makeSpace(
  panel: Panel,
  installed: readonly InstalledBreaker[],
  wanted: readonly Wanted[],
  tandemCents: number,
): FreeSpaceFound | undefined {
  const [pairsWanted, singlesWanted] = [
    wanted.filter(({ poles }) => poles === 2),
    wanted.filter(({ poles }) => poles === 1),
  ];
  if (panel.mostPoles !== null && polesIn([...installed, ...wanted]) > panel.mostPoles) return undefined;
  const columns = ([1, 2] as const).map((first) => columnSegments(panel, installed, first, tandemCents));
  const freeSpace = findRoom(
    columns,
    { pairs: pairsWanted.length, fulls: singlesWanted.length },
    tandemCents,
  );
  if (freeSpace === undefined) return undefined;
  const segments = columns.flat();
  const clearedSlots = new Set(freeSpace.cleared.flatMap((at) => segments[at]?.slots.slice(0, 1) ?? []));
  const movers = installed.filter(({ place }) => clearedSlots.has(place.slot));
  const singles = dealt(movers.filter(canShare), halfPlaces(freeSpace, segments, installed));
  const pairs = freeSpace.pairs.toSorted((a, b) => a - b);
  const fulls = freeSpace.leftovers
    .filter(({ use }) => use === 'full')
    .map(({ slot }) => slot)
    .toSorted((a, b) => a - b);
  const placed: PanelPlan['placed'][number][] = [];
  for (const { circuitId } of pairsWanted.toSorted(byRating))
    placed.push({ circuitId, at: { slot: pairs.shift() ?? 0, half: null } });
  const whole = movers
    .filter((each) => each.poles === 1 && !canShare(each))
    .flatMap((each): readonly Move[] => [
      { installed: each, to: { slot: fulls.shift() ?? 0, half: null }, keepsLeg: false },
    ]);
  for (const { circuitId } of singlesWanted.toSorted(byRating)) {
    const at = Math.max(
      0,
      fulls.findIndex((slot) => legOf(slot) === lighter(installed)),
    );
    placed.push({ circuitId, at: { slot: fulls.splice(at, 1)[0] ?? 0, half: null } });
  }
  const twos = movers
    .filter((each) => each.poles === 2)
    .map((each): Move => ({ installed: each, to: { slot: pairs.shift() ?? 0, half: null }, keepsLeg: true }));
  const moves = [...singles, ...whole, ...twos].toSorted(
    (a, b) => a.installed.place.slot - b.installed.place.slot,
  );
  return {
    moves,
    placed,
    tandems: tandemCents === 0 ? 0 : Math.round(freeSpace.cents / tandemCents),
    cents: freeSpace.cents,
  };
}

/** The plan of a panel with the room that was found. Breakers that stay in a space which is shared now become its half. */
export function withSpace(
  panel: Panel,
  installed: readonly InstalledBreaker[],
  found: FreeSpaceFound,
): PanelPlan {
  const halves = hosts(found.moves, installed);
  const moved = [...found.moves, ...halves].map(({ installed: { id }, to }) => ({ id, to }));
  const ids = new Set(moved.map(({ id }) => id));
  return {
    gone: panel.plan.gone,
    moved: [
      ...panel.plan.moved.filter(({ id }) => !ids.has(id)),
      ...moved.filter(({ id }) => !found.placed.some(({ circuitId }) => circuitId === id)),
    ],
    placed: [...panel.plan.placed, ...found.placed],
  };
}
