import { motorPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { largestPlugA, LISTED_APPLIANCE } from './motorCurrent';
import { motorLoad } from './motorLoad';
import { deviceA, plainOutlet, VOLTS } from './plate';

const poolPumpPlateSchema = z.strictObject({
  hp: z.number().min(0.1).max(10).describe('Total horsepower: rated times service factor'),
  volts: z.union([z.literal(115), z.literal(120), z.literal(208), z.literal(230), z.literal(240)]),
  nameplateA: z.number().min(1).max(100).optional().describe('Largest current on the nameplate, amperes'),
  listedAppliance: z
    .boolean()
    .optional()
    .describe('Whether it is part of a listed appliance marked in horsepower and amperes'),
  breakerA: deviceA.optional().describe('Largest breaker that the manufacturer allows, amperes'),
  variable: z.boolean().optional().describe('Variable speed, with its own drive'),
  connection: z.enum(['hardwired', 'receptacle']).optional(),
});

/** The nameplate of a pool pump. */
type PoolPumpPlate = z.infer<typeof poolPumpPlateSchema>;

const of = fieldsOf<PoolPumpPlate>();

/** Pool pump: a motor in Article 680, protected by a Class A device and grounded with insulated copper. */
export const poolPump = defineFamily<'pool-pump', PoolPumpPlate>({
  id: 'pool-pump',
  name: 'Pool pump',
  schema: poolPumpPlateSchema,
  fresh: { hp: 1.65, volts: 240, variable: true },
  questions: [
    of.number('hp', 'Total horsepower', UNITS.horsepower, {
      mark: 'THP',
      help: 'Rated horsepower times service factor.',
    }),
    of.named('volts', 'Volts', VOLTS),
    of.number('nameplateA', 'Largest current', UNITS.amperes, {
      mark: 'MAX A',
      until: 'The motor table alone.',
    }),
    of.yesNo('listedAppliance', LISTED_APPLIANCE.label, LISTED_APPLIANCE),
    of.number(
      'breakerA',
      'Largest breaker that the manufacturer allows',
      { ...UNITS.amperes, max: 200 },
      {
        mark: 'MAX BKR',
        until: '250 % of the table current, next standard rating.',
      },
    ),
    of.yesNo('variable', 'Variable speed?', { mark: 'VS' }),
    of.choice('connection', 'Connection', { hardwired: 'Hardwired', receptacle: 'Plug and receptacle' }),
  ],
  title: (plate) => `Pool pump, ${plate.hp} hp`,
  load: (plate, desk) =>
    motorLoad(
      { hp: plate.hp, volts: plate.volts, phase: 1 },
      { plateA: plate.nameplateA, listedAppliance: plate.listedAppliance, maxA: plate.breakerA },
      {
        powerFactor: 0.9,
        // A drive brings the motor up slowly, so nothing dips.
        ...(plate.variable === true ? { startA: null } : {}),
        connection: plate.connection ?? 'hardwired',
        plugA: largestPlugA(plate.connection, plate.volts),
        min: { size: '12', why: 'pool' },
        minGround: '12',
      },
      desk,
    ),
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'pool-pump',
      location: 'outdoor',
      use: plate.volts <= 120 ? '120' : '240',
      usesNeutral: plate.volts <= 120,
      unattended: true,
      disconnect: { by: 'pool', minA: load.equipmentA * 1.15, hp: plate.hp },
    }),
  changes: () => [],
  typed: {
    names: ['pool pump', 'poolpump', 'pool filter pump', 'pool filter', 'variable speed pump', 'vs pump'],
    example: 'pool pump 1.65 hp',
    main: 'hp',
    plate: (typed) => {
      const { told, usual } = motorPlate({ hp: 1.65, volts: 240 })(typed);
      return { told: { ...told, ...(typed.words.has('variable') && { variable: true }) }, usual };
    },
  },
});
