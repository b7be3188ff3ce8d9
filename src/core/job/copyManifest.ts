import { z } from 'zod';

/** The file of a copy of all jobs that says what is in it. */
export const MANIFEST_FILE = 'copy.pasture.json';

/** What is in a copy of all jobs. */
export const copyManifestSchema = z.strictObject({
  pasture: z.literal('copy'),
  version: z.literal(1),
  jobs: z
    .array(
      z.strictObject({
        file: z.string().min(1).max(200).describe('The file of the job in the copy'),
        id: z.string().min(1).max(60),
        name: z.string().max(120),
        edited: z.iso.datetime().describe('When it was edited last'),
      }),
    )
    .max(10_000),
});

/** What is in a copy of all jobs. */
export type CopyManifest = z.infer<typeof copyManifestSchema>;

/** The manifest of a copy as text. */
export const writeCopyManifest = (jobs: CopyManifest['jobs']): string =>
  `${JSON.stringify(copyManifestSchema.parse({ pasture: 'copy', version: 1, jobs }), null, 2)}\n`;

/** The manifest of a copy; undefined where it is none: older copies have none, and open without it. */
export function readCopyManifest(text: string): CopyManifest | undefined {
  try {
    const read = copyManifestSchema.safeParse(JSON.parse(text));
    return read.success ? read.data : undefined;
  } catch {
    return undefined;
  }
}
