import type { JobEstimate, Spread } from '../estimate/jobEstimate';
import type { JobEvaluation } from '../job/evaluateJob';
import type { Job } from '../job/jobSchema';
import type { TakenHours } from '../labor/laborDocument';
import type { GateId, GateRecord } from '../timing/daysDocument';
import { dateOf, dayNumber, minuteOf, timeOf } from '../units/civilDay';
import { WorkCalendar } from '../timing/workCalendar';
import { isNoPlan, workPlan, type PlacedStep, type WorkAsked, type WorkPlan } from '../timing/workPlan';
import { closedSpan, closedTimes, isDark, stops } from './closedTimes';
import { doneHours } from './doneHours';
import { earliestOf, later } from './gateMoments';
import { doneSteps } from './doneSteps';
import type { JobGate, JobStep, JobWork } from './jobStep';
import { jobWork } from './jobSteps';

/** A step of a job in its days. */
export interface DayStep extends JobStep {
  readonly placed: PlacedStep;
  /** What it begins right after: a step, a gate, or the moment that it was moved to; null where it begins with the work. */
  readonly because:
    | { readonly kind: 'step' | 'resource'; readonly id: string }
    | { readonly kind: 'gate'; readonly id: GateId }
    | { readonly kind: 'moved' }
    | { readonly kind: 'closed' | 'word'; readonly id: string }
    | null;
  /** Whether it is done: it stands where it was done. */
  readonly isDone: boolean;
  /** Whether part of it is outdoors in the dark. */
  readonly dark: boolean;
  /** Last day of the marks in the ground, where it digs after that; null where they hold or their end is not known. */
  readonly marksEnded: string | null;
}

/** A gate of a job in its days. */
export interface DayGate extends JobGate {
  readonly record: GateRecord;
  readonly opens: string;
}

/** The work of a job in its days. */
export interface JobDays {
  readonly steps: readonly DayStep[];
  readonly gates: readonly DayGate[];
  readonly finish: string | null;
  /** The day from which what is not done is planned. */
  readonly from: string;
  /** With the low and the high hours. */
  readonly range: { readonly low: string | null; readonly high: string | null };
  /** Hours of every person, and of a dead house. */
  readonly personH: readonly number[];
  readonly deadH: number;
  /** Nights over which a trench stands open. */
  readonly openNights: number;
  readonly proved: boolean;
  /** Circuits whose own steps are all done, with their hours: they feed the pace of the quote. */
  readonly done: readonly TakenHours[];
}

/** A gate of which nothing was recorded: the call before digging is open by its ticket. */
function unknownGate(id: GateId, { locate }: Job): GateRecord {
  const passed =
    id === 'call' && locate !== null ? { by: `ticket ${locate.ticket}`, at: `${locate.date}T00:00` } : null;
  return { id, booked: null, until: null, passed, failed: '', photos: [] };
}

/** When the last of what a step is asked about was answered, or is expected to be. */
const answeredAt = (id: string, { words }: Job['days']): string | undefined =>
  later(...words.filter(({ step }) => step === id).map(({ at, by }) => at ?? by));

/** From when on what is not done is planned. */
interface From {
  /** The day. */
  readonly from: string;
  /** The moment, where part of that day is over. */
  readonly now: string | undefined;
}

const QUARTER_MIN = 15;

/** What is not done is planned from the first day of the job on, and never before now. */
function fromWhen({ days }: Job, now: string): From {
  const today = now.slice(0, 10);
  if (days.from !== null && days.from > today) return { from: days.from, now: undefined };
  const quarter = Math.ceil(minuteOf(now) / QUARTER_MIN) * QUARTER_MIN;
  return { from: today, now: now.length > today.length ? timeOf(quarter) : undefined };
}

/** What is put into days: steps that are not done, with likely, low or high hours. */
function asked(job: Job, { steps, gates }: JobWork, { from, now }: From, of: keyof Spread): WorkAsked {
  const { hours, workdays, people, moved } = job.days;
  const pins = new Map(moved.map(({ id, earliest }) => [id, earliest]));
  // A step has one gate: one that was moved or waits for an answer has its own, which opens with the other and at its moment.
  const own = steps.flatMap(({ id, gate }) => {
    const pin = later(pins.get(id), answeredAt(id, job.days));
    if (pin === undefined) return [];
    const other = gates.find((each) => each.id === gate);
    const opens = gate === null ? undefined : earliestOf(gate, job, from);
    return [{ id: `own ${id}`, after: other?.after ?? [], earliest: later(pin, opens) }];
  });
  const hasOwn = new Set(own.map(({ id }) => id));
  return {
    from,
    hours,
    workdays,
    people,
    steps: steps.map(({ id, kind, hours: spread, place, people: takes, after, gate, dead }) => ({
      id,
      hours: quarters(spread[of]),
      place,
      people: takes,
      after,
      gate: hasOwn.has(`own ${id}`) ? `own ${id}` : (gate ?? undefined),
      dead,
      late: kind === 'dig',
    })),
    gates: [...gates.map(({ id, after }) => ({ id, after, earliest: earliestOf(id, job, from) })), ...own],
    closed: [
      ...closedTimes(job, steps),
      ...(now === undefined ? [] : [{ steps: steps.map(({ id }) => id), from: `${from}T00:00`, to: now }]),
    ],
  };
}

/** Nobody plans finer than a quarter of an hour. */
const quarters = (hours: number): number => Math.max(0.25, Math.ceil(hours * 4 - 1e-6) / 4);

/** What a step begins right after: what it waits for, its gate, or what held its people or its place. */
function becauseOf(
  step: JobStep,
  placed: PlacedStep,
  plan: WorkPlan,
  steps: ReadonlyMap<string, JobStep>,
  { job, calendar }: { readonly job: Job; readonly calendar: WorkCalendar },
): DayStep['because'] {
  if (placed.start === 0) return null;
  const endsHere = plan.steps.filter(({ start, minutes }) => start + minutes === placed.start);
  const waited = endsHere.find(({ id }) => step.after.includes(id));
  if (waited !== undefined) return { kind: 'step', id: waited.id };
  const begins = placed.parts[0]?.start ?? '';
  const gate = plan.gates.find(({ id }) => id === step.gate);
  const held = endsHere.find(({ id, people }) => {
    const other = steps.get(id);
    return (
      other?.place === step.place ||
      other?.dead === true ||
      step.dead ||
      people.some((who) => placed.people.includes(who))
    );
  });
  if (held !== undefined) return { kind: 'resource', id: held.id };
  const isMoment = (time: string | null): boolean => time !== null && calendar.workAt(time) === placed.start;
  const closed = job.days.closed.find((each) => stops(each, step, job) && isMoment(closedSpan(each).to));
  if (closed !== undefined) return { kind: 'closed', id: closed.id };
  const word = job.days.words.find((each) => each.step === step.id && isMoment(each.at ?? each.by));
  if (word !== undefined) return { kind: 'word', id: word.id };
  const moved = job.days.moved.find(({ id }) => id === step.id);
  // Moved to before its gate opens, it is the gate that holds it.
  if (moved !== undefined && isMoment(moved.earliest)) return { kind: 'moved' };
  return gate !== undefined && step.gate !== null && gate.opens <= begins
    ? { kind: 'gate', id: step.gate }
    : null;
}

/** The last day of the marks where a step that waits for them ends after it and is not done. */
function marksEnded({ id, gate }: JobStep, { parts }: PlacedStep, { locate, days }: Job): string | null {
  const until = locate?.until;
  const ends = parts.at(-1)?.end.slice(0, 10);
  const isOpen = gate === 'call' && !days.done.some((each) => each.id === id);
  return isOpen && until != null && ends !== undefined && ends > until ? until : null;
}

/** Nights between the digging of a trench and its filling. */
function openNights(steps: readonly DayStep[]): number {
  const nights = new Set<string>();
  for (const { id, kind, placed } of steps) {
    if (kind !== 'dig') continue;
    const filled = steps.find((each) => each.id === id.replace(/^dig/, 'backfill'));
    const from = placed.parts[0]?.start.slice(0, 10);
    const to = filled?.placed.parts.at(-1)?.end.slice(0, 10);
    if (from === undefined || to === undefined) continue;
    for (let day = from; day < to; day = nextDay(day)) nights.add(day);
  }
  return nights.size;
}

const nextDay = (day: string): string => dateOf(dayNumber(day) + 1);

/** What is left of the work when some of it is done; a gate opens no earlier than what it waited for was done. */
function leftOf({ steps, gates }: JobWork, done: ReadonlyMap<string, PlacedStep>): JobWork {
  const left = (after: readonly string[]): readonly string[] => after.filter((id) => !done.has(id));
  return {
    steps: steps.flatMap((step) => (done.has(step.id) ? [] : [{ ...step, after: left(step.after) }])),
    gates: gates.map((gate) => ({ ...gate, after: left(gate.after) })),
  };
}

/** When a gate opens by the plan: no earlier than the last of what it waits for was done. */
const opensAt = (
  { id, after }: JobGate,
  { gates }: WorkPlan,
  done: ReadonlyMap<string, PlacedStep>,
): string | undefined => {
  const ended = after.flatMap((each) => {
    const at = done.get(each);
    return at === undefined ? [] : [endOf(at)];
  });
  return later(gates.find((gate) => gate.id === id)?.opens, ...ended);
};

const endOf = ({ parts }: PlacedStep): string | undefined => parts.at(-1)?.end;

/**
 * The work of a job put into days, with the range of its hours. What is done stays where it was done; nothing else lies
 * before now.
 *
 * @param now The moment, or the day: YYYY-MM-DDTHH:MM, or YYYY-MM-DD for its opening.
 */
export function jobDays(evaluation: JobEvaluation, estimate: JobEstimate, now: string): JobDays {
  const work = jobWork(evaluation, estimate);
  const { steps, gates } = work;
  const { days } = evaluation.job;
  const done = doneSteps(steps, days);
  const left = leftOf(work, done);
  const when = fromWhen(evaluation.job, now);
  const { from } = when;
  const planOf = (of: keyof Spread): WorkPlan => {
    // The ends of the range tell days, not minutes: the best of many orders will do.
    const plan = workPlan(asked(evaluation.job, left, when, of), of !== 'likely');
    if (isNoPlan(plan)) throw new Error(`The steps of a job are at odds: ${JSON.stringify(plan)}.`);
    return plan;
  };
  const plan = planOf('likely');
  const placed = new Map([...done, ...plan.steps.map((step) => [step.id, step] as const)]);
  const calendar = new WorkCalendar({ ...days, from });
  const byId = new Map(steps.map((step) => [step.id, step]));
  const dayed = steps.flatMap((step): readonly DayStep[] => {
    const at = placed.get(step.id);
    if (at === undefined) return [];
    const isDone = done.has(step.id);
    const because = isDone ? null : becauseOf(step, at, plan, byId, { job: evaluation.job, calendar });
    return [
      {
        ...step,
        isDone,
        placed: at,
        because,
        dark: isDark(step, at, days.daylight),
        marksEnded: marksEnded(step, at, evaluation.job),
      },
    ];
  });
  const records = new Map(days.gates.map((record) => [record.id, record]));
  const all = [...placed.values()];
  const lastDone = later(...[...done.values()].map(endOf)) ?? null;
  const ends = ({ finish }: WorkPlan): string | null => finish ?? lastDone;
  return {
    steps: dayed,
    gates: gates.map((gate) => ({
      ...gate,
      record: records.get(gate.id) ?? unknownGate(gate.id, evaluation.job),
      opens: opensAt(gate, plan, done) ?? from,
    })),
    finish: ends(plan),
    from,
    range: { low: ends(planOf('low')), high: ends(planOf('high')) },
    personH: Array.from({ length: days.people }, (_, who) =>
      all.reduce((sum, { people, minutes }) => (people.includes(who + 1) ? sum + minutes / 60 : sum), 0),
    ),
    deadH: dayed.reduce((sum, { dead, placed: { minutes } }) => (dead ? sum + minutes / 60 : sum), 0),
    openNights: openNights(dayed),
    proved: plan.proved,
    done: doneHours(evaluation.job, steps, estimate),
  };
}
