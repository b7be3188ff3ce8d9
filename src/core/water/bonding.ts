import type { SectionKey } from '../code/sections';
import type { Edition } from '../code/edition';
import type { BondPart, BondReason, Perimeter, Shell, WaterKind } from '../code/waterFacts';

/** The vessel as bonding looks at it. */
export interface BondedWater {
  readonly kind: WaterKind;
  readonly shell: Shell;
  readonly perimeter: Perimeter;
  /** Whether a copper grid is laid in place of the ring. */
  readonly grid?: boolean | undefined;
  /** How far the rim stands above every surface within 30 in of it. */
  readonly rimAboveIn?: number | undefined;
  /** Bonded metal that the water always wets, square inches. */
  readonly wettedBondedIn2?: number | undefined;
}

/** A part as it was looked at; what is left out was not. */
export interface BondItem {
  readonly what: BondPart;
  readonly metal: boolean;
  readonly isolated?: boolean | undefined;
  readonly maxDimIn?: number | undefined;
  readonly penetrationIn?: number | undefined;
  readonly distanceFt?: number | undefined;
  readonly heightFt?: number | undefined;
  readonly barrier?: boolean | undefined;
  readonly doubleInsulated?: boolean | undefined;
  readonly fixed?: boolean | undefined;
}

/** Whether a part is bonded. */
export interface ItemVerdict {
  readonly bond: boolean | 'ask';
  readonly reason: BondReason;
  readonly section: SectionKey;
}

/** How the surface around the water is bonded. */
export interface PerimeterVerdict {
  readonly method: 'steel' | 'grid' | 'ring' | 'none' | 'ask';
  /** Places at which it is tied to the shell. */
  readonly points: number;
  readonly section: SectionKey;
}

/** Everything about the bonding of a vessel. */
export interface BondingPlan {
  readonly items: readonly ItemVerdict[];
  readonly perimeter: PerimeterVerdict;
  readonly water: { readonly bond: boolean | 'ask'; readonly section: SectionKey };
}

const MAX_FITTING_IN = 4;
const MAX_DEPTH_IN = 1;
const REACH_FT = 5;
const HEIGHT_FT = 12;
const RIM_IN = 28;
const WETTED_IN2 = 9;
const SLACK = 1e-9;

const EQUIPMENT: ReadonlySet<BondPart> = new Set(['pump', 'heater', 'cover-motor']);
const FITTINGS: ReadonlySet<BondPart> = new Set(['ladder-cup', 'drain-ring']);

/** A metal fitting in the wall: only a small one that is isolated stays free (680.26(B)(5)). */
function fitting({ isolated, maxDimIn, penetrationIn }: BondItem): ItemVerdict {
  const section = 'bond.fittings';
  const large =
    isolated === false ||
    (maxDimIn !== undefined && maxDimIn > MAX_FITTING_IN + SLACK) ||
    (penetrationIn !== undefined && penetrationIn > MAX_DEPTH_IN + SLACK);
  if (large) return { bond: true, reason: 'fitting', section };
  const known = isolated === true && maxDimIn !== undefined && penetrationIn !== undefined;
  return known
    ? { bond: false, reason: 'fitting-small', section }
    : { bond: 'ask', reason: 'fitting-unknown', section };
}

/** Fixed metal that a hand reaches from the water (680.26(B)(7); indoors 680.43(D)). */
function fixedMetal({ distanceFt, heightFt, barrier }: BondItem, section: SectionKey): ItemVerdict {
  if (barrier === true) return { bond: false, reason: 'barrier', section };
  // Indoors nothing is spared by its height (680.43(D)).
  const isIndoors = section === 'bond.spa-indoor';
  if (!isIndoors && heightFt !== undefined && heightFt > HEIGHT_FT + SLACK)
    return { bond: false, reason: 'out-of-reach', section };
  if (distanceFt === undefined) return { bond: 'ask', reason: 'distance-unknown', section };
  return distanceFt > REACH_FT + SLACK
    ? { bond: false, reason: 'out-of-reach', section }
    : { bond: true, reason: 'within-reach', section };
}

/** Whether one part is bonded, and why. */
function itemVerdict(item: BondItem, { kind, shell }: BondedWater): ItemVerdict {
  const { what, metal, doubleInsulated, fixed } = item;
  if (kind === 'storable') return { bond: false, reason: 'storable', section: 'bond.storable' };
  if (!metal) return { bond: false, reason: 'not-metal', section: 'bond.parts' };
  if (EQUIPMENT.has(what)) {
    if (shell === 'self-contained' && what !== 'cover-motor')
      return { bond: false, reason: 'in-unit', section: 'bond.tub' };
    return what === 'pump' && doubleInsulated === true
      ? { bond: false, reason: 'double-insulated', section: 'bond.equipment' }
      : { bond: true, reason: 'equipment', section: 'bond.equipment' };
  }
  if (what === 'light-shell') return { bond: true, reason: 'light-shell', section: 'bond.lights' };
  if (FITTINGS.has(what)) return fitting(item);
  if (fixed === false) return { bond: false, reason: 'moveable', section: 'bond.fixed-metal' };
  const reached = fixedMetal(item, kind === 'spa-indoor' ? 'bond.spa-indoor' : 'bond.fixed-metal');
  // Furniture that is bolted down is fixed metal; whether it is, is looked at.
  return what === 'furniture' && fixed === undefined && reached.bond !== false
    ? { bond: 'ask', reason: 'fixed-unknown', section: 'bond.fixed-metal' }
    : reached;
}

export const isConcrete = (shell: Shell): boolean =>
  shell === 'concrete-steel' || shell === 'concrete-coated';

/** Places at which the perimeter is tied to the shell: four evenly around concrete, and by custom around a metal wall. */
const tiesOf = (shell: Shell): number => (isConcrete(shell) || shell === 'metal-wall' ? 4 : 1);

/** How the surface around the water is bonded (680.26(B)(2)), and where a tub is spared that (680.42(B), 680.43). */
function perimeterVerdict(
  { kind, shell, perimeter, grid, rimAboveIn }: BondedWater,
  code: Edition,
): PerimeterVerdict {
  const none = (section: SectionKey): PerimeterVerdict => ({ method: 'none', points: 0, section });
  const ask = (section: SectionKey): PerimeterVerdict => ({ method: 'ask', points: tiesOf(shell), section });
  if (kind === 'storable') return none('bond.storable');
  const tub = shell === 'self-contained';
  if (kind === 'spa-indoor') return tub ? none('bond.spa-indoor') : ask('bond.spa-indoor');
  if (tub && rimAboveIn === undefined) return ask('bond.tub');
  if (tub && (rimAboveIn ?? 0) >= RIM_IN - SLACK) return none('bond.tub');
  const points = tiesOf(shell);
  if (grid === true && (perimeter === 'paved' || perimeter === 'unpaved'))
    return code.parameters.copperGridNamed.value
      ? { method: 'grid', points, section: 'bond.loop' }
      : ask('bond.loop');
  switch (perimeter) {
    case 'deck-steel':
      return { method: 'steel', points, section: 'bond.loop' };
    case 'unpaved':
      return { method: 'ring', points, section: 'bond.loop' };
    case 'paved':
      // From 2023 on a single ring under pavement is doubtful: the authority says whether steel or a grid is required.
      return code.parameters.ringUnderPavement.value
        ? { method: 'ring', points, section: 'bond.loop' }
        : ask('bond.loop');
    case 'nonconductive':
      return ask('bond.loop');
  }
}

/** Whether the water needs a bond of its own: none of the bonded parts touches it (680.26(C)). */
function waterVerdict({ kind, shell, wettedBondedIn2 }: BondedWater): BondingPlan['water'] {
  if (kind === 'storable') return { bond: false, section: 'bond.storable' };
  if (shell === 'self-contained') return { bond: false, section: 'bond.tub' };
  const section = 'bond.water';
  if (wettedBondedIn2 !== undefined) return { bond: wettedBondedIn2 < WETTED_IN2 - SLACK, section };
  if (shell === 'concrete-steel') return { bond: false, section };
  return { bond: shell === 'concrete-coated' ? 'ask' : true, section };
}

/**
 * What of a pool, spa or tub is bonded and why, how the surface around it is, and whether the water is. It reduces
 * differences of voltage around the water; it clears no fault. Storable pools have no such rule. 680.26, 680.42, 680.43.
 */
export const bondingPlan = (water: BondedWater, items: readonly BondItem[], code: Edition): BondingPlan => ({
  items: items.map((item) => itemVerdict(item, water)),
  perimeter: perimeterVerdict(water, code),
  water: waterVerdict(water),
});
