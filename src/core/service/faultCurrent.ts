import type { Edition } from '../code/edition';
import type { Metal, WireSize } from '../units/wireSize';
import type { Source } from './houseSchema';

/** Available fault current at a panel by two ways of reckoning, and what is compared with the panel's rating. */
export interface FaultCurrent {
  /** Full-load current of the transformer, and its fault current at its terminals with the least impedance. */
  readonly fullLoadA: number;
  readonly atSourceA: number;
  /** Impedances added as numbers: too low where they differ in angle. */
  readonly scalarA: number;
  /** Impedances added as phasors with a cold conductor. */
  readonly phasorA: number;
  /** The larger of the two. */
  readonly governsA: number;
  readonly ohmsPerKft: number;
}

/** A transformer may have a tenth less impedance than its plate says. */
const MIN_IMPEDANCE = 0.9;
/** Ratio of reactance to resistance that is assumed of a pole or pad transformer. */
const SOURCE_X_TO_R = 1.5;
/** Resistance at 25 °C as a share of that at 75 °C. */
const COLD: Readonly<Record<Metal, number>> = { cu: 0.838, al: 0.835 };

function ohms(size: WireSize, metal: Metal, code: Edition): { readonly r: number; readonly x: number } {
  const row = code.tables.impedance.rows[size];
  return { r: row?.[metal].pvc ?? 0, x: row?.xPvcAl ?? 0 };
}

/**
 * Available fault current at the service, line to line, from the transformer's plate and the wire from it (110.9).
 * The utility's own figure, where there is one, comes before this.
 */
export function faultCurrent(
  { kva, impedancePct, lengthFt, size, metal }: Source,
  volts: number,
  code: Edition,
): FaultCurrent {
  const fullLoadA = (kva * 1000) / volts;
  const atSourceA = (fullLoadA * 100) / (impedancePct * MIN_IMPEDANCE);
  const { r, x } = ohms(size, metal, code);
  const ohmsPerKft = Math.hypot(r, x);
  const kft = lengthFt / 1000;
  const f = (2 * lengthFt * atSourceA * ohmsPerKft) / (1000 * volts);
  const scalarA = atSourceA / (1 + f);
  const sourceZ = volts / atSourceA;
  const sourceR = sourceZ / Math.hypot(1, SOURCE_X_TO_R);
  const totalR = sourceR + 2 * kft * r * COLD[metal];
  const totalX = sourceR * SOURCE_X_TO_R + 2 * kft * x;
  const phasorA = volts / Math.hypot(totalR, totalX);
  return { fullLoadA, atSourceA, scalarA, phasorA, governsA: Math.max(scalarA, phasorA), ohmsPerKft };
}
