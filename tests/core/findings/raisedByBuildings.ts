import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import type { Site } from '../../../src/core/protection/siteSchema';
import { charger, segment } from '../../support/circuits';
import { withPlate, type Raised } from './raised';

/** A charger in a garage, of which this is known. */
export const inGarage = (site: Site = {}): Partial<Circuit> => ({
  appliance: charger({ outputAmps: 32 }),
  run: [segment({ method: 'pvc40', place: 'outdoor' })],
  site: { room: 'garage', disconnectInSight: true, ...site },
});

/** A feeder to another building, of which this is known. */
export const feederTo = (site: Site = {}): Partial<Circuit> => ({
  ...withPlate('feeder', {
    loadVA: 9600,
    continuousVA: 0,
    volts: 240,
    neutral: true,
    building: 'detached',
    circuits: 4,
    dwelling: false,
    electrode: true,
  }),
  run: [segment({ method: 'pvc40', place: 'outdoor' })],
  site,
});

const split = (site: Site): Partial<Circuit> => ({
  ...withPlate('mini-split', { mca: 18, mocp: 25, volts: 240 }),
  run: [segment({ method: 'pvc40', place: 'outdoor' })],
  site: { disconnectFt: 4, disconnectInSight: true, serviceOutletFt: 10, ...site },
});

const panelOf = (plate: Record<string, unknown>): Partial<Circuit> =>
  withPlate('feeder', { loadVA: 9600, continuousVA: 0, volts: 240, neutral: true, ...plate });
const dwelling = {
  building: 'detached',
  circuits: 20,
  dwelling: true,
  electrode: true,
  surge: true,
  emergencyDisconnect: true,
};

/** Findings about other buildings and what supplies them. */
export const raisedByBuildings: readonly Raised[] = [
  [
    'building.which',
    'ask',
    inGarage(),
    'Is the garage attached or detached? Detached: it is another building, with its own disconnect and one supply.',
    inGarage({ building: 'attached-garage' }),
  ],
  [
    'building.structure',
    'ask',
    inGarage({ building: 'post' }),
    'Does the authority call the post or the yard a structure? Yes: the rules of another building hold for it. No: they do not.',
    inGarage({ building: 'post', structure: false }),
  ],
  [
    'building.supply',
    'ask',
    inGarage({ building: 'detached-garage' }),
    'What supplies the building already? Nothing: this circuit may be its supply. A circuit or a feeder: one supply is the rule.',
    inGarage({ building: 'detached-garage', supply: 'none' }),
  ],
  [
    'building.second-supply',
    'stop',
    inGarage({ building: 'detached-garage', supply: 'feeder' }),
    'The building has a feeder already, and one supply is the rule. A branch circuit from the house beside it needs a special condition or a different use that the authority accepts, recorded.',
    inGarage({ building: 'detached-garage', supply: 'none' }),
  ],
  [
    'building.second-allowed',
    'ask',
    inGarage({ building: 'detached-garage', supply: 'branch', secondSupply: 'special' }),
    'A further supply is recorded: a special condition, 225.30(A). Does the authority accept it?',
    inGarage({ building: 'detached-garage', supply: 'none' }),
  ],
  [
    'building.further-feeder',
    'check',
    feederTo({ supply: 'feeder' }),
    'A further feeder is allowed by 225.30(B): its disconnect is grouped with those that are there, each marked.',
    feederTo({ supply: 'none' }),
  ],
  [
    'building.disconnect',
    'stop',
    inGarage({ building: 'accessory', supply: 'none', buildingDisconnect: 'none' }),
    'The building requires a disconnect where the supply enters, rated 40 A at least. None is planned.',
    inGarage({ building: 'accessory', supply: 'none', buildingDisconnect: 'planned' }),
  ],
  [
    'building.only-supply',
    'note',
    inGarage({ building: 'accessory', supply: 'none', buildingDisconnect: 'planned' }),
    'Only supply of the building: a disconnect of 40 A at least. A single branch circuit with a ground requires no grounding electrode there.',
    inGarage({ building: 'attached-garage' }),
  ],
  [
    'feeder.surge',
    'stop',
    panelOf({ ...dwelling, surge: false }),
    'A feeder to a dwelling in another building has a surge-protective device at its disconnect. None is planned.',
    panelOf(dwelling),
  ],
  [
    'feeder.emergency',
    'stop',
    panelOf({ ...dwelling, emergencyDisconnect: false }),
    'A dwelling in another building has a marked emergency disconnect outdoors, readily accessible. None is planned.',
    panelOf(dwelling),
  ],
  [
    'feeder.mobile-home',
    'ask',
    panelOf({ building: 'mobile-home' }),
    'Is the service or feeder of the mobile home 100 A or more, its disconnect outdoors, in sight and within 30 ft of the home, and are its four wires insulated? Articles 550.32 and 550.33 and the authority decide.',
    panelOf({ building: 'same' }),
  ],
  [
    'outlet.service',
    'stop',
    split({ serviceOutletFt: 26 }),
    'The nearest 125 V receptacle is 26 ft from the equipment; 25 ft is the most. Add one, not on the load side of its disconnect.',
    split({ serviceOutletFt: 25 }),
  ],
  [
    'disconnect.height',
    'stop',
    split({ disconnectHandleFt: 7 }),
    'The handle of the disconnect is 84 in high; 79 in (6 ft 7 in) is the most.',
    split({ disconnectHandleFt: 6.5 }),
  ],
  [
    'disconnect.working-space',
    'stop',
    split({ disconnectClear: false }),
    'The space before the disconnect is not clear: 30 in wide, 36 in deep, 6 ft 6 in high are required.',
    split({ disconnectClear: true }),
  ],
];
