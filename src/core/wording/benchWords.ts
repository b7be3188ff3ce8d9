import { faultKey, type BenchFault } from '../bench/benchFaults';
import type { BenchPlace } from '../bench/benchCircuits';
import type { Measurement, Read, Tool } from '../bench/measurement';
import { HOLDS, STAYS_LIVE } from '../bench/posed';
import type { LogLine, ProofAct, UnsafeAct } from '../bench/session';
import { isPair, PAIR_OF, type Conductor } from '../network/network';
import { printNumber as n } from '../units/number';
import { candidateWords } from './faultWords';

/** What stands at a station. */
export const PLACE_NAME: Readonly<Record<BenchPlace, string>> = {
  panel: 'Panel',
  box: 'Box',
  outlet: 'Outlet',
  'spa-enclosure': 'Spa enclosure',
  tub: 'Tub',
  disconnect: 'Disconnect',
  charger: 'Charger',
  subpanel: 'Subpanel',
  pump: 'Pump',
  'pool-metal': 'Pool metal',
  load: 'Load',
};

/** A tool on its switch. */
export const TOOL_NAME: Readonly<Record<Tool, string>> = {
  volts: 'V',
  low: 'V low-Z',
  ohms: 'ohm',
  clamp: 'clamp',
  heat: 'heat',
  load: 'load on',
  button: 'test button',
  trip: 'GFCI tester',
};

/** The letter of a terminal beside that of its station: A1, AN. */
const TERMINAL: Readonly<Record<Conductor, string>> = { L1: '1', L2: '2', N: 'N', G: 'G' };

/** A terminal as it is typed: "B1". */
export const terminalKey = (station: string, conductor: Conductor): string =>
  `${station}${TERMINAL[conductor]}`;

/** A measurement on a line of the log: "B1 to BN, load on". */
export function measurementLine({ tool, station, of, on }: Measurement, stations: readonly string[]): string {
  const at = stations[station] ?? '';
  if (tool === 'load') return 'Load switched on';
  if (tool === 'button') return 'Test button pressed';
  if (tool === 'trip') return `GFCI tester at ${at}`;
  if (of === null) return '';
  if (isPair(of)) {
    const [a, b] = PAIR_OF[of].map((each) => terminalKey(at, each));
    const state = tool === 'ohms' ? 'dead' : `${tool === 'low' ? 'low-Z, ' : ''}load ${on ? 'on' : 'off'}`;
    return `${a} to ${b}, ${state}`;
  }
  const terminal = terminalKey(at, of);
  if (tool === 'ohms') return `${terminal} to its wire, dead`;
  return tool === 'clamp' ? `Clamp on the wire to ${terminal}` : `Heat of ${terminal}, load on`;
}

/** What a measurement came to: "119.8 V", "no path", "it trips". */
export function readWords({ tool }: Pick<Measurement, 'tool'>, read: Read): string {
  switch (tool) {
    case 'volts':
    case 'low':
      return `${n(read ?? 0, 1)} V`;
    case 'ohms':
      return read === null ? 'no path' : `${n(read, 2)} ohm`;
    case 'clamp':
      return `${n(read ?? 0, 1)} A`;
    case 'heat':
      return `${n(read ?? 0, 0)} K over`;
    case 'load':
      return read === HOLDS ? 'it holds' : 'it trips';
    case 'trip':
      return read === null ? 'no trip' : `trips at ${n(read, 1)} mA`;
    case 'button':
      return read === HOLDS
        ? 'nothing happens'
        : read === STAYS_LIVE
          ? 'trips, still live past it'
          : 'trips, dead past it';
  }
}

/** What may be wrong, in words. */
export function benchFaultWords(fault: BenchFault): string {
  switch (fault.kind) {
    case 'wiring':
      return candidateWords(fault);
    case 'two':
      return `${candidateWords(fault.first)}; ${candidateWords(fault.second)}`;
    case 'neutral-on-bar':
      return 'Load neutral on the bar, not on the GFCI';
    case 'line-load-reversed':
      return 'Line and load of the GFCI reversed';
    case 'device-fails':
      return 'The GFCI itself';
    case 'supply-208':
      return 'Supply is 208 V, two of three phases';
  }
}

/** Kinds of what may be wrong, for a claim: what, then where. */
export function claimKind(fault: BenchFault): string {
  if (fault.kind === 'two') return 'two conductors open';
  if (fault.kind !== 'wiring') return 'device or supply';
  return {
    open: 'a conductor is open',
    resistance: 'a joint is bad',
    swap: 'conductors are exchanged',
    short: 'neutral and ground touch',
  }[fault.fault];
}

/** What would have hurt, and why. */
export const UNSAFE_WORDS: Readonly<Record<UnsafeAct, string>> = {
  'tester-not-proved': 'Read with a tester not proved. A dead tester shows a live wire dead.',
  'ohms-live': 'Ohms on a live circuit. The meter may burst in the hand.',
  'not-proved-dead':
    'Touched before it was proved dead there: tester on a live source, each conductor to every other, neutral and ground, tester again.',
  'not-proved-after': 'Tester not proved after the last reading. It may have died before it.',
  'proof-order': 'A step of the proof out of its turn.',
};

/** Steps of the proof. */
export const PROOF_ACT: Readonly<Record<ProofAct, string>> = {
  off: 'Off at every source',
  lock: 'Lock and tag it',
  live: 'Tester on a live source',
  dead: 'Each conductor to every other',
  'live-again': 'Tester on the live source again',
  mend: 'Mend it',
  'read-again': 'Switch on, read again',
};

/** A line of the log; readings are written by what they are. */
export function logWords(
  line: LogLine,
  stations: readonly string[],
  nameOf: (key: string) => string,
): string {
  switch (line.kind) {
    case 'reading':
      return measurementLine(line.measurement, stations);
    case 'dead-reading':
      return 'Read with the breaker off';
    case 'dead-sweep':
      return `Each conductor to every other at ${stations[line.station] ?? ''}, breaker off: 0 V`;
    case 'proved':
      return 'Tester proved on a live source';
    case 'breaker':
      return `Breaker ${line.on ? 'on' : 'off'}`;
    case 'hint':
      return `Hint: not ${nameOf(line.key)}`;
    case 'claim':
      return `${line.right ? 'Claim' : 'Wrong claim'}: ${nameOf(line.key)}`;
    case 'unsafe':
      return UNSAFE_WORDS[line.act];
  }
}

/** The name of a fault among those of a bench. */
export const nameAmong =
  (faults: readonly BenchFault[]) =>
  (key: string): string => {
    const fault = faults.find((each) => faultKey(each) === key);
    return fault === undefined ? key : benchFaultWords(fault);
  };
