import { z } from 'zod';
import { CHAPTERS, READERS } from './packetReaders';
import { pageSchema, PAPER_IDS } from './pageSchema';

const hash = z.string().regex(/^[0-9a-f]{64}$/);

/** A packet as it was handed over: never changed again. */
export const sealSchema = z.strictObject({
  id: z.string().min(1).max(60),
  at: z.iso.datetime().describe('The moment of sealing'),
  engine: z.string().max(20).describe('Version of the computation'),
  reader: z.enum(READERS),
  paper: z.enum(PAPER_IDS),
  date: z.iso.date().describe('The day on its cover'),
  chapters: z.array(z.enum(CHAPTERS)),
  leftOff: z.array(z.string()).nullable().describe('Circuits handed over off and locked; null: as done'),
  jobVersion: z.number().int().describe('Version of the document of the job'),
  job: z.record(z.string(), z.unknown()).describe('The job as it was'),
  pages: z.array(pageSchema).describe('Every page as it was drawn, with what it says'),
  photos: z
    .array(z.strictObject({ id: z.string().max(60), sha256: hash }))
    .describe('Its photographs by the digest of their picture'),
  hash: hash.describe('SHA-256 of all the rest as canonical JSON (RFC 8785)'),
});

/** A packet as it was handed over. */
export type Seal = z.infer<typeof sealSchema>;

/** The most sealed packets that a file of a job bears. */
const MOST_SEALS = 500;

/** The sealed packets in the file of a job. */
export const sealsSchema = z.array(sealSchema).max(MOST_SEALS);
