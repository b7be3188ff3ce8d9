import type { BondReason, Perimeter, Shell, WaterKind, YardThing } from '../code/waterFacts';
import type { YardArea, YardLine } from '../water/yardSchema';

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
  'metal-unknown': 'is it metal?',
  'distance-unknown': 'how far from the inside wall?',
  'fixed-unknown': 'is it fixed or bolted down?',
};

/** What may stand in the yard, as a list offers it. */
export const thingName: Readonly<Record<YardThing, string>> = {
  pump: 'Pump',
  heater: 'Heater',
  'cover-motor': 'Cover motor',
  receptacle: 'Receptacle',
  'pump-receptacle': 'Pump receptacle',
  switch: 'Switch',
  timer: 'Timer',
  disconnect: 'Disconnect',
  panel: 'Panel',
  outlet: 'Outlet of another system',
  equipment: 'Other equipment',
  luminaire: 'Luminaire',
  fan: 'Ceiling fan',
  light: 'Underwater light',
  'junction-box': 'Box of an underwater light',
  ladder: 'Ladder',
  rail: 'Handrail',
  board: 'Diving board',
  drain: 'Drain or fitting in the wall',
  'water-plate': 'Water bond',
  door: 'Door',
  window: 'Window',
  gate: 'Gate',
  'ac-unit': 'Air conditioner',
  pole: 'Pole',
  raceway: 'Metal raceway or box',
  furniture: 'Furniture',
};

/** What runs through the yard, as a list offers it. */
export const lineName: Readonly<Record<YardLine['kind'], string>> = {
  wall: 'House wall',
  fence: 'Fence',
  overhead: 'Overhead line',
  pipe: 'Pipe',
  wiring: 'Buried wiring',
};

/** Decks and slabs, as a list offers them. */
export const areaName: Readonly<Record<YardArea['kind'], string>> = {
  deck: 'Deck or platform',
  slab: 'Slab',
};

/** What the water is. */
export const waterKindName: Readonly<Record<WaterKind, string>> = {
  'in-ground': 'in-ground pool',
  'above-ground': 'above-ground pool',
  storable: 'storable pool',
  'spa-outdoor': 'hot tub or spa, outdoors',
  'spa-indoor': 'hot tub or spa, indoors',
};

/** What the vessel is built of. */
export const shellName: Readonly<Record<Shell, string>> = {
  'concrete-steel': 'concrete, bare steel tied',
  'concrete-coated': 'concrete, coated steel or none',
  vinyl: 'vinyl liner, resin wall, inflated',
  fiberglass: 'fiberglass',
  'metal-wall': 'metal wall with a liner',
  'self-contained': 'listed self-contained unit',
};

/** What lies around the water. */
export const perimeterName: Readonly<Record<Perimeter, string>> = {
  unpaved: 'lawn, stone, earth',
  paved: 'paved, no steel in it',
  'deck-steel': 'concrete with steel tied in',
  nonconductive: 'wood or composite deck',
};
