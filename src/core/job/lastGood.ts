import { readJobDocument } from './jobFile';
import type { Command } from './command';
import { undoUnchecked } from './commands';
import type { Job } from './jobSchema';

/** An edit as it is kept, as far as taking it back asks for it. */
interface Kept {
  readonly label: string;
  readonly backward: Command;
}

/** A damaged job as it last was whole. */
export interface LastGood {
  readonly job: Job;
  /** Position of the oldest edit that has to be taken back, from 1. */
  readonly undone: number;
}

/**
 * A job that its schema refuses, taken back edit by edit until it is whole again; undefined where it never was, or
 * where an edit cannot be taken back.
 */
export function lastGood(document: unknown, version: number, applied: readonly Kept[]): LastGood | undefined {
  let now = document;
  for (let at = applied.length; at > 0; at -= 1) {
    const command = applied[at - 1]?.backward;
    const before = command === undefined ? undefined : undoUnchecked(now, command);
    if (before === undefined) return undefined;
    now = before;
    const read = readJobDocument(now, version);
    if (read.ok) return { job: read.job, undone: at };
  }
  return undefined;
}
