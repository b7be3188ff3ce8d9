import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import type { Surround } from '../code/tables/shapes';
import { WIRE_SIZES, sizeRank, type Metal, type WireSize } from '../units/wireSize';

/** Direct-current constants, ohm-circular-mils per foot at 75 °C. */
export const DC_CONSTANT: Readonly<Record<Metal, number>> = { cu: 12.9, al: 21.2 };

/** Conductor lengths that the drop counts: out and back, or √3 for three phases. */
export const dropTimes = (phase: 1 | 3): number => (phase === 1 ? 2 : Math.sqrt(3));

/**
 * Ohms per 1000 ft that count for the drop at a power factor: R cos φ + X sin φ (Ch. 9 Table 9).
 * A size that the table leaves out takes the next smaller one, whose drop is larger.
 */
export function effectiveOhms(
  size: WireSize,
  metal: Metal,
  surround: Surround,
  powerFactor: number,
  code: Edition,
): number {
  const rows = code.tables.impedance.rows;
  for (let at = sizeRank(size); at >= 0; at -= 1) {
    const row = rows[WIRE_SIZES[at] ?? '14'];
    const resistance = row?.[metal][surround];
    if (row === undefined || resistance === undefined || resistance === null) continue;
    const reactance = surround === 'steel' ? row.xSteel : row.xPvcAl;
    return resistance * powerFactor + reactance * Math.sqrt(1 - powerFactor * powerFactor);
  }
  return Infinity;
}

/** Volts lost along one length: times × I × L / 1000 × Z. */
export const dropVolts = (times: number, currentA: number, lengthFt: number, ohmPerKft: number): number =>
  (times * currentA * lengthFt * ohmPerKft) / 1000;

/** Volts lost by the direct-current constant: times × K × I × L / circular mils. */
export const dropVoltsDirect = (
  times: number,
  currentA: number,
  lengthFt: number,
  size: WireSize,
  metal: Metal,
  code: Edition,
): number => (times * DC_CONSTANT[metal] * currentA * lengthFt) / code.tables.conductors.rows[size].cmil;

/** A drop of 3.000 % is within 3 %: what a figure shows is what is compared. */
const DROP_TOLERANCE_PCT = 0.0005;

/** Whether a drop is within its limit, percent. */
export const withinDrop = (percent: number, limitPct: number): boolean =>
  percent <= limitPct + DROP_TOLERANCE_PCT;

/** What of a segment bears on the drop. */
export interface DropRun {
  readonly method: MethodId;
  readonly lengthFt: number;
  /** Its own conductor, where it does not take that of the run. */
  readonly size?: WireSize | undefined;
}

/** Drop of a whole run in percent of the circuit's voltage, for one size of conductor where a segment has none of its own. */
export function runDropPercent(
  run: readonly DropRun[],
  size: WireSize,
  metal: Metal,
  load: {
    readonly amps: number;
    readonly volts: number;
    readonly powerFactor: number;
    readonly phase: 1 | 3;
  },
  code: Edition,
): number {
  let total = 0;
  for (const { method, lengthFt, size: own = size } of run) {
    const ohms = effectiveOhms(own, metal, METHODS[method].surround, load.powerFactor, code);
    total += dropVolts(dropTimes(load.phase), load.amps, lengthFt, ohms);
  }
  return (total / load.volts) * 100;
}
