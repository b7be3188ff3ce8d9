import { freshPanel, type Breaker, type Panel, type PanelPlan } from '../../panel/panelSchema';
import { readBreakers } from '../../panel/typedBreakers';

const SPACES = 40;

/** What the old directory and a look behind the cover came to. */
const FOUND = `
1,3 2p50 range; 2,4 2p30 water heater; 5,7 2p30 dryer; 6,8 2p20 baseboard heat, den; 10,12 2p20 baseboard heat, bedrooms
9,11 mw20 kitchen counter, left and right; 13 20 dishwasher 1200 VA; 14 20 disposal 800 VA; 15 20 laundry; 16 20 refrigerator 700 VA
17 20 gfci bath outlets; 18,20 2p20 well pump; 19 15 furnace fan 600 VA; 21 15 hall lights 300 VA; 22 15 living room 600 VA
23 15 attic light and door bell 120 VA; 24 15 den outlets 500 VA; 25 15 bedroom 1; 26 15 bedroom 2; 27 15 afci bedroom 3
28 20 carport outlets 900 VA; 29 20 outside outlets 600 VA; 30 15 smoke alarms 60 VA; 31 15 bath fan and light 250 VA
32 15 utility room light 100 VA; 34 15 family room 700 VA; 36 15 stair lights 180 VA; 38 20 microwave 1400 VA
`;

/** Ids of the demo's breakers by what they stand in. */
const named = (breaker: Breaker): Breaker => ({
  ...breaker,
  id: `space-${breaker.place.slot}`,
  name: breaker.name.charAt(0).toUpperCase() + breaker.name.slice(1),
});

const at = (slot: number, circuitId: string): PanelPlan['placed'][number] => ({
  circuitId,
  at: { slot, half: null },
});

const HOUSE_PANEL: Panel = {
  ...freshPanel('utility', 'Panel, utility room', 'service', null),
  spaces: SPACES,
  mainA: 200,
  busA: 200,
  tandems: [{ from: 21, to: 40 }],
  mostPoles: 60,
  listings: ['Type W'],
  terminalC: 75,
  neutrals: 'bonded',
  bondingScrew: 'in',
  serviceDisconnect: 'here',
  secondSources: [],
  knownToFail: false,
  lugFrom: '14',
  lugTo: '4/0',
  interruptingKA: 22,
  openings: 0,
  neutralsShare: false,
  knockouts: [
    { trade: '3/4', free: 3 },
    { trade: '1', free: 2 },
  ],
  breakers: readBreakers(FOUND, SPACES, () => '').breakers.map(named),
  plan: {
    gone: ['space-1', 'space-6', 'space-10', 'space-18'],
    moved: [
      { id: 'space-32', to: { slot: 32, half: 'a' } },
      { id: 'space-36', to: { slot: 32, half: 'b' } },
      { id: 'space-34', to: { slot: 34, half: 'a' } },
      { id: 'space-38', to: { slot: 34, half: 'b' } },
    ],
    placed: [
      at(1, 'garage-feeder'),
      at(6, 'carport-charger'),
      at(10, 'kiln'),
      at(18, 'deck-tub'),
      at(33, 'kitchen-range'),
      at(36, 'north-split'),
      at(37, 'well'),
      at(40, 'trailer'),
    ],
  },
};

const GARAGE_PANEL: Panel = {
  ...freshPanel('garage', 'Panel, garage', 'subpanel', 'utility'),
  installed: 'new',
  secondSources: [],
  feederId: 'garage-feeder',
  building: 'other',
  feedWires: 4,
  spaces: 12,
  mainA: 100,
  busA: 125,
  tandems: [],
  mostPoles: 12,
  listings: ['Type W'],
  terminalC: 75,
  neutrals: 'apart',
  bondingScrew: 'out',
  openings: 0,
  neutralsShare: false,
  lugFrom: '14',
  lugTo: '1',
  interruptingKA: 10,
  workingSpace: true,
  topHandleIn: 68,
  mainKind: 'main',
  plan: { gone: [], moved: [], placed: [at(6, 'compressor'), at(10, 'garage-outlet')] },
};

/** The panels of the demo house: that of the house, and one that the job puts up in the garage. */
export const DEMO_PANELS: readonly Panel[] = [HOUSE_PANEL, GARAGE_PANEL];
