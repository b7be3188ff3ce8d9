import type { GfciCandidate, GfciTest } from '../checks/gfciFaults';
import type { Traced } from '../checks/lineFromLoad';
import type { CheckConflict } from '../checks/mergeChecks';
import type { TakenTorque } from '../checks/torqueDriver';
import { isPair } from '../network/network';
import { PAIR_NAME } from './faultWords';
import type { Danger } from '../checks/dangers';
import type { ExpectedReading } from '../checks/expectedReadings';
import type { Proof, ProofStep } from '../checks/proofSteps';
import type { CircuitCheck } from '../checks/checksDocument';
import { printNumber as n } from '../units/number';

/** Steps of the proof, as they are listed. */
export const PROOF_NAME: Readonly<Record<ProofStep, string>> = {
  off: 'Off at every source, locked, tagged',
  dead: 'Live, dead, live',
  insulation: 'Insulation',
  ground: 'Ground, end to end',
  tie: 'Tie off the ground bar',
  torque: 'Torque',
  energized: 'Energized, load off',
  gfci: 'Ground-fault trip',
  load: 'Voltage under load',
  temperature: 'Terminal after an hour',
  left: 'Left on, or locked off',
};

/** How far a step is, at the end of its line. */
export function proofState({ state, done, of }: Proof): string {
  if (state === 'not-asked') return 'not asked';
  if (of > 1) return `${done} of ${of}`;
  return { open: 'open', part: 'in part', ok: 'done', out: 'out' }[state];
}

const unitOf = (value: number | null, unit: string, digits = 2): string =>
  value === null ? '' : `${n(value, digits)} ${unit}`;

/** The figure of a step of the proof, where it has one: "410 Mohm". */
export function proofFigure(step: ProofStep, check: CircuitCheck): string {
  switch (step) {
    case 'dead': {
      const { dead } = check;
      if (dead === null) return '';
      const read = [dead.before, dead.dead, dead.after];
      return `${read.map((volts) => (volts === null ? 'not read' : n(volts, 1))).join(', ')} V`;
    }
    case 'insulation':
      return unitOf(check.insulationMohm, 'Mohm');
    case 'ground':
      return unitOf(check.groundOhms, 'ohm');
    case 'gfci':
      return unitOf(check.tripMa, 'mA', 1);
    case 'load':
      return unitOf(check.loadA, 'A', 1);
    case 'temperature':
      return unitOf(check.riseC, 'K', 1);
    default:
      return '';
  }
}

/** What was passed over: "Skipped: Insulation, Torque". */
export const skippedWords = (steps: readonly ProofStep[]): string =>
  steps.length === 0 ? '' : `Before it, not done: ${steps.map((each) => PROOF_NAME[each]).join(', ')}.`;

/** The band of a reading: "117.5 to 121.9". */
export const bandWords = ({ low, high, pair }: ExpectedReading): string =>
  pair === 'NG' ? `at most ${n(high, 1)}` : `${n(low, 1)} to ${n(high, 1)}`;

/** What explanations predict for a reading: "5.5 or 0.2". */
export const predictedWords = (volts: readonly number[]): string =>
  volts.map((each) => n(each, 1)).join(' or ');

/** What is dangerous, in an order. */
export function dangerWords(danger: Danger): string {
  switch (danger.kind) {
    case 'heats':
      return `Switch it off now. A joint heats: ${n(danger.watts, 0)} W at ${n(danger.amps, 1)} A.`;
    case 'live-ground':
      return `Switch it off now. The ground is live: ${n(danger.volts, 0)} V on everything that is grounded by it. Touch nothing.`;
    case 'overvoltage':
      return `Switch it off now. 120 V loads get ${n(danger.volts, 0)} V.`;
    case 'open-ground':
      return 'Leave it off. The ground is open: a fault would leave metal live, and no breaker would trip.';
  }
}

/** How a circuit is left. */
export const LEFT_NAME: Readonly<Record<CircuitCheck['left'], string>> = {
  open: 'Not left yet',
  on: 'On, with its readings',
  locked: 'Off, locked, tagged',
};

/** What a torque driver's turn came to, and whether it is kept. */
export function driverWords(taken: TakenTorque): string {
  if (!('refused' in taken))
    return `${n(taken.lbIn)} lb-in by ${taken.tool}.${taken.overdue ? ' Its calibration is over a year old: check it against another.' : ''}`;
  return taken.refused === 'short'
    ? `It stopped at ${n(taken.lbIn, 1)} lb-in and did not let go. Not kept: turn it on until it does.`
    : `It came to ${n(taken.lbIn, 1)} lb-in: set for another screw. Not kept. Back off, set it, torque again.`;
}

/** What the dead test of two unmarked conductors tells. */
export const TRACED_WORDS: Readonly<Record<Traced, string>> = {
  one: 'The first one comes from the panel. Mark both. Take the tie off at the panel.',
  two: 'The second one comes from the panel. Mark both. Take the tie off at the panel.',
  neither:
    'Take the tie off at the panel first. Neither reads to the ground: the tie was not on, or these conductors are of another circuit.',
  both: 'Take the tie off at the panel first. Both read to the ground: they touch somewhere, or both come from the panel.',
};

/** What is wrong about a GFCI, and what is done about it. */
export function gfciWords({ fault, signs }: GfciCandidate): string {
  const { unbalancedMa: ma } = signs;
  const through = `${ma < 1000 ? `${n(ma, 0)} mA` : `${n(ma / 1000, 1)} A`} past it with the load on`;
  switch (fault.kind) {
    case 'neutral-on-bar':
      return signs.tripsOnLoad === false
        ? 'Load neutral on the neutral bar: this load draws nothing through it, the next one will trip it'
        : `Load neutral on the neutral bar, not on the device: ${through}`;
    case 'joined-past-it':
      return `Neutral and ground touch at ${fault.at}, past the device: ${through}`;
    case 'line-load-reversed':
      return 'Line and load reversed: what is past it stays live when it trips';
    case 'load-leaks':
      return 'The load leaks to ground: heating element, motor winding, moisture';
    case 'wire-leaks':
      return 'A wire or joint past it leaks to ground: damaged insulation, water in a box or raceway';
    case 'device-fails':
      return 'The device itself: replace it';
  }
}

/** What is tried next on a GFCI, and what each outcome leaves. */
export const GFCI_TEST: Readonly<Record<GfciTest, string>> = {
  tripsAlone:
    'Off, locked, proved dead: load disconnected at its terminals, ends capped. On again: it holds, the load; it trips, wire or joint past the device.',
  tripsOnLoad: 'On, then switch the load on: it trips as the load comes on, or it holds.',
  trippedV: 'Trip it by its button, read past it: volts there mean line and load reversed.',
  button: 'Press its own button: if it does not trip, replace it.',
};

const FIELD_NAME: Readonly<Record<string, string>> = {
  off: 'Off, locked, tagged',
  dead: 'Live, dead, live',
  insulationMohm: 'Insulation',
  groundOhms: 'Ground, end to end',
  loadA: 'Current with the load on',
  tripMa: 'GFCI trip',
  button: 'GFCI by its button',
  tripsOnLoad: 'GFCI as the load comes on',
  tripsAlone: 'GFCI with the load disconnected',
  trippedV: 'Volts past the tripped GFCI',
  riseC: 'Terminal over the ambient',
  traced: 'Unmarked conductors',
  left: 'How it is left',
  note: 'Note for the next trade',
};

/** What two people read differently: "Reading L1 to N at B, load on". */
export function conflictName({ key }: Pick<CheckConflict, 'key'>): string {
  const [kind = '', ...rest] = key.split(' ');
  if (kind === 'reading') {
    const [at = '', pair = '', state = ''] = rest;
    return `${isPair(pair) ? PAIR_NAME[pair] : pair} at ${at}, load ${state}`;
  }
  if (kind === 'torque') return `Torque, ${rest.join(' ')}`;
  if (kind === 'built') return 'Length as built';
  return FIELD_NAME[key] ?? key;
}

/** One side of it: "113.7", "45, 45". */
export function conflictValue(value: unknown): string {
  if (value === null || value === undefined) return 'none';
  if (typeof value === 'number') return n(value, 2);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value;
  return Object.values(value)
    .filter((each) => typeof each === 'number')
    .map((each) => n(each, 1))
    .join(', ');
}
