import type { Box, Gray } from './gray';

/** A group of dark pixels that touch. */
export interface Component extends Box {
  readonly count: number;
}

/** The groups of pixels darker than a limit that touch by a side or a corner. */
export function componentsOf({ width, height, pixels }: Gray, dark: number): readonly Component[] {
  const seen = new Uint8Array(width * height);
  const found: Component[] = [];
  const open: number[] = [];
  for (let start = 0; start < pixels.length; start += 1) {
    if (seen[start] === 1 || Number(pixels[start]) >= dark) continue;
    let [left, right, top, bottom, count] = [width, 0, height, 0, 0];
    seen[start] = 1;
    open.push(start);
    for (let at = open.pop(); at !== undefined; at = open.pop()) {
      const [x, y] = [at % width, Math.floor(at / width)];
      count += 1;
      [left, right] = [Math.min(left, x), Math.max(right, x)];
      [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
      for (let dy = Math.max(0, y - 1); dy <= Math.min(height - 1, y + 1); dy += 1)
        for (let dx = Math.max(0, x - 1); dx <= Math.min(width - 1, x + 1); dx += 1) {
          const next = dy * width + dx;
          if (seen[next] === 1 || Number(pixels[next]) >= dark) continue;
          seen[next] = 1;
          open.push(next);
        }
    }
    found.push({ x: left, y: top, width: right - left + 1, height: bottom - top + 1, count });
  }
  return found;
}

/** The limit between dark and light that parts the pixels of a picture best (Otsu). */
export function darkLimit({ pixels }: Gray): number {
  const counts = new Float64Array(256);
  for (const pixel of pixels) counts[pixel] = Number(counts[pixel]) + 1;
  const all = counts.reduce((sum, count, value) => sum + count * value, 0);
  let [below, belowSum] = [0, 0];
  let best = { limit: 128, score: -1 };
  for (let limit = 1; limit < 256; limit += 1) {
    below += Number(counts[limit - 1]);
    belowSum += Number(counts[limit - 1]) * (limit - 1);
    const above = pixels.length - below;
    if (below === 0 || above === 0) continue;
    const score = below * above * (belowSum / below - (all - belowSum) / above) ** 2;
    if (score > best.score) best = { limit, score };
  }
  return best.limit;
}
