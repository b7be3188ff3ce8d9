import type { DayGate, DayStep, JobDays } from '../days/jobDays';
import type { JobStep, StepKind, WorkPlace } from '../days/jobStep';
import type { Job } from '../job/jobSchema';
import { GATE_IDS, type GateId } from '../timing/daysDocument';
import { dayNumber, weekdayOf } from '../units/civilDay';
import { printDay } from '../units/day';
import { printNumber as n } from '../units/number';
import { counted } from './words';

const KIND: Readonly<Record<StepKind, string>> = {
  dig: 'Dig',
  conduit: 'Glue and lay conduit',
  ring: 'Bond',
  rough: 'Rough-in',
  pull: 'Pull',
  backfill: 'Backfill, ribbon',
  subpanel: 'Set the subpanel',
  trim: 'Trim',
  panel: 'Land the circuits in the panel',
  prove: 'Energize, prove',
  mend: 'Mend',
  'hand-over': 'Hand over',
};

/** What is done, where there is little room for it. */
const SHORT: Readonly<Partial<Record<StepKind, string>>> = {
  conduit: 'Conduit',
  backfill: 'Backfill',
  subpanel: 'Subpanel',
};

/** Where work is done, over its lane. */
export const PLACE_NAME: Readonly<Record<WorkPlace, string>> = {
  panel: 'Panel',
  house: 'House',
  trench: 'Trench',
  garage: 'Garage',
  building: 'Other building',
  post: 'Post, yard',
  water: 'Water',
};

/** Somebody's word that work waits for. */
export const GATE_NAME: Readonly<Record<GateId, string>> = {
  permit: 'Permit',
  call: 'Call before digging',
  'rough-in': 'Rough-in inspection',
  bonding: 'Bonding inspection',
  final: 'Final inspection',
};

/** What each gate is for, in a sentence. */
export const GATE_WHY: Readonly<Record<GateId, string>> = {
  permit: 'Nothing is begun before it is issued.',
  call: 'Nothing is dug before the lines in the ground are marked: without a ticket three days of work are counted, the local center says how many.',
  'rough-in':
    'Nothing is covered before the inspector has seen it: conduit in its trench, cable, boxes, grounds made up.',
  bonding: 'Nothing is poured or covered before the inspector has seen the ring, its tails and connections.',
  final: 'It is handed over when the authority has passed it.',
};

/** What a step is about, in short: "Dig, Feeder, garage". */
export function stepName({ id, kind, circuitIds }: JobStep, { circuits, yard }: Job): string {
  const mends = GATE_IDS.find((gate) => id === `mend ${gate}`);
  if (mends !== undefined) return `Mend for the ${GATE_NAME[mends].toLowerCase()}`;
  const water = yard.waters.find((each) => id === `ring ${each.id}`);
  const names = circuits.flatMap(({ id: each, name }) => (circuitIds.includes(each) ? [name] : []));
  const about = water?.name ?? (names.length === 1 ? names[0] : undefined);
  return about === undefined ? KIND[kind] : `${KIND[kind]}: ${about}`;
}

/** A step in a narrow lane: what is done, and the numbers of its circuits: "Rough-in 4". */
export function stepShort(step: JobStep, job: Job): string {
  const { kind, circuitIds } = step;
  const numbers = job.circuits.flatMap(({ id }, at) => (circuitIds.includes(id) ? [at + 1] : []));
  const [only] = numbers;
  return numbers.length === 1 && only !== undefined ? `${only} ${SHORT[kind] ?? KIND[kind]}` : KIND[kind];
}

const WEEKDAY = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** A day of work: "Mon 16". */
export const dayWords = (date: string): string =>
  `${WEEKDAY[weekdayOf(dayNumber(date)) - 1] ?? ''} ${Number(date.slice(8, 10))}`;

/** A time of day: "7:30", "1:30 pm". */
export function clockWords(time: string): string {
  const hour = Number(time.slice(11, 13));
  const minute = time.slice(14, 16);
  const twelve = hour % 12 === 0 ? 12 : hour % 12;
  return `${twelve}:${minute}${hour < 12 ? '' : ' pm'}`;
}

/** A moment: "Mon 16, 7:30". */
export const momentWords = (time: string): string => `${dayWords(time.slice(0, 10))}, ${clockWords(time)}`;

/** From when to when a step is worked on. */
export function whenWords({ placed: { parts } }: DayStep): string {
  const [first] = parts;
  const last = parts.at(-1);
  if (first === undefined || last === undefined) return '';
  const same = first.start.slice(0, 10) === last.end.slice(0, 10);
  return `${momentWords(first.start)} to ${same ? clockWords(last.end) : momentWords(last.end)}`;
}

/** Why a step begins when it does. */
export function becauseWords(step: DayStep, { steps, gates }: JobDays, job: Job): string {
  const { because } = step;
  if (because === null) return 'It begins with the work.';
  const other = 'id' in because ? steps.find(({ id }) => id === because.id) : undefined;
  const name = other === undefined ? '' : stepName(other, job);
  switch (because.kind) {
    case 'step':
      return `It waits for ${name}.`;
    case 'resource':
      return other?.dead === true || step.dead
        ? `Nothing goes on beside a dead house: ${name} ends then.`
        : other?.place === step.place
          ? `The place is taken until ${name} is done.`
          : `Nobody is free until ${name} is done.`;
    case 'gate': {
      const gate = gates.find(({ id }) => id === because.id);
      return `${GATE_NAME[because.id]}: ${gate === undefined ? '' : `opens ${momentWords(gate.opens)}`}.`;
    }
    case 'moved':
      return 'It was moved there by hand.';
  }
}

/** How a gate stands. */
export function gateState({ record }: DayGate): string {
  const { passed, booked, failed } = record;
  if (passed !== null) return `Passed ${momentWords(passed.at)}, ${passed.by}`;
  if (failed !== '') return `Not passed: ${failed}`;
  return booked === null ? 'Not booked' : `Booked for ${momentWords(booked)}`;
}

/** What dies with the house, and what to do about it. */
export function deadWords({ circuits }: Job): string {
  const well = circuits.some(({ appliance }) => appliance.family === 'well-pump');
  return `Lights and tools are dead too: bring other light and power.${well ? ' No water either: the well pump is dead. Tell the owner.' : ' Tell the owner: freezer, heat, internet.'}`;
}

/** When all is done, with the range of the hours. */
export function finishWords({ finish, range }: JobDays): string {
  if (finish === null) return 'Nothing to do yet';
  const day = (time: string | null): string => (time === null ? '' : printDay(time.slice(0, 10)));
  const [low, high] = [day(range.low), day(range.high)];
  return low === high
    ? `Done ${day(finish)}`
    : `Done ${day(finish)}; with the range of hours ${low} to ${high}`;
}

/** Hours as they stand in a list. */
export const hoursWords = (hours: number): string => `${n(hours, 2)} h`;

/** Nights with an open trench: "9 nights". */
export const nightsWords = (nights: number): string => counted(nights, 'night');
