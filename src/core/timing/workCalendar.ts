import { nth } from '../units/nth';
import { dayNumber, minuteOf, timeOf, weekdayOf } from '../units/civilDay';

/** When work is done: from a day on, from one hour to another, on some days of the week. */
export interface WorkHours {
  readonly from: string;
  /** Opening and end of the day, decimal hours. */
  readonly hours: readonly [opens: number, closes: number];
  /** 1 Monday to 7 Sunday. */
  readonly workdays: readonly number[];
}

/** A piece of work within one day, local times. */
export interface WorkPart {
  readonly start: string;
  readonly end: string;
}

const DAY_MIN = 1440;

/**
 * Working time as one line: minutes of work since the first opening, nights and free days left out. The end of a day
 * and the opening of the next are one and the same minute of it.
 */
export class WorkCalendar {
  readonly #opens: number;
  /** Minutes of work in a day. */
  readonly dayMinutes: number;
  readonly #works: ReadonlySet<number>;
  /** The workdays from the first on, as far as they were asked for. */
  readonly #days: number[] = [];

  constructor({ from, hours: [opens, closes], workdays }: WorkHours) {
    this.#opens = Math.round(opens * 60);
    this.dayMinutes = Math.round(closes * 60) - this.#opens;
    this.#works = new Set(workdays);
    this.#days.push(this.#nextWorkday(dayNumber(from)));
  }

  #nextWorkday(from: number): number {
    let day = from;
    while (!this.#works.has(weekdayOf(day))) day += 1;
    return day;
  }

  /** The day of work of a number, from 0. */
  #day(at: number): number {
    while (this.#days.length <= at) this.#days.push(this.#nextWorkday((this.#days.at(-1) ?? 0) + 1));
    return nth(this.#days, at);
  }

  #minute(at: number, intoDay: number): string {
    return timeOf(this.#day(at) * DAY_MIN + this.#opens + intoDay);
  }

  /** The local time at which work that begins at a minute begins: at a boundary the opening of the next day. */
  startTime(work: number): string {
    const at = Math.floor(work / this.dayMinutes);
    return this.#minute(at, work - at * this.dayMinutes);
  }

  /** The local time at which work that ends at a minute ends: at a boundary the end of the day. */
  endTime(work: number): string {
    const at = Math.max(0, Math.ceil(work / this.dayMinutes) - 1);
    return this.#minute(at, work - at * this.dayMinutes);
  }

  /** The first minute of work at or after a local time. */
  workAt(time: string): number {
    const minute = minuteOf(time);
    const day = Math.floor(minute / DAY_MIN);
    let at = 0;
    while (this.#day(at) < day) at += 1;
    if (this.#day(at) > day) return at * this.dayMinutes;
    const into = minute - day * DAY_MIN - this.#opens;
    return at * this.dayMinutes + Math.min(this.dayMinutes, Math.max(0, into));
  }

  /** Unbroken work as pieces of days. */
  parts(start: number, minutes: number): readonly WorkPart[] {
    const parts: WorkPart[] = [];
    const end = start + minutes;
    for (let at = start; at < end;) {
      const closes = (Math.floor(at / this.dayMinutes) + 1) * this.dayMinutes;
      const to = Math.min(end, closes);
      parts.push({ start: this.startTime(at), end: this.endTime(to) });
      at = to;
    }
    return parts;
  }
}
