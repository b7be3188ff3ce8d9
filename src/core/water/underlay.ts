import { apart, type Point } from './point';
import type { Yard } from './yardSchema';

/** A picture of the site under the plan. */
export type Underlay = NonNullable<Yard['underlay']>;

/** How wide a picture is taken to be until it is scaled, feet. */
const USUAL_FT = 100;

/** A picture that was just put under the plan, its middle at the origin. */
export function underlaid(photoId: string, widthPx: number, heightPx: number): Underlay {
  const ftPerPx = USUAL_FT / widthPx;
  return { photoId, at: [-USUAL_FT / 2, (-heightPx * ftPerPx) / 2], ftPerPx, widthPx, heightPx };
}

const rounded = (ft: number): number => Math.round(ft * 100) / 100;

/**
 * A picture scaled so that two points on it are as far apart as they were measured; the first stays where it is.
 *
 * @returns The picture, and where the second point is then; undefined where the two are one.
 */
export function scaledBy(
  underlay: Underlay,
  [first, second]: readonly [Point, Point],
  measuredFt: number,
): { readonly underlay: Underlay; readonly second: Point } | undefined {
  const now = apart(first, second);
  if (now < 0.01 || measuredFt <= 0) return undefined;
  const share = measuredFt / now;
  const from = ([x, y]: Point): Point => [
    first[0] + (x - first[0]) * share,
    first[1] + (y - first[1]) * share,
  ];
  const [x, y] = from(underlay.at);
  const at: [number, number] = [rounded(x), rounded(y)];
  return { underlay: { ...underlay, at, ftPerPx: underlay.ftPerPx * share }, second: from(second) };
}

/** A picture moved as a whole. */
export const movedUnderlay = (underlay: Underlay, [dx, dy]: Point): Underlay => ({
  ...underlay,
  at: [rounded(underlay.at[0] + dx), rounded(underlay.at[1] + dy)],
});
