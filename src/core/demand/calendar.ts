/**
 * Calendar of milliseconds, all of it in universal time and of what is given: never of now. The clock that a file uses
 * is taken as universal where it carries no offset.
 */

/** Milliseconds of a day and time. */
export const utcMs = (year: number, month: number, day: number, hour = 0, minute = 0, second = 0): number =>
  Date.UTC(year, month - 1, day, hour, minute, second);

/** Month of a moment, from 1. */
export const monthOf = (ms: number): number => new Date(ms).getUTCMonth() + 1;

/** Day of the month, from 1. */
export const dayOf = (ms: number): number => new Date(ms).getUTCDate();

/** Hour of the day. */
export const hourOf = (ms: number): number => new Date(ms).getUTCHours();

/** "2026-01-31 00:15". */
export const stamped = (ms: number): string => new Date(ms).toISOString().slice(0, 16).replace('T', ' ');
