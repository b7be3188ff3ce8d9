import { typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { motorLoad } from './motorLoad';
import { deviceA, plainOutlet, VOLTS } from './plate';

const wellPumpPlateSchema = z.strictObject({
  hp: z.number().min(0.1).max(10).describe('Horsepower on the nameplate'),
  volts: z.union([z.literal(115), z.literal(120), z.literal(208), z.literal(230), z.literal(240)]),
  maxA: z
    .number()
    .min(1)
    .max(100)
    .optional()
    .describe('Largest current on the label, with the service factor, amperes'),
  lockedA: z.number().min(5).max(600).optional().describe('Locked-rotor current, amperes'),
  breakerA: deviceA.optional().describe('Largest breaker that the manufacturer allows, amperes'),
  submersible: z.boolean().optional(),
  controls: z
    .enum(['inside', 'well-head'])
    .optional()
    .describe('Where the circuit ends and current is taken'),
});

/** The nameplate of a well pump. */
type WellPumpPlate = z.infer<typeof wellPumpPlateSchema>;

/** A well pump may dip the voltage at its motor this far while it starts, percent. */
const DIP_PCT = 10;

const of = fieldsOf<WellPumpPlate>();

/** Well pump: a motor at the end of a long run, whose starting dip counts as much as its drop. */
export const wellPump = defineFamily<'well-pump', WellPumpPlate>({
  id: 'well-pump',
  name: 'Well pump',
  schema: wellPumpPlateSchema,
  fresh: { hp: 1.5, volts: 240, submersible: true },
  questions: [
    of.number('hp', 'Horsepower', UNITS.horsepower, { mark: 'HP' }),
    of.named('volts', 'Volts', VOLTS),
    of.number('maxA', 'Largest current, with service factor', UNITS.amperes, {
      mark: 'SF A',
      until: 'The motor table alone.',
    }),
    of.number('lockedA', 'Locked-rotor current', UNITS.amperes, {
      mark: 'LRA',
      until: 'Six times the full-load current.',
    }),
    of.number(
      'breakerA',
      'Largest breaker that the manufacturer allows',
      { ...UNITS.amperes, max: 200 },
      { mark: 'MAX BKR' },
    ),
    of.yesNo('submersible', 'Submersible?'),
    of.choice('controls', 'Where the branch circuit ends', {
      inside: 'At the control box, inside',
      'well-head': 'At the well head',
    }),
  ],
  title: (plate) => `Well pump, ${plate.hp} hp`,
  load: (plate, desk) =>
    motorLoad(
      { hp: plate.hp, volts: plate.volts, phase: 1 },
      { plateA: plate.maxA, maxA: plate.breakerA, lockedA: plate.lockedA },
      { dipPct: DIP_PCT, min: desk.practices.pumpFullSize ? { size: '12', why: 'full-size' } : null },
      desk,
    ),
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'well-pump',
      // Until it is said where current is taken, the end of the run decides: a run that ends outdoors is outdoors.
      location: plate.controls === 'well-head' ? 'outdoor' : 'utility',
      ...(plate.controls !== undefined && {
        fixedLocation: plate.controls === 'well-head' ? 'outdoor' : 'utility',
      }),
      use: plate.volts <= 120 ? '120' : '240',
      usesNeutral: plate.volts <= 120,
      disconnect: {
        by: 'motor',
        minA: load.equipmentA * 1.15,
        hp: plate.hp,
        atController: plate.submersible === true,
      },
    }),
  changes: () => [],
  typed: {
    names: [
      'well pump',
      'pump',
      'well',
      'submersible pump',
      'submersible well pump',
      'jet pump',
      'sub pump',
      'submersible',
      'deep well pump',
      'irrigation pump',
      'water pump',
    ],
    example: 'well pump 1.5 hp',
    main: 'hp',
    plate: ({ hp, volts, amps, words }) =>
      typedPlate(
        { hp, volts, maxA: amps, submersible: words.has('submersible') ? true : undefined },
        { hp: 1.5, volts: 240 },
      ),
  },
});
