import { PAIRS, pairIn, runsTo, type Conductor, type Pair } from '../network/network';
import type { BenchCircuit } from './benchCircuits';

/**
 * What is done to read: volts with a tester of ten megohms or a low-impedance one, ohms dead, a clamp around a wire, the
 * heat of a joint; the load switched on, the button of the GFCI pressed, a plug-in tester that leaks to the ground at the load.
 */
export const TOOLS = ['volts', 'low', 'ohms', 'clamp', 'heat', 'load', 'button', 'trip'] as const;
/** A tool, or a switch. */
export type Tool = (typeof TOOLS)[number];

/** One measurement: with what, at which station, on what; ohms of one conductor are read across its joint. */
export interface Measurement {
  readonly tool: Tool;
  readonly station: number;
  readonly of: Pair | Conductor | null;
  /** With the load on. */
  readonly on: boolean;
}

/** What a measurement comes to; null: no path. */
export type Read = number | null;

/** A measurement by a word that stays the same. */
export const measurementKey = ({ tool, station, of, on }: Measurement): string =>
  `${tool} ${station} ${of ?? ''} ${on ? 'on' : 'off'}`;

const NO_PATH = 1e9;
/** Two readings are told apart by so much: a share of the larger one, and a least amount besides. */
const APART: Readonly<Record<Tool, { readonly share: number; readonly least: number }>> = {
  volts: { share: 0.01, least: 2 },
  low: { share: 0.01, least: 2 },
  ohms: { share: 0.02, least: 0.02 },
  clamp: { share: 0.03, least: 0.5 },
  heat: { share: 0.1, least: 8 },
  load: { share: 0, least: 0.5 },
  button: { share: 0, least: 0.5 },
  trip: { share: 0.1, least: 0.5 },
};

/** What lies on nothing shows whatever is beside it: with the load off volts that close together tell nothing. */
const GHOST_SHARE = 0.12;

/** Whether two readings of one measurement are told apart. */
export function tellsApart({ tool, on }: Pick<Measurement, 'tool' | 'on'>, a: Read, b: Read): boolean {
  const [x, y] = [a ?? NO_PATH, b ?? NO_PATH];
  const { share: known, least } = APART[tool];
  const isGhost = (tool === 'volts' || tool === 'low') && !on;
  const share = isGhost ? GHOST_SHARE : known;
  return Math.abs(x - y) > share * Math.max(x, y) + least;
}

/** Every measurement that a bench allows. */
export function allMeasurements({ network, gfci }: BenchCircuit): readonly Measurement[] {
  const at = (tool: Tool, station: number, of: Pair | Conductor, on: boolean): Measurement => ({
    tool,
    station,
    of,
    on,
  });
  const live = network.loads.length > 0;
  const perStation = network.stations.flatMap((_, station) => {
    const pairs = PAIRS.filter((pair) =>
      pairIn(network, pair)?.every((each) => runsTo(network, each, station)),
    );
    const conductors = network.conductors.filter((_name, each) => runsTo(network, each, station));
    return [
      ...(live
        ? pairs.flatMap((pair) => [
            at('volts', station, pair, false),
            at('volts', station, pair, true),
            at('low', station, pair, false),
          ])
        : []),
      ...pairs.map((pair) => at('ohms', station, pair, false)),
      ...conductors.map((name) => at('ohms', station, name, false)),
      ...(live ? conductors.map((name) => at('heat', station, name, true)) : []),
      ...(live && station > 0 ? conductors.map((name) => at('clamp', station, name, true)) : []),
    ];
  });
  const switches: readonly Measurement[] =
    gfci === null
      ? []
      : [
          { tool: 'load', station: gfci, of: null, on: true },
          { tool: 'button', station: gfci, of: null, on: false },
          { tool: 'trip', station: network.stations.length - 1, of: null, on: false },
        ];
  return [...perStation, ...switches];
}
