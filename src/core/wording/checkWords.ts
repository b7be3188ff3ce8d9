import type { Danger } from '../checks/dangers';
import type { ExpectedReading } from '../checks/expectedReadings';
import type { Proof, ProofStep } from '../checks/proofSteps';
import type { CircuitCheck } from '../checks/checksDocument';
import { printNumber as n } from '../units/number';

/** Steps of the proof, as they are listed. */
export const PROOF_NAME: Readonly<Record<ProofStep, string>> = {
  off: 'Off, locked, tagged',
  dead: 'Live, dead, live',
  insulation: 'Insulation',
  ground: 'Ground, end to end',
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
