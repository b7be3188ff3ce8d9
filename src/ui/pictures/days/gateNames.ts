import type { RiverGate, RiverStroke } from './riverParts';

/** Where words stand, pixels. */
interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** A gate at its height, with the end and the base line of its name. */
export interface NamedGate extends RiverGate {
  readonly y: number;
  readonly nameEnd: number;
  readonly nameBase: number;
}

/** Lanes in pixels. */
export interface Lanes {
  readonly leftPx: number;
  readonly lanePx: number;
  readonly count: number;
}

/** A strong letter in the widest theme. */
const LETTER_PX = 7.2;
const NAME_H = 15;
const MARGIN_PX = 6;

const meet = (a: Box, b: Box): boolean =>
  a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h;

/** Height of a stroke that bears its name, and of one that bears its hours too. */
export const NAME_FROM_PX = 11;
export const HOURS_FROM_PX = 25;

/** Where the words of a stroke stand; null for one without words. */
function wordsOf(stroke: RiverStroke, lanes: Lanes): Box | null {
  const { y, h, lane, first, dead } = stroke;
  if (!first || (h < NAME_FROM_PX && !dead)) return null;
  const high = dead ? Math.min(h, 36) : h < HOURS_FROM_PX ? 14 : 27;
  return dead
    ? { x: lanes.leftPx, y, w: lanes.count * lanes.lanePx, h: high }
    : { x: lanes.leftPx + lane * lanes.lanePx, y, w: lanes.lanePx, h: high };
}

/** The bar of a stroke in its lane. */
const barOf = ({ y, h, lane }: RiverStroke, { leftPx, lanePx }: Lanes): Box => {
  return { x: leftPx + lane * lanePx + 6, y, w: 20, h };
};

const nameBox = (gate: RiverGate, end: number, base: number): Box => {
  const w = gate.name.length * LETTER_PX + MARGIN_PX;
  return { x: end - w, y: base - 12, w, h: NAME_H };
};

/**
 * Gates with the place of their names: above the gate or below it, in the rightmost lane where no words stand yet.
 * Where every lane has words the name stands at the right over them: `unnamed` are the strokes whose words give way
 * (the list beside the picture has them).
 */
export function gateNames(
  gates: readonly (RiverGate & { readonly y: number })[],
  strokes: readonly RiverStroke[],
  lanes: Lanes,
): { readonly gates: readonly NamedGate[]; readonly unnamed: ReadonlySet<RiverStroke> } {
  const words = strokes.flatMap((stroke) => {
    const box = wordsOf(stroke, lanes);
    return box === null ? [] : [{ stroke, box }];
  });
  const bars = strokes.map((stroke) => barOf(stroke, lanes));
  const taken: Box[] = [];
  const unnamed = new Set<RiverStroke>();
  const ends = Array.from(
    { length: lanes.count },
    (_, at) => lanes.leftPx + (lanes.count - at) * lanes.lanePx - MARGIN_PX,
  );
  const named = gates.map((gate): NamedGate => {
    const places = ends
      .flatMap((end) => [gate.y - 8, gate.y + 16].map((base) => ({ end, base })))
      .map((place) => ({ ...place, box: nameBox(gate, place.end, place.base) }))
      .filter(({ box }) => box.x >= lanes.leftPx && taken.every((each) => !meet(each, box)));
    const open = places.filter(({ box }) => words.every((each) => !meet(each.box, box)));
    const free = open.find(({ box }) => bars.every((bar) => !meet(bar, box))) ?? open[0] ?? places[0];
    const [end, base] = free === undefined ? [ends[0] ?? 0, gate.y - 8] : [free.end, free.base];
    const box = nameBox(gate, end, base);
    taken.push(box);
    for (const each of words) if (meet(each.box, box)) unnamed.add(each.stroke);
    return { ...gate, nameEnd: end, nameBase: base };
  });
  return { gates: named, unnamed };
}
