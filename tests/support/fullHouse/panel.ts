import type { Breaker, Panel } from '../../../src/core/panel/panelSchema';
import { freshPanel } from '../../../src/core/panel/panelSchema';
import { readBreakers } from '../../../src/core/panel/typedBreakers';
import { FRESH_HOUSE } from '../../../src/core/service/freshHouse';
import type { House } from '../../../src/core/service/houseSchema';

const SPACES = 40;

/** What the old directory and a look behind the cover came to. */
const FOUND = `
1,3 2p50 range; 2,4 2p30 water heater; 5,7 2p30 dryer; 6,8 2p20 baseboard heat, den; 10,12 2p20 baseboard heat, bedrooms
9,11 mw20 kitchen counter, left and right; 13 20 dishwasher 1200 VA; 14 20 disposal 800 VA; 15 20 laundry; 16 20 refrigerator 700 VA
17 20 gfci bath outlets; 18,20 2p20 well pump; 19 15 furnace fan 600 VA; 21 15 hall lights 300 VA; 22 15 living room 600 VA; 23 15 lights
24 15 den outlets 500 VA; 25 15 bedroom 1; 26 15 bedroom 2; 27 15 afci bedroom 3; 28 20 garage outlets 900 VA; 29 20 outside outlets 600 VA
30 15 smoke alarms 60 VA; 31 15 bath fan and light 250 VA; 32 20 microwave 1400 VA; 33 15 attic light and door bell 120 VA
34 15 family room 700 VA; 35 20 sump pump 900 VA; 36 15 stair lights 180 VA; 37 15 office 800 VA; 38 15 utility room light 100 VA
39 20 freezer 600 VA; 40 15 plugs
`;

/** Ids of its breakers by what they stand in. */
const named = (breaker: Breaker): Breaker => ({
  ...breaker,
  id: `space-${breaker.place.slot}`,
  name: breaker.name.charAt(0).toUpperCase() + breaker.name.slice(1),
});

/** The panel of the house: full, with a label that lets the lower half take two circuits a space. */
export const FULL_PANEL: Panel = {
  ...freshPanel('utility', 'Panel, utility room', 'service', null),
  spaces: SPACES,
  mainA: 150,
  busA: 200,
  tandems: [{ from: 21, to: 40 }],
  mostPoles: 60,
  listings: ['Type W'],
  terminalC: 75,
  neutrals: 'bonded',
  bondingScrew: 'in',
  serviceDisconnect: 'here',
  knownToFail: false,
  lugFrom: '14',
  lugTo: '1/0',
  interruptingKA: 10,
  knockouts: [
    { trade: '3/4', free: 3 },
    { trade: '1', free: 2 },
  ],
  breakers: readBreakers(FOUND, SPACES, () => '').breakers.map(named),
  plan: { gone: ['space-1', 'space-6', 'space-10', 'space-18'], moved: [], placed: [] },
};

/** Its service. */
export const FULL_HOUSE: House = {
  ...FRESH_HOUSE,
  builtYear: 1996,
  ratingA: 150,
  meterA: 200,
  conductor: { size: '2/0', metal: 'al' },
  areaFt2: 2150,
  loads: [
    { id: 'water-heater', what: 'Water heater', va: 4500, kind: 'fixed' },
    { id: 'dishwasher', what: 'Dishwasher', va: 1200, kind: 'fixed' },
    { id: 'disposal', what: 'Disposal', va: 800, kind: 'motor' },
    { id: 'old-range', what: 'Range, old', va: 11000, kind: 'range', goes: true },
    { id: 'dryer', what: 'Dryer', va: 5000, kind: 'dryer' },
    { id: 'baseboard', what: 'Baseboard heat', va: 6000, kind: 'heat', units: 5, goes: true },
    { id: 'old-well', what: 'Well pump, old', va: 2400, kind: 'motor', goes: true },
  ],
  method: 'existing',
  source: { kva: 25, impedancePct: 1.5, lengthFt: 80, size: '2/0', metal: 'al' },
};
