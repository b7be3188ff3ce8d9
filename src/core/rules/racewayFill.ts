import { present } from '../units/present';
import type { Edition } from '../code/edition';
import type { Insulation, RacewaySize, RacewayType } from '../code/tables/shapes';
import { TRADE_SIZES, type TradeSize } from '../units/tradeSize';
import type { WireSize } from '../units/wireSize';

/** Cross-section of one insulated or bare conductor, square inches (Ch. 9 Tables 5 and 8). */
export const conductorArea = (
  size: WireSize,
  insulation: Insulation | 'bare',
  code: Edition,
): number | undefined =>
  insulation === 'bare'
    ? code.tables.conductors.rows[size].bareAreaIn2
    : code.tables.insulated.types[insulation][size]?.areaIn2;

/** Outside diameter of one insulated or bare conductor, inches. */
export const conductorDiameter = (size: WireSize, insulation: Insulation | 'bare', code: Edition): number =>
  insulation === 'bare'
    ? code.tables.conductors.rows[size].diameterIn
    : present(code.tables.insulated.types[insulation][size], 'Table 5', insulation, size).diameterIn;

/** A cable in a raceway counts as a circle on its wider side (Ch. 9 Table 1 Note 9). */
export const cableArea = (widthIn: number, heightIn: number): number =>
  (Math.PI / 4) * Math.max(widthIn, heightIn) ** 2;

/** The share of a raceway that so many conductors may fill (Ch. 9 Table 1). */
export const fillLimit = (code: Edition, count: number, nipple: boolean): number => {
  const limits = code.tables.fillLimits;
  if (nipple) return limits.nipple;
  return count === 1 ? limits.one : count === 2 ? limits.two : limits.overTwo;
};

/** The printed area that so many conductors may take of one raceway, square inches (Ch. 9 Table 4). */
export const allowedArea = (row: RacewaySize, count: number, nipple: boolean): number => {
  if (nipple) return row.area60;
  return count === 1 ? row.area53 : count === 2 ? row.area31 : row.area40;
};

/** A trade size with its inside. */
export interface RacewayChoice {
  readonly trade: TradeSize;
  readonly row: RacewaySize;
}

/** Printed areas are rounded to a thousandth, so a sum that meets one to that rounding fits. */
const AREA_SLACK = 1e-9;

/** Whether conductors of a total area may be in one raceway. */
export const fits = (row: RacewaySize, areaIn2: number, count: number, nipple = false): boolean =>
  areaIn2 <= allowedArea(row, count, nipple) + AREA_SLACK;

/** The smallest trade size that holds conductors of a total area; undefined where none is made large enough. */
export function legalTrade(
  type: RacewayType,
  areaIn2: number,
  count: number,
  code: Edition,
  nipple = false,
): RacewayChoice | undefined {
  const sizes = code.tables.raceways.types[type];
  for (const trade of TRADE_SIZES) {
    const row = sizes[trade];
    if (row !== undefined && fits(row, areaIn2, count, nipple)) return { trade, row };
  }
  return undefined;
}

/** The next trade size that this raceway is made in, or the same where there is none. */
export const nextTrade = (type: RacewayType, trade: TradeSize, code: Edition): TradeSize => {
  const sizes = code.tables.raceways.types[type];
  return TRADE_SIZES.slice(TRADE_SIZES.indexOf(trade) + 1).find((each) => sizes[each] !== undefined) ?? trade;
};

/** Fill in percent of the whole inside area. */
export const fillPercent = (row: RacewaySize, areaIn2: number): number => (areaIn2 / row.area100) * 100;

/** A bend makes the raceway oval, which widens it by this factor one way. */
const OVALITY = 1.05;

/** Inside of the raceway to outside of three equal conductors: near 3 they wedge side by side. */
export const jamRatio = (insideIn: number, outsideIn: number): number => (OVALITY * insideIn) / outsideIn;

/** Whether three equal conductors may jam at this ratio. */
export const mayJam = (ratio: number): boolean => ratio >= 2.8 && ratio <= 3.2;

/**
 * How many equal conductors one raceway takes, as the published count tables have it: by the printed areas,
 * a decimal of 0.8 and more counting as one more (Ch. 9 Table 1 Note 7).
 */
export function conductorCount(
  type: RacewayType,
  trade: TradeSize,
  insulation: Insulation | 'bare',
  size: WireSize,
  code: Edition,
): number | undefined {
  const row = code.tables.raceways.types[type][trade];
  const area = conductorArea(size, insulation, code);
  if (row === undefined || area === undefined) return undefined;
  const whole = (allowed: number): number => Math.floor(allowed / area + 0.2 + AREA_SLACK);
  const many = whole(row.area40);
  if (many > 2) return many;
  if (whole(row.area31) >= 2) return 2;
  return whole(row.area53) >= 1 ? 1 : 0;
}
