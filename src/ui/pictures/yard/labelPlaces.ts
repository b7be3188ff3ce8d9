/** A box on the picture, pixels. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** A label that is to be placed: where it may stand, the best place first. */
export interface Wanted<K> {
  readonly key: K;
  readonly places: readonly Placed[];
}

/** A place for a label: where its text begins, and the box that it takes. */
export interface Placed {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly box: Box;
}

const overlap = (a: Box, b: Box): number =>
  Math.max(0, Math.min(a.x + a.w, b.x + b.w) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(a.y + a.h, b.y + b.h) - Math.max(a.y, b.y));

/** How much of a box lies outside of the picture. */
const outside = (box: Box, picture: Box): number => box.w * box.h - overlap(box, picture);

/**
 * A place for each label, one after the other, where it covers least of what is there and of the labels before it. A
 * label that would lie half in the dark or outside is left out.
 */
export function placeLabels<K>(
  wanted: readonly Wanted<K>[],
  taken: readonly Box[],
  picture: Box,
): ReadonlyMap<K, Placed> {
  const boxes = [...taken];
  const placed = new Map<K, Placed>();
  for (const { key, places } of wanted) {
    let best: { place: Placed; cost: number } | undefined;
    for (const place of places) {
      const { box } = place;
      const covered = boxes.reduce((sum, each) => sum + overlap(box, each), 0);
      const cost = covered + 4 * outside(box, picture);
      if (best === undefined || cost < best.cost - 1) best = { place, cost };
      if (cost === 0) break;
    }
    if (best === undefined || outside(best.place.box, picture) > 0.3 * best.place.box.w * best.place.box.h)
      continue;
    placed.set(key, best.place);
    boxes.push(best.place.box);
  }
  return placed;
}

/** Width of a text of 11 or 12 px, near enough to keep labels apart. */
export const textPx = (text: string, sizePx = 12): number => text.length * sizePx * 0.54;
