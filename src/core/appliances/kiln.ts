import { heatOn, typedKw, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { BREAKER, CONNECTIONS, deviceA, dwellingVolts, plainLoad, plainOutlet, VOLTS } from './plate';
import { heatCurrent } from './resistanceHeat';

const kilnPlateSchema = z.strictObject({
  kw: z.number().min(0.5).max(40).describe('Nameplate, kilowatts'),
  volts: dwellingVolts,
  connection: z.enum(['hardwired', 'receptacle']).optional(),
  breakerA: deviceA.optional().describe('Breaker that the plate names, amperes'),
});

/** The plate of a kiln or another resistance heater. */
type KilnPlate = z.infer<typeof kilnPlateSchema>;

const of = fieldsOf<KilnPlate>();

/** Kiln and other resistance heat: on for hours, so 125 %. */
export const kiln = defineFamily<'kiln', KilnPlate>({
  id: 'kiln',
  name: 'Kiln or other heat',
  schema: kilnPlateSchema,
  fresh: { kw: 9.6, volts: 240 },
  questions: [
    of.number('kw', 'Power on the nameplate', UNITS.kilowatts, { mark: 'KW' }),
    of.named('volts', 'Volts', VOLTS),
    of.choice('connection', 'Connection', CONNECTIONS),
    of.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: (plate) => `Kiln, ${plate.kw} kW`,
  load: (plate, { work }) =>
    plainLoad({
      volts: plate.volts,
      continuousA: heatCurrent(plate.kw, plate.volts, work),
      otherA: 0,
      connection: plate.connection ?? 'hardwired',
      plateOcpdA: plate.breakerA ?? null,
    }),
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'heat',
      location: 'utility',
      use: plate.volts === 120 ? '120' : '240',
      usesNeutral: plate.volts === 120,
      disconnect: { by: 'appliance', minA: load.equipmentA * 1.25 },
    }),
  changes: (plate) => [{ kind: 'hardwire', plate: { ...plate, connection: 'hardwired' } }],
  typed: {
    names: [
      'kiln',
      'heater',
      'sauna',
      'sauna heater',
      'baseboard',
      'baseboard heater',
      'baseboard heat',
      'space heater',
      'electric heat',
      'wall heater',
      'unit heater',
      'garage heater',
      'furnace',
      'electric furnace',
      'infrared heater',
      'radiant heat',
      'floor heat',
      'steam generator',
      'oven kiln',
      'pottery kiln',
      'heat strip',
      'heat strips',
      'strip heat',
      'steam shower',
      'steam room',
      'steam room generator',
      'electric boiler',
      'boiler',
      'towel warmer',
      'radiant floor',
      'heated floor',
      'floor heater',
      'snow melt',
      'heat strip',
      'heat tape',
      'duct heater',
      'bathroom heater',
      'patio heater',
    ],
    example: 'kiln 48 A',
    main: 'amps',
    // A kiln is called by its amperes unless a kW stands beside the number.
    plate: (typed) =>
      typedPlate(
        { kw: typedKw(typed), volts: typed.volts, connection: typed.connection },
        { kw: heatOn(typed, 9.6), volts: 240, connection: 'hardwired' },
      ),
  },
});
