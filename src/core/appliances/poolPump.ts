import { z } from 'zod';
import { defineFamily } from './family';
import { largestPlugA, LISTED_APPLIANCE } from './motorCurrent';
import { motorLoad } from './motorLoad';
import { amperes, deviceA, horsepower, plainOutlet, voltsQuestion } from './plate';
import { motorPlate } from './typedPlate';

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

/** Pool pump: a motor in Article 680, protected by a Class A device and grounded with insulated copper. */
export const poolPump = defineFamily<'pool-pump', PoolPumpPlate>({
  id: 'pool-pump',
  name: 'Pool pump',
  schema: poolPumpPlateSchema,
  fresh: { hp: 1.65, volts: 240, variable: true },
  questions: [
    {
      key: 'hp',
      label: 'Total horsepower',
      mark: 'THP',
      kind: 'number',
      range: horsepower(0.1, 10),
      help: 'Rated horsepower times service factor.',
    },
    voltsQuestion(240, 208, 120),
    {
      key: 'nameplateA',
      label: 'Largest current',
      mark: 'MAX A',
      kind: 'number',
      optional: true,
      range: amperes(1, 100),
      until: 'The motor table alone.',
    },
    LISTED_APPLIANCE,
    {
      key: 'breakerA',
      label: 'Largest breaker that the manufacturer allows',
      mark: 'MAX BKR',
      kind: 'number',
      optional: true,
      range: amperes(10, 200),
      until: '250 % of the table current, next standard rating.',
    },
    { key: 'variable', label: 'Variable speed?', mark: 'VS', kind: 'yes-no' },
    {
      key: 'connection',
      label: 'Connection',
      kind: 'choice',
      choices: [
        { value: 'hardwired', label: 'Hardwired' },
        { value: 'receptacle', label: 'Plug and receptacle' },
      ],
    },
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
    names: ['pool pump'],
    example: 'pool pump 1.65 hp',
    needs: 'horsepower, as in "pool pump 1.65 hp"',
    plate: motorPlate(),
  },
});
