/** A conductor in a raceway, seen end on. */
export interface PackedCircle {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

type Moving = { x: number; y: number; r: number };

/** Rounds in which conductors sink, and the most in which they are then only pushed apart. */
const SINKING = 120;
const SETTLING = 4000;
/** Conductors are pushed this share of the raceway further than touching, so that they come to lie apart. */
const HAIR = 2e-3;

/** Pushes two circles apart by half their overlap each, and says by how much they overlapped. */
function part(a: Moving, b: Moving, clear: number): number {
  const dx = b.x - a.x || 1e-6;
  const dy = b.y - a.y;
  const reach = a.r + b.r + clear;
  if (dx * dx + dy * dy >= reach * reach) return 0;
  const distance = Math.sqrt(dx * dx + dy * dy);
  const half = (reach - distance) / 2 / distance;
  a.x -= dx * half;
  a.y -= dy * half;
  b.x += dx * half;
  b.y += dy * half;
  return reach - clear - distance;
}

/** Pulls a circle back inside. */
function keepInside(circle: Moving, inside: number): void {
  const distance = Math.hypot(circle.x, circle.y);
  const max = Math.max(0, inside - circle.r);
  if (distance <= max) return;
  circle.x *= max / distance;
  circle.y *= max / distance;
}

/** One round of pushing everything apart; the greatest overlap that there was. */
function relax(circles: readonly Moving[], inside: number, clear: number): number {
  let worst = 0;
  for (let at = 0; at < circles.length; at += 1) {
    const first = circles[at];
    for (let other = at + 1; first !== undefined && other < circles.length; other += 1) {
      const second = circles[other];
      if (second !== undefined) worst = Math.max(worst, part(first, second, clear));
    }
  }
  for (const circle of circles) keepInside(circle, inside);
  return worst;
}

/** The greatest overlap of any two conductors, in the unit of their diameters; none or less is apart. */
export function worstOverlap(circles: readonly PackedCircle[]): number {
  let worst = 0;
  for (let at = 0; at < circles.length; at += 1) {
    const a = circles[at];
    for (let other = at + 1; a !== undefined && other < circles.length; other += 1) {
      const b = circles[other];
      if (b !== undefined)
        worst = Math.max(worst, a.r + b.r - Math.sqrt((a.x - b.x) ** 2 + (a.y - b.y) ** 2));
    }
  }
  return worst;
}

/**
 * Lays conductors of given diameters into the bottom of a round raceway: they sink, and then push each other
 * aside until nothing overlaps and all are inside. Coordinates are from the middle, y downward, in the unit of
 * the diameters. The same input gives the same picture. Only conductors that cannot fit still overlap.
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
  for (let round = 0; round < SINKING; round += 1) {
    for (const circle of circles) circle.y += inside * 0.04 * (1 - round / SINKING);
    relax(circles, inside, 0);
  }
  for (let round = 0; round < SETTLING; round += 1) {
    relax(circles, inside, inside * HAIR);
    if (round % 4 === 3 && worstOverlap(circles) <= 0) break;
  }
  return circles;
}
