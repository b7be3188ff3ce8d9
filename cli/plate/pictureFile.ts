import sharp from 'sharp';
import { grayOf, type Gray } from '../../src/core/plates/picture/gray';
import { MOST_PIXELS } from '../../src/core/plates/readWord';

/** What of pictures is read. */
const FORMATS: readonly string[] = ['png', 'jpeg', 'webp'];
const ACCEPTED = 'PNG, JPEG or WebP of at most 30 megapixels';

/** A picture of a file without its color, turned and mirrored as its camera says; a sentence where it is none. */
export async function pictureFile(file: string): Promise<Gray | string> {
  try {
    const picture = sharp(file, { limitInputPixels: false });
    const { format, width, height, pages = 1 } = await picture.metadata();
    if (!FORMATS.includes(format)) return `${file} is ${format.toUpperCase()}: ${ACCEPTED}`;
    if (pages > 1) return `${file} moves: one picture is read, ${ACCEPTED}`;
    if (width * height > MOST_PIXELS)
      return `${file} has ${Math.round(width * height * 1e-6)} megapixels: ${ACCEPTED}`;
    const { data, info } = await picture
      .autoOrient()
      .flatten({ background: 'white' })
      .toColorspace('srgb')
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    return grayOf(info.width, info.height, data);
  } catch {
    return `${file} cannot be read as a picture: ${ACCEPTED}`;
  }
}
