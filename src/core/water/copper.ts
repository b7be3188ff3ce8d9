import type { Practices } from '../circuit/practices';
import type { AroundRing } from './aroundRing';
import type { BondingPlan } from './bonding';
import type { BondGrid } from './bondGrid';
import type { BondRing } from './bondRing';
import { AT_EQUIPMENT, AT_SHELL, type Tail } from './tails';
import type { BondCandidate } from './yardParts';
import type { Water } from './yardSchema';

/** What a coil holds, feet: a longer ring is joined. */
const COIL_FT = 200;
/** Cut from a coil, a ring takes so much more than it measures. */
const RING_WASTE = 1.05;
/** Bought over what is measured. */
const MAKE_UP = 1.1;
/** What is added by mistake to the perimeter for a ring that lies 2 ft out. */
const MISTAKE_FT = 2;

/** The bonding conductor of a water, 8 AWG solid copper, and what joins it; feet and pieces. */
export interface Copper {
  readonly ringFt: number;
  /** Of the copper grid in place of a ring, and how often its wires cross. */
  readonly gridFt: number;
  readonly crossings: number;
  readonly taps: number;
  readonly tapsFt: number;
  readonly tails: number;
  readonly tailsFt: number;
  /** Around pump and heater too, where that is the practice of the shop; what it would take where it is not. */
  readonly aroundFt: number;
  readonly around: boolean;
  readonly totalFt: number;
  /** With make-up and waste: what is bought. */
  readonly boughtFt: number;
  /** What adding 2 ft to the perimeter comes to, in place of the ring. */
  readonly mistakeFt: number;
  /** Listed for direct burial: joints of the ring or crossings of the grid, and what is tapped off it. */
  readonly buriedConnectors: number;
  /** At parts and shell: clamps and lugs. */
  readonly clamps: number;
}

/** What copper is counted from. */
interface Laid {
  readonly water: Water;
  readonly plan: BondingPlan;
  readonly ring: BondRing | null;
  readonly grid: BondGrid | null;
  /** The ring around pump and heater, whether it is laid or not. */
  readonly around: AroundRing | undefined;
  readonly parts: readonly { readonly candidate: BondCandidate; readonly tail: Tail | null }[];
  readonly plates: readonly { readonly tail: Tail }[];
  readonly practices: Pick<Practices, 'ringAround'>;
}

/** Ties between ring and shell: none where the shell conducts nothing, the lug of a listed unit. */
function tapsOf({ water, plan, ring, grid }: Laid): number {
  const { method, points } = plan.perimeter;
  if (method === 'none' || (ring === null && grid === null && method !== 'steel')) return 0;
  return water.shell === 'vinyl' || water.shell === 'fiberglass' ? 0 : points;
}

/** A ladder has two cups, and each is bonded. */
const clampsAt = ({ kind }: BondCandidate): number => (kind === 'ladder' || kind === 'rail' ? 2 : 1);

const sum = (of: readonly number[]): number => of.reduce((total, each) => total + each, 0);

/** The bonding conductor of a water and what joins it. */
export function copperOf(laid: Laid): Copper {
  const { water, ring, grid, parts, plates, practices } = laid;
  const taps = tapsOf(laid);
  const end = water.shell === 'self-contained' ? AT_EQUIPMENT : AT_SHELL;
  const tapsFt = taps * (water.ringOffIn / 12 + end.riseFt + end.makeUpFt);
  const bonded = parts.filter(({ tail }) => tail !== null);
  const tailFt = [...bonded, ...plates].map(({ tail }) => tail?.ft ?? 0);
  const ringFt = ring?.lengthFt ?? 0;
  const aroundFt = ring === null && grid === null ? 0 : (laid.around?.lengthFt ?? 0);
  const [gridFt, crossings] = [grid?.wireFt ?? 0, grid?.crossings ?? 0];
  const totalFt = ringFt + gridFt + tapsFt + sum(tailFt) + (practices.ringAround ? aroundFt : 0);
  const joints = Math.ceil((RING_WASTE * ringFt) / COIL_FT);
  return {
    ringFt,
    gridFt,
    crossings,
    taps,
    tapsFt,
    tails: tailFt.length,
    tailsFt: sum(tailFt),
    aroundFt,
    around: practices.ringAround && aroundFt > 0,
    totalFt,
    boughtFt: totalFt * MAKE_UP,
    mistakeFt: ring === null ? 0 : ring.perimeterFt + MISTAKE_FT,
    buriedConnectors: joints + crossings + (ring === null && grid === null ? 0 : taps + tailFt.length),
    clamps: taps + plates.length + sum(bonded.map(({ candidate }) => clampsAt(candidate))),
  };
}
