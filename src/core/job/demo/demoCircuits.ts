import { newSegment } from '../../circuit/newCircuit';
import type { Circuit, Segment } from '../../circuit/circuitSchema';

const circuit = (part: Pick<Circuit, 'id' | 'name' | 'appliance' | 'run'> & Partial<Circuit>): Circuit => ({
  material: 'cu',
  insulation: 'THWN-2',
  terminals: { panel: 75, load: 75 },
  startHeightFt: 5,
  pins: {},
  maxDropPct: 3,
  site: { lockable: true },
  feedId: null,
  existing: null,
  photos: [],
  ...part,
});

/** Through the joists of the house: the cable of most circuits leaves the panel so. */
const joists = (method: Segment['method'], lengthFt: number, endHeightFt: number): Segment => ({
  ...newSegment('joists', method, lengthFt, 'indoor'),
  heightFt: 8,
  endHeightFt,
});

/** The trench across the yard, in which the raceways of the garage and of the studio lie side by side. */
const yard = (lengthFt: number, endHeightFt: number): Segment => ({
  ...newSegment('trench', 'pvc40', lengthFt, 'underground'),
  heightFt: -1.5,
  endHeightFt,
  shares: { trench: 'yard' },
});

/** The last feet to an appliance that shakes or is moved. */
const whip = (lengthFt: number, place: Segment['place'], heightFt: number): Segment => ({
  ...newSegment('whip', 'lfnc', lengthFt, place),
  heightFt,
  endHeightFt: heightFt,
});

const IN_HOUSE: readonly Circuit[] = [
  circuit({
    id: 'carport-charger',
    name: 'EV charger, carport',
    appliance: { family: 'ev', nameplate: { outputAmps: 48, volts: 240, connection: 'hardwired' } },
    run: [joists('nm-b', 62, 4)],
    pins: { size: '6' },
    site: { lockable: true, room: 'outdoor' },
  }),
  circuit({
    id: 'kitchen-range',
    name: 'Range, kitchen',
    appliance: { family: 'range', nameplate: { kw: 12, volts: 240, connection: 'receptacle' } },
    run: [joists('nm-b', 35, 1)],
    site: { sinkFt: 9 },
  }),
  circuit({
    id: 'north-split',
    name: 'Mini split, north wall',
    appliance: { family: 'mini-split', nameplate: { mca: 19, mocp: 30, volts: 240 } },
    run: [joists('nm-b', 38, 5), whip(6, 'outdoor', 2)],
    site: { disconnectFt: 4, disconnectInSight: true, serviceOutletFt: 18 },
  }),
  circuit({
    id: 'deck-tub',
    name: 'Hot tub, deck',
    appliance: { family: 'hot-tub', nameplate: { amps: 40, volts: 240, neutral: true, breakerA: 50 } },
    terminals: { panel: 75, load: 60 },
    run: [
      joists('nm-b', 34, 6),
      {
        ...newSegment('trench', 'pvc40', 40, 'underground'),
        heightFt: -1.5,
        endHeightFt: 4,
        end: { kind: 'disconnect' },
      },
      whip(12, 'outdoor', 1),
    ],
    site: { disconnectFt: 7, disconnectInSight: true, waterFt: 7 },
  }),
];

const ACROSS_THE_YARD: readonly Circuit[] = [
  circuit({
    id: 'garage-feeder',
    name: 'Feeder, garage',
    appliance: {
      family: 'feeder',
      nameplate: {
        loadVA: 13800,
        continuousVA: 7680,
        volts: 240,
        neutral: true,
        building: 'detached',
        circuits: 2,
        wires: 4,
        dwelling: false,
        electrode: true,
      },
    },
    run: [joists('mc', 22, 3), yard(74, 4)],
    site: { lockable: true, building: 'detached-garage', supply: 'none', buildingDisconnect: 'planned' },
  }),
  circuit({
    id: 'garage-outlet',
    name: 'EV outlet, garage',
    appliance: {
      family: 'ev',
      nameplate: { outputAmps: 32, volts: 240, connection: 'receptacle', plug: 'four-wire' },
    },
    run: [{ ...newSegment('wall', 'emt', 18, 'garage'), heightFt: 8, endHeightFt: 4 }],
    site: { lockable: true, building: 'same' },
  }),
  circuit({
    id: 'compressor',
    name: 'Compressor, garage',
    appliance: { family: 'motor', nameplate: { hp: 3, volts: 240, phase: 1, continuous: false } },
    run: [{ ...newSegment('wall', 'emt', 24, 'garage'), heightFt: 8, endHeightFt: 4 }],
    site: { building: 'same', disconnectFt: 3, disconnectInSight: true },
  }),
  circuit({
    id: 'kiln',
    name: 'Kiln, studio',
    appliance: { family: 'kiln', nameplate: { kw: 11.52, volts: 240, connection: 'hardwired' } },
    run: [joists('mc', 31, 6), yard(66, 5), whip(6, 'indoor', 3)],
    site: {
      lockable: true,
      building: 'accessory',
      supply: 'none',
      buildingDisconnect: 'planned',
      disconnectFt: 5,
      disconnectInSight: true,
    },
  }),
  circuit({
    id: 'trailer',
    name: 'Trailer outlet, drive',
    appliance: { family: 'rv', nameplate: { amps: 30 } },
    run: [
      joists('nm-b', 20, 4),
      { ...newSegment('trench', 'pvc40', 38, 'underground'), heightFt: -1.5, endHeightFt: 3 },
    ],
    site: { building: 'post', structure: false },
  }),
  circuit({
    id: 'well',
    name: 'Well pump',
    appliance: {
      family: 'well-pump',
      nameplate: { hp: 1, volts: 240, submersible: true, controls: 'inside' },
    },
    run: [{ ...newSegment('trench', 'uf-b', 165, 'underground'), heightFt: -2, endHeightFt: 1 }],
    site: { disconnectFt: 3, disconnectInSight: true },
  }),
];

/** The circuits of the demo house: some in it, some across its yard. */
export const DEMO_CIRCUITS: readonly Circuit[] = [...IN_HOUSE, ...ACROSS_THE_YARD];
