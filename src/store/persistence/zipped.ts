import { zipSync } from 'fflate';

/** A file of a copy. */
interface CopyFile {
  readonly bytes: Uint8Array;
  /** The moment that it bears. */
  readonly at: Date;
  /** Whether most of it is packed already, as photographs are: packing it once more takes long and saves little. */
  readonly isPacked: boolean;
}

/** Files of a copy by their names. */
export type CopyFiles = Readonly<Record<string, CopyFile>>;

const LEVEL = 6;

/** Files as the bytes of one zip. */
export const zipped = (files: CopyFiles): Uint8Array<ArrayBuffer> =>
  new Uint8Array(
    zipSync(
      Object.fromEntries(
        Object.entries(files).map(([name, { bytes, at, isPacked }]) => [
          name,
          [bytes, { mtime: at, level: isPacked ? 0 : LEVEL }],
        ]),
      ),
    ),
  );
