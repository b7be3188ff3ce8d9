import type { Network } from '../network/network';
import type { CircuitCheck } from './checksDocument';
import { groundLimit } from './proofSteps';

/** What a dead test of two unmarked conductors shows, their hot tied to the ground bar at the panel. */
export interface TraceTest {
  /** At most so many ohms from the conductor that comes from the panel to the ground. */
  readonly fromPanelOhms: number;
  /** About so many from the one that goes to the load; null: no path. */
  readonly toLoadOhms: number | null;
}

/** Which of two conductors comes from the panel; or that the test told nothing: none does, or both do. */
export type Traced = 'one' | 'two' | 'neither' | 'both';

/**
 * The dead test that tells line from load at a station: off, locked, proved dead; the hot off the breaker and tied to the
 * ground bar at the panel; both conductors apart at the station, each read to the ground there.
 *
 * The load may read back through its own element and the neutral: few ohms are not none.
 */
export function traceTest(network: Network, station: number): TraceTest {
  const along = (conductor: number, from: number, to: number): number =>
    network.wires.slice(from, to).reduce((sum, ohms) => sum + (ohms[conductor] ?? Infinity), 0);
  const at = (name: 'L1' | 'N' | 'G'): number => network.conductors.indexOf(name);
  const end = network.wires.length;
  const toNeutral = network.loads.find(({ between }) => between === 'L1N');
  const through =
    toNeutral === undefined || at('N') < 0
      ? null
      : along(at('L1'), station, end) + toNeutral.ohms + along(at('N'), 0, end) + along(at('G'), 0, station);
  return {
    fromPanelOhms: groundLimit(along(at('L1'), 0, station) + along(at('G'), 0, station)),
    toLoadOhms: through,
  };
}

/** Which of the two comes from the panel, by what was read; null until both were. */
export function traced(
  { fromPanelOhms }: TraceTest,
  { one, two }: Pick<NonNullable<CircuitCheck['traced']>, 'one' | 'two'>,
): Traced | null {
  if (one === undefined || two === undefined) return null;
  const comes = (ohms: number | null): boolean => ohms !== null && ohms <= fromPanelOhms;
  if (comes(one)) return comes(two) ? 'both' : 'one';
  return comes(two) ? 'two' : 'neither';
}
