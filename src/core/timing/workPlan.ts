import { nth } from '../units/nth';
import { shortestPlan } from './shortestPlan';
import { lateStarts } from './lateStarts';
import { orderOf, timedWork, type TimedStep } from './timedWork';
import { WorkCalendar, type WorkHours, type WorkPart } from './workCalendar';

/** A step of work as it is told: hours, place, people, what it waits for. */
export interface WorkStep {
  readonly id: string;
  readonly hours: number;
  readonly place: string;
  readonly people: 1 | 2;
  readonly after: readonly string[];
  readonly gate?: string | undefined;
  /** Whether the house is dead meanwhile: nothing else is worked on anywhere. */
  readonly dead: boolean;
  /** Whether it is done as late as nothing else moves: a trench stands open no longer than it has to. */
  readonly late?: boolean | undefined;
}

/** Somebody's word that steps wait for: it opens when what it waits for is done, no earlier than a moment. */
export interface WorkGate {
  readonly id: string;
  readonly after: readonly string[];
  /** Local time. */
  readonly earliest?: string | undefined;
}

/** A time in which some steps are not worked on: rain, another trade in the house; local times. */
export interface ClosedTime {
  readonly steps: readonly string[];
  readonly from: string;
  readonly to: string;
}

/** What is put into days. */
export interface WorkAsked extends WorkHours {
  readonly people: 1 | 2;
  readonly steps: readonly WorkStep[];
  readonly gates: readonly WorkGate[];
  readonly closed?: readonly ClosedTime[] | undefined;
}

/** A step in its days. */
export interface PlacedStep {
  readonly id: string;
  readonly parts: readonly WorkPart[];
  /** Who does it, numbered from 1. */
  readonly people: readonly number[];
  /** Minutes of working time at which it begins. */
  readonly start: number;
  readonly minutes: number;
}

/** Work in its days. */
export interface WorkPlan {
  readonly steps: readonly PlacedStep[];
  readonly gates: readonly { readonly id: string; readonly opens: string }[];
  /** End of the last step, local time; null where there is none. */
  readonly finish: string | null;
  /** The same, and what no order makes shorter, minutes of working time. */
  readonly minutes: number;
  readonly least: number;
  readonly proved: boolean;
}

/** Why work cannot be put into days, and where. */
export interface NoPlan {
  readonly path: string;
  readonly problem:
    | { readonly kind: 'twice'; readonly id: string }
    | { readonly kind: 'unknown-step'; readonly id: string }
    | { readonly kind: 'unknown-gate'; readonly id: string }
    | { readonly kind: 'people'; readonly needs: number; readonly has: number }
    | { readonly kind: 'circle'; readonly id: string };
}

/** Whether work could not be put into days. */
export const isNoPlan = (plan: WorkPlan | NoPlan): plan is NoPlan => 'problem' in plan;

/** The minutes of a step: whole ones, and never none. */
export const minutesOf = ({ hours }: Pick<WorkStep, 'hours'>): number =>
  Math.max(1, Math.ceil(hours * 60 - 1e-6));

function twice(all: readonly { readonly id: string }[], path: string): NoPlan | undefined {
  const seen = new Set<string>();
  for (const [at, { id }] of all.entries()) {
    if (seen.has(id)) return { path: `${path}[${at}].id`, problem: { kind: 'twice', id } };
    seen.add(id);
  }
  return undefined;
}

function unknown(asked: WorkAsked, steps: ReadonlyMap<string, number>): NoPlan | undefined {
  const gates = new Set(asked.gates.map(({ id }) => id));
  for (const list of ['steps', 'gates'] as const)
    for (const [at, { after }] of asked[list].entries())
      for (const [k, id] of after.entries())
        if (!steps.has(id))
          return { path: `${list}[${at}].after[${k}]`, problem: { kind: 'unknown-step', id } };
  for (const [at, { gate, people }] of asked.steps.entries()) {
    if (gate !== undefined && !gates.has(gate))
      return { path: `steps[${at}].gate`, problem: { kind: 'unknown-gate', id: gate } };
    if (people > asked.people)
      return { path: `steps[${at}].people`, problem: { kind: 'people', needs: people, has: asked.people } };
  }
  return undefined;
}

/** What each step waits for, by position: its own, and what its gate waits for. */
function waitsOf(
  { steps, gates }: WorkAsked,
  at: ReadonlyMap<string, number>,
): readonly (readonly number[])[] {
  const ofGate = new Map(gates.map(({ id, after }) => [id, after]));
  return steps.map(({ after, gate }) => {
    const all = [...after, ...(gate === undefined ? [] : (ofGate.get(gate) ?? []))];
    return [...new Set(all.map((id) => at.get(id) ?? 0))];
  });
}

/** A step of a circle; the first that waits for itself in the end. */
function circleIn({ steps }: WorkAsked, waits: readonly (readonly number[])[]): NoPlan | undefined {
  if (orderOf(waits) !== undefined) return undefined;
  const reaches = (from: number, to: number, seen: Set<number>): boolean =>
    (waits[from] ?? []).some((next) => {
      if (next === to) return true;
      if (seen.has(next)) return false;
      seen.add(next);
      return reaches(next, to, seen);
    });
  const at = steps.findIndex((_, step) => reaches(step, step, new Set()));
  return { path: `steps[${at}].after`, problem: { kind: 'circle', id: steps[at]?.id ?? '' } };
}

/** The spans of working time in which a step is not worked on. */
const closedFor = (id: string, { closed = [] }: WorkAsked, calendar: WorkCalendar) =>
  closed
    .filter(({ steps }) => steps.includes(id))
    .map(({ from, to }) => [calendar.workAt(from), calendar.workAt(to)] as const)
    .filter(([from, to]) => from < to);

/** One person or the other: of those that work at one time each is somebody else. */
function peopleOf(asked: WorkAsked, starts: readonly number[]): readonly (readonly number[])[] {
  const people = asked.steps.map((): readonly number[] => []);
  const busyTo = [0, 0];
  const order = asked.steps.map((_, at) => at).toSorted((a, b) => nth(starts, a) - nth(starts, b));
  for (const at of order) {
    const step = asked.steps[at];
    if (step === undefined) continue;
    const start = nth(starts, at);
    const who = step.people === 2 ? [1, 2] : [nth(busyTo, 0) <= start ? 1 : 2];
    for (const person of who) busyTo[person - 1] = start + minutesOf(step);
    people[at] = who;
  }
  return people;
}

/** When each gate opens: its own moment, or the end of the last of what it waits for, whichever is later. */
function gatesOf(
  { steps, gates }: WorkAsked,
  starts: readonly number[],
  at: ReadonlyMap<string, number>,
  calendar: WorkCalendar,
): WorkPlan['gates'] {
  return gates.map(({ id, after, earliest }) => {
    const done = after.map((each) => {
      const step = at.get(each) ?? 0;
      const own = steps[step];
      return nth(starts, step) + (own === undefined ? 0 : minutesOf(own));
    });
    const ended = done.length === 0 ? undefined : calendar.endTime(Math.max(...done));
    const moments = [ended, earliest].flatMap((each) => each ?? []).toSorted();
    return { id, opens: moments.at(-1) ?? calendar.startTime(0) };
  });
}

/**
 * Work put into days so that it ends as early as is found: each step unbroken but for nights and free days, two at a time
 * only in two places by one person each, nothing beside what takes everybody or leaves the house dead, nothing before its
 * gate.
 *
 * @param isQuick The best of many orders will do.
 */
export function workPlan(asked: WorkAsked, isQuick = false): WorkPlan | NoPlan {
  const at = new Map(asked.steps.map(({ id }, step) => [id, step]));
  const wrong = twice(asked.steps, 'steps') ?? twice(asked.gates, 'gates') ?? unknown(asked, at);
  if (wrong !== undefined) return wrong;
  const waits = waitsOf(asked, at);
  const circle = circleIn(asked, waits);
  if (circle !== undefined) return circle;
  const calendar = new WorkCalendar(asked);
  const places = new Map<string, number>();
  for (const { place } of asked.steps) if (!places.has(place)) places.set(place, places.size);
  const moments = new Map(asked.gates.map(({ id, earliest }) => [id, earliest]));
  const timed = asked.steps.map((step, index): TimedStep => {
    const earliest = step.gate === undefined ? undefined : moments.get(step.gate);
    return {
      minutes: minutesOf(step),
      place: places.get(step.place) ?? 0,
      alone: asked.people === 1 || step.people === 2 || step.dead,
      after: waits[index] ?? [],
      earliest: earliest === undefined ? 0 : calendar.workAt(earliest),
      closed: closedFor(step.id, asked, calendar),
    };
  });
  const plan = shortestPlan(timed, isQuick);
  if (plan === undefined) throw new Error('A circle that was looked for and not found.');
  const { finish, least, proved } = plan;
  const work = asked.steps.some(({ late }) => late === true) ? timedWork(timed) : undefined;
  const starts =
    work === undefined
      ? plan.starts
      : lateStarts(work, plan.starts, (step) => asked.steps[step]?.late === true);
  const people = peopleOf(asked, starts);
  return {
    steps: asked.steps.map((step, index): PlacedStep => {
      const start = nth(starts, index);
      const minutes = minutesOf(step);
      return {
        id: step.id,
        parts: calendar.parts(start, minutes),
        people: people[index] ?? [],
        start,
        minutes,
      };
    }),
    gates: gatesOf(asked, starts, at, calendar),
    finish: asked.steps.length === 0 ? null : calendar.endTime(finish),
    minutes: finish,
    least,
    proved,
  };
}
