import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { sealsSchema, type Seal } from '../paper/sealSchema';
import { JOB_VERSION } from './jobVersion';
import { withSafeIds } from './safeIds';
import { migrate } from './migrations';
import { jobSchema, type Job } from './jobSchema';
import { firstProblem, type FieldProblem } from './zodProblem';

/** Why a file could not be opened. Its words are in core/wording. */
export type FileProblem =
  | { readonly kind: 'too-large'; readonly bytes: number }
  | { readonly kind: 'not-json' }
  | { readonly kind: 'foreign' }
  | { readonly kind: 'later-version'; readonly version: number }
  | { readonly kind: 'no-way-forward'; readonly version: number }
  | ({ readonly kind: 'invalid' } & FieldProblem);

/** Pictures of a job by the ids under which its circuits name them, as data URLs. */
export type Photos = Readonly<Record<string, string>>;

/** The photographs of a file: small JPEG or PNG pictures, nothing that a browser would run. */
export const photosSchema = z.record(
  z.string().max(60),
  z
    .string()
    .max(LIMITS.photoCharacters)
    .regex(/^data:image\/(jpeg|png);base64,[A-Za-z0-9+/=]+$/),
);

/** A job that was read, or why it was not. */
export type ReadJob =
  | {
      readonly ok: true;
      readonly job: Job;
      readonly fromVersion: number;
      readonly photos: Photos;
      /** Packets that were handed over. */
      readonly seals: readonly Seal[];
      /** How many ids were twice there or not safe in a file name or address, and were given anew. */
      readonly renamed: number;
    }
  | { readonly ok: false; readonly problem: FileProblem };

/** A job of 200 circuits is under 1 MB, a hundred photographs are 50; anything past this is something else. */
const LARGEST_BYTES = 60_000_000;

const refused = (problem: FileProblem): ReadJob => ({ ok: false, problem });

const parsed = (text: string): { readonly value: unknown } | undefined => {
  try {
    const value: unknown = JSON.parse(text);
    return { value };
  } catch {
    return undefined;
  }
};

const isEnvelope = (value: unknown): value is { pasture: 'job'; version: number; job: unknown } =>
  typeof value === 'object' &&
  value !== null &&
  'pasture' in value &&
  value.pasture === 'job' &&
  'version' in value &&
  Number.isInteger(value.version) &&
  'job' in value;

/** A job document that was already read, of any version up to this one, checked and carried forward. */
export function readJobDocument(document: unknown, version: number): ReadJob {
  if (version > JOB_VERSION) return refused({ kind: 'later-version', version });
  const forward = migrate(document, version);
  if (forward === undefined) return refused({ kind: 'no-way-forward', version });
  const job = jobSchema.safeParse(forward.document);
  if (!job.success) return refused({ kind: 'invalid', ...firstProblem(job.error) });
  return { ok: true, job: job.data, fromVersion: version, photos: {}, seals: [], renamed: 0 };
}

/** Reads a `.pasture.json` file. Never throws: what is wrong comes back as a problem that names it. */
export function readJobFile(text: string): ReadJob {
  if (text.length > LARGEST_BYTES) return refused({ kind: 'too-large', bytes: text.length });
  const json = parsed(text);
  if (json === undefined) return refused({ kind: 'not-json' });
  if (!isEnvelope(json.value)) return refused({ kind: 'foreign' });
  const read = readJobDocument(json.value.job, json.value.version);
  if (!read.ok) return read;
  const photos = photosSchema.safeParse('photos' in json.value ? json.value.photos : {});
  if (!photos.success) return refused({ kind: 'invalid', ...firstProblem(photos.error, ['photos']) });
  const seals = sealsSchema.safeParse('seals' in json.value ? json.value.seals : []);
  if (!seals.success) return refused({ kind: 'invalid', ...firstProblem(seals.error, ['seals']) });
  return { ...read, ...withSafeIds(read.job), photos: photos.data, seals: seals.data };
}

/** A job as the text of a `.pasture.json` file: fields in the order of the schema, so equal jobs give equal bytes. */
export const writeJobFile = (job: Job, photos: Photos = {}, seals: readonly Seal[] = []): string => {
  // A job that its schema refuses is written as it is: an export is the way out, and never fails.
  const read = jobSchema.safeParse(job);
  const file = { pasture: 'job', version: JOB_VERSION, job: read.success ? read.data : job };
  const sealed = sealsSchema.safeParse(seals);
  const whole = {
    ...file,
    ...(Object.keys(photos).length > 0 && { photos }),
    ...(seals.length > 0 && { seals: sealed.success ? sealed.data : seals }),
  };
  return `${JSON.stringify(whole, null, 2)}\n`;
};

/** A file name from the name of the job: lower case, words joined by hyphens. */
export const jobFileName = (job: Job, ending = 'pasture.json'): string => {
  const words = job.name.toLowerCase().match(/[a-z0-9]+/g) ?? ['job'];
  return `${words.join('-')}.${ending}`;
};
