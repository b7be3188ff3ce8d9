/** What the water is: the rules of zones and bonding tell these apart. */
export const WATER_KINDS = ['in-ground', 'above-ground', 'storable', 'spa-outdoor', 'spa-indoor'] as const;
/** What the water is. */
export type WaterKind = (typeof WATER_KINDS)[number];

/** What the vessel is built of. */
export const SHELLS = [
  'concrete-steel',
  'concrete-coated',
  'vinyl',
  'fiberglass',
  'metal-wall',
  'self-contained',
] as const;
/** What the vessel is built of. */
export type Shell = (typeof SHELLS)[number];

/** What lies around the water, to 3 ft from its inside wall. */
export const PERIMETERS = ['paved', 'unpaved', 'deck-steel', 'nonconductive'] as const;
/** What lies around the water. */
export type Perimeter = (typeof PERIMETERS)[number];

/** Parts that are looked at for bonding. */
export const BOND_PARTS = [
  'ladder-cup',
  'rail',
  'light-shell',
  'drain-ring',
  'fence-post',
  'gate',
  'window-frame',
  'pump',
  'heater',
  'raceway',
  'pipe',
  'board-frame',
  'furniture',
  'ac-unit',
  'cover-motor',
  'pole',
] as const;
/** A part that is looked at for bonding. */
export type BondPart = (typeof BOND_PARTS)[number];

/** What may stand in the yard at one point. */
export const YARD_THINGS = [
  'pump',
  'heater',
  'cover-motor',
  'receptacle',
  'pump-receptacle',
  'switch',
  'timer',
  'disconnect',
  'panel',
  'outlet',
  'equipment',
  'luminaire',
  'fan',
  'light',
  'junction-box',
  'ladder',
  'rail',
  'board',
  'drain',
  'water-plate',
  'door',
  'window',
  'gate',
  'ac-unit',
  'pole',
  'raceway',
  'furniture',
] as const;
/** What stands in the yard at one point. */
export type YardThing = (typeof YARD_THINGS)[number];

/** Why a part is bonded or not; its words are in core/wording. */
export type BondReason =
  | 'storable'
  | 'not-metal'
  | 'moveable'
  | 'in-unit'
  | 'light-shell'
  | 'equipment'
  | 'double-insulated'
  | 'fitting'
  | 'fitting-small'
  | 'fitting-unknown'
  | 'within-reach'
  | 'out-of-reach'
  | 'barrier'
  | 'metal-unknown'
  | 'distance-unknown'
  | 'fixed-unknown';

/** Why the authority decides how the surface around the water is bonded. */
export type PerimeterDoubt = 'paved' | 'grid-unnamed' | 'nonconductive' | 'rim-unknown' | 'indoors';
