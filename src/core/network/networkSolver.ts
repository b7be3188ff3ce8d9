import { nth } from '../units/nth';
import { pairIn, type Fault, type Network, type State } from './network';
import { inverse, plus, plusDiagonal, times, zeros, type Square } from './smallMatrix';

/** What is seen at a station, everything else joined: volts of each conductor, and ohms between them with all sources dead. */
export interface Seen {
  readonly volts: readonly number[];
  readonly ohms: readonly number[];
}

/** Ohms of what is open, and of a sound joint: far beyond and far below what any wire, load or tester has. */
const OPEN = 1e12;
const SOUND = 1e-6;
/** Ohms of a hot that is lifted from the source: no path, and not so far beyond that what hangs on it is lost. */
const LIFTED = 1e8;
/** Siemens from each conductor to the bonded point: what lies on nothing has a place all the same. Dead, only ohms matter. */
const LEAK = { live: 1e-9, dead: 1e-7 } as const;
/** The tester's own ohms. */
const METER_OHMS = 10_000;
/** More than this between two conductors is no path. */
const NO_PATH = 1e5;

/** A link between two conductors, in siemens. */
function link(matrix: Square, size: number, a: number, b: number, siemens: number): void {
  for (const [row, column, sign] of [
    [a, a, 1],
    [b, b, 1],
    [a, b, -1],
    [b, a, -1],
  ] as const)
    matrix[row * size + column] = nth(matrix, row * size + column) + sign * siemens;
}

/** What arrives at each station from the source, nothing hanging on it yet, and what hangs on each beyond it. */
interface Sides {
  readonly arrives: readonly Seen[];
  readonly hangs: readonly Square[];
}

/**
 * A network in one state. It is swept once from the source and once from the end; a fault changes only what arrives past
 * its station and what hangs on those before it.
 */
export class NetworkSolver {
  readonly #network: Network;
  readonly #state: State;
  readonly #size: number;
  readonly #wires: readonly (readonly number[])[];
  readonly #loads: readonly Square[];
  readonly #sound: Sides;

  constructor(network: Network, state: State) {
    const { conductors, stations, wires } = network;
    this.#network = network;
    this.#state = state;
    this.#size = conductors.length;
    this.#wires = stations.map((_, station) =>
      conductors.map((name, at) => {
        const wire = station === 0 ? 0 : (wires[station - 1]?.[at] ?? Infinity);
        const lifted = station === 0 && !state.live && name.startsWith('L') ? LIFTED : 0;
        return Math.min(OPEN, SOUND + wire) + lifted;
      }),
    );
    this.#loads = stations.map((_, station) => this.#loadsOf(station));
    const last = stations.length - 1;
    this.#sound = { arrives: this.#arrives(null, null, last), hangs: this.#hangs(null, null, 0) };
  }

  get #leak(): readonly number[] {
    return zeros(this.#size).fill(this.#state.live ? LEAK.live : LEAK.dead);
  }

  /** Loads of a station, with the leak of each conductor. */
  #loadsOf(station: number): Square {
    const matrix = plusDiagonal(zeros(this.#size * this.#size), this.#leak);
    this.#couple(matrix);
    if (this.#state.on)
      for (const load of this.#network.loads) {
        const ends = load.station === station ? pairIn(this.#network, load.between) : undefined;
        if (ends !== undefined) link(matrix, this.#size, ends[0], ends[1], 1 / load.ohms);
      }
    return matrix;
  }

  /** What lies beside a live conductor takes some of its volts. */
  #couple(matrix: Square): void {
    const { couplingOhms } = this.#network;
    if (couplingOhms === undefined || !this.#state.live) return;
    for (let a = 0; a < this.#size; a += 1)
      for (let b = 0; b < a; b += 1) link(matrix, this.#size, a, b, 1 / couplingOhms);
  }

  /** Ohms of the way to a station: its joint and the wire before it. */
  #waysTo(station: number, fault: Fault | null): readonly number[] {
    const ways = this.#wires[station] ?? this.#leak;
    if (fault?.kind !== 'series' || fault.station !== station) return ways;
    return ways.with(fault.conductor, Math.min(OPEN, nth(ways, fault.conductor) + fault.ohms));
  }

  /** What hangs on a station itself, with what is shorted there. */
  #hangsAt(station: number, fault: Fault | null): Square {
    const own = this.#loads[station] ?? zeros(this.#size * this.#size);
    if (fault?.kind !== 'short' || fault.station !== station) return own;
    const shorted = own.slice();
    link(shorted, this.#size, fault.between[0], fault.between[1], 1 / Math.max(SOUND, fault.ohms));
    return shorted;
  }

  /** What arrives where conductors are exchanged. */
  #exchanged({ volts, ohms }: Seen, from: readonly number[]): Seen {
    const size = this.#size;
    return {
      volts: volts.map((_, at) => nth(volts, from[at] ?? at)),
      ohms: ohms.map((_, at) => {
        const [row, column] = [Math.floor(at / size), at % size];
        const each = nth(ohms, (from[row] ?? row) * size + (from[column] ?? column));
        return row === column ? each + SOUND : each;
      }),
    };
  }

  /** What hangs on a station where conductors are exchanged, as it hangs on what arrives there. */
  #exchangedBack(siemens: Square, from: readonly number[]): Square {
    const size = this.#size;
    const back = plusDiagonal(zeros(size * size), this.#leak);
    for (const [at, each] of siemens.entries()) {
      const [row, column] = [Math.floor(at / size), at % size];
      const to = (from[row] ?? row) * size + (from[column] ?? column);
      back[to] = nth(back, to) + each;
    }
    return back;
  }

  /** What arrives at each station as far as one of them. */
  #arrives(fault: Fault | null, sound: Sides | null, to: number): readonly Seen[] {
    const { supply } = this.#network;
    const all: Seen[] = [];
    let before: Seen = {
      volts: supply.map((volts) => (this.#state.live ? volts : 0)),
      ohms: zeros(this.#size * this.#size),
    };
    for (let station = 0; station <= to; station += 1) {
      const known = fault !== null && station < fault.station ? sound?.arrives[station] : undefined;
      const there = known ?? {
        volts: before.volts,
        ohms: plusDiagonal(before.ohms, this.#waysTo(station, fault)),
      };
      const here =
        fault?.kind === 'swap' && fault.station === station ? this.#exchanged(there, fault.from) : there;
      all.push(here);
      const isNeeded = station + 1 >= (fault?.station ?? 0) && station < to;
      if (isNeeded) before = joined(here, this.#hangsAt(station, fault), this.#size);
    }
    return all;
  }

  /** What hangs on each station, from the end back to one of them. */
  #hangs(fault: Fault | null, sound: Sides | null, from: number): readonly Square[] {
    const { stations } = this.#network;
    const all: Square[] = [];
    for (let station = stations.length - 1; station > from; station -= 1) {
      const known = fault !== null && station > fault.station ? sound?.hangs[station - 1] : undefined;
      all[station - 1] = known ?? this.#beyond(station, all[station], fault);
    }
    return all;
  }

  /** What hangs on the station before one. */
  #beyond(station: number, hangs: Square | undefined, fault: Fault | null): Square {
    const own = this.#hangsAt(station, fault);
    const all = hangs === undefined ? own : plus(own, hangs);
    const there =
      fault?.kind === 'swap' && fault.station === station ? this.#exchangedBack(all, fault.from) : all;
    return inverse(plusDiagonal(inverse(there, this.#size), this.#waysTo(station, fault)), this.#size);
  }

  /** What is seen at some stations, in their order, with a fault or with none. */
  seenAt(fault: Fault | null, stations: readonly number[]): readonly Seen[] {
    const known = fault === null ? this.#sound : null;
    const arrives = known?.arrives ?? this.#arrives(fault, this.#sound, Math.max(...stations));
    const hangs = known?.hangs ?? this.#hangs(fault, this.#sound, Math.min(...stations));
    return stations.flatMap((station) => {
      const [arrived, beyond] = [arrives[station], hangs[station]];
      if (arrived === undefined) return [];
      const own = this.#hangsAt(station, fault);
      return [joined(arrived, beyond === undefined ? own : plus(own, beyond), this.#size)];
    });
  }

  /** What is seen at every station with a fault, or with none. */
  seen(fault: Fault | null): readonly Seen[] {
    return this.seenAt(fault, [...this.#network.stations.keys()]);
  }

  /** Ohms across the joint of a conductor that bears so many itself, all else sound; null where there is no path. */
  jointOhms({
    conductor,
    station,
    ohms,
  }: {
    readonly conductor: number;
    readonly station: number;
    readonly ohms: number;
  }): number | null {
    const around = this.#aroundJoint(conductor, station);
    if (around > NO_PATH) return ohms > NO_PATH ? null : ohms;
    return ohms > NO_PATH ? around : (ohms * around) / (ohms + around);
  }

  /** Ohms from one side of an open joint to the other, through all else. */
  #aroundJoint(conductor: number, station: number): number {
    const size = this.#size;
    const none = zeros(size * size);
    const near = inverse(this.#sound.arrives[station]?.ohms ?? plusDiagonal(none, this.#leak), size);
    const far = plus(this.#hangsAt(station, null), this.#sound.hangs[station] ?? none);
    // One more row: the far side of the joint, apart from its near side.
    const more = size + 1;
    const all = zeros(more * more);
    const add = (row: number, column: number, siemens: number): void => {
      all[row * more + column] = nth(all, row * more + column) + siemens;
    };
    const beyond = (at: number): number => (at === conductor ? size : at);
    for (let row = 0; row < size; row += 1)
      for (let column = 0; column < size; column += 1) {
        add(row, column, nth(near, row * size + column));
        add(beyond(row), beyond(column), nth(far, row * size + column));
      }
    return ohmsBetween({ volts: zeros(more), ohms: inverse(all, more) }, [conductor, size]);
  }
}

/** What is seen once something hangs on what arrives. */
function joined({ volts, ohms }: Seen, siemens: Square, size: number): Seen {
  const own = inverse(ohms, size);
  const all = inverse(plus(own, siemens), size);
  return { volts: times(all, times(own, volts)), ohms: all };
}

/** Ohms between two conductors of a station, everything joined as it is; Infinity where there is no path. */
function ohmsBetween({ ohms }: Seen, [a, b]: readonly [number, number]): number {
  const size = Math.sqrt(ohms.length);
  const each = (row: number, column: number): number => nth(ohms, row * size + column);
  return Math.max(0, each(a, a) + each(b, b) - each(a, b) - each(b, a));
}

/** Volts that a tester reads between two conductors, with their sign; one of ten kilohms, unless it has others. */
export const readVolts = (seen: Seen, [a, b]: readonly [number, number], testerOhms = METER_OHMS): number =>
  (nth(seen.volts, a) - nth(seen.volts, b)) / (1 + ohmsBetween(seen, [a, b]) / testerOhms);

/** Ohms that a tester reads between two conductors of a dead network; null where there is no path. */
export function readOhms(seen: Seen, ends: readonly [number, number]): number | null {
  const ohms = ohmsBetween(seen, ends);
  return ohms > NO_PATH ? null : ohms;
}
