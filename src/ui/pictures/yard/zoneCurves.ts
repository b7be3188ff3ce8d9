import { DRAWN_FT, parallelCurve } from '../../../core/water/parallelCurve';
import { placedWater } from '../../../core/water/placedWater';
import type { Point } from '../../../core/water/point';
import type { Water } from '../../../core/water/yardSchema';
import { zoneLines, type ZoneLine } from '../../../core/wording/zoneLines';

/** A line of rules of distance with its curve. */
export interface ZoneCurve extends ZoneLine {
  readonly curve: readonly Point[];
}

/** Everything that is drawn at a distance around a water. */
export interface CurvesAround {
  readonly zones: readonly ZoneCurve[];
  /** The end of the surface that is bonded. */
  readonly band: readonly Point[];
}

const BAND_FT = 3;

/** The curves around a water about its own origin: they stay while it is moved. */
export function curvesAround({
  shape,
  turnDeg,
  kind,
}: Pick<Water, 'shape' | 'turnDeg' | 'kind'>): CurvesAround {
  const { outline } = placedWater({ shape, turnDeg, at: [0, 0] });
  const at = (ft: number): readonly Point[] => parallelCurve(outline, ft, DRAWN_FT);
  return { zones: zoneLines(kind).map((line) => ({ ...line, curve: at(line.ft) })), band: at(BAND_FT) };
}

/** The same curves where the water lies. */
export function movedCurves({ zones, band }: CurvesAround, [dx, dy]: Point): CurvesAround {
  const move = (points: readonly Point[]): readonly Point[] =>
    points.map(([x, y]): Point => [x + dx, y + dy]);
  return { zones: zones.map((zone) => ({ ...zone, curve: move(zone.curve) })), band: move(band) };
}
