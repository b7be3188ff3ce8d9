import type { Gray } from './gray';

/** Sums of everything above and left of each pixel, by which the mean of any rectangle is four reads. */
function sumsOf({ width, height, pixels }: Gray): Float64Array {
  const wide = width + 1;
  const sums = new Float64Array(wide * (height + 1));
  for (let y = 0; y < height; y += 1) {
    let row = 0;
    for (let x = 0; x < width; x += 1) {
      row += Number(pixels[y * width + x]);
      sums[(y + 1) * wide + x + 1] = Number(sums[y * wide + x + 1]) + row;
    }
  }
  return sums;
}

/** The mean brightness around each pixel, within a radius. */
function meansOf(gray: Gray, radius: number): Float32Array {
  const { width, height } = gray;
  const wide = width + 1;
  const sums = sumsOf(gray);
  const means = new Float32Array(width * height);
  for (let y = 0; y < height; y += 1) {
    const [top, bottom] = [Math.max(0, y - radius), Math.min(height, y + radius + 1)];
    for (let x = 0; x < width; x += 1) {
      const [left, right] = [Math.max(0, x - radius), Math.min(width, x + radius + 1)];
      const sum =
        Number(sums[bottom * wide + right]) -
        Number(sums[top * wide + right]) -
        Number(sums[bottom * wide + left]) +
        Number(sums[top * wide + left]);
      means[y * width + x] = sum / ((bottom - top) * (right - left));
    }
  }
  return means;
}

/** Half the side of the square whose mean is taken for the ground of a letter, as a share of the picture's width. */
const GROUND_SHARE = 1 / 40;
/** What the ground becomes: light, with room above for what is lighter still. */
const GROUND = 215;
const WHITE = 255;

/** Whether a picture shows light letters on a dark ground: what differs most from its surroundings is lighter than they are. */
export function isLightOnDark(gray: Gray): boolean {
  const means = meansOf(gray, Math.max(4, Math.round(gray.width * GROUND_SHARE)));
  let third = 0;
  const [left, right] = [gray.width * 0.2, gray.width * 0.8];
  const [top, bottom] = [gray.height * 0.2, gray.height * 0.8];
  for (let y = Math.floor(top); y < bottom; y += 1)
    for (let x = Math.floor(left); x < right; x += 1) {
      const at = y * gray.width + x;
      third += (Number(gray.pixels[at]) - Number(means[at])) ** 3;
    }
  return third > 0;
}

/** The same picture with light and dark exchanged. */
export const inverted = (gray: Gray): Gray => ({
  ...gray,
  pixels: gray.pixels.map((pixel) => WHITE - pixel),
});

/**
 * A picture of dark letters whose ground is equally light everywhere: shade and glare are taken out.
 *
 * @param radius How far around a letter its ground is looked for, pixels.
 */
export function leveled(gray: Gray, radius: number): Gray {
  const means = meansOf(gray, Math.max(4, Math.round(radius)));
  const pixels = gray.pixels.map((pixel, at) =>
    Math.min(WHITE, Math.max(0, (GROUND * pixel) / Math.max(12, Number(means[at])))),
  );
  return { ...gray, pixels };
}
