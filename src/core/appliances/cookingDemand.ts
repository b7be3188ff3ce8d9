import type { Edition } from '../code/edition';

/** Demand of household cooking appliances. */
export interface CookingDemand {
  readonly demandVA: number;
  /** Column of Table 220.55 that was read, and its figure before any increase, kW. */
  readonly column: 'C' | 'nameplate';
  readonly columnKW: number;
  /** Increase for plates above 12 kW, percent. */
  readonly increasePct: number;
}

/** Column C holds plates up to this; each further kilowatt, or major part of one, adds 5 % (notes 1 and 2). */
const COLUMN_C_KW = 12;
const STEP_PCT = 5;
/** Past the table: 15 kW and one for each range to 40, then 25 kW and three quarters. */
const TABLE_END = 25;
const SECOND_BAND_END = 40;

const columnC = (units: number, code: Edition): number => {
  const row = Object.entries(code.tables.rangeDemand.kilowattsTo12kW).find(([key]) => Number(key) === units);
  if (row !== undefined) return row[1];
  return units <= SECOND_BAND_END && units > TABLE_END ? 15 + units : 25 + 0.75 * units;
};

/**
 * Demand of ranges, cooktops and ovens by column C of Table 220.55, increased for plates above 12 kW by
 * their average with smaller ones counted as 12 (notes 1 and 2), and never above the plates themselves.
 */
export function cookingDemand(kilowatts: readonly number[], code: Edition): CookingDemand {
  const units = kilowatts.length;
  const whole = kilowatts.reduce((sum, kw) => sum + kw, 0);
  const columnKW = columnC(units, code);
  const average = kilowatts.reduce((sum, kw) => sum + Math.max(kw, COLUMN_C_KW), 0) / units;
  const steps = Math.floor(average - COLUMN_C_KW + 0.5 + 1e-9);
  const increasePct = steps * STEP_PCT;
  const demandVA = columnKW * 1000 * (1 + increasePct / 100);
  if (demandVA > whole * 1000) return { demandVA: whole * 1000, column: 'nameplate', columnKW, increasePct };
  return { demandVA, column: 'C', columnKW, increasePct };
}
