import type { Breaker, Panel } from '../../src/core/panel/panelSchema';
import { freshPanel } from '../../src/core/panel/panelSchema';
import type { Wanted } from '../../src/core/panel/spaces';
import { readBreakers } from '../../src/core/panel/typedBreakers';

let made = 0;

/** Breakers by what is typed of them; each id tells its place. */
const breakers = (text: string, spaces = 84): Breaker[] =>
  readBreakers(text, spaces, () => `id-${(made += 1)}`).breakers.map((each) => ({
    ...each,
    id: `at-${each.place.slot}${each.place.half ?? ''}`,
  }));

/** A surveyed service panel in which nothing is wrong. */
export const panel = (part: Partial<Panel> & { readonly typed?: string } = {}): Panel => {
  const { typed = '', ...rest } = part;
  const fresh = freshPanel('panel', 'Panel, cellar', 'service', null);
  return {
    ...fresh,
    spaces: 8,
    mainA: 200,
    busA: 200,
    tandems: [],
    listings: ['Type W'],
    terminalC: 75,
    neutrals: 'bonded',
    bondingScrew: 'in',
    neutralsShare: false,
    secondSources: [],
    knownToFail: false,
    serviceDisconnect: 'here',
    lugFrom: '14',
    lugTo: '1/0',
    interruptingKA: 10,
    openings: 0,
    knockouts: [],
    breakers: breakers(typed, part.spaces ?? 8),
    ...rest,
  };
};

/** A bonded panel of an outbuilding whose old feeder may stay as it is. */
export const bondedOutbuilding = {
  role: 'subpanel',
  bondingScrew: 'in',
  building: 'other',
  feedWires: 3,
  feedGround: false,
  legalWhenInstalled: true,
  metallicPath: false,
  groundFaultUpstream: false,
} as const satisfies Partial<Panel>;

/** A circuit that wants a place. */
export const wanted = (circuitId: string, poles: 1 | 2, part: Partial<Wanted> = {}): Wanted => ({
  circuitId,
  name: `New ${circuitId}`,
  poles,
  amps: poles === 2 ? 40 : 20,
  kind: 'plain',
  va: 3000,
  ...part,
});

/** A plan in which the circuit "ev" has a place. */
export const placed = (slot: number, half: 'a' | 'b' | null = null): Pick<Panel, 'plan'> => ({
  plan: { gone: [], moved: [], placed: [{ circuitId: 'ev', at: { slot, half } }] },
});
