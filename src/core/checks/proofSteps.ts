import type { CircuitCheck } from './checksDocument';
import type { ExpectedReading } from './expectedReadings';

/** Steps of the proof of a circuit in their order: dead first, then live, then with the load on. */
export const PROOF_STEPS = [
  'off',
  'dead',
  'insulation',
  'ground',
  'tie',
  'torque',
  'energized',
  'gfci',
  'load',
  'temperature',
  'left',
] as const;
/** A step of the proof. */
export type ProofStep = (typeof PROOF_STEPS)[number];

/** How a step stands: not begun, in part, done, out of its limits, or not asked of this circuit. */
export type ProofState = 'open' | 'part' | 'ok' | 'out' | 'not-asked';

/** What a step comes to. */
export interface Proof {
  readonly step: ProofStep;
  readonly state: ProofState;
  readonly done: number;
  readonly of: number;
}

/** What a circuit is proved by besides its readings. */
export interface Proved {
  readonly check: CircuitCheck;
  readonly expected: readonly ExpectedReading[];
  /** Terminals by their keys. */
  readonly terminals: readonly string[];
  readonly groundLimitOhms: number;
  readonly hasGfci: boolean;
}

/** Insulation in megohms: good from here on, a fail below. Between them it is looked into. */
export const INSULATION_MOHM = { good: 25, fail: 1 } as const;
/** A GFCI for people trips in this range, milliamperes. */
export const TRIP_MA = { low: 4, high: 6 } as const;
/** A terminal hotter than the ambient by more than this is loose, small, or of the wrong metal; kelvin. */
export const RISE_K = 30;
/** A tester on a live source shows more than this. */
const LIVE_V = 90;
/** A tester on dead conductors shows less than this. */
export const DEAD_V = 3;

/** Ohms of a ground from end to end: its table's, 15 % more, and a tenth for leads and joints. */
export const groundLimit = (tableOhms: number): number => 1.15 * tableOhms + 0.1;

const stateOf = (value: number | null, isGood: (value: number) => boolean): ProofState =>
  value === null ? 'open' : isGood(value) ? 'ok' : 'out';

function voltsProof(step: 'energized' | 'load', all: readonly ExpectedReading[]): Proof {
  const done = all.filter(({ read }) => read !== null).length;
  const state = all.some((each) => each.state === 'out')
    ? 'out'
    : done === 0
      ? 'open'
      : done < all.length
        ? 'part'
        : 'ok';
  return { step, state, done, of: all.length };
}

function torqueProof({ check, terminals }: Proved): Proof {
  const known = new Map(check.torque.map((each) => [each.terminal, each]));
  const done = terminals.filter((each) => known.get(each)?.second != null).length;
  const begun = terminals.some((each) => known.has(each));
  return {
    step: 'torque',
    state: done === terminals.length ? 'ok' : begun ? 'part' : 'open',
    done,
    of: terminals.length,
  };
}

/** Live, dead, live: the tester works before and after, and shows nothing between. What was not read is not nothing. */
function deadState({ dead }: CircuitCheck): ProofState {
  const states = [
    stateOf(dead?.before ?? null, (each) => each > LIVE_V),
    stateOf(dead?.dead ?? null, (each) => each < DEAD_V),
    stateOf(dead?.after ?? null, (each) => each > LIVE_V),
  ];
  if (states.includes('out')) return 'out';
  if (!states.includes('open')) return 'ok';
  return states.includes('ok') ? 'part' : 'open';
}

/** A hot that was tied to the ground bar to trace conductors is taken off it before anything is landed. */
const tieState = ({ traced }: CircuitCheck): ProofState =>
  traced === null ? 'not-asked' : traced.tieOff ? 'ok' : 'open';

function gfciState({ check, hasGfci }: Proved): ProofState {
  if (!hasGfci) return 'not-asked';
  const { tripMa, button, tripsOnLoad, tripsAlone, trippedV } = check;
  if (button === false || (tripMa !== null && (tripMa < TRIP_MA.low || tripMa > TRIP_MA.high))) return 'out';
  if (tripsOnLoad === true || tripsAlone === true || (trippedV !== null && trippedV >= DEAD_V)) return 'out';
  if (button === null && tripMa === null) return 'open';
  return button === true && tripMa !== null && trippedV !== null && tripsOnLoad === false ? 'ok' : 'part';
}

/** The steps of the proof of a circuit, each with how it stands. */
export function proofSteps(proved: Proved): readonly Proof[] {
  const { check, expected, groundLimitOhms } = proved;
  const one = (step: ProofStep, state: ProofState): Proof => ({
    step,
    state,
    done: state === 'ok' ? 1 : 0,
    of: 1,
  });
  return [
    one('off', check.off ? 'ok' : 'open'),
    one('dead', deadState(check)),
    one(
      'insulation',
      stateOf(check.insulationMohm, (each) => each >= INSULATION_MOHM.good),
    ),
    one(
      'ground',
      stateOf(check.groundOhms, (each) => each <= groundLimitOhms),
    ),
    one('tie', tieState(check)),
    torqueProof(proved),
    voltsProof(
      'energized',
      expected.filter(({ on }) => !on),
    ),
    one('gfci', gfciState(proved)),
    voltsProof(
      'load',
      expected.filter(({ on }) => on),
    ),
    one(
      'temperature',
      stateOf(check.riseC, (each) => each <= RISE_K),
    ),
    one('left', check.left === 'open' ? 'open' : 'ok'),
  ];
}

/** Steps that come before one and do not hold: what was skipped is named. */
export const skippedBefore = (steps: readonly Proof[], step: ProofStep): readonly ProofStep[] => {
  const at = PROOF_STEPS.indexOf(step);
  return steps
    .filter(
      ({ step: each, state }) => PROOF_STEPS.indexOf(each) < at && state !== 'ok' && state !== 'not-asked',
    )
    .map(({ step: each }) => each);
};
