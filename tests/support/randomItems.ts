import { BOND_PARTS, PERIMETERS, SHELLS, WATER_KINDS } from '../../src/core/code/waterFacts';
import { ZONE_OBJECTS } from '../../src/core/water/zones';
import fc from 'fast-check';
import {
  applianceQuestions,
  familyList,
  freshAppliance,
  plateSchema,
  type FamilyId,
} from '../../src/core/appliances/registry';
import { rangeOf, shapeOf, valueOf, valuesOf } from '../../src/core/fields/shape';
import { BURIAL_PLACES } from '../../src/core/code/burialPlaces';
import { EDITION_YEARS } from '../../src/core/code/edition';
import { LOCATIONS, OCCUPANCIES } from '../../src/core/code/locations';
import { ENVIRONMENTS, METHOD_IDS } from '../../src/core/code/methods';
import { RACEWAY_TYPES } from '../../src/core/code/racewayTypes';
import { SERVICE_KINDS } from '../../src/core/service/serviceLoad';
import { TRADE_SIZES } from '../../src/core/units/tradeSize';
import { WIRE_SIZES } from '../../src/core/units/wireSize';

type Item = Readonly<Record<string, unknown>>;
type Question = ReturnType<typeof applianceQuestions>[number];

const size = fc.constantFrom(...WIRE_SIZES);
const method = fc.constantFrom(...METHOD_IDS);
const raceway = fc.constantFrom(...RACEWAY_TYPES);
const trade = fc.constantFrom(...TRADE_SIZES);
const material = fc.constantFrom('cu', 'al');
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined });

/** An answer to a question of a nameplate: within its bounds, and now and then a little past them. */
function answerTo(family: FamilyId, { key, writing }: Question): fc.Arbitrary<unknown> {
  const { schema, empty } = shapeOf(plateSchema(family), key);
  switch (writing.kind) {
    case 'number': {
      const { min, max } = rangeOf(schema, writing.unit);
      const value = fc.oneof(
        { weight: 20, arbitrary: between(min, max).map((each) => Math.round(each * 100) / 100) },
        { weight: 4, arbitrary: fc.constantFrom(min, max) },
        { weight: 1, arbitrary: between(max, max * 2) },
      );
      return empty === 'refused' ? value : maybe(value);
    }
    case 'numbers': {
      const { min, max } = rangeOf(schema, writing.unit);
      return fc.array(between(min, max), { minLength: 1, maxLength: 6 });
    }
    case 'choice':
      return fc.constantFrom(...Object.keys(writing.names).map((text) => valueOf(schema, text)));
    case 'named':
      return fc.constantFrom(...valuesOf(schema));
    case 'yes-no':
      return maybe(fc.boolean());
    default:
      return fc.constant(undefined);
  }
}

const nameplate = (family: FamilyId): fc.Arbitrary<Item> => {
  const appliance = freshAppliance(family);
  const answers = Object.fromEntries(
    applianceQuestions(appliance).map((question) => [question.key, answerTo(family, question)]),
  );
  return fc
    .record(answers)
    .map((given) =>
      Object.fromEntries(
        Object.entries({ ...appliance.nameplate, ...given }).filter(([, value]) => value !== undefined),
      ),
    );
};

const circuit = fc.constantFrom(...familyList.map(({ id }) => id)).chain((family) =>
  fc.record({
    kind: fc.constant('circuit'),
    family: fc.constant(family),
    nameplate: nameplate(family),
    method,
    lengthFt: between(1, 2000),
    location: fc.constantFrom(...ENVIRONMENTS),
    ambientC: fc.oneof(between(-40, 85), fc.constantFrom(30, 40, 50)),
    currentCarrying: maybe(fc.integer({ min: 1, max: 60 })),
    terminalC: fc.constantFrom(60, 75),
    material,
    insulation: fc.constantFrom('THWN-2', 'XHHW-2'),
    maxDropPct: fc.constantFrom(null, 1, 3, 5),
    edition: fc.constantFrom(...EDITION_YEARS),
    permitDate: maybe(fc.constantFrom('2022-06-01', '2026-08-31', '2026-09-01')),
    occupancy: fc.constantFrom(...OCCUPANCIES),
    pinned: fc.record({
      size: fc.option(size, { nil: undefined, freq: 3 }),
      ocpdA: fc.option(fc.constantFrom(15, 20, 30, 50, 65, 100, 400), { nil: undefined, freq: 3 }),
      egc: fc.option(size, { nil: undefined, freq: 3 }),
      trade: fc.option(trade, { nil: undefined, freq: 3 }),
    }),
    practice: fc.record({ matchBreaker: fc.boolean(), welderGeneralUse: fc.boolean() }),
    site: fc.record({
      room: maybe(fc.constantFrom(...LOCATIONS)),
      waterFt: maybe(between(0, 60)),
      disconnectFt: maybe(between(0, 100)),
      lockable: maybe(fc.boolean()),
    }),
  }),
);

const counted = fc.record({ size, count: fc.integer({ min: 0, max: 12 }) });
const serviceLoad = fc.record({
  what: fc.constantFrom('Range', 'Heat', 'Charger'),
  va: between(0, 60000),
  kind: fc.constantFrom(...SERVICE_KINDS),
  units: maybe(fc.integer({ min: 1, max: 12 })),
});

const others: readonly fc.Arbitrary<Item>[] = [
  fc.record({
    kind: fc.constant('ampacity'),
    size,
    material,
    insulationC: fc.constantFrom(60, 75, 90),
    terminalC: fc.constantFrom(60, 75, 90),
    ambientC: between(-40, 85),
    currentCarrying: fc.integer({ min: 1, max: 100 }),
    method: maybe(method),
  }),
  fc.record({
    kind: fc.constant('drop'),
    amps: between(0, 10000),
    volts: between(1, 1000),
    phase: fc.constantFrom(1, 3),
    size,
    material,
    raceway: method,
    lengthFt: between(0.1, 5000),
    powerFactor: between(0.1, 1),
  }),
  fc.record({
    kind: fc.constant('fill'),
    raceway,
    trade: maybe(trade),
    nipple: fc.boolean(),
    conductors: fc.array(
      fc.record({
        insulation: fc.constantFrom('THWN-2', 'XHHW-2', 'RHW-2', 'bare'),
        size,
        count: fc.integer({ min: 1, max: 40 }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
  }),
  fc.record({
    kind: fc.constant('fill-count'),
    raceway,
    trade,
    insulation: fc.constantFrom('THWN-2', 'XHHW-2', 'bare'),
    size,
  }),
  fc.record({
    kind: fc.constant('motor'),
    hp: between(0.1, 200),
    volts: fc.constantFrom(115, 120, 200, 208, 230, 240, 277, 460, 480),
    phase: fc.constantFrom(1, 3),
    nameplateA: maybe(between(0.5, 400)),
    device: fc.constantFrom('inverse', 'dual-element', 'non-time-delay', 'instantaneous'),
  }),
  fc.record({
    kind: fc.constant('range-demand'),
    ranges: fc.array(between(0.5, 27), { minLength: 1, maxLength: 60 }),
  }),
  fc.record({
    kind: fc.constant('box'),
    boxIn3: maybe(between(1, 400)),
    conductors: fc.array(counted, { maxLength: 6 }),
    egc: fc.array(counted, { maxLength: 3 }),
    clamps: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant('burial'),
    method,
    location: fc.constantFrom(...BURIAL_PLACES),
    volts: between(1, 600),
    ocpdA: between(1, 400),
    gfci: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant('bond-loop'),
    shape: fc.record({
      polygon: fc.array(fc.tuple(between(-60, 60), between(-60, 60)), { minLength: 3, maxLength: 8 }),
    }),
    offsetIn: between(1, 60),
    tailsFt: fc.array(between(0, 40), { maxLength: 3 }),
  }),
  fc.record({
    kind: fc.constant('cut-plan'),
    pieces: fc.array(fc.record({ id: fc.string({ maxLength: 4 }), ft: between(0.01, 300) }), {
      maxLength: 12,
    }),
    stock: fc.array(
      fc.record({
        id: fc.string({ maxLength: 4 }),
        ft: between(1, 2000),
        cents: fc.nat(90000),
        count: maybe(fc.nat(9)),
      }),
      { maxLength: 4 },
    ),
  }),
  fc.record({
    kind: fc.constant('zone'),
    water: fc.record({
      kind: fc.constantFrom(...WATER_KINDS),
      shape: fc.oneof(
        fc.record({ circle: fc.record({ diameterFt: between(1, 60) }) }),
        fc.record({ oval: fc.record({ lengthFt: between(20, 60), widthFt: between(1, 20) }) }),
        fc.record({ rectangle: fc.record({ lengthFt: between(20, 60), widthFt: between(1, 20) }) }),
      ),
    }),
    object: fc.record({
      kind: fc.constantFrom(...ZONE_OBJECTS),
      at: fc.tuple(between(-60, 60), between(-60, 60)),
      gfci: fc.boolean(),
      rigid: fc.boolean(),
      existing: fc.boolean(),
    }),
    barriers: fc.array(
      fc.tuple(fc.tuple(between(-60, 60), between(-60, 60)), fc.tuple(between(-60, 60), between(-60, 60))),
      { maxLength: 5 },
    ),
  }),
  fc.record({
    kind: fc.constant('bonding'),
    water: fc.record({
      kind: fc.constantFrom(...WATER_KINDS),
      shell: fc.constantFrom(...SHELLS),
      perimeter: fc.constantFrom(...PERIMETERS),
    }),
    items: fc.array(
      fc.record({
        id: fc.constantFrom('a', 'b'),
        what: fc.constantFrom(...BOND_PARTS),
        metal: fc.boolean(),
        isolated: fc.boolean(),
      }),
      { maxLength: 4 },
    ),
  }),
  fc.record({
    kind: fc.constant('bends'),
    segments: fc.array(
      fc.record({ bendsDeg: fc.array(between(0, 360), { maxLength: 6 }), toPullPoint: fc.boolean() }),
      { minLength: 1, maxLength: 5 },
    ),
  }),
  fc.record({ kind: fc.constant('offset-bend'), angleDeg: between(1, 90), riseIn: between(0.1, 240) }),
  fc.record({
    kind: fc.constant('straps'),
    method,
    trade: maybe(trade),
    lengthFt: between(0.1, 5000),
    practice: fc.constantFrom('code', 'half'),
  }),
  fc.record({
    kind: fc.constant('service'),
    method: fc.constantFrom('standard', 'optional', 'existing', 'measured'),
    areaFt2: between(0, 20000),
    loads: fc.array(serviceLoad, { maxLength: 8 }),
    newLoads: fc.array(serviceLoad, { maxLength: 3 }),
    measuredKW: maybe(between(0.1, 100)),
    voltage: fc.constantFrom(208, 240),
  }),
];

const withoutUndefined = (value: unknown): unknown =>
  typeof value !== 'object' || value === null || Array.isArray(value)
    ? value
    : Object.fromEntries(
        Object.entries(value)
          .filter(([, each]) => each !== undefined)
          .map(([key, each]) => [key, withoutUndefined(each)]),
      );

/** Any item of a worksheet, most of them circuits; now and then one whose nameplate is out of bounds. */
export const anyItem: fc.Arbitrary<unknown> = fc
  .oneof({ weight: 12, arbitrary: circuit }, ...others.map((arbitrary) => ({ weight: 1, arbitrary })))
  .map((item) => withoutUndefined({ id: 'x', ...item }));
