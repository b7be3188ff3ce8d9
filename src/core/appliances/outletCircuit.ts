import { typedPlate, typedRating } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { LOCATIONS } from '../code/locations';
import { defineFamily } from './family';
import { plainLoad, plainOutlet } from './plate';

const SERVES = [
  'general',
  'dishwasher',
  'sump-pump',
  'microwave',
  'refrigerator',
  'washer',
  'water-cooler',
  'pressure-washer',
  'tire-inflator',
  'vending',
  'vacuum',
] as const;

/** What 210.8(D) and 422.5(A) name: protected wherever it stands. */
const NAMED = z.enum(SERVES).exclude(['general', 'refrigerator', 'washer']).options;

const PLACE_WORDS: Readonly<Record<string, (typeof LOCATIONS)[number]>> = {
  indoor: 'living',
  indoors: 'living',
  outdoors: 'outdoor',
  outside: 'outdoor',
  shop: 'accessory',
  shed: 'accessory',
  bath: 'bathroom',
  countertop: 'kitchen',
};

const place = z.preprocess(
  (value) =>
    typeof value === 'string'
      ? (PLACE_WORDS[value.trim().toLowerCase()] ?? value.trim().toLowerCase())
      : value,
  z.enum(LOCATIONS),
);

const outletPlateSchema = z.strictObject({
  amps: z.union([z.literal(15), z.literal(20)]).describe('Rating of the circuit, amperes'),
  count: z.number().int().min(1).max(40).describe('Receptacles on it'),
  place: place.describe('Where they stand'),
  plannedA: z.number().min(0.5).max(20).optional().describe('Load that is planned, for the drop, amperes'),
  serves: z.enum(SERVES).optional().describe('What it is for'),
});

/** A circuit of ordinary receptacles. */
type OutletPlate = z.infer<typeof outletPlateSchema>;

const PLACE_LABELS: Readonly<Record<(typeof LOCATIONS)[number], string>> = {
  outdoor: 'Outdoors',
  garage: 'Garage',
  accessory: 'Outbuilding',
  basement: 'Unfinished basement',
  'finished-basement': 'Finished basement',
  crawl: 'Crawl space',
  attic: 'Attic',
  kitchen: 'Kitchen',
  food: 'Area with a sink for food or drink',
  laundry: 'Laundry',
  bathroom: 'Bathroom',
  boathouse: 'Boathouse',
  damp: 'Damp place indoors',
  living: 'Living or dining room',
  bedroom: 'Bedroom',
  hall: 'Hall',
  closet: 'Closet',
  utility: 'Utility room',
};

const SERVES_LABELS: Readonly<Record<(typeof SERVES)[number], string>> = {
  general: 'Whatever is plugged in',
  dishwasher: 'A dishwasher',
  'sump-pump': 'A sump pump',
  microwave: 'A microwave',
  refrigerator: 'A refrigerator',
  washer: 'A washer',
  'water-cooler': 'A water cooler or bottle filler',
  'pressure-washer': 'A high-pressure washer',
  'tire-inflator': 'A tire inflator',
  vending: 'A vending machine',
  vacuum: 'An automotive vacuum',
};

/** For the drop a general receptacle circuit is taken at this share of its rating. */
const GENERAL_SHARE = 0.8;

/** What a receptacle is named after, with what it serves and where that commonly stands. */
const SERVED: readonly (readonly [
  name: string,
  serves: (typeof SERVES)[number],
  place?: (typeof LOCATIONS)[number],
])[] = [
  ['dishwasher', 'dishwasher', 'kitchen'],
  ['microwave', 'microwave', 'kitchen'],
  ['refrigerator', 'refrigerator', 'kitchen'],
  ['fridge', 'refrigerator', 'kitchen'],
  ['freezer', 'refrigerator'],
  ['chest freezer', 'refrigerator'],
  ['deep freezer', 'refrigerator'],
  ['washing machine', 'washer', 'laundry'],
  ['clothes washer', 'washer', 'laundry'],
  ['washer', 'washer', 'laundry'],
  ['sump pump', 'sump-pump', 'basement'],
  ['sump', 'sump-pump', 'basement'],
  ['pressure washer', 'pressure-washer'],
  ['vending machine', 'vending'],
  ['water cooler', 'water-cooler'],
];

const of = fieldsOf<OutletPlate>();

/** Receptacles at 120 V, indoors, outdoors or in a garage (210.11, 210.52). */
export const outletCircuit = defineFamily<'receptacle', OutletPlate>({
  id: 'receptacle',
  name: 'Receptacle circuit',
  schema: outletPlateSchema,
  fresh: { amps: 20, count: 1, place: 'outdoor', serves: 'general' },
  questions: [
    of.choice('amps', 'Circuit', { 20: '20 A', 15: '15 A' }, { mark: 'A' }),
    of.number('count', 'Receptacles', UNITS.none),
    of.choice('place', 'They stand', PLACE_LABELS),
    of.choice('serves', 'For', SERVES_LABELS),
    of.number('plannedA', 'Load that is planned', UNITS.amperes, {
      until: '80 % of the rating, for the drop.',
    }),
  ],
  title: (plate) => `Receptacles, ${plate.amps} A`,
  load(plate, { work }) {
    work.step('load.outlets', 'load.outlets', { count: plate.count, amps: plate.amps }, plate.amps);
    return plainLoad({
      volts: 120,
      continuousA: 0,
      otherA: plate.amps,
      runA: plate.plannedA ?? plate.amps * GENERAL_SHARE,
      connection: 'receptacle',
      outlets: plate.count,
      device: { kind: 'given', ratingA: plate.amps },
    });
  },
  outlet: (plate) =>
    plainOutlet({
      kind: NAMED.find((each) => each === plate.serves) ?? 'receptacle',
      location: plate.place,
      fixedLocation: plate.place,
      use: 'outlet',
      usesNeutral: true,
      unattended: true,
      hidden: plate.serves !== undefined && plate.serves !== 'general',
      disconnect: { by: 'none', minA: plate.amps },
    }),
  changes: () => [],
  typed: {
    names: [
      ...SERVED.map(([name]) => name),
      'receptacles',
      'receptacle',
      'outlets',
      'outlet',
      'convenience outlet',
      'convenience receptacle',
      'outdoor outlet',
      'outdoor receptacle',
      'wall outlet',
      'plugs',
      'gfci outlet',
      'gfci receptacle',
      'receptacle circuit',
      'outlet circuit',
      'garage outlet',
      'garage receptacle',
      'range hood',
      'gas range',
      'gas stove',
      'gas cooktop',
      'gas oven',
      'gas dryer',
      'gas range outlet',
      'gas dryer outlet',
      'ice maker',
      'server rack',
      'pottery wheel',
      'gas water heater',
      'gas furnace',
      'gas fireplace',
      'vent hood',
      'disposal',
      'garbage disposal',
      'disposer',
      'garage door opener',
    ],
    example: 'outlet 20 outdoors',
    main: 'amps',
    plate: (typed) => {
      const [, serves, place = 'living'] = SERVED.find(([word]) => typed.words.has(word)) ?? [];
      return typedPlate(
        { amps: typedRating(typed), count: typed.count, place: typed.room, serves },
        { amps: 20, count: 1, place },
      );
    },
  },
});
