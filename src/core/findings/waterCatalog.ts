import type { BondReason, PerimeterDoubt, Shell, WaterKind, YardThing } from '../code/waterFacts';
import { about } from './catalogEntry';

/** Something in the yard by its name, and how far it is from the inside wall. */
interface Placed {
  readonly name: string;
  readonly ft: number;
}

/** Something that is nearer to the water than it may be. */
interface TooNear extends Placed {
  readonly minFt: number;
}

/** What is looked at of an underwater light. */
export type LightFact = 'gfci' | 'depth' | 'niche';

/** Findings about water and what stands around it. */
export const waterCatalog = {
  'zone.receptacle': about<TooNear>().may('stop'),
  'zone.switch': about<TooNear & { readonly kind: YardThing }>().may('stop'),
  'zone.disconnect': about<TooNear>().may('stop'),
  'zone.outlet': about<TooNear>().may('stop'),
  'zone.luminaire': about<TooNear & { readonly clearFt: number }>().may('stop'),
  'zone.box': about<TooNear & { readonly low: boolean }>().may('stop'),
  'zone.equipment': about<TooNear & { readonly pool: boolean }>().may('stop', 'check', 'ask'),
  'zone.cover-motor': about<TooNear>().may('stop'),
  'zone.gfci': about<Placed>().surveyed('stop', 'ask'),
  'zone.close': about<TooNear>().may('check'),
  'zone.disconnect-sight': about<{ name: string; of: string; ft: number; hidden: boolean }>().may('stop'),
  'zone.overhead': about<{ name: string; from: string | null; ft: number; minFt: number }>().may('stop'),
  'zone.underground': about<{ name: string }>().may('stop'),
  'zone.underground-method': about<{ name: string; ft: number }>().may('stop', 'check'),
  'pool.convenience-missing': about<{ fromFt: number; toFt: number }>().may('stop'),
  'pool.convenience-on-timer': about<{ name: string }>().may('stop'),
  'pool.convenience-circuit': about<{ name: string }>().may('check'),
  'pool.storable-circuits': about<{ name: string }>().may('check'),
  'pool.post-frost': about<{ name: string; postIn: number; frostIn: number | null }>().may('check', 'ask'),
  'pool.light-raceway': about<{ name: string; other: string; circuitId: string }>().may('stop', 'ask'),
  'pool.light': about<{ name: string; what: LightFact; inches: number }>().surveyed('stop', 'ask'),
  'pool.cover': about<{ name: string; what: 'switch' | 'enclosed' }>().surveyed('stop', 'ask'),
  'pool.fountain': about<object>().may('ask'),
  'pool.depth-unknown': about<{ maxIn: number }>().surveyed('ask'),
  'pool.not-storable': about<{ depthIn: number; maxIn: number }>().may('stop'),
  'pool.in-water': about<{ name: string }>().may('stop'),
  'pool.wall-through': about<{ name: string }>().may('stop'),
  'pool.overlap': about<{ name: string; other: string }>().may('stop'),
  'bond.item-missing': about<{ name: string; reason: BondReason }>().may('stop'),
  'bond.item-unknown': about<{ name: string; reason: BondReason }>().surveyed('ask'),
  'bond.pump-pigtail': about<{ name: string }>().may('stop'),
  'bond.loop-distance': about<{ offIn: number; minIn: number; maxIn: number }>().may('stop'),
  'bond.loop-depth': about<{ deepIn: number; minIn: number; maxIn: number }>().may('stop'),
  'bond.loop-open': about<{ pieces: number }>().may('ask'),
  'bond.perimeter': about<{ doubt: PerimeterDoubt }>().may('ask'),
  'bond.relief-lost': about<{ rimIn: number; minIn: number }>().may('check'),
  'bond.relief': about<{ rimIn: number }>().may('note'),
  'bond.height-band': about<{ rimIn: number }>().may('ask'),
  'bond.points': about<{ has: number; needs: number }>().may('stop'),
  'bond.points-uneven': about<{ evenness: number }>().may('check'),
  'bond.walk-wrong': about<{ name: string; wrong: string }>().may('stop'),
  'bond.taps': about<{ taps: number }>().may('ask'),
  'bond.water': about<{ kind: WaterKind; shell: Shell }>().may('stop', 'ask'),
  'bond.water-small': about<{ name: string; in2: number; minIn2: number }>().may('stop'),
  'bond.conductor': about<{ smaller: boolean }>().may('stop'),
  'bond.connector-listing': about<object>().may('stop'),
};
