import type { Conductor, Role } from './conductors';

/** Two conductors of the same purpose spliced in a box; one that goes no farther is capped. */
export interface Joint {
  readonly role: Role;
  readonly from: Pick<Conductor, 'letters' | 'marked' | 'size'>;
  readonly to: Pick<Conductor, 'letters' | 'marked' | 'size'> | null;
  /** The side at which one that is capped arrives; null for a splice. */
  readonly only: 'line' | 'load' | null;
}

/** What is spliced in a box between two segments. */
export interface Splice {
  /** Station, by position. */
  readonly station: number;
  readonly joints: readonly Joint[];
}

/** The splices of a box between two segments: each conductor to its own, a spare capped. */
export function spliceAt(station: number, before: readonly Conductor[], after: readonly Conductor[]): Splice {
  const joints = before.map((from): Joint => {
    const to = after.find(({ role }) => role === from.role) ?? null;
    return { role: from.role, from, to, only: to === null ? 'line' : null };
  });
  const only = after.filter(({ role }) => !before.some((each) => each.role === role));
  return {
    station,
    joints: [...joints, ...only.map((from): Joint => ({ role: from.role, from, to: null, only: 'load' }))],
  };
}
