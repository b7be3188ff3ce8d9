import { typedKw, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { BREAKER, CONNECTIONS, deviceA, dwellingVolts, plainLoad, plainOutlet, VOLTS } from './plate';
import { heatCurrent } from './resistanceHeat';

const dryerPlateSchema = z.strictObject({
  kw: z.number().min(0.3).max(12).describe('Nameplate, kilowatts'),
  volts: dwellingVolts,
  connection: z.enum(['hardwired', 'receptacle']).optional(),
  breakerA: deviceA.optional().describe('Breaker that the plate names, amperes'),
});

/** The nameplate of a clothes dryer. */
type DryerPlate = z.infer<typeof dryerPlateSchema>;

/** A two-pole dryer goes on its usual 30 A receptacle at least. */
const USUAL_A = 30;

const of = fieldsOf<DryerPlate>();

/** Clothes dryer: its nameplate, not continuous, on 30 A with four wires (220.54, 250.140). */
export const dryer = defineFamily<'dryer', DryerPlate>({
  id: 'dryer',
  name: 'Clothes dryer',
  schema: dryerPlateSchema,
  fresh: { kw: 5.4, volts: 240, connection: 'receptacle' },
  questions: [
    of.number('kw', 'Power on the nameplate', UNITS.kilowatts, { mark: 'KW' }),
    of.named('volts', 'Volts', VOLTS),
    of.choice('connection', 'Connection', CONNECTIONS),
    of.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: (plate) => `Dryer, ${plate.kw} kW`,
  load(plate, { work }) {
    const amps = heatCurrent(plate.kw, plate.volts, work);
    return plainLoad({
      volts: plate.volts,
      continuousA: 0,
      otherA: amps,
      neutral: plate.volts !== 120,
      connection: plate.connection ?? 'receptacle',
      device: { kind: 'usual', minA: plate.volts === 120 ? 15 : USUAL_A },
      plateOcpdA: plate.breakerA ?? null,
    });
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'dryer',
      location: 'laundry',
      use: plate.volts === 120 ? '120' : '120/240',
      usesNeutral: true,
      hidden: load.connection === 'receptacle',
      disconnect: { by: 'appliance', minA: load.equipmentA },
    }),
  changes: (plate) => [{ kind: 'hardwire', plate: { ...plate, connection: 'hardwired' } }],
  typed: {
    names: ['clothes dryer', 'dryer', 'electric dryer', 'clothesdryer', 'heat pump dryer'],
    example: 'dryer 5.4 kW',
    main: 'kw',
    plate: (typed) =>
      typedPlate(
        { kw: typedKw(typed), volts: typed.volts, connection: typed.connection },
        { kw: 5.4, volts: 240, connection: 'receptacle' },
      ),
  },
});
