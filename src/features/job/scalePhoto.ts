/** The longer side of a kept picture, pixels: enough to read a plate, small enough to keep dozens. */
const LONG_SIDE = 1280;
const QUALITY = 0.72;

/**
 * A photograph scaled down to a small JPEG, as a data URL; undefined where the file is not a picture that
 * this browser reads.
 */
export async function scalePhoto(file: Blob): Promise<string | undefined> {
  try {
    const bitmap = await createImageBitmap(file);
    const share = Math.min(1, LONG_SIDE / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(bitmap.width * share);
    canvas.height = Math.round(bitmap.height * share);
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return canvas.toDataURL('image/jpeg', QUALITY);
  } catch {
    // Not a picture, or of a kind that the browser does not know.
    return undefined;
  }
}
