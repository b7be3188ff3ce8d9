import { PAIRS, pairIn, runsTo } from '../network/network';
import type { BenchDesk, Taken } from './benchDesk';
import type { Measurement, Read } from './measurement';

/** What would have hurt at real wire. It is never bought back by few readings. */
export const UNSAFE_ACTS = [
  'tester-not-proved',
  'ohms-live',
  'not-proved-dead',
  'not-proved-after',
  'proof-order',
] as const;
/** Something that would have hurt. */
export type UnsafeAct = (typeof UNSAFE_ACTS)[number];

/** Steps of the proof of a claim, each asked for in its turn. */
export const PROOF_ACTS = ['off', 'lock', 'live', 'dead', 'live-again', 'mend', 'read-again'] as const;
/** A step of the proof. */
export type ProofAct = (typeof PROOF_ACTS)[number];

/** What was done, line by line. */
export type LogLine =
  | { readonly kind: 'reading'; readonly measurement: Measurement; readonly read: Read }
  /** Read with the breaker off: nothing is there, and nothing is learned of the fault. */
  | { readonly kind: 'dead-reading' }
  /** Each conductor of a station to every other, with the breaker off. */
  | { readonly kind: 'dead-sweep'; readonly station: number }
  | { readonly kind: 'proved' }
  | { readonly kind: 'breaker'; readonly on: boolean }
  | { readonly kind: 'hint'; readonly key: string }
  | { readonly kind: 'claim'; readonly key: string; readonly right: boolean }
  | { readonly kind: 'unsafe'; readonly act: UnsafeAct };

/** A try at a bench. */
export interface BenchSession {
  readonly breakerOn: boolean;
  /** Whether the tester was proved on a live source since it was taken up, and after the last reading. */
  readonly proved: boolean;
  readonly provedSince: boolean;
  /** What was read between two conductors with the breaker off by a tester that was proved before: "2 L1N". */
  readonly readDead: readonly string[];
  /** Stations proved dead since the breaker was opened: each conductor to every other, and the tester again. */
  readonly dead: readonly number[];
  readonly log: readonly LogLine[];
  /** What was claimed rightly and is being proved; null until then. */
  readonly claimed: string | null;
  /** How many steps of the proof are done. */
  readonly proof: number;
}

/** What the learner does. */
export type BenchAct =
  | { readonly kind: 'measure'; readonly measurement: Measurement }
  | { readonly kind: 'prove-tester' }
  /** Each conductor of a station to every other, neutral and ground, one after the other. */
  | { readonly kind: 'sweep-dead'; readonly station: number }
  | { readonly kind: 'breaker'; readonly on: boolean }
  | { readonly kind: 'hint' }
  | { readonly kind: 'claim'; readonly key: string }
  | { readonly kind: 'proof'; readonly act: ProofAct };

/** A bench before anything is done at it. */
export const FRESH_SESSION: BenchSession = {
  breakerOn: true,
  proved: false,
  provedSince: false,
  readDead: [],
  dead: [],
  log: [],
  claimed: null,
  proof: 0,
};

const noted = (session: BenchSession, ...lines: readonly LogLine[]): BenchSession => ({
  ...session,
  log: [...session.log, ...lines],
});

const unsafe = (session: BenchSession, act: UnsafeAct): BenchSession =>
  noted(session, { kind: 'unsafe', act });

/** The readings that were taken, in their order. */
export const takenIn = ({ log }: BenchSession): readonly Taken[] =>
  log.flatMap((line) =>
    line.kind === 'reading' ? [{ measurement: line.measurement, read: line.read }] : [],
  );

/** Ohms: on dead conductors that were proved dead. */
function readDead(session: BenchSession, measurement: Measurement, desk: BenchDesk): BenchSession {
  if (session.breakerOn) return unsafe(session, 'ohms-live');
  const isDead = session.dead.includes(measurement.station);
  const after = isDead ? session : unsafe(session, 'not-proved-dead');
  return noted(after, { kind: 'reading', measurement, read: desk.read(measurement) });
}

/** Volts, amperes, heat: with a tester that was proved; with the breaker off there is nothing to read. */
function readLive(session: BenchSession, measurement: Measurement, desk: BenchDesk): BenchSession {
  const isVolts = measurement.tool === 'volts' || measurement.tool === 'low';
  const before = isVolts && !session.proved ? unsafe(session, 'tester-not-proved') : session;
  if (!session.breakerOn) {
    const { station, of } = measurement;
    const read = isVolts && session.proved && of !== null ? [`${station} ${of}`] : [];
    return noted({ ...before, readDead: [...session.readDead, ...read] }, { kind: 'dead-reading' });
  }
  return noted(
    { ...before, provedSince: isVolts ? false : before.provedSince },
    { kind: 'reading', measurement, read: desk.read(measurement) },
  );
}

/** Everything that is read to prove a station dead: each conductor that runs there to every other. */
const toRead = ({ circuit: { network } }: BenchDesk, station: number): readonly string[] =>
  PAIRS.filter((pair) => pairIn(network, pair)?.every((each) => runsTo(network, each, station))).map(
    (pair) => `${station} ${pair}`,
  );

/** The tester on a live source: with the breaker off it proves dead what was read whole since it was proved before. */
function testerProved(session: BenchSession, desk: BenchDesk): BenchSession {
  const { breakerOn, readDead } = session;
  const dead = desk.circuit.network.stations.flatMap((_, station) =>
    toRead(desk, station).every((each) => readDead.includes(each)) ? [station] : [],
  );
  return noted(
    { ...session, proved: true, provedSince: true, dead: breakerOn ? [] : dead },
    { kind: 'proved' },
  );
}

/** Each conductor of a station to every other, with the breaker off: as many readings as there are pairs. */
function swept(session: BenchSession, station: number, desk: BenchDesk): BenchSession {
  if (session.breakerOn) return session;
  const before = session.proved ? session : unsafe(session, 'tester-not-proved');
  const read = session.proved ? toRead(desk, station) : [];
  return noted({ ...before, readDead: [...session.readDead, ...read] }, { kind: 'dead-sweep', station });
}

/** The next fault to be struck: what most readings would have shown. */
function hinted(session: BenchSession, desk: BenchDesk): BenchSession {
  const left = desk.left(takenIn(session).map(({ measurement }) => measurement));
  const known = new Set(session.log.flatMap((line) => (line.kind === 'hint' ? [line.key] : [])));
  const wrong = left.find(({ key, ruledOutBy }) => ruledOutBy === null && !known.has(key) && !desk.isIt(key));
  return wrong === undefined ? session : noted(session, { kind: 'hint', key: wrong.key });
}

function claimed(session: BenchSession, key: string, desk: BenchDesk): BenchSession {
  const right = desk.isIt(key);
  const took = takenIn(session).some(({ measurement: { tool } }) => tool === 'volts' || tool === 'low');
  const before = took && !session.provedSince ? unsafe(session, 'not-proved-after') : session;
  const after = noted(before, { kind: 'claim', key, right });
  return right ? { ...after, claimed: key } : after;
}

function proved(session: BenchSession, act: ProofAct): BenchSession {
  const wanted = PROOF_ACTS[session.proof];
  if (session.claimed === null || wanted === undefined) return session;
  return act === wanted ? { ...session, proof: session.proof + 1 } : unsafe(session, 'proof-order');
}

/** A bench after something was done at it. */
export function afterAct(session: BenchSession, act: BenchAct, desk: BenchDesk): BenchSession {
  switch (act.kind) {
    case 'measure':
      return act.measurement.tool === 'ohms'
        ? readDead(session, act.measurement, desk)
        : readLive(session, act.measurement, desk);
    case 'prove-tester':
      return testerProved(session, desk);
    case 'sweep-dead':
      return swept(session, act.station, desk);
    case 'breaker':
      return noted(
        { ...session, breakerOn: act.on, readDead: [], dead: [] },
        { kind: 'breaker', on: act.on },
      );
    case 'hint':
      return hinted(session, desk);
    case 'claim':
      return claimed(session, act.key, desk);
    case 'proof':
      return proved(session, act.act);
  }
}

/** Whether the claim was proved to its end. */
export const isDone = ({ proof }: BenchSession): boolean => proof === PROOF_ACTS.length;

/** What a try came to: readings past a good plan, hints, wrong claims; and what would have hurt. */
export interface BenchScore {
  readonly readings: number;
  readonly plan: number;
  readonly hints: number;
  readonly wrongClaims: number;
  readonly unsafe: number;
  /** Points lost: one a reading past the plan, two a hint, three a wrong claim. */
  readonly lost: number;
}

const HINT_COSTS = 2;
const CLAIM_COSTS = 3;

/** What a try came to, against a plan of so many readings. */
export function scoreOf({ log }: BenchSession, plan: number): BenchScore {
  const count = (is: (line: LogLine) => boolean): number => log.filter(is).length;
  const readings = count(({ kind }) => kind === 'reading');
  const hints = count(({ kind }) => kind === 'hint');
  const wrongClaims = count((line) => line.kind === 'claim' && !line.right);
  return {
    readings,
    plan,
    hints,
    wrongClaims,
    unsafe: count(({ kind }) => kind === 'unsafe'),
    lost: Math.max(0, readings - plan) + HINT_COSTS * hints + CLAIM_COSTS * wrongClaims,
  };
}
