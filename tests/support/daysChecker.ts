import type { DaysItem } from '../../src/core/worksheet/daysSchemas';

/** A step in its days, as a worksheet tells it. */
export interface ToldStep {
  readonly id: string;
  readonly parts: readonly { readonly start: string; readonly end: string }[];
  readonly people: readonly number[];
}

/** Work in its days, as a worksheet tells it. */
export interface ToldDays {
  readonly steps: readonly ToldStep[];
  readonly gates: readonly { readonly id: string; readonly opens: string }[];
  readonly finish: string | null;
}

const minutes = (time: string): number => Date.parse(`${time}Z`) / 60_000;
const DAY = 1440;

/** Minutes of a day's work, and which days are worked; told by the calendar of the machine, not by that of Pasture. */
function dayOf(time: number): { readonly weekday: number; readonly minute: number } {
  const date = new Date(time * 60_000);
  const weekday = ((date.getUTCDay() + 6) % 7) + 1;
  return { weekday, minute: date.getUTCHours() * 60 + date.getUTCMinutes() };
}

/** Every rule that days break, in words; nothing where they keep all of them. */
export function brokenRules(item: DaysItem, told: ToldDays): readonly string[] {
  const broken: string[] = [];
  const [opens, closes] = item.hours.map((hour) => Math.round(hour * 60)) as [number, number];
  const isWorkday = (time: number): boolean => item.workdays.includes(dayOf(time).weekday);
  const steps = new Map(told.steps.map((step) => [step.id, step]));
  const startOf = (id: string): number => minutes(steps.get(id)?.parts[0]?.start ?? '');
  const endOf = (id: string): number => minutes(steps.get(id)?.parts.at(-1)?.end ?? '');
  if (told.steps.length !== item.steps.length || told.gates.length !== item.gates.length)
    broken.push('something is left out');
  for (const { id, hours, people, after, gate } of item.steps) {
    const step = steps.get(id);
    if (step === undefined) {
      broken.push(`${id} is left out`);
      continue;
    }
    const done = step.parts.reduce((sum, { start, end }) => sum + minutes(end) - minutes(start), 0);
    if (Math.abs(done - Math.ceil(hours * 60 - 1e-6)) > 1e-6) broken.push(`${id} has another length`);
    if (step.people.length !== people || step.people.some((who) => who < 1 || who > item.people))
      broken.push(`${id} has other people`);
    for (const [at, { start, end }] of step.parts.entries()) {
      const [from, to] = [minutes(start), minutes(end)];
      const day = dayOf(from);
      if (from >= to) broken.push(`${id} has an empty part`);
      if (from < minutes(`${item.from}T00:00`)) broken.push(`${id} begins before the work`);
      if (!isWorkday(from) || day.minute < opens || day.minute + (to - from) > closes)
        broken.push(`${id} is worked on in the night or on a free day`);
      const next = step.parts[at + 1];
      if (next === undefined) continue;
      let opening = from - day.minute + opens + DAY;
      while (!isWorkday(opening)) opening += DAY;
      if (day.minute + (to - from) !== closes || minutes(next.start) !== opening)
        broken.push(`${id} is broken off`);
    }
    for (const before of after) if (startOf(id) < endOf(before)) broken.push(`${id} is before ${before}`);
    const opened = told.gates.find((each) => each.id === gate)?.opens;
    if (gate !== undefined && startOf(id) < minutes(opened ?? '')) broken.push(`${id} is before its gate`);
  }
  for (const { id, after, earliest } of item.gates) {
    let first = minutes(`${item.from}T00:00`) + opens;
    while (!isWorkday(first)) first += DAY;
    const moments = [...after.map(endOf), ...(earliest === undefined ? [] : [minutes(earliest)])];
    const should = moments.length === 0 ? first : Math.max(...moments);
    if (minutes(told.gates.find((each) => each.id === id)?.opens ?? '') !== should)
      broken.push(`${id} opens at another time`);
  }
  for (const [at, one] of item.steps.entries())
    for (const other of item.steps.slice(at + 1)) {
      const [a, b] = [steps.get(one.id), steps.get(other.id)];
      const overlap = (a?.parts ?? []).some(({ start, end }) =>
        (b?.parts ?? []).some(
          (part) => minutes(start) < minutes(part.end) && minutes(part.start) < minutes(end),
        ),
      );
      if (!overlap) continue;
      const names = `${one.id} and ${other.id}`;
      if (one.place === other.place) broken.push(`${names} are in one place at one time`);
      if (one.dead || other.dead) broken.push(`${names} go on while the house is dead`);
      if (one.people + other.people > item.people) broken.push(`${names} take more people than there are`);
      if (a?.people.some((who) => b?.people.includes(who))) broken.push(`${names} are done by one person`);
    }
  const last = Math.max(...told.steps.map(({ id }) => endOf(id)));
  if (told.finish !== null && minutes(told.finish) !== last) broken.push('the finish is another');
  return broken;
}
