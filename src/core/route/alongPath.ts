import type { SectionPoint } from './sectionGeometry';

/** A spot on the route as it is drawn, and whether the route goes up or down there. */
export interface SpotAlong {
  readonly at: SectionPoint;
  readonly upright: boolean;
}

/** The spot at a share of a path's length, 0 at its start and 1 at its end. */
export function alongPath(path: readonly SectionPoint[], share: number): SpotAlong {
  const legs = path.slice(1).map((to, index) => {
    const from = path[index] ?? to;
    return { from, to, length: Math.abs(to.xFt - from.xFt) + Math.abs(to.heightFt - from.heightFt) };
  });
  let left = share * legs.reduce((sum, { length }) => sum + length, 0);
  for (const { from, to, length } of legs) {
    if (length > 0 && left <= length) {
      const part = left / length;
      const at = {
        xFt: from.xFt + (to.xFt - from.xFt) * part,
        heightFt: from.heightFt + (to.heightFt - from.heightFt) * part,
      };
      return { at, upright: from.xFt === to.xFt };
    }
    left -= length;
  }
  return { at: path.at(-1) ?? { xFt: 0, heightFt: 0 }, upright: false };
}
