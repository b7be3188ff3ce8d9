import type { Candidate } from '../network/diagnose';
import type { Network } from '../network/network';
import { NetworkSolver, type Seen } from '../network/networkSolver';

/** What a fault does right now, with the load on: a joint that heats, a frame that is live, volts on what is not made for them. */
export type Danger =
  | { readonly kind: 'heats'; readonly watts: number; readonly amps: number }
  | { readonly kind: 'live-ground'; readonly volts: number }
  | { readonly kind: 'overvoltage'; readonly volts: number }
  | { readonly kind: 'open-ground' };

/** Below this nothing is noticed in a joint; a person feels more than this; 120 V loads take no more than this. */
const HEATS_W = 5;
const FELT_V = 30;
const MOST_V = 132;

/** The current through what is in series, and what it heats there with the load on. */
function heating(network: Network, { inNetwork }: Candidate, seen: readonly Seen[]): Danger | null {
  if (inNetwork.kind !== 'series' || inNetwork.ohms === Infinity) return null;
  const { conductor, station, ohms } = inNetwork;
  const here = seen[station]?.volts[conductor] ?? 0;
  const before =
    station === 0 ? (network.supply[conductor] ?? 0) : (seen[station - 1]?.volts[conductor] ?? 0);
  const wire = station === 0 ? 0 : (network.wires[station - 1]?.[conductor] ?? 0);
  const amps = Math.abs(before - here) / (ohms + wire);
  const watts = amps * amps * ohms;
  return watts >= HEATS_W ? { kind: 'heats', watts, amps } : null;
}

/** What is dangerous about a fault, the worst first; none that is known says nothing about safety. */
export function dangersOf(network: Network, candidate: Candidate): readonly Danger[] {
  const { conductors } = network;
  const [ground, neutral] = [conductors.indexOf('G'), conductors.indexOf('N')];
  const seen = (on: boolean): readonly Seen[] =>
    new NetworkSolver(network, { on, live: true }).seen(candidate.inNetwork);
  const [off, on] = [seen(false), seen(true)];
  const all = [...off, ...on];
  const groundV = Math.max(0, ...all.map(({ volts }) => Math.abs(volts[ground] ?? 0)));
  const legV =
    neutral < 0
      ? 0
      : Math.max(
          0,
          ...all.flatMap(({ volts }) =>
            conductors.flatMap((name, at) =>
              name.startsWith('L') ? [Math.abs((volts[at] ?? 0) - (volts[neutral] ?? 0))] : [],
            ),
          ),
        );
  const heats = heating(network, candidate, on);
  return [
    ...(groundV > FELT_V ? [{ kind: 'live-ground', volts: groundV } as const] : []),
    ...(legV > MOST_V ? [{ kind: 'overvoltage', volts: legV } as const] : []),
    ...(heats === null ? [] : [heats]),
    ...(candidate.fault === 'open' && candidate.conductor === 'G' ? [{ kind: 'open-ground' } as const] : []),
  ];
}
