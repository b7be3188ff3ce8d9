import type { Appliance } from '../../../src/core/appliances/registry';
import type { Practices } from '../../../src/core/circuit/practices';
import type { waterCatalog } from '../../../src/core/findings/waterCatalog';
import type { Job } from '../../../src/core/job/jobSchema';
import type { Thing, Water, YardLine } from '../../../src/core/water/yardSchema';
import { charger, circuit, segment } from '../../support/circuits';
import { area, CONVENIENCE, POOL, thing, TUB, wall, yardJob } from '../../support/yards';

const around = (...things: Thing[]): Job => yardJob({ things });
const lines = (...all: YardLine[]): Job => yardJob({ lines: all });
const pool = (part: Partial<Water>): Job => yardJob({ waters: [{ ...POOL, ...part }] });
const tub = (part: Partial<Water>, areas = [] as ReturnType<typeof area>[]): Job =>
  yardJob({ waters: [{ ...TUB, ...part }], areas });
const without = (job: Job, ...gone: string[]): Job => ({
  ...job,
  yard: { ...job.yard, things: job.yard.things.filter(({ id }) => !gone.includes(id)) },
});

const wiring = (method: 'uf-b' | 'pvc40', y: number): YardLine => ({
  id: 'wiring',
  name: 'Feeder to the shed',
  kind: 'wiring',
  method,
  feedsWater: false,
  points: [
    [-30, y],
    [30, y],
  ],
});

const span: YardLine = {
  id: 'drop',
  name: 'Service drop',
  kind: 'overhead',
  conductors: 'triplex',
  fromFt: 24,
  toFt: 20,
  sagFt: 2,
  points: [
    [-40, 16],
    [40, 16],
  ],
};

const receptacle = (part: Partial<Thing>): Job =>
  without(around({ ...CONVENIENCE, ...part, id: 'own' }), 'convenience');

/** An underwater light with GFCI from the panel, its conductors in one raceway with another circuit. */
export function lightBeside(appliance: Appliance, form: Practices['groundFaultForm'] = 'breaker'): Job {
  const shares = { raceway: 'pipe' };
  const light = circuit({
    id: 'light-circuit',
    name: 'Pool light',
    appliance: { family: 'receptacle', nameplate: { amps: 20, count: 1, place: 'outdoor' } },
    run: [segment({ id: 'light-run', method: 'pvc40', shares })],
  });
  const other = circuit({
    id: 'other-circuit',
    name: 'The other',
    appliance,
    run: [segment({ id: 'other-run', method: 'pvc40', shares })],
  });
  const job = yardJob({ things: [thing('light', [16, 0], { circuitId: light.id })] });
  return {
    ...job,
    circuits: [light, other],
    practices: { ...job.practices, groundFaultForm: form },
  };
}

/** A job for each finding about water. */
export const raisedByWater: Readonly<Record<keyof typeof waterCatalog, Job>> = {
  'zone.receptacle': around(thing('receptacle', [0, -13.5], { gfci: true })),
  'zone.switch': around(thing('timer', [0, -12])),
  'zone.disconnect': around(thing('disconnect', [0, -12]), thing('pump', [0, -20])),
  'zone.outlet': around(thing('outlet', [0, -14])),
  'zone.luminaire': around(thing('luminaire', [0, -12], { heightFt: 10, gfci: true })),
  'zone.box': around(thing('junction-box', [0, -13], { heightFt: 0.5 })),
  'zone.equipment': around(thing('ac-unit', [0, -12])),
  'zone.cover-motor': around(thing('cover-motor', [0, -12], { seesPool: true })),
  'pool.light': around(thing('light', [16, 0], { gfci: false })),
  'pool.cover': around(thing('cover-motor', [0, -24])),
  'pool.fountain': pool({ fountain: true }),
  'zone.gfci': around(thing('receptacle', [0, -16], { gfci: false })),
  'zone.close': around(thing('receptacle', [0, -14.1], { gfci: true })),
  'zone.disconnect-sight': yardJob({
    things: [thing('disconnect', [24, 4]), thing('pump', [30, 4])],
    lines: [
      wall('shed', [
        [27, 0],
        [27, 8],
      ]),
    ],
  }),
  'zone.overhead': lines(span),
  'zone.underground': lines(wiring('pvc40', 0)),
  'zone.underground-method': lines(wiring('uf-b', 11)),
  'pool.convenience-missing': without(yardJob({}), 'convenience'),
  'pool.convenience-on-timer': receptacle({ onTimer: true }),
  'pool.convenience-circuit': yardJob({
    things: [
      thing('receptacle', [4, 16], { gfci: true, circuitId: 'pump-circuit' }),
      thing('pump', [27, 0], { circuitId: 'pump-circuit' }),
    ],
  }),
  'pool.storable-circuits': yardJob({
    waters: [{ ...POOL, kind: 'storable', shell: 'vinyl', depthIn: 36, rimIn: 36 }],
    things: [
      thing('pump-receptacle', [24, 0], { gfci: true, circuitId: 'both' }),
      thing('receptacle', [24, 2], { gfci: true, circuitId: 'both' }),
    ],
  }),
  'pool.post-frost': yardJob({
    frostIn: 36,
    things: [thing('receptacle', [24, 0], { gfci: true, postIn: 24 })],
  }),
  'pool.light-raceway': lightBeside(charger()),
  'pool.depth-unknown': pool({ kind: 'storable', shell: 'metal-wall', depthIn: null }),
  'pool.not-storable': yardJob({
    waters: [{ ...POOL, kind: 'storable', shell: 'metal-wall', depthIn: 48, rimIn: 48 }],
    things: [thing('water-plate', [16, 0])],
  }),
  'pool.in-water': around(thing('pump', [0, 0])),
  'pool.wall-through': lines(
    wall('through', [
      [-30, 4],
      [30, 4],
    ]),
  ),
  'pool.overlap': yardJob({ waters: [POOL, { ...TUB, at: [16, 0] }] }),
  'bond.item-missing': around(thing('pump', [27, 0], { bonded: false })),
  'bond.item-unknown': around(thing('ladder', [0, 8])),
  'bond.pump-pigtail': around(thing('pump', [27, 0], { doubleInsulated: true, pigtail: false })),
  'bond.loop-distance': pool({ ringOffIn: 36 }),
  'bond.loop-depth': pool({ ringDeepIn: 12 }),
  'bond.loop-open': lines(
    wall('house', [
      [-40, 9],
      [40, 9],
    ]),
  ),
  'bond.perimeter': pool({ perimeter: 'paved' }),
  'bond.relief-lost': tub({}, [
    area(
      [
        [5, -5],
        [15, -5],
        [15, 5],
        [5, 5],
      ],
      22,
    ),
  ]),
  'bond.relief': tub({}),
  'bond.height-band': yardJob({
    waters: [{ ...POOL, kind: 'above-ground', shell: 'metal-wall', rimIn: 52, depthIn: 48, uprights: 18 }],
    things: [thing('water-plate', [16, 0])],
  }),
  'bond.points': pool({ taps: 1 }),
  'bond.points-uneven': yardJob({
    waters: [{ ...POOL, kind: 'above-ground', shell: 'metal-wall', rimIn: 52, depthIn: 48, uprights: 6 }],
    things: [thing('water-plate', [16, 0])],
  }),
  'bond.walk-wrong': pool({ seen: [{ step: 'shell', offIn: null, deepIn: null, right: false }] }),
  'bond.taps': pool({ shell: 'metal-wall' }),
  'bond.water': pool({ shell: 'fiberglass' }),
  'bond.water-small': around(thing('water-plate', [16, 0], { wetIn2: 4 })),
  'bond.conductor': pool({ conductor: 'stranded-8' }),
  'bond.connector-listing': pool({ connectors: 'unlisted' }),
};
