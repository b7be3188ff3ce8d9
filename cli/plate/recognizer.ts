import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import sharp from 'sharp';
import { createWorker, PSM } from 'tesseract.js';
import type { Gray } from '../../src/core/plates/picture/gray';
import { recognizedWords, type Recognize } from '../../src/core/plates/readWord';

/** A recognizer of text that runs on this machine alone, and what ends it. */
interface Recognizer {
  readonly recognize: Recognize;
  readonly end: () => Promise<void>;
}

/** Where the letters lie that the recognizer was taught. */
const LETTERS = join(
  dirname(createRequire(import.meta.url).resolve('@tesseract.js-data/eng/package.json')),
  '4.0.0_best_int',
);

const MODES = { page: PSM.AUTO, words: PSM.SPARSE_TEXT, line: PSM.SINGLE_LINE } as const;

/** Told to the recognizer, which guesses it otherwise and complains. */
const DOTS_PER_INCH = '200';

const bytesOf = ({ width, height, pixels }: Gray): Promise<Buffer> =>
  sharp(pixels, { raw: { width, height, channels: 1 } })
    .png({ compressionLevel: 1 })
    .toBuffer();

/** Begins a recognizer; nothing is fetched. */
export async function beginRecognizer(): Promise<Recognizer> {
  const worker = await createWorker('eng', 1, { langPath: LETTERS, cacheMethod: 'none', gzip: true });
  const recognize: Recognize = async (picture, what) => {
    await worker.setParameters({
      tessedit_pageseg_mode: MODES[what],
      user_defined_dpi: DOTS_PER_INCH,
      debug_file: '/dev/null',
    });
    const { data } = await worker.recognize(await bytesOf(picture), {}, { blocks: true, text: false });
    return recognizedWords(data);
  };
  return {
    recognize,
    end: async () => {
      await worker.terminate();
    },
  };
}
