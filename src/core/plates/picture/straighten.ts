import { mapped, type Box, type Gray } from './gray';
import { lettersOf, lookedAt } from './textBlock';

/** Tilts are looked for up to this, degrees. */
const MOST_DEG = 9;
const COARSE_DEG = 0.5;
const FINE_DEG = 0.1;
const RADIANS = Math.PI / 180;

/** The feet of the letters of a picture: they stand on the lines of the text. */
const feetOf = (gray: Gray): readonly (readonly [x: number, y: number])[] =>
  lettersOf(gray).map(({ x, y, width, height }) => [x + width / 2, y + height] as const);

/** How unevenly the rows of a picture are filled if it is turned back by an angle: lines of text fill few of them. */
function unevenness(places: readonly (readonly [number, number])[], rows: number, deg: number): number {
  const [sin, cos] = [Math.sin(deg * RADIANS), Math.cos(deg * RADIANS)];
  const counts = new Float64Array(3 * rows);
  for (const [x, y] of places) {
    const row = Math.round(y * cos - x * sin) + rows;
    counts[row] = Number(counts[row]) + 1;
  }
  return counts.reduce((sum, count) => sum + count * count, 0);
}

/** The angle by which the lines of a leveled picture fall to the right, degrees. */
export function tiltOf(gray: Gray): number {
  const { small } = lookedAt(gray);
  const places = feetOf(small);
  const rows = small.width + small.height;
  let best = { deg: 0, score: unevenness(places, rows, 0) };
  const look = (from: number, to: number, step: number): void => {
    for (let deg = from; deg <= to + step / 2; deg += step) {
      const score = unevenness(places, rows, deg);
      if (score > best.score) best = { deg, score };
    }
  };
  look(-MOST_DEG, MOST_DEG, COARSE_DEG);
  const { deg } = best;
  look(deg - COARSE_DEG, deg + COARSE_DEG, FINE_DEG);
  return best.deg;
}

/** A picture turned about its center so that lines that fall by an angle become level. */
export function turnedBack(gray: Gray, deg: number): Gray {
  const place = turning(gray, deg);
  return mapped(gray, gray.width, gray.height, place);
}

/** Where a place of the turned picture was before, by the angle that it was turned back. */
function turning(
  { width, height }: Pick<Gray, 'width' | 'height'>,
  deg: number,
): (x: number, y: number) => readonly [number, number] {
  const [sin, cos] = [Math.sin(deg * RADIANS), Math.cos(deg * RADIANS)];
  const [midX, midY] = [width / 2, height / 2];
  return (x, y) => [midX + (x - midX) * cos - (y - midY) * sin, midY + (x - midX) * sin + (y - midY) * cos];
}

/** Quarter turns to the right. */
export type Quarters = 0 | 1 | 2 | 3;

/** A picture turned to the right by quarters. */
export function quarterTurned(gray: Gray, quarters: Quarters): Gray {
  if (quarters === 0) return gray;
  const { width, height, pixels } = gray;
  const isOnSide = quarters !== 2;
  const [wide, high] = isOnSide ? [height, width] : [width, height];
  const out = new Uint8Array(pixels.length);
  for (let y = 0; y < high; y += 1)
    for (let x = 0; x < wide; x += 1) {
      const [fromX, fromY] = placeBefore(x, y, width, height, quarters);
      out[y * wide + x] = Number(pixels[fromY * width + fromX]);
    }
  return { width: wide, height: high, pixels: out };
}

function placeBefore(
  x: number,
  y: number,
  width: number,
  height: number,
  quarters: Quarters,
): readonly [number, number] {
  if (quarters === 0) return [x, y];
  if (quarters === 1) return [y, height - 1 - x];
  if (quarters === 2) return [width - 1 - x, height - 1 - y];
  return [width - 1 - y, x];
}

/** How a picture was put right: turned by quarters, enlarged, then turned back by an angle. */
export interface Straightened {
  readonly quarters: Quarters;
  readonly scale: number;
  readonly deg: number;
  /** The part that is read, in pixels of the turned picture, and by how much it is enlarged. */
  readonly part: Box;
  readonly zoom: number;
  /** The size of the picture as it came. */
  readonly width: number;
  readonly height: number;
}

/** Where a place of what is read was in the picture before it was turned back, its size that of the scaled picture. */
export function placeOf(
  scaledSize: Pick<Gray, 'width' | 'height'>,
  { deg, part, zoom }: Pick<Straightened, 'deg' | 'part' | 'zoom'>,
): (x: number, y: number) => readonly [number, number] {
  const back = turning(scaledSize, deg);
  return (x, y) => back(part.x + x / zoom, part.y + y / zoom);
}

/** The box in the picture as it came that holds a box of the picture that was put right. */
export function boxBefore(box: Box, how: Straightened): Box {
  const { quarters, scale, width, height } = how;
  const [wide, high] = quarters % 2 === 1 ? [height, width] : [width, height];
  const back = placeOf({ width: wide * scale, height: high * scale }, how);
  const corners = [
    [box.x, box.y],
    [box.x + box.width, box.y],
    [box.x, box.y + box.height],
    [box.x + box.width, box.y + box.height],
  ].map(([x = NaN, y = NaN]) => {
    const [turnedX, turnedY] = back(x, y);
    return placeBefore(turnedX / scale, turnedY / scale, width, height, quarters);
  });
  const xs = corners.map(([x]) => x);
  const ys = corners.map(([, y]) => y);
  const [left, top] = [Math.max(0, Math.round(Math.min(...xs))), Math.max(0, Math.round(Math.min(...ys)))];
  return {
    x: left,
    y: top,
    width: Math.round(Math.min(width, Math.max(...xs)) - left),
    height: Math.round(Math.min(height, Math.max(...ys)) - top),
  };
}
