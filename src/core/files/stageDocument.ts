import type { z } from 'zod';

/** A document that was saved, before it is known to be one. */
export type Saved = Readonly<Record<string, unknown>>;

/** One step of a part of the job document from a version of the job to the next. */
export interface StageMigration {
  /** The version of the job that it carries forward. */
  readonly from: number;
  readonly up: (job: Saved) => Saved;
}

/** What a stage keeps in the job: its shape, what it is in a new job, and the way from past versions. */
export interface StageDocument<S extends z.ZodType> {
  readonly schema: S;
  readonly fresh: z.infer<S>;
  readonly migrations: readonly StageMigration[];
}

/** Whether a saved value has fields. */
export const isSaved = (value: unknown): value is Saved =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The items of a saved list, each changed where it has fields; anything else as it is. */
export const eachSaved = (list: unknown, change: (item: Saved) => unknown): unknown =>
  Array.isArray(list) ? list.map((item: unknown) => (isSaved(item) ? change(item) : item)) : list;
