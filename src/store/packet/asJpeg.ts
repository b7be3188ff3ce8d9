import { photoFile, photoUrl } from '../persistence/photoFile';

const QUALITY = 0.85;

async function redrawn(picture: string): Promise<string> {
  const file = photoFile(picture);
  if (file === undefined) throw new Error('No picture.');
  const bitmap = await createImageBitmap(new Blob([file.bytes]));
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  const surface = canvas.getContext('2d');
  if (surface === null) throw new Error('No surface to draw on.');
  // A JPEG has no clear parts: what shows through them is paper.
  surface.fillStyle = 'white';
  surface.fillRect(0, 0, bitmap.width, bitmap.height);
  surface.drawImage(bitmap, 0, 0);
  bitmap.close();
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  return photoUrl('picture.jpg', new Uint8Array(await blob.arrayBuffer())) ?? picture;
}

/**
 * Photographs (data URLs by their ids) as JPEGs, the kind that a PDF holds as it is. Pasture keeps its own as JPEGs; a
 * file of a job may bring PNGs. What no browser reads stays as it is, and its place on the page an empty frame.
 */
export async function asJpegs(photos: Readonly<Record<string, string>>): Promise<Record<string, string>> {
  const pairs = Object.entries(photos).map(async ([id, picture]) => {
    if (!picture.startsWith('data:image/png')) return [id, picture] as const;
    return [id, await redrawn(picture).catch(() => picture)] as const;
  });
  return Object.fromEntries(await Promise.all(pairs));
}
