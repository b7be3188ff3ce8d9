/**
 * The one place that reads the machine's clock. Everything else is told the moment, so that what it computes is the
 * same at any hour, on any day and in any time zone.
 */

/** This moment, milliseconds since 1970. */
export const nowMs = (): number => Date.now();

/** This moment in universal time, as it is written in a record. */
export const nowIso = (): string => new Date(nowMs()).toISOString();

const two = (part: number): string => `${part}`.padStart(2, '0');

/** This moment where the person is who types, as files write it: local, to the minute. */
export function nowLocal(): string {
  const at = new Date(nowMs());
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  return `${day}T${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** The day of the person who types, as files write it. */
export const today = (): string => nowLocal().slice(0, 10);
