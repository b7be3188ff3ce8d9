import { EMPTY_YARD } from '../../../src/core/water/yardDocument';
import { USUAL_DESIGN } from '../../../src/core/circuit/jobDefaults';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import { circuit } from '../circuits';
import type { Circuit, Segment } from '../../../src/core/circuit/circuitSchema';
import { DEMO_OBSERVED } from '../../../src/core/job/demo/demoObserved';
import { FULL_HOUSE, FULL_PANEL } from './panel';
import { DEMO_JOB_ID } from '../../../src/core/job/demo/demoJobId';
import type { Job } from '../../../src/core/job/jobSchema';
import { daysDocument } from '../../../src/core/timing/daysDocument';
import { quoteDocument } from '../../../src/core/quote/quoteDocument';

const segment = (part: Omit<Segment, 'currentCarrying' | 'bendsDeg'> & Partial<Segment>): Segment => ({
  currentCarrying: null,
  bendsDeg: null,
  ...part,
});

/** The trench along the north side, which two circuits lie in. */
const NORTH_TRENCH: Segment['shares'] = { trench: 'north-trench' };

const CIRCUITS: readonly Circuit[] = [
  circuit({
    id: 'carport-charger',
    name: 'EV charger, carport',
    appliance: { family: 'ev', nameplate: { outputAmps: 48, volts: 240, connection: 'hardwired' } },
    run: [
      segment({
        id: 'joists',
        method: 'nm-b',
        lengthFt: 62,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 4,
      }),
    ],
    pins: { size: '6' },
  }),
  circuit({
    id: 'kiln',
    name: 'Kiln, studio',
    appliance: { family: 'kiln', nameplate: { kw: 11.52, volts: 240, connection: 'hardwired' } },
    run: [
      segment({
        id: 'joists',
        method: 'mc',
        lengthFt: 31,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 6,
      }),
      segment({
        id: 'trench',
        method: 'pvc80',
        lengthFt: 66,
        place: 'underground',
        ambientC: 30,
        bendsDeg: 180,
        heightFt: -1.5,
        endHeightFt: 5,
        shares: NORTH_TRENCH,
      }),
      segment({
        id: 'whip',
        method: 'lfnc',
        lengthFt: 6,
        place: 'indoor',
        ambientC: 30,
        heightFt: 2,
        endHeightFt: 3,
      }),
    ],
  }),
  circuit({
    id: 'garage-outlet',
    name: 'EV outlet, garage',
    appliance: {
      family: 'ev',
      nameplate: { outputAmps: 32, volts: 240, connection: 'receptacle', plug: 'four-wire' },
    },
    run: [
      segment({
        id: 'attic',
        method: 'nm-b',
        lengthFt: 34,
        place: 'attic',
        ambientC: 50,
        currentCarrying: 4,
        heightFt: 10,
        endHeightFt: 8,
        exposed: 'guarded',
      }),
      segment({
        id: 'wall',
        method: 'emt',
        lengthFt: 9,
        place: 'garage',
        ambientC: 40,
        bendsDeg: 90,
        heightFt: 6,
        endHeightFt: 4,
      }),
    ],
    site: { building: 'attached-garage' },
  }),
  circuit({
    id: 'visitor-charger',
    name: 'EV charger, visitors',
    appliance: {
      family: 'ev',
      nameplate: {
        outputAmps: 40,
        volts: 240,
        connection: 'hardwired',
        settingA: 32,
        settingRestricted: true,
        restrictedBy: 'tool-cover',
      },
    },
    terminals: { panel: 75, load: 'unmarked' },
    run: [
      segment({
        id: 'yard',
        method: 'pvc40',
        lengthFt: 118,
        place: 'underground',
        ambientC: 30,
        bendsDeg: 180,
        heightFt: -1.5,
        endHeightFt: 4,
        shares: NORTH_TRENCH,
      }),
    ],
  }),
  circuit({
    id: 'workshop',
    name: 'Dust collector, workshop',
    appliance: { family: 'load', nameplate: { amps: 17, continuousAmps: 12, volts: 240, neutral: false } },
    run: [
      segment({
        id: 'cable',
        method: 'nm-b',
        lengthFt: 48,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 4,
      }),
    ],
  }),
  circuit({
    id: 'pond-pump',
    name: 'Pond outlet, garden',
    appliance: { family: 'load', nameplate: { amps: 12, continuousAmps: 12, volts: 120, neutral: false } },
    run: [
      segment({
        id: 'house',
        method: 'nm-b',
        lengthFt: 22,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 3,
      }),
      segment({
        id: 'garden',
        method: 'uf-b',
        lengthFt: 96,
        place: 'underground',
        ambientC: 30,
        heightFt: -2,
        endHeightFt: 2,
      }),
    ],
  }),
  circuit({
    id: 'deck-tub',
    name: 'Hot tub, deck',
    appliance: { family: 'hot-tub', nameplate: { amps: 40, volts: 240, neutral: true, breakerA: 50 } },
    terminals: { panel: 75, load: 60 },
    run: [
      segment({
        id: 'joists',
        method: 'nm-b',
        lengthFt: 34,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 6,
      }),
      segment({
        id: 'trench',
        method: 'pvc40',
        lengthFt: 40,
        place: 'underground',
        ambientC: 30,
        bendsDeg: 180,
        heightFt: -1.5,
        endHeightFt: 4,
        end: { kind: 'disconnect' },
      }),
      segment({
        id: 'deck',
        method: 'lfnc',
        lengthFt: 12,
        place: 'outdoor',
        ambientC: 38,
        bendsDeg: 90,
        heightFt: 1,
        endHeightFt: 1,
      }),
    ],
    site: { disconnectFt: 7, disconnectInSight: true, waterFt: 7 },
  }),
  circuit({
    id: 'north-split',
    name: 'Mini split, north wall',
    appliance: { family: 'mini-split', nameplate: { mca: 19, mocp: 30, volts: 240 } },
    run: [
      segment({
        id: 'joists',
        method: 'nm-b',
        lengthFt: 38,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 5,
      }),
      segment({
        id: 'whip',
        method: 'lfnc',
        lengthFt: 6,
        place: 'outdoor',
        ambientC: 38,
        heightFt: 2,
        endHeightFt: 2,
      }),
    ],
    site: { disconnectFt: 4, disconnectInSight: true, serviceOutletFt: 18 },
  }),
  circuit({
    id: 'kitchen-range',
    name: 'Range, kitchen',
    appliance: { family: 'range', nameplate: { kw: 12, volts: 240, connection: 'receptacle' } },
    run: [
      segment({
        id: 'joists',
        method: 'nm-b',
        lengthFt: 35,
        place: 'indoor',
        ambientC: 30,
        heightFt: 8,
        endHeightFt: 1,
      }),
    ],
    site: { sinkFt: 9 },
  }),
  circuit({
    id: 'well',
    name: 'Well pump',
    appliance: {
      family: 'well-pump',
      nameplate: { hp: 1.5, volts: 240, submersible: true, controls: 'inside' },
    },
    run: [
      segment({
        id: 'trench',
        method: 'uf-b',
        lengthFt: 210,
        place: 'underground',
        ambientC: 30,
        heightFt: -2,
        endHeightFt: 1,
      }),
    ],
    site: { disconnectFt: 3, disconnectInSight: true },
  }),
];

/** A house with a full panel, a service that is too small, and something wrong at every stage. */
export const fullHouse: Job = {
  id: DEMO_JOB_ID,
  name: 'Split-level, Orchard Lane',
  edition: 2023,
  authority: 'Fallow County building office (made up)',
  permitDate: '2026-03-02',
  amendments: [
    {
      id: 'fallow-12-awg',
      title: 'No branch circuit under 12 AWG',
      source: 'Fallow County ordinance 14-3 (made up)',
      date: '2024-07-01',
      changes: [{ kind: 'smallest-copper', size: '12' }],
    },
  ],
  occupancy: 'one-family',
  designC: USUAL_DESIGN,
  meter: 'low-z',
  sources: [],
  later: 'A second vehicle; perhaps a tub on the deck.',
  practices: DEFAULT_PRACTICES,
  house: FULL_HOUSE,
  panels: [FULL_PANEL],
  yard: EMPTY_YARD,
  materials: { prices: [], truck: [], kept: [], count: null },
  quote: quoteDocument.fresh,
  days: daysDocument.fresh,
  checks: [],
  packets: [],
  answers: [
    {
      subject: 'circuit:workshop',
      code: 'disconnect.ask',
      text: 'Switch within sight of the motor, by the manufacturer. Shown to the authority.',
    },
    {
      subject: 'circuit:workshop',
      code: 'gfci.ask',
      text: 'Hardwired indoors: not required by the authority.',
    },
  ],
  locate: { ticket: 'FC-0316-27', date: '2026-03-16' },
  observed: [...DEMO_OBSERVED],
  circuits: [...CIRCUITS],
};
