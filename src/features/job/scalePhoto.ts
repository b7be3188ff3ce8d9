import { LIMITS } from '../../core/code/limits';

/** How a picture is made small: the longer side in pixels and the quality, the first that is small enough being taken. */
const TRIES = [
  [1280, 0.72],
  [1280, 0.5],
  [1024, 0.5],
  [800, 0.45],
  [640, 0.4],
] as const;

function scaled(bitmap: ImageBitmap, longSide: number, quality: number): string {
  const share = Math.min(1, longSide / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * share));
  canvas.height = Math.max(1, Math.round(bitmap.height * share));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', quality);
}

/**
 * A photograph scaled down to a small JPEG, as a data URL that a file of a job takes; undefined where the file is not a
 * picture that this browser reads.
 */
export async function scalePhoto(file: Blob): Promise<string | undefined> {
  try {
    const bitmap = await createImageBitmap(file);
    let picture = '';
    for (const [longSide, quality] of TRIES) {
      picture = scaled(bitmap, longSide, quality);
      if (picture.length <= LIMITS.photoCharacters) break;
    }
    bitmap.close();
    return picture.length <= LIMITS.photoCharacters ? picture : undefined;
  } catch {
    // Not a picture, or of a kind that the browser does not know.
    return undefined;
  }
}
