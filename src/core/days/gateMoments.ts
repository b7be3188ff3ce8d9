import type { Job } from '../job/jobSchema';
import type { GateId } from '../timing/daysDocument';
import { WorkCalendar } from '../timing/workCalendar';

/** The last of some moments that are known. */
export const later = (...moments: readonly (string | null | undefined)[]): string | undefined =>
  moments
    .flatMap((each) => each ?? [])
    .toSorted()
    .at(-1);

/** Until there is a ticket, marking the lines in the ground takes so many business days; the local center says it. */
const CALL_DAYS = 3;
/** Others work from Monday to Friday, whatever the days of the crew are. */
const BUSINESS_DAYS = [1, 2, 3, 4, 5] as const;

/**
 * When a gate opens at the earliest: as it was passed, or as it is booked. The call by its ticket, or after its waiting
 * days where there is none yet, and never before the permit.
 */
export function earliestOf(
  id: GateId,
  { days, locate }: Pick<Job, 'days' | 'locate'>,
  from: string,
): string | undefined {
  const record = days.gates.find((each) => each.id === id);
  const own = record?.passed?.at ?? later(record?.booked, record?.until);
  // The utility comes when the rough-in was seen.
  if (id === 'utility') return later(own, earliestOf('rough-in', { days, locate }, from));
  if (id !== 'call') return own;
  const calendar = new WorkCalendar({ ...days, from, workdays: BUSINESS_DAYS });
  const marked =
    locate === null ? calendar.startTime(CALL_DAYS * calendar.dayMinutes) : `${locate.date}T00:00`;
  return later(own ?? marked, earliestOf('permit', { days, locate }, from));
}
