import type { Practices } from '../circuit/practices';
import type { BondingPlan } from './bonding';
import type { BondRing } from './bondRing';
import { AT_EQUIPMENT, AT_SHELL, type Tail } from './tails';
import { isEquipment, type BondCandidate } from './yardParts';
import type { Water } from './yardSchema';

/** What a coil holds, feet: a longer ring is joined. */
const COIL_FT = 200;
/** Cut from a coil, a ring takes so much more than it measures. */
const RING_WASTE = 1.05;
/** Bought over what is measured. */
const MAKE_UP = 1.1;
/** Half of a square in which a pump or heater stands, feet. */
const PAD_HALF_FT = 1.5;
/** What is added by mistake to the perimeter for a ring that lies 2 ft out. */
const MISTAKE_FT = 2;

/** The bonding conductor of a water, 8 AWG solid copper, and what joins it; feet and pieces. */
export interface Copper {
  readonly ringFt: number;
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
  /** Listed for direct burial: joints of the ring, and what is tapped off it. */
  readonly buriedConnectors: number;
  /** At parts and shell: clamps and lugs. */
  readonly clamps: number;
}

/** What copper is counted from. */
interface Laid {
  readonly water: Water;
  readonly plan: BondingPlan;
  readonly ring: BondRing | null;
  readonly parts: readonly { readonly candidate: BondCandidate; readonly tail: Tail | null }[];
  readonly plates: readonly { readonly tail: Tail }[];
  readonly practices: Pick<Practices, 'ringAround'>;
}

/** Ties between ring and shell: none where the shell conducts nothing, the lug of a listed unit. */
function tapsOf({ water, plan, ring }: Laid): number {
  const { method, points } = plan.perimeter;
  if (method === 'none' || (ring === null && method !== 'steel')) return 0;
  return water.shell === 'vinyl' || water.shell === 'fiberglass' ? 0 : points;
}

/** A ring around pump and heater: around the square that holds them, at the same distance. */
function aroundEquipment({ water, parts }: Laid): number {
  const at = parts.flatMap(({ candidate }) => (isEquipment(candidate) ? [candidate.at] : []));
  if (at.length === 0) return 0;
  const span = (of: readonly number[]): number => Math.max(...of) - Math.min(...of) + 2 * PAD_HALF_FT;
  const sides = span(at.map(([x]) => x)) + span(at.map(([, y]) => y));
  return 2 * sides + 2 * Math.PI * (water.ringOffIn / 12);
}

/** A ladder has two cups, and each is bonded. */
const clampsAt = ({ kind }: BondCandidate): number => (kind === 'ladder' || kind === 'rail' ? 2 : 1);

const sum = (of: readonly number[]): number => of.reduce((total, each) => total + each, 0);

/** The bonding conductor of a water and what joins it. */
export function copperOf(laid: Laid): Copper {
  const { water, ring, parts, plates, practices } = laid;
  const taps = tapsOf(laid);
  const end = water.shell === 'self-contained' ? AT_EQUIPMENT : AT_SHELL;
  const tapsFt = taps * (water.ringOffIn / 12 + end.riseFt + end.makeUpFt);
  const bonded = parts.filter(({ tail }) => tail !== null);
  const tailFt = [...bonded, ...plates].map(({ tail }) => tail?.ft ?? 0);
  const ringFt = ring?.lengthFt ?? 0;
  const aroundFt = ring === null ? 0 : aroundEquipment(laid);
  const totalFt = ringFt + tapsFt + sum(tailFt) + (practices.ringAround ? aroundFt : 0);
  const joints = Math.ceil((RING_WASTE * ringFt) / COIL_FT);
  return {
    ringFt,
    taps,
    tapsFt,
    tails: tailFt.length,
    tailsFt: sum(tailFt),
    aroundFt,
    around: practices.ringAround && aroundFt > 0,
    totalFt,
    boughtFt: totalFt * MAKE_UP,
    mistakeFt: ring === null ? 0 : ring.perimeterFt + MISTAKE_FT,
    buriedConnectors: joints + (ring === null ? 0 : taps + tailFt.length),
    clamps: taps + plates.length + sum(bonded.map(({ candidate }) => clampsAt(candidate))),
  };
}
