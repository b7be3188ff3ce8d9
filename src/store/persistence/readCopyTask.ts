import { strFromU8 } from 'fflate';
import { MANIFEST_FILE, readCopyManifest } from '../../core/job/copyManifest';
import { readJobFile, type FileProblem, type Photos, type ReadJob } from '../../core/job/jobFile';
import { photoIds, sealedPhotoIds } from '../../core/job/photoIds';
import { isWhole } from '../../core/paper/sealHash';
import { sealSchema, type Seal } from '../../core/paper/sealSchema';
import { photoUrl } from './photoFile';
import { unzipped } from './zipped';

/** The file of what was practiced, among the jobs of a copy. */
export const PRACTICE_FILE = 'practice.pasture.json';
/** The folders of a copy. */
export const PHOTO_FOLDER = 'photos/';
export const SEAL_FOLDER = 'seals/';

/** A job of a copy that was read. */
export interface ReadCopied {
  readonly file: string;
  readonly read: Extract<ReadJob, { ok: true }>;
  /** When it was edited last, milliseconds since 1970; undefined for a copy that does not say. */
  readonly editedAt: number | undefined;
  /** Sealed packets that do not agree with their hash. */
  readonly broken: number;
}

/** What was read of a copy: its jobs, files that are none, what was practiced. */
export interface ReadFiles {
  readonly jobs: readonly ReadCopied[];
  readonly refused: readonly { readonly file: string; readonly problem: FileProblem }[];
  readonly practice: string | undefined;
}

/** The name of a file in a folder of a copy, without its ending, as it was before it was made safe for a zip. */
const plainName = (file: string): string =>
  decodeURIComponent((file.split('/').at(-1) ?? '').replace(/\.[a-z]+$/, ''));

type Files = Readonly<Record<string, Uint8Array>>;

/** The photographs of a copy by their ids. */
function photosIn(files: Files): Photos {
  return Object.fromEntries(
    Object.entries(files).flatMap(([file, bytes]): readonly (readonly [string, string])[] => {
      if (!file.startsWith(PHOTO_FOLDER)) return [];
      const url = photoUrl(file, bytes);
      return url === undefined ? [] : [[plainName(file), url]];
    }),
  );
}

/** The sealed packets of a job in a copy; one that cannot be read is left out. */
function sealsOf(jobId: string, files: Files): readonly Seal[] {
  const folder = `${SEAL_FOLDER}${encodeURIComponent(jobId)}/`;
  return Object.entries(files).flatMap(([file, bytes]) => {
    if (!file.startsWith(folder)) return [];
    const read = sealSchema.safeParse(JSON.parse(strFromU8(bytes)));
    return read.success ? [read.data] : [];
  });
}

/** Reads a copy of jobs; nothing here is changed. A string says why it is none. */
export function readCopyTask(bytes: Uint8Array): ReadFiles | 'damaged' | 'too-large' {
  const zip = unzipped(bytes);
  if (!zip.ok) return zip.why;
  const textOf = (file: string): string | undefined => {
    const content = zip.files[file];
    return content && strFromU8(content);
  };
  const manifest = readCopyManifest(textOf(MANIFEST_FILE) ?? '');
  const photos = photosIn(zip.files);
  const jobs: ReadCopied[] = [];
  const refused: { file: string; problem: FileProblem }[] = [];
  for (const file of Object.keys(zip.files)) {
    if (!/^[^/]+\.json$/.test(file) || file === MANIFEST_FILE || file === PRACTICE_FILE) continue;
    const read = readJobFile(textOf(file) ?? '');
    if (!read.ok) {
      refused.push({ file, problem: read.problem });
      continue;
    }
    const seals = [...read.seals, ...sealsOf(read.job.id, zip.files)];
    const named = new Set([...photoIds(read.job), ...sealedPhotoIds(seals)]);
    const own = Object.fromEntries(Object.entries(photos).filter(([id]) => named.has(id)));
    const edited = manifest?.jobs.find((each) => each.file === file)?.edited;
    jobs.push({
      file,
      read: { ...read, seals, photos: { ...read.photos, ...own } },
      editedAt: edited === undefined ? undefined : Date.parse(edited),
      broken: seals.filter((seal) => !isWhole(seal)).length,
    });
  }
  if (jobs.length + refused.length === 0) return 'damaged';
  return { jobs, refused, practice: textOf(PRACTICE_FILE) };
}
