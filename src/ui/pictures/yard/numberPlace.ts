import type { BondRow } from '../../../core/water/bondRows';
import { boundsOf, middleOfBounds, type Point } from '../../../core/water/point';
import type { WaterReport } from '../../../core/water/waterReport';
import type { YardScale } from './yardScale';

const NUMBER_PX = 19;

/** Where the number of a part stands, pixels: beside it, in the water for what is in its wall. */
export function numberPlace({ kind, at: [x, y] }: BondRow, { placed }: WaterReport, scale: YardScale): Point {
  if (kind === 'surface') return [scale.x(x), scale.y(y)];
  const { right, high } = boundsOf(placed.outline);
  const [cx, cy] = middleOfBounds(placed.outline);
  const inWall = placed.edge.nearPoints([x, y]).some((near) => Math.hypot(near[0] - x, near[1] - y) < 0.2);
  const sign = inWall || placed.edge.holds([x, y]) ? -1 : 1;
  const [dx, dy] = [(x - cx) / Math.max(1, right - cx), (y - cy) / Math.max(1, high - cy)];
  return Math.abs(dx) > Math.abs(dy)
    ? [scale.x(x) + sign * Math.sign(dx) * NUMBER_PX, scale.y(y)]
    : [scale.x(x) + NUMBER_PX, scale.y(y) - sign * Math.sign(dy) * NUMBER_PX * 0.4];
}
