import type { EventAttributes } from 'ics';
import type { JobDays } from '../../core/days/jobDays';
import type { Job } from '../../core/job/jobSchema';
import { GATE_NAME, GATE_WHY, gateState, PLACE_NAME, stepName } from '../../core/wording/daysWords';

type Moment = [number, number, number, number, number];

const momentOf = (time: string): Moment => [
  Number(time.slice(0, 4)),
  Number(time.slice(5, 7)),
  Number(time.slice(8, 10)),
  Number(time.slice(11, 13)),
  Number(time.slice(14, 16)),
];

const LOCAL = {
  startInputType: 'local',
  startOutputType: 'local',
  endInputType: 'local',
  endOutputType: 'local',
} as const;

/** An hour before a gate it is time to call. */
const ALARM_MIN = 60;

/** Every piece of work and every gate that is booked, in local time; gates with an alarm for the call. */
function eventsOf({ steps, gates }: JobDays, job: Job): EventAttributes[] {
  const work = steps.flatMap((step) =>
    step.placed.parts.map(({ start, end }, at): EventAttributes => ({
      ...LOCAL,
      uid: `${job.id}-${step.id}-${at + 1}`.replaceAll(' ', '-'),
      title: stepName(step, job),
      start: momentOf(start),
      end: momentOf(end),
      location: PLACE_NAME[step.place],
      description: `${job.name}. By ${step.placed.people.length > 1 ? 'both' : `person ${step.placed.people.join()}`}.`,
    })),
  );
  const booked = gates.flatMap(({ id, record, ...gate }): readonly EventAttributes[] =>
    record.booked === null
      ? []
      : [
          {
            ...LOCAL,
            uid: `${job.id}-gate-${id}`,
            title: GATE_NAME[id],
            start: momentOf(record.booked),
            duration: { hours: 1 },
            description: `${GATE_WHY[id]} ${gateState({ id, record, ...gate })}.`,
            alarms: [
              {
                action: 'display',
                description: GATE_NAME[id],
                trigger: { before: true, minutes: ALARM_MIN },
              },
            ],
          },
        ],
  );
  return [...work, ...booked];
}

/** The days of a job as a calendar file; what writes it is fetched when it is asked for. */
export async function calendarFile(days: JobDays, job: Job): Promise<string> {
  const { createEvents } = await import('ics');
  const { value } = createEvents(eventsOf(days, job), { productId: 'pasture', calName: job.name });
  if (value === null) throw new Error('The calendar was not written.');
  return value;
}
