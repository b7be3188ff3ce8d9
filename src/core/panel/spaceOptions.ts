import { byRating } from '../price/byRating';
import type { Panel, PanelPlan } from './panelSchema';
import type { PriceList } from '../price/priceList';
import { makeSpace, type FreeSpaceFound } from './freeSpaceFinder';
import { planned, polesIn, unplacedOf, type InstalledBreaker, type Wanted } from './spaces';

/** A way to find room for new circuits, with what it takes. */
export type SpaceOption =
  | { readonly kind: 'moves'; readonly freeSpace: FreeSpaceFound; readonly cents: number }
  | {
      readonly kind: 'subpanel';
      readonly spaces: number;
      readonly feederA: number;
      readonly freeSpace: FreeSpaceFound;
      /** What encloses it, which is no part of the material of the job. */
      readonly enclosureCents: number;
      readonly cents: number;
    }
  | { readonly kind: 'new-panel'; readonly spaces: number; readonly cents: number };

/** Ratings of breakers that feed a subpanel. */
const FEEDERS_A = [30, 40, 50, 60, 70, 80, 90, 100, 125, 150, 200] as const;
/** The feeder of a subpanel as a circuit that wants two spaces, until it is one. */
export const FEEDER_ID = 'feeder';

/** How much of it is continuous is not known yet: 125 % is taken of all (215.3). */
const CONTINUOUS = 1.25;

/** The breaker that a subpanel for these circuits asks for: the sum of what they carry, largest of those that run apart not reckoned. */
const feederFor = (wanted: readonly Wanted[]): number => {
  const amps = CONTINUOUS * wanted.reduce((sum, { va }) => sum + va / 240, 0);
  return FEEDERS_A.find((each) => each >= amps) ?? Math.max(...FEEDERS_A);
};

function subpanel(
  panel: Panel,
  installed: readonly InstalledBreaker[],
  unplaced: readonly Wanted[],
  prices: PriceList,
): readonly SpaceOption[] {
  const spare = 4;
  const poles = polesIn(unplaced);
  const made = prices.panel.subpanel.find(({ spaces }) => spaces >= poles + spare);
  const feederA = feederFor(unplaced);
  const feeder: Wanted = {
    circuitId: FEEDER_ID,
    name: 'Subpanel',
    poles: 2,
    amps: feederA,
    kind: 'plain',
    va: feederA * 240,
  };
  const freeSpace =
    made === undefined ? undefined : makeSpace(panel, installed, [feeder], prices.panel.tandem);
  if (made === undefined || freeSpace === undefined) return [];
  return [
    {
      kind: 'subpanel',
      spaces: made.spaces,
      feederA,
      freeSpace,
      enclosureCents: made.cents,
      cents: made.cents + freeSpace.cents + byRating(feederA, prices.breaker),
    },
  ];
}

/**
 * Ways to find room for the circuits that have no place yet, cheapest first: moves within the panel, a subpanel
 * beside it, a new panel. Material by the price list; the work is not in it.
 */
export function spaceOptions(
  panel: Panel,
  wanted: readonly Wanted[],
  prices: PriceList,
): readonly SpaceOption[] {
  const installed = planned(panel, wanted);
  const unplaced = unplacedOf(panel, wanted);
  if (unplaced.length === 0) return [];
  const freeSpace = makeSpace(panel, installed, unplaced, prices.panel.tandem);
  const moves: readonly SpaceOption[] =
    freeSpace === undefined ? [] : [{ kind: 'moves', freeSpace, cents: freeSpace.cents }];
  const poles = polesIn([...installed, ...unplaced]);
  const whole = prices.panel.main.find(({ spaces }) => spaces >= poles);
  const change: readonly SpaceOption[] =
    whole === undefined ? [] : [{ kind: 'new-panel', spaces: whole.spaces, cents: whole.cents }];
  return [...moves, ...subpanel(panel, installed, unplaced, prices), ...change].toSorted(
    (a, b) => a.cents - b.cents,
  );
}

/** A plan with nothing moved or placed; what is taken out stays taken out. */
export const startAgain = ({ gone }: PanelPlan): PanelPlan => ({ gone, moved: [], placed: [] });
