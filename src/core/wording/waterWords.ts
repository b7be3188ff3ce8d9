import type { BondReason } from '../water/bonding';

/** Why a part around the water is bonded or not. */
export const bondReason: Readonly<Record<BondReason, string>> = {
  storable: 'a storable pool has no equipotential bonding',
  'not-metal': 'not metal',
  moveable: 'not fixed in place',
  'in-unit': 'within the listed unit, on its common base',
  'light-shell': 'metal shell of a light',
  equipment: 'electrical equipment of the water, at any distance',
  'double-insulated': 'double-insulated pump: bring an 8 AWG solid conductor to it for a later motor',
  fitting: 'metal fitting that is not isolated, over 4 in, or over 1 in deep',
  'fitting-small': 'isolated, 4 in or less, and 1 in deep or less',
  'fitting-unknown': 'isolated? size and depth in the wall?',
  'within-reach': 'fixed metal within 5 ft and not above 12 ft',
  'out-of-reach': 'more than 5 ft away or more than 12 ft up',
  barrier: 'behind a permanent barrier',
  'distance-unknown': 'how far from the inside wall?',
};
