import { byBeginning } from '../../core/days/byBeginning';
import type { DayStep, JobDays } from '../../core/days/jobDays';
import type { Days } from '../../core/timing/daysDocument';
import { WorkCalendar } from '../../core/timing/workCalendar';

/** Steps are moved by half an hour of working time. */
export const MOVE_MIN = 30;

/** What is moved by hand once a step begins some working time later, or earlier. */
export function movedBy(step: DayStep, minutes: number, days: Days, from: string): Days['moved'] {
  const calendar = new WorkCalendar({ ...days, from });
  const earliest = calendar.startTime(Math.max(0, step.placed.start + minutes));
  return [...days.moved.filter(({ id }) => id !== step.id), { id: step.id, earliest }];
}

/** Whether a step stands where it does for another reason than that it was moved there: it cannot begin earlier. */
export const isHeld = ({ because }: DayStep): boolean => because !== null && because.kind !== 'moved';

/** The steps of a day in the order in which they begin. */
export const stepsOn = ({ steps }: JobDays, date: string): readonly DayStep[] =>
  steps
    .filter(({ placed }) => placed.parts.some(({ start }) => start.startsWith(date)))
    .toSorted(byBeginning);

/** The days on which something is worked on. */
export const workedDays = ({ steps }: JobDays): readonly string[] =>
  [...new Set(steps.flatMap(({ placed }) => placed.parts.map(({ start }) => start.slice(0, 10))))].toSorted();
