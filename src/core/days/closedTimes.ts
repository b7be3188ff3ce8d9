import type { Job } from '../job/jobSchema';
import type { Closed, WorkPlace } from '../timing/daysDocument';
import type { ClosedTime, PlacedStep } from '../timing/workPlan';
import { dayNumber, timeOf } from '../units/civilDay';
import type { JobStep, StepKind } from './jobStep';

const OUTDOORS: readonly WorkPlace[] = ['trench', 'post', 'water'];
/** Work in the ground that frost stops: it is hard, and cement does not set. */
const FROZEN: readonly StepKind[] = ['dig', 'backfill', 'conduit', 'ring', 'cover'];
/** Work that may be in an attic. */
const ATTIC: readonly StepKind[] = ['rough', 'pull'];

const DAY_MIN = 1440;

const momentOn = (date: string, hour: number): string =>
  timeOf(dayNumber(date) * DAY_MIN + Math.round(hour * 60));

/** From when to when a time is closed, local. */
export const closedSpan = ({ date, hours: [from, to] }: Closed) => ({
  from: momentOn(date, from),
  to: momentOn(date, to),
});

/** Whether a circuit passes through an attic. */
const inAttic = (ids: readonly string[], { circuits }: Job): boolean =>
  circuits.some(({ id, run }) => ids.includes(id) && run.some(({ place }) => place === 'attic'));

/** Whether a time that is closed stops a step. */
export function stops({ kind, place }: Closed, step: JobStep, job: Job): boolean {
  switch (kind) {
    case 'trade':
      return place === null || step.place === place;
    case 'rain':
      return OUTDOORS.includes(step.place);
    case 'frost':
      return FROZEN.includes(step.kind);
    case 'heat':
      return ATTIC.includes(step.kind) && inAttic(step.circuitIds, job);
  }
}

/** The places over which a time that is closed is drawn. */
export const closedPlaces = ({ kind, place }: Closed, all: readonly WorkPlace[]): readonly WorkPlace[] => {
  if (kind === 'trade') return place === null ? all : all.filter((each) => each === place);
  return kind === 'heat'
    ? all.filter((each) => each === 'house')
    : all.filter((each) => OUTDOORS.includes(each));
};

/** Times that are closed, with the steps that each stops. */
export const closedTimes = (job: Job, steps: readonly JobStep[]): readonly ClosedTime[] =>
  job.days.closed.map((closed) => ({
    ...closedSpan(closed),
    steps: steps.filter((step) => stops(closed, step, job)).map(({ id }) => id),
  }));

/** Whether part of a step is outdoors before sunrise or after sunset. */
export function isDark(
  { place }: JobStep,
  { parts }: PlacedStep,
  daylight: readonly [number, number] | null,
): boolean {
  if (daylight === null || !OUTDOORS.includes(place)) return false;
  return parts.some(({ start, end }) => {
    const date = start.slice(0, 10);
    return start < momentOn(date, daylight[0]) || end > momentOn(date, daylight[1]);
  });
}
