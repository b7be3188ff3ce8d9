/** One raceway or cable that lies in a trench. */
export interface Buried {
  /** Cover that it needs or has, inches from its top to the surface. */
  readonly coverIn: number;
  readonly outsideIn: number;
}

/** What is dug. */
export interface Trench {
  readonly depthIn: number;
  readonly widthIn: number;
  /** Loose measure is more; this is what comes out of the ground, cubic yards. */
  readonly soilYd3: number;
  /** Middle of each raceway or cable from the left side, inches, in the order given. */
  readonly acrossIn: readonly number[];
  /** Depth of the warning ribbon, inches below the surface; none where the cover is too small for one. */
  readonly ribbonIn: number | null;
}

const BEDDING_IN = 2;
const MIN_WIDTH_IN = 6;
const GAP_IN = 2;
const RIBBON_ABOVE_IN = 12;
const RIBBON_LEAST_IN = 4;
const CUBIC_INCHES_PER_YD3 = 46656;

/**
 * A trench for several raceways or cables side by side: deep enough for the one that needs most, with bedding under it, and
 * wide enough to keep them apart. Depth is cover and outside diameter and 2 in of bedding, up to whole inches.
 */
export function trenchFor(routes: readonly Buried[], lengthFt: number): Trench {
  const depthIn = Math.ceil(
    Math.max(0, ...routes.map(({ coverIn, outsideIn }) => coverIn + outsideIn)) + BEDDING_IN - 1e-9,
  );
  const across: number[] = [];
  let at = GAP_IN;
  for (const { outsideIn } of routes) {
    across.push(at + outsideIn / 2);
    at += outsideIn + GAP_IN;
  }
  const widthIn = Math.max(MIN_WIDTH_IN, Math.ceil(at));
  const spare = (widthIn - at) / 2;
  const top = Math.min(...routes.map(({ coverIn }) => coverIn));
  return {
    depthIn,
    widthIn,
    soilYd3: (depthIn * widthIn * lengthFt * 12) / CUBIC_INCHES_PER_YD3,
    acrossIn: across.map((each) => each + spare),
    ribbonIn: top >= RIBBON_ABOVE_IN + RIBBON_LEAST_IN ? top - RIBBON_ABOVE_IN : null,
  };
}
