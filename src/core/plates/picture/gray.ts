/** A picture without color: one byte a pixel, row by row, 0 black, 255 white. */
export interface Gray {
  readonly width: number;
  readonly height: number;
  readonly pixels: Uint8Array;
}

const [RED, GREEN, BLUE] = [0.299, 0.587, 0.114];

/** A picture of four bytes a pixel (red, green, blue, opacity) without its color. */
export function grayOf(width: number, height: number, rgba: ArrayLike<number>): Gray {
  const pixels = new Uint8Array(width * height);
  for (let at = 0; at < pixels.length; at += 1)
    pixels[at] =
      RED * Number(rgba[4 * at]) + GREEN * Number(rgba[4 * at + 1]) + BLUE * Number(rgba[4 * at + 2]);
  return { width, height, pixels };
}

/** The brightness at a place between pixels; white outside of the picture. */
function between({ width, height, pixels }: Gray, x: number, y: number): number {
  const [left, top] = [Math.floor(x), Math.floor(y)];
  if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) return WHITE;
  const [dx, dy] = [x - left, y - top];
  const at = top * width + left;
  const upper = Number(pixels[at]) * (1 - dx) + Number(pixels[at + 1]) * dx;
  const lower = Number(pixels[at + width]) * (1 - dx) + Number(pixels[at + width + 1]) * dx;
  return upper * (1 - dy) + lower * dy;
}

const WHITE = 255;

/** A picture made of another: for each of its pixels, the place there that it shows. */
export function mapped(
  from: Gray,
  width: number,
  height: number,
  place: (x: number, y: number) => readonly [x: number, y: number],
): Gray {
  const pixels = new Uint8Array(width * height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const [fromX, fromY] = place(x, y);
      pixels[y * width + x] = between(from, fromX, fromY);
    }
  return { width, height, pixels };
}

/** A picture enlarged by a factor over 1, or made smaller by the mean of what falls together. */
export function scaled(from: Gray, by: number): Gray {
  const width = Math.max(1, Math.round(from.width * by));
  const height = Math.max(1, Math.round(from.height * by));
  if (by >= 1) return mapped(from, width, height, (x, y) => [(x + 0.5) / by - 0.5, (y + 0.5) / by - 0.5]);
  const sums = new Float64Array(width * height);
  const counts = new Uint32Array(width * height);
  for (let y = 0; y < from.height; y += 1) {
    const row = Math.min(height - 1, Math.floor(y * by)) * width;
    for (let x = 0; x < from.width; x += 1) {
      const at = row + Math.min(width - 1, Math.floor(x * by));
      sums[at] = Number(sums[at]) + Number(from.pixels[y * from.width + x]);
      counts[at] = Number(counts[at]) + 1;
    }
  }
  const pixels = Uint8Array.from(sums, (sum, at) => sum / Math.max(1, Number(counts[at])));
  return { width, height, pixels };
}

/** A rectangle in a picture, pixels from its upper left corner. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The part of a picture in a box, cut at its edges. */
export function cropped({ width, height, pixels }: Gray, box: Box): Gray {
  const left = Math.min(width - 1, Math.max(0, Math.floor(box.x)));
  const top = Math.min(height - 1, Math.max(0, Math.floor(box.y)));
  const wide = Math.max(1, Math.min(width - left, Math.ceil(box.width)));
  const high = Math.max(1, Math.min(height - top, Math.ceil(box.height)));
  const part = new Uint8Array(wide * high);
  for (let row = 0; row < high; row += 1) {
    const from = (top + row) * width + left;
    part.set(pixels.subarray(from, from + wide), row * wide);
  }
  return { width: wide, height: high, pixels: part };
}
