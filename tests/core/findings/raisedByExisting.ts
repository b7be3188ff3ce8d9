import type { Circuit } from '../../../src/core/circuit/circuitSchema';
import type { Existing } from '../../../src/core/circuit/existingSchema';
import { segment } from '../../support/circuits';
import { withPlate, type Raised } from './raised';

/** What was looked at of a circuit that may stay. */
const looked = { legal: true, extended: false } as const;

/** A dryer on three wires of service cable, as older houses have it. */
export const oldDryer = (existing: Existing = {}, part: Partial<Circuit> = {}): Partial<Circuit> => ({
  ...withPlate('dryer', { kw: 5, volts: 240 }),
  run: [segment()],
  pins: { ocpdA: 30, size: '10' },
  site: { receptacle: '10-30', panel: 'service' },
  existing: {
    ...looked,
    frame: 'neutral',
    neutral: 'insulated',
    groundInBox: false,
    frameBonded: true,
    ...existing,
  },
  ...part,
});

const oldPump = (existing: Existing): Partial<Circuit> => ({
  ...withPlate('pool-pump', { hp: 1, volts: 240 }),
  pins: { ocpdA: 20, size: '12' },
  existing: { ...looked, newWater: false, ...existing },
});

const panel = { loadVA: 9600, continuousVA: 0, volts: 240, neutral: true };

const oldFeeder = (building: 'same' | 'detached'): Partial<Circuit> => ({
  ...withPlate('feeder', { ...panel, building, wires: 3, circuits: 4, dwelling: false, electrode: true }),
  pins: { ocpdA: 60, size: '4' },
  existing: looked,
});

/** A pump receptacle that stands 5 ft from the water since it was built. */
const atWater = (existing: Existing): Partial<Circuit> => ({
  ...withPlate('pool-pump', { hp: 1, volts: 240, connection: 'receptacle' }),
  run: [segment({ method: 'pvc40', place: 'outdoor' })],
  pins: { ocpdA: 20, size: '12' },
  site: { waterFt: 5 },
  existing: { ...looked, ...existing },
});

const newDryer: Partial<Circuit> = { ...withPlate('dryer', { kw: 5, volts: 240 }), run: [segment()] };

/** Findings about circuits that are there already. */
export const raisedByExisting: readonly Raised[] = [
  [
    'existing.not-recorded',
    'ask',
    oldDryer({}, { pins: { ocpdA: 30 } }),
    'Which conductor is it? Record its size: an existing circuit is judged, never sized.',
    oldDryer(),
  ],
  [
    'existing.frame',
    'ask',
    { ...oldDryer(), existing: looked },
    'What grounds the frame? A ground of its own: four wires. The neutral: three wires, which may stay under conditions.',
    oldDryer(),
  ],
  [
    'existing.three-wire',
    'stop',
    oldDryer({ groundInBox: true }),
    'A ground is in the box: the frame is grounded by it, and the neutral is not bonded to the frame.',
    newDryer,
  ],
  [
    'existing.three-wire-ask',
    'ask',
    { ...oldDryer(), existing: { ...looked, frame: 'neutral', neutral: 'insulated' } },
    'Three wires may stay under conditions. Still to look at: whether a ground is in the box, whether receptacle and frame are bonded to the neutral.',
    oldDryer(),
  ],
  [
    'existing.three-wire-stays',
    'note',
    oldDryer(),
    'Three wires may stay: existing, not extended, neutral large enough, no ground in the box, frame bonded to the neutral. A new circuit has four wires.',
    newDryer,
  ],
  [
    'existing.bare-subpanel',
    'ask',
    oldDryer({ neutral: 'bare', serviceCable: true }, { site: { receptacle: '10-30', panel: 'subpanel' } }),
    'A bare neutral of SE cable comes from a subpanel: does the 2023 edition let it stay here? No: run four wires.',
    oldDryer(),
  ],
  [
    'existing.feeder-stays',
    'check',
    oldFeeder('detached'),
    'Three wires to another building may stay only as they were legal when installed: no ground of any kind run, no continuous metallic path bonded at both, no ground-fault protection of equipment upstream. Record it with its panel. A new feeder has four wires.',
    { ...oldFeeder('detached'), ...withPlate('feeder', { ...panel, wires: 4 }) },
  ],
  [
    'existing.feeder-three-wires',
    'stop',
    oldFeeder('same'),
    'A subpanel in the same building has a ground of its own; this feeder has none. The bond stays until the ground is run: feeder off, locked, proved dead; run the ground, separate the bars, then take the screw out.',
    { ...oldFeeder('same'), ...withPlate('feeder', { ...panel, wires: 4 }) },
  ],
  [
    'existing.pump-replaced',
    'ask',
    oldPump({}),
    'Is the motor of this pump replaced? Yes: GFCI protection is required from then on. No: it may stay where it was legal.',
    oldPump({ replaced: false }),
  ],
  [
    'existing.new-water',
    'ask',
    atWater({}),
    'Is the water new? Yes: the existing receptacle is moved or removed, 6 ft or more. No: it may stay where it was legal.',
    atWater({ newWater: false }),
  ],
  [
    'existing.may-stay',
    'ask',
    { ...atWater({ newWater: false }), existing: { newWater: false } },
    'Was it legal when it was installed, and is it neither extended nor moved? Yes: it may stay. No: it is brought to the code as a new one: a receptacle 6 ft or more from the water, GFCI protection.',
    atWater({ newWater: false }),
  ],
  [
    'existing.stays',
    'note',
    atWater({ newWater: false }),
    'May stay: legal when installed and not extended. A new one would require: a receptacle 6 ft or more from the water, GFCI protection.',
    newDryer,
  ],
];
