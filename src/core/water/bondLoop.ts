import { parallelCurve } from './parallelCurve';
import { apart, outlineSides, rectangleCorners, type Point } from './point';

/** The outline of a pool or tub in plan, feet. */
export type Outline =
  | { readonly circle: { readonly diameterFt: number } }
  | { readonly rectangle: { readonly lengthFt: number; readonly widthFt: number } }
  /** A true ellipse. */
  | { readonly oval: { readonly lengthFt: number; readonly widthFt: number } }
  /** Two half circles with straight sides between. */
  | { readonly stadium: { readonly lengthFt: number; readonly widthFt: number } }
  | { readonly polygon: readonly Point[] };

/** The perimeter of an outline and the four points at which a conductive shell is tied to its loop. */
export interface BondLoop {
  readonly perimeterFt: number;
  /** Length of the loop at its distance outside, corners rounded. */
  readonly loopFt: number;
  readonly points: readonly Point[];
}

/** Perimeter of an ellipse by its half axes, to better than a thousandth of a foot for any pool. */
function ellipsePerimeter(a: number, b: number): number {
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

const RIM_POINTS = 720;

/** Points around a smooth outline, for finding four that lie evenly along it. */
const around = (at: (turn: number) => Point): readonly Point[] =>
  Array.from({ length: RIM_POINTS }, (_, step) => at((step / RIM_POINTS) * 2 * Math.PI));

const rim = (outline: Outline): readonly Point[] => {
  if ('circle' in outline) {
    const r = outline.circle.diameterFt / 2;
    return around((turn) => [r * Math.cos(turn), r * Math.sin(turn)]);
  }
  if ('oval' in outline) {
    const { lengthFt, widthFt } = outline.oval;
    return around((turn) => [(lengthFt / 2) * Math.cos(turn), (widthFt / 2) * Math.sin(turn)]);
  }
  if ('stadium' in outline) {
    const { lengthFt, widthFt } = outline.stadium;
    const [r, half] = [widthFt / 2, (lengthFt - widthFt) / 2];
    return around((turn) => [r * Math.cos(turn) + Math.sign(Math.cos(turn)) * half, r * Math.sin(turn)]);
  }
  if ('rectangle' in outline) return rectangleCorners(outline.rectangle.lengthFt, outline.rectangle.widthFt);
  return outline.polygon;
};

/** Four points that divide an outline into equal lengths. */
function quarters(points: readonly Point[]): readonly Point[] {
  const edges = outlineSides(points);
  const whole = edges.reduce((sum, side) => sum + apart(...side), 0);
  return [0, 1, 2, 3].map((quarter) => {
    let left = (quarter / 4) * whole;
    for (const side of edges) {
      const long = apart(...side);
      if (left <= long) {
        const [[x1, y1], [x2, y2]] = side;
        const share = long === 0 ? 0 : left / long;
        return [x1 + (x2 - x1) * share, y1 + (y2 - y1) * share] as const;
      }
      left -= long;
    }
    return points[0] ?? [0, 0];
  });
}

/** How long an outline is, feet. */
export function perimeterOf(outline: Outline): number {
  if ('circle' in outline) return Math.PI * outline.circle.diameterFt;
  if ('oval' in outline) return ellipsePerimeter(outline.oval.lengthFt / 2, outline.oval.widthFt / 2);
  if ('stadium' in outline) {
    const { lengthFt, widthFt } = outline.stadium;
    return Math.PI * widthFt + 2 * (lengthFt - widthFt);
  }
  return outlineSides(rim(outline)).reduce((sum, side) => sum + apart(...side), 0);
}

/**
 * The bonding loop around a pool or tub: the true parallel curve of its outline at a distance outside, corners rounded
 * (680.26(B)(2)). Around a shape without hollows that is the perimeter and 2 pi times the distance; any other outline
 * is offset, so that niches that are too narrow for the loop to enter are bridged and voids that it encloses are none.
 */
export function bondLoop(outline: Outline, offsetIn: number): BondLoop {
  const offsetFt = offsetIn / 12;
  const perimeterFt = perimeterOf(outline);
  const loopFt =
    'polygon' in outline
      ? perimeterOf({ polygon: parallelCurve(outline.polygon, offsetFt) })
      : perimeterFt + 2 * Math.PI * offsetFt;
  return { perimeterFt, loopFt, points: quarters(rim(outline)) };
}
