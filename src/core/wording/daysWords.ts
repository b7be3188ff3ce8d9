import { sourcesOf } from '../panel/secondSources';
import { sourceName } from './panelWords';
import type { DayGate, DayStep, JobDays } from '../days/jobDays';
import type { JobStep, StepKind } from '../days/jobStep';
import type { Job } from '../job/jobSchema';
import {
  GATE_IDS,
  type AskedWord,
  type Closed,
  type ClosedKind,
  type GateId,
  type WorkPlace,
} from '../timing/daysDocument';
import { printDay } from '../units/day';
import { printNumber as n } from '../units/number';
import { clockWords, dayWords, momentWords } from './momentWords';
import { counted } from './words';

const KIND: Readonly<Record<StepKind, string>> = {
  dig: 'Dig',
  conduit: 'Lay in the trench',
  ring: 'Bond',
  cover: 'Fill or pour over the bonding',
  rough: 'Rough-in',
  pull: 'Pull',
  backfill: 'Backfill, ribbon',
  subpanel: 'Set the subpanel',
  trim: 'Trim',
  'set-panel': 'Service and panel, utility off',
  land: 'Land the circuits in the subpanel, feeder off',
  panel: 'Land the circuits in the panel',
  prove: 'Prove dead',
  energize: 'Energize, test',
  mend: 'Mend',
  'hand-over': 'Hand over',
};

/** What is done, where there is little room for it. */
const SHORT: Readonly<Partial<Record<StepKind, string>>> = {
  conduit: 'Lay',
  backfill: 'Backfill',
  cover: 'Cover',
  'set-panel': 'Service',
  land: 'Land',
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
  trench: 'Trench inspection',
  'rough-in': 'Rough-in inspection',
  bonding: 'Bonding inspection',
  utility: 'Utility',
  final: 'Final inspection',
};

/** What each gate is for, in a sentence. */
export const GATE_WHY: Readonly<Record<GateId, string>> = {
  permit: 'Nothing is begun before it is issued.',
  call: 'Nothing is dug before the lines in the ground are marked, and marks expire. Without a ticket three days of work are counted, the local center says how many. Private gas and irrigation lines are not marked; hand-dig beside a mark; 5 ft deep and deeper needs protection.',
  trench: 'Nothing is backfilled before the inspector has seen what lies in the open trench.',
  'rough-in': 'Nothing is covered before the inspector has seen it: cable, boxes, grounds made up.',
  bonding:
    'Nothing is poured, decked or filled before the inspector has seen steel, ring, taps and connections.',
  utility:
    'Service lugs, the service bond, a panel change and sensors there are worked on with the utility off: its line side stays live else.',
  final: 'It is handed over when the authority has passed it.',
};

/** What a step is about, in short: "Dig, Feeder, garage". */
export function stepName({ id, kind, circuitIds }: JobStep, { circuits, yard }: Job): string {
  const mends = GATE_IDS.find((gate) => `${id} `.startsWith(`mend ${gate} `));
  if (mends !== undefined) return `Mend for the ${GATE_NAME[mends].toLowerCase()}`;
  const water = yard.waters.find((each) => id === `ring ${each.id}` || id === `cover ${each.id}`);
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
    case 'closed': {
      const closed = job.days.closed.find(({ id }) => id === because.id);
      return closed === undefined ? '' : `It cannot go on before: ${closedWords(closed)}.`;
    }
    case 'word': {
      const word = job.days.words.find(({ id }) => id === because.id);
      return word === undefined ? '' : `It waits for an answer: ${word.question}`;
    }
  }
}

/** The kinds of times in which some of the work stops. */
export const CLOSED_NAME: Readonly<Record<ClosedKind, string>> = {
  trade: 'Another trade',
  rain: 'Rain',
  frost: 'Frost',
  heat: 'Attic too hot',
};

/** The kinds of times in which some of the work stops, with what each stops. */
export const CLOSED_STOPS: Readonly<Record<ClosedKind, string>> = {
  trade: 'Nothing goes on where the other trade works.',
  rain: 'Nothing goes on in the trench, the yard, at the water.',
  frost: 'No digging, filling, gluing, bonding in the ground.',
  heat: 'Nobody works in the attic.',
};

/** What stops: "Another trade, House: patch and paint". */
export function closedName({ kind, place, note }: Closed): string {
  const where = kind === 'trade' && place !== null ? `, ${PLACE_NAME[place]}` : '';
  return `${CLOSED_NAME[kind]}${where}${note === '' ? '' : `: ${note}`}`;
}

const hourWords = (hour: number): string =>
  clockWords(
    `2000-01-01T${`${Math.floor(hour)}`.padStart(2, '0')}:${`${Math.round((hour % 1) * 60)}`.padStart(2, '0')}`,
  );

/** What stops and when: "Rain, Wed 18, 1:00 pm to 4:00 pm". */
export const closedWords = (closed: Closed): string =>
  `${closedName(closed)}, ${dayWords(closed.date)}, ${hourWords(closed.hours[0])} to ${hourWords(closed.hours[1])}`;

/** How a question stands. */
export function wordState({ answer, who, by }: AskedWord): string {
  const from = who === '' ? '' : ` by ${who}`;
  if (answer !== '') return `Answered${from}: ${answer}`;
  return by === null ? `Not answered yet${from}` : `Not answered yet${from}; expected ${momentWords(by)}`;
}

/** Work after sunset or before sunrise. */
export const darkWords = ([rise, set]: readonly [number, number]): string =>
  `Part of it is in the dark: sunrise ${hourWords(rise)}, sunset ${hourWords(set)}. Bring light, or move it.`;

/** That the marks of the utilities end before a step does. */
export const marksWords = (until: string): string =>
  `The marks in the ground hold to ${dayWords(until)}. Ask the local center for new ones before this step; private gas and irrigation lines are not marked.`;

/** What a question is sent as, with the place that it is about. */
export const askedText = ({ question, by }: AskedWord, step: string, job: string): string =>
  `${job}. ${question} It is about: ${step}.${by === null ? '' : ` Needed by ${momentWords(by)}.`}`;

/** How a gate stands. */
export function gateState({ record }: DayGate): string {
  const { passed, booked, until, failed } = record;
  if (passed !== null) return `Passed ${momentWords(passed.at)}, ${passed.by}`;
  if (failed !== '') return `Not passed: ${failed}`;
  if (booked === null) return 'Not booked';
  return `Booked for ${momentWords(booked)}${until === null ? '' : ` to ${clockWords(until)}`}`;
}

/** What dies with the house, and what to do about it. */
export function deadWords({ circuits, panels }: Job): string {
  const sources = sourcesOf(panels);
  const off = sources.length === 0 ? '' : `Off too: ${sources.map((each) => sourceName(each)).join(', ')}. `;
  const well = circuits.some(({ appliance }) => appliance.family === 'well-pump');
  return `${off}Lights and tools are dead too: bring other light and power.${well ? ' No water either: the well pump is dead. Tell the owner.' : ' Tell the owner: freezer, heat, internet.'}`;
}

/** How deep a post is set, for the work at one that is new; null for other work. */
export function postWords({ kind, place }: JobStep, { yard }: Job): string | null {
  if (kind !== 'rough' || place !== 'post') return null;
  const { frostIn } = yard;
  return frostIn !== null && frostIn > 0
    ? `A post that is set stands below frost: ${n(frostIn)} in at least.`
    : 'A post that is set stands below frost: ask the authority how deep.';
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
