import type { Edition } from '../code/edition';
import type { TemperatureColumn } from '../code/tables/shapes';
import { isWithinNextStandard, nextStandard } from '../rules/branchOcpd';
import { meets } from '../units/quantity';
import { sizeRank, smallerSize, WIRE_SIZES, type Metal, type WireSize } from '../units/wireSize';

/** The smallest copper of a branch circuit. */
const FROM: WireSize = '14';
/** Devices of appliances begin here: 10 A ones are for a few kinds of lighting. */
const SMALLEST_A = 15;

/** What a size carries that a column does not have. */
const NOTHING_A = 0;

/** Ampacity of a size in a column; none where the table has none. */
export const ampacityIn = (
  code: Edition,
  size: WireSize,
  column: TemperatureColumn,
  metal: Metal = 'cu',
): number => code.tables.ampacity[metal][column][size] ?? NOTHING_A;

/** The smallest copper with enough ampacity in a column (Table 310.16). */
export const sizeIn = (code: Edition, column: TemperatureColumn, amps: number): WireSize | undefined =>
  WIRE_SIZES.find((size) => sizeRank(size) >= sizeRank(FROM) && meets(ampacityIn(code, size, column), amps));

/** Whether a device protects a wire: 240.4(B) the next standard size up, 240.4(D) the small ones by their own limits. */
function protects(code: Edition, size: WireSize, column: TemperatureColumn, deviceA: number): boolean {
  const small = code.tables.smallConductor.cu[size];
  if (small !== undefined && deviceA > small) return false;
  return isWithinNextStandard(code, deviceA, ampacityIn(code, size, column));
}

/** The smallest copper for a current that its device protects too. */
export const protectedSize = (
  code: Edition,
  column: TemperatureColumn,
  amps: number,
  deviceA: number,
): WireSize | undefined =>
  WIRE_SIZES.find(
    (size) =>
      sizeRank(size) >= sizeRank(FROM) &&
      meets(ampacityIn(code, size, column), amps) &&
      protects(code, size, column, deviceA),
  );

/** The ground of a device by its table (250.122(A)); between two rows the larger. */
export const groundOf = (code: Edition, deviceA: number) =>
  code.tables.equipmentGround.rows.find(({ ocpd }) => deviceA <= ocpd);

/** The ground of a device, never larger than its conductors. */
export function cappedGround(code: Edition, deviceA: number, conductor: WireSize): WireSize | undefined {
  const row = groundOf(code, deviceA);
  return row && smallerSize(row.cu, conductor);
}

/** The largest standard rating that is not above a current. */
export const standardBelow = (code: Edition, amps: number): number | undefined =>
  code.tables.standardOcpd.ratings.findLast((rating) => rating >= SMALLEST_A && rating <= amps);

/** The standard rating next above another one. */
export const standardAfter = (code: Edition, rating: number): number | undefined =>
  code.tables.standardOcpd.ratings.find((each) => each > rating);

/** The next standard rating for an appliance (240.6(A)). */
export const applianceDevice = (code: Edition, amps: number): number | undefined =>
  nextStandard(code, Math.max(SMALLEST_A, amps));
