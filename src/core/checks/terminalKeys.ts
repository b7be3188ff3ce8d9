import type { End, Landing, Wiring } from '../wiring/terminations';

/** A terminal of a circuit with what it is tightened to. */
export interface TorquedTerminal extends Landing {
  /** What it is filed under: its end and the purpose of its conductor. */
  readonly key: string;
  readonly at: End['at'];
}

/** Every terminal of a circuit in the order of the wiring; capped conductors have none. */
export const torquedTerminals = (wired: Wiring | null): readonly TorquedTerminal[] =>
  (wired?.ends ?? [])
    .flatMap(({ at, landings }) =>
      landings
        .filter(({ terminal }) => terminal !== 'capped')
        .map((landing): TorquedTerminal => ({
          ...landing,
          at,
          key: `${at} ${landing.role}`,
        })),
    )
    .toSorted((a, b) => b.order - a.order);
