import { groundAmps, neutralAmps } from '../network/amperes';
import {
  isPair,
  pairIn,
  type Conductor,
  type Fault,
  type Network,
  type Pair,
  type State,
} from '../network/network';
import { NetworkSolver, readOhms, readVolts, type Seen } from '../network/networkSolver';
import type { BenchCircuit } from './benchCircuits';
import type { BenchFault, WiringFault } from './benchFaults';
import type { Measurement, Read } from './measurement';

const OPEN_OHMS = 1e12;
/** Testers: ten megohms, and a low-impedance one. */
const TESTER_OHMS = { volts: 10e6, low: 3000 } as const;
/** A sound joint under load is so many kelvin over the ambient; a watt in it adds so many. */
const SOUND_K = 4;
const KELVIN_PER_WATT = 1.5;
const HOTTEST_K = 250;
const TRIPS_A = 0.006;
/** A sound device trips at about so much. */
const TRIP_MA = 5.1;
/** What happens: it holds or trips; past the tripped device dead or still live; nothing happens. */
export const HOLDS = 0;
/** The GFCI trips; by its button, and what is past it is dead. */
export const TRIPS = 1;
/** By its button it trips, and what is past it is live all the same. */
export const STAYS_LIVE = 2;
/** The second leg of two that are 120 degrees apart: -60 and 104 V of 120. */
const LEG_208 = { share: 0.5, quadrature: Math.sqrt(3) / 2 } as const;

/** A network with a wire fault built into it. */
function withOpen(network: Network, { inNetwork }: WiringFault): Network {
  if (inNetwork.kind !== 'series') return network;
  const { station, conductor } = inNetwork;
  const wires = network.wires.map((ohms, at) =>
    at === station - 1 ? ohms.map((each, on) => (on === conductor ? OPEN_OHMS : each)) : ohms,
  );
  return { ...network, wires };
}

/** A network whose hots are open past a station, as a tripped device leaves them. */
const tripped = (network: Network, station: number): Network => ({
  ...network,
  wires: network.wires.map((ohms, at) =>
    at === station
      ? ohms.map((each, on) => (network.conductors[on]?.startsWith('L') ? OPEN_OHMS : each))
      : ohms,
  ),
});

/** The part of a supply that is a quarter turn ahead: none on a house's service, much of the second leg on 208 V. */
const quadratureOf = (network: Network): Network => ({
  ...network,
  supply: network.supply.map((volts, at) =>
    network.conductors[at] === 'L2' ? -volts * LEG_208.quadrature : 0,
  ),
});

const to208 = (network: Network): Network => ({
  ...network,
  supply: network.supply.map((volts, at) =>
    network.conductors[at] === 'L2' ? volts * LEG_208.share : volts,
  ),
});

/** A circuit with one thing wrong, read as often as is liked: each state is solved once. */
export class Posed {
  readonly #circuit: BenchCircuit;
  readonly #what: BenchFault | null;
  readonly #network: Network;
  readonly #fault: Fault | null;
  readonly #solved = new Map<string, readonly Seen[]>();

  constructor(circuit: BenchCircuit, what: BenchFault | null) {
    this.#circuit = circuit;
    this.#what = what;
    const { network } = circuit;
    this.#network =
      what?.kind === 'two'
        ? withOpen(network, what.first)
        : what?.kind === 'supply-208'
          ? to208(network)
          : network;
    this.#fault =
      what?.kind === 'wiring' ? what.inNetwork : what?.kind === 'two' ? what.second.inNetwork : null;
  }

  /** Whether the GFCI trips as the load comes on. */
  get tripsOnLoad(): boolean {
    const { gfci, network } = this.#circuit;
    if (gfci === null) return false;
    if (this.#what?.kind === 'neutral-on-bar') return neutralAmps(network) > TRIPS_A;
    if (this.#fault?.kind !== 'short' || this.#fault.station < gfci) return false;
    return groundAmps(network, this.#fault.station) > TRIPS_A;
  }

  #live(on: boolean): Network {
    const { gfci } = this.#circuit;
    return on && gfci !== null && this.tripsOnLoad ? tripped(this.#network, gfci) : this.#network;
  }

  #seen(network: Network, state: State, key: string): readonly Seen[] {
    const known = this.#solved.get(key);
    if (known !== undefined) return known;
    const seen = new NetworkSolver(network, state).seen(this.#fault);
    this.#solved.set(key, seen);
    return seen;
  }

  /** Volts of every conductor at a station, in both their parts. */
  #liveSeen(on: boolean): readonly (readonly Seen[])[] {
    const network = this.#live(on);
    const state = { on, live: true };
    const plain = this.#seen(network, state, `live ${on}`);
    return this.#what?.kind === 'supply-208'
      ? [plain, this.#seen(quadratureOf(this.#circuit.network), state, `quadrature ${on}`)]
      : [plain];
  }

  #volts(station: number, ends: readonly [number, number], on: boolean, testerOhms: number): number {
    return Math.hypot(
      ...this.#liveSeen(on).map((all) => {
        const seen = all[station];
        return seen === undefined ? 0 : readVolts(seen, ends, testerOhms);
      }),
    );
  }

  #ohms(station: number, of: Pair | Conductor): Read {
    const ends = isPair(of) ? pairIn(this.#network, of) : undefined;
    if (ends !== undefined) {
      const seen = this.#seen(this.#network, { on: false, live: false }, 'dead')[station];
      return seen === undefined ? null : readOhms(seen, ends);
    }
    const joints =
      this.#what?.kind === 'wiring'
        ? [this.#what]
        : this.#what?.kind === 'two'
          ? [this.#what.first, this.#what.second]
          : [];
    const here = joints.find(
      ({ at, conductor, inNetwork }) =>
        at === this.#network.stations[station] && conductor === of && inNetwork.kind === 'series',
    );
    if (here === undefined) return 0;
    return here.ohms;
  }

  /** Amperes in the wire that comes to a station. */
  #amps(station: number, conductor: number): number {
    const network = this.#live(true);
    const ohms = network.wires[station - 1]?.[conductor] ?? Infinity;
    const fault = this.#fault;
    // Past an exchange the wire's end bears another name.
    const end =
      fault?.kind === 'swap' && fault.station === station ? fault.from.indexOf(conductor) : conductor;
    const more =
      fault?.kind === 'series' && fault.station === station && fault.conductor === conductor ? fault.ohms : 0;
    if (end < 0) return 0;
    return Math.hypot(
      ...this.#liveSeen(true).map((all) => {
        const from = all[station - 1]?.volts[conductor] ?? 0;
        const to = all[station]?.volts[end] ?? 0;
        return (from - to) / (ohms + more);
      }),
    );
  }

  /** Kelvin over the ambient at a joint with the load on. */
  #heat(station: number, conductor: number): number {
    const what = this.#what;
    const fault = this.#fault;
    const isHere =
      what?.kind === 'wiring' &&
      what.at === this.#network.stations[station] &&
      fault?.kind === 'series' &&
      fault.conductor === conductor &&
      fault.ohms < OPEN_OHMS;
    if (!isHere) return SOUND_K;
    const amps = station === 0 ? this.#amps(1, conductor) : this.#amps(station, conductor);
    return Math.min(HOTTEST_K, SOUND_K + KELVIN_PER_WATT * amps * amps * fault.ohms);
  }

  #button(): number {
    if (this.#what?.kind === 'device-fails') return HOLDS;
    return this.#what?.kind === 'line-load-reversed' ? STAYS_LIVE : TRIPS;
  }

  /** Milliamperes at which a tester at the load trips the device; null: it does not, or its ground leads nowhere. */
  #trip(): Read {
    if (this.#what?.kind === 'device-fails') return null;
    const { conductors } = this.#network;
    const fault = this.#fault;
    const isOpen = (name: Conductor): boolean =>
      fault?.kind === 'series' && fault.ohms >= OPEN_OHMS && conductors[fault.conductor] === name;
    return isOpen('G') || isOpen('L1') ? null : TRIP_MA;
  }

  /** What a measurement comes to. */
  read({ tool, station, of, on }: Measurement): Read {
    if (tool === 'load') return this.tripsOnLoad ? TRIPS : HOLDS;
    if (tool === 'button') return this.#button();
    if (tool === 'trip') return this.#trip();
    if (of === null) return null;
    if (tool === 'ohms') return this.#ohms(station, of);
    const ends = isPair(of) ? pairIn(this.#network, of) : undefined;
    if (ends !== undefined)
      return this.#volts(station, ends, on, tool === 'low' ? TESTER_OHMS.low : TESTER_OHMS.volts);
    const conductor = this.#network.conductors.findIndex((name) => name === of);
    return tool === 'heat' ? this.#heat(station, conductor) : this.#amps(station, conductor);
  }
}
