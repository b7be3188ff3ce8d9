/** A conductor in a raceway, seen end on. */
export interface PackedCircle {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

type Moving = { x: number; y: number; r: number };

const ROUNDS = 600;
/** The last rounds only push apart, so that gravity leaves no overlap behind. */
const SETTLE = 250;

/** Pushes two circles apart by half their overlap each. */
function part(a: Moving, b: Moving): void {
  const dx = b.x - a.x || 1e-6;
  const dy = b.y - a.y;
  const distance = Math.hypot(dx, dy);
  const overlap = a.r + b.r - distance;
  if (overlap <= 0) return;
  const half = overlap / 2 / distance;
  a.x -= dx * half;
  a.y -= dy * half;
  b.x += dx * half;
  b.y += dy * half;
}

function keepInside(circle: Moving, inside: number): void {
  const distance = Math.hypot(circle.x, circle.y);
  const most = inside - circle.r;
  if (distance <= most) return;
  const shrink = most <= 0 ? 0 : most / distance;
  circle.x *= shrink;
  circle.y *= shrink;
}

/**
 * Lays conductors of given diameters into the bottom of a round raceway: they sink and push each other
 * aside until they lie still. Coordinates are from the middle, y downward, in the unit of the diameters.
 * The same input gives the same picture. Conductors that cannot fit overlap.
 */
export function packConductors(
  diameters: readonly number[],
  insideDiameter: number,
): readonly PackedCircle[] {
  const inside = insideDiameter / 2;
  const circles: Moving[] = diameters.map((diameter, at) => {
    const turn = (at / diameters.length) * 2 * Math.PI;
    return { x: Math.sin(turn) * inside * 0.35, y: -Math.cos(turn) * inside * 0.35, r: diameter / 2 };
  });
  for (let round = 0; round < ROUNDS; round += 1) {
    const fall = round < ROUNDS - SETTLE ? inside * 0.02 * (1 - round / ROUNDS) : 0;
    for (const circle of circles) circle.y += fall;
    for (let a = 0; a < circles.length; a += 1) {
      const first = circles[a];
      if (first === undefined) continue;
      for (const second of circles.slice(a + 1)) part(first, second);
    }
    for (const circle of circles) keepInside(circle, inside);
  }
  return circles;
}
