import { createWorker, PSM } from 'tesseract.js';
import { edition, type EditionYear } from '../../core/code/edition';
import { cropped, grayOf, type Box, type Gray } from '../../core/plates/picture/gray';
import { readPlate, type ReadPlate } from '../../core/plates/readPlate';
import { MOST_PIXELS, recognizedWords, type Recognize } from '../../core/plates/readWord';
import type { AsyncSteps } from '../worker/protocol';

/** What is read: a picture as the camera or a file gave it, under an edition. */
interface PlateRequest {
  readonly picture: Blob;
  readonly year: EditionYear;
}

/** How far the reading is. */
export type PlateProgress = 'fetching' | 'reading';

/** A plate as it was read, with a cut of its picture for each mark, as an address. */
export interface PlatePicture extends ReadPlate {
  readonly cuts: readonly string[];
}

/** Files of the recognizer, which the application ships; nothing is fetched from elsewhere. */
const READER = '/reader';
const MODES = { page: PSM.AUTO, words: PSM.SPARSE_TEXT, line: PSM.SINGLE_LINE } as const;

const surface = (width: number, height: number) => {
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d');
  if (pen === null) throw new Error('no-surface');
  return { canvas, pen };
};

async function grayPicture(picture: Blob): Promise<Gray> {
  const bitmap = await createImageBitmap(picture, { imageOrientation: 'from-image' });
  const { width, height } = bitmap;
  if (width * height > MOST_PIXELS) throw new Error('too-large');
  const { pen } = surface(width, height);
  pen.drawImage(bitmap, 0, 0);
  bitmap.close();
  return grayOf(width, height, pen.getImageData(0, 0, width, height).data);
}

/** A gray pixel as one number: its opacity, and its brightness in each of its colors. */
const [OPAQUE, GRAY] = [0xff000000, 0x010101];

/** A picture as a file that a browser and the recognizer read. */
function fileOf({ width, height, pixels }: Gray): Promise<Blob> {
  const { canvas, pen } = surface(width, height);
  const image = pen.createImageData(width, height);
  const whole = new Uint32Array(image.data.buffer);
  for (let at = 0; at < pixels.length; at += 1) whole[at] = OPAQUE | (Number(pixels[at]) * GRAY);
  pen.putImageData(image, 0, 0);
  return canvas.convertToBlob();
}

type Engine = Awaited<ReturnType<typeof createWorker>>;

/** The recognizer, once it was fetched; it is kept for the next plate. */
let engine: Promise<Engine> | undefined;

const beginEngine = (): Promise<Engine> =>
  createWorker('eng', 1, {
    workerPath: `${READER}/worker.min.js`,
    corePath: `${READER}/tesseract-core-simd-lstm.wasm.js`,
    langPath: READER,
    workerBlobURL: false,
    cacheMethod: 'none',
    gzip: true,
  });

const recognizerOf =
  (by: Engine): Recognize =>
  async (picture, what) => {
    await by.setParameters({ tessedit_pageseg_mode: MODES[what], user_defined_dpi: '200' });
    const { data } = await by.recognize(await fileOf(picture), {}, { blocks: true, text: false });
    return recognizedWords(data);
  };

/** The part of a picture around a mark, with some of what stands beside it. */
const around = ({ x, y, width, height }: Box): Box => ({
  x: x - height,
  y: y - 0.4 * height,
  width: width + 2 * height,
  height: 1.8 * height,
});

const addressOf = (file: Blob): Promise<string> =>
  new Promise((done) => {
    const reader = new FileReader();
    reader.onload = () => {
      done(typeof reader.result === 'string' ? reader.result : '');
    };
    reader.readAsDataURL(file);
  });

/** Reads the picture of a plate. The recognizer is fetched when it is first needed. */
export async function* plateTask({ picture, year }: PlateRequest): AsyncSteps<PlateProgress, PlatePicture> {
  const gray = await grayPicture(picture);
  yield 'fetching';
  engine ??= beginEngine();
  engine.catch(() => {
    engine = undefined;
  });
  const recognize = recognizerOf(await engine);
  yield 'reading';
  const plate = await readPlate(gray, recognize, edition(year).tables.standardOcpd.ratings);
  const cuts = await Promise.all(
    plate.marks.map(async ({ box }) => addressOf(await fileOf(cropped(gray, around(box))))),
  );
  return { ...plate, cuts };
}
