import type { BondRow } from '../../../core/water/bondRows';
import { apart, boundsOf, type Point } from '../../../core/water/point';
import type { WaterReport } from '../../../core/water/waterReport';
import type { YardScale } from './yardScale';

const NUMBER_PX = 19;
/** What is this near to the inside wall is in it. */
const IN_WALL_FT = 0.2;

/** Where the number of each part stands, pixels: beside it, in the water for what is in its wall. */
export function numberPlaces({ placed }: WaterReport, scale: YardScale): (row: BondRow) => Point {
  const { left, right, low, high } = boundsOf(placed.outline);
  const [cx, cy] = [(left + right) / 2, (low + high) / 2];
  return ({ kind, at: [x, y] }) => {
    if (kind === 'surface') return [scale.x(x), scale.y(y)];
    const near = placed.edge.nearest([x, y]);
    const inWall = near !== undefined && apart(near, [x, y]) < IN_WALL_FT;
    const sign = inWall || placed.edge.holds([x, y]) ? -1 : 1;
    const [dx, dy] = [(x - cx) / Math.max(1, right - cx), (y - cy) / Math.max(1, high - cy)];
    return Math.abs(dx) > Math.abs(dy)
      ? [scale.x(x) + sign * Math.sign(dx) * NUMBER_PX, scale.y(y)]
      : [scale.x(x) + NUMBER_PX, scale.y(y) - sign * Math.sign(dy) * NUMBER_PX * 0.4];
  };
}
