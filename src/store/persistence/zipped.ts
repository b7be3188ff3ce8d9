import { unzipSync, zipSync } from 'fflate';

/** A file of a copy. */
interface CopyFile {
  readonly bytes: Uint8Array;
  /** The moment that it bears. */
  readonly at: Date;
  /** Whether it is packed already, as a photograph is: packing it once more takes long and saves little. */
  readonly isPacked: boolean;
}

/** Files of a copy by their names. */
export type CopyFiles = Readonly<Record<string, CopyFile>>;

const LEVEL = 6;
const MEGABYTE = 1_000_000;

/** The most that is unpacked: of one file, of all of them, and how many there are. What is written here fits. */
const ZIP_LIMITS = { fileBytes: 60 * MEGABYTE, allBytes: 1000 * MEGABYTE, files: 30_000 } as const;

/** Files as the bytes of one zip. */
const zipped = (files: CopyFiles): Uint8Array<ArrayBuffer> =>
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

/** A zip unpacked, or why it is not. */
export type Unzipped =
  | { readonly ok: true; readonly files: Readonly<Record<string, Uint8Array>> }
  | { readonly ok: false; readonly why: 'damaged' | 'too-large' };

/** Unpacks a zip. What its list of contents says is more than the limits is not unpacked at all. */
export function unzipped(bytes: Uint8Array): Unzipped {
  let [count, all, largest] = [0, 0, 0];
  const within = (): boolean =>
    count <= ZIP_LIMITS.files && all <= ZIP_LIMITS.allBytes && largest <= ZIP_LIMITS.fileBytes;
  try {
    const files = unzipSync(bytes, {
      filter: ({ originalSize }) => {
        count += 1;
        all += originalSize;
        largest = Math.max(largest, originalSize);
        return within();
      },
    });
    return within() ? { ok: true, files } : { ok: false, why: 'too-large' };
  } catch {
    return { ok: false, why: 'damaged' };
  }
}

const sameBytes = (a: Uint8Array, b: Uint8Array): boolean =>
  a.length === b.length && a.every((byte, at) => byte === b[at]);

/** Files as one zip that was read back: it holds what was put into it, byte for byte. Throws where it does not. */
export function packed(files: CopyFiles): Uint8Array<ArrayBuffer> {
  const bytes = zipped(files);
  const back = unzipped(bytes);
  if (!back.ok) throw new Error(back.why);
  const names = Object.keys(files);
  const isWhole =
    names.length === Object.keys(back.files).length &&
    names.every((name) => sameBytes(files[name]?.bytes ?? new Uint8Array(), back.files[name] ?? bytes));
  if (!isWhole) throw new Error('damaged');
  return bytes;
}
