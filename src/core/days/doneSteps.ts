import type { Days } from '../timing/daysDocument';
import type { WorkPart } from '../timing/workCalendar';
import { minutesOf, type PlacedStep } from '../timing/workPlan';
import { dayNumber, timeOf } from '../units/civilDay';
import type { JobStep } from './jobStep';

const DAY_MIN = 1440;

/** Work of one day that was done: as much of it as the day has; what took longer began on the days before. */
function partsOn(
  on: string,
  minutes: number,
  beforeMin: number,
  [opens, closes]: Days['hours'],
): readonly WorkPart[] {
  const opensMin = Math.round(opens * 60);
  const dayMin = Math.round(closes * 60) - opensMin;
  const whole = Math.floor((minutes - 1) / dayMin);
  const day = dayNumber(on);
  const full = Array.from({ length: whole }, (_, at): WorkPart => {
    const start = (day - whole + at) * DAY_MIN + opensMin;
    return { start: timeOf(start), end: timeOf(start + dayMin) };
  });
  const rest = minutes - whole * dayMin;
  // A day that was longer than the usual one ends late, and never on the next.
  const from = day * DAY_MIN + Math.min(opensMin + beforeMin, DAY_MIN - 1 - rest);
  return [...full, { start: timeOf(from), end: timeOf(from + rest) }];
}

/** Steps that are done, where they were done: on their day, in the order in which they were signed, with their hours. */
export function doneSteps(
  steps: readonly JobStep[],
  { done, hours }: Pick<Days, 'done' | 'hours'>,
): ReadonlyMap<string, PlacedStep> {
  const own = new Map(steps.map((step) => [step.id, step]));
  const worked = new Map<string, number>();
  const placed = new Map<string, PlacedStep>();
  for (const record of done) {
    const { id, on } = record;
    const step = own.get(id);
    if (step === undefined) continue;
    const minutes = minutesOf(record);
    const beforeMin = worked.get(on) ?? 0;
    worked.set(on, beforeMin + minutes);
    placed.set(id, {
      id,
      parts: partsOn(on, minutes, beforeMin, hours),
      people: step.people === 2 ? [1, 2] : [1],
      // Before all that is still planned.
      start: -1,
      minutes,
    });
  }
  return placed;
}
