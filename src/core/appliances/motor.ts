import type { TypedFigures } from './typedWords';
import { motorPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { largestPlugA, LISTED_APPLIANCE } from './motorCurrent';
import { motorLoad } from './motorLoad';
import { CONNECTIONS, deviceA, plainOutlet, VOLTS } from './plate';

const motorPlateSchema = z.strictObject({
  hp: z.number().min(0.1).max(50).describe('Horsepower on the nameplate'),
  volts: z.union([
    z.literal(115),
    z.literal(120),
    z.literal(200),
    z.literal(208),
    z.literal(230),
    z.literal(240),
    z.literal(460),
  ]),
  phase: z.union([z.literal(1), z.literal(3)]).default(1),
  nameplateA: z.number().min(0.5).max(200).optional().describe('Full-load current on the nameplate'),
  listedAppliance: z
    .boolean()
    .optional()
    .describe('Whether it is part of a listed appliance marked in horsepower and amperes'),
  serviceFactor: z.number().min(1).max(1.6).optional().describe('Service factor on the nameplate'),
  continuous: z.boolean().default(true).describe('Whether it may run three hours or more'),
  breakerA: deviceA.optional().describe('Largest breaker that the manufacturer allows, amperes'),
  connection: z.enum(['hardwired', 'receptacle']).optional(),
});

/** The nameplate of a motor. */
type MotorPlate = z.infer<typeof motorPlateSchema>;

/** Motors of 460 V have three phases; of lower voltages only where that is said. */
const isThreePhase = ({ phase, volts = 0 }: TypedFigures): boolean => phase === 3 || volts > 277;

/** Overload for a plate current: 125 % from service factor 1.15, else 115 % (430.32(A)(1)). */
export const overloadPercent = (serviceFactor: number | undefined): number =>
  (serviceFactor ?? 1) >= 1.15 ? 125 : 115;

const of = fieldsOf<MotorPlate>();

/** A motor: compressor, saw, lift, dust collector (Article 430). */
export const motor = defineFamily<'motor', MotorPlate>({
  id: 'motor',
  name: 'Motor',
  schema: motorPlateSchema,
  fresh: { hp: 2, volts: 240, phase: 1, continuous: true },
  questions: [
    of.number('hp', 'Horsepower', UNITS.horsepower, { mark: 'HP' }),
    of.named('volts', 'Volts', VOLTS),
    of.number('nameplateA', 'Full-load current', UNITS.amperes, {
      mark: 'FLA',
      help: 'For the overload; conductor and breaker read the table, but for a listed appliance.',
    }),
    of.yesNo('listedAppliance', LISTED_APPLIANCE.label, LISTED_APPLIANCE),
    of.number('serviceFactor', 'Service factor', UNITS.none, { mark: 'SF', until: 'Overload at 115 %.' }),
    of.number(
      'breakerA',
      'Largest breaker that the manufacturer allows',
      { ...UNITS.amperes, max: 400 },
      {
        mark: 'MAX BKR',
        until: '250 % of the table current, next standard rating.',
      },
    ),
    of.choice('connection', 'Connection', CONNECTIONS),
  ],
  title: ({ hp, volts, phase }) => `Motor, ${hp} hp${phase === 3 ? `, ${volts} V three-phase` : ''}`,
  load(plate, desk) {
    const model = motorLoad(
      { hp: plate.hp, volts: plate.volts, phase: plate.phase },
      { plateA: plate.nameplateA, listedAppliance: plate.listedAppliance, maxA: plate.breakerA },
      {
        connection: plate.connection ?? 'hardwired',
        plugA: largestPlugA(plate.connection, plate.volts),
      },
      desk,
    );
    if (plate.nameplateA === undefined) return model;
    const percent = overloadPercent(plate.serviceFactor);
    desk.work.step(
      'load.overload',
      'motor.overload',
      { plateA: plate.nameplateA, percent },
      (plate.nameplateA * percent) / 100,
    );
    return model;
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'motor',
      location: 'utility',
      use: plate.volts <= 120 ? '120' : '240',
      usesNeutral: plate.volts <= 120,
      disconnect: { by: 'motor', minA: load.equipmentA * 1.15, hp: plate.hp },
    }),
  changes: () => [],
  typed: {
    names: [
      'motor',
      'compressor',
      'saw',
      'dust collector',
      'lift',
      'air compressor',
      'air comp',
      'table saw',
      'car lift',
      'lathe',
      'mill',
      'planer',
      'grinder',
      'septic pump',
      'effluent pump',
      'booster pump',
      'attic fan',
      'exhaust fan',
      'whole house fan',
      'gate opener',
      'gate motor',
      'gate operator',
      'elevator',
      'dumbwaiter',
      'hoist',
      'boat lift',
      'band saw',
      'bandsaw',
      'milling machine',
      'drill press',
      'jointer',
      'shaper',
      'phase converter',
      'conveyor',
      'grinder pump',
      'sewage ejector',
      'ejector pump',
      'cnc router',
      'cnc',
    ],
    example: 'motor 3 hp',
    main: 'hp',
    plate: (typed) => {
      const { told, usual } = motorPlate({ hp: 2, volts: 240, phase: 1, continuous: true })(typed);
      return { told: { ...told, ...(isThreePhase(typed) && { phase: 3 }) }, usual };
    },
  },
});
