import { heatOn, typedKw, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily, type LoadDesk, type LoadModel } from './family';
import { hermeticLoad } from './hermeticLoad';
import { deviceA, plainLoad, plainOutlet, twoPoleVolts, VOLTS } from './plate';
import { heatCurrent, LARGEST_ELEMENT_A } from './resistanceHeat';

const poolHeaterPlateSchema = z
  .strictObject({
    heater: z.enum(['resistance', 'heat-pump', 'gas']).optional(),
    kw: z.number().min(0.5).max(60).optional().describe('Resistance heater, kilowatts'),
    mca: z.number().min(1).max(200).optional().describe('Minimum circuit ampacity, amperes'),
    mocp: deviceA.optional().describe('Maximum overcurrent protection, amperes'),
    volts: twoPoleVolts,
    subdivided: z.boolean().optional().describe('Subdivided by the manufacturer into parts of 48 A or less'),
  })
  .refine(
    (plate) =>
      plate.heater === 'gas' ||
      plate.kw !== undefined ||
      (plate.mca !== undefined && plate.mocp !== undefined),
    {
      path: ['kw'],
      message: 'Give kw of a resistance heater, or mca and mocp of a heat pump.',
    },
  );

/** The nameplate of a pool heater. */
type PoolHeaterPlate = z.infer<typeof poolHeaterPlateSchema>;

type Heater = 'resistance' | 'heat-pump' | 'gas';

const heaterOf = ({ heater, mca }: PoolHeaterPlate): Heater =>
  heater ?? (mca === undefined ? 'resistance' : 'heat-pump');

/** Igniter, fan and control of a gas heater, until its plate was read. */
const GAS_CONTROL_A = 3;

function resistance(plate: PoolHeaterPlate, kw: number, desk: LoadDesk): LoadModel {
  const amps = heatCurrent(kw, plate.volts, desk.work);
  if (amps > LARGEST_ELEMENT_A && plate.subdivided !== true) {
    desk.work.found('stop', 'load.subdivide', 'load.pool-heater', { amps, maxA: LARGEST_ELEMENT_A });
  }
  return plainLoad({ volts: plate.volts, continuousA: amps, otherA: 0, minGround: '12' });
}

const of = fieldsOf<PoolHeaterPlate>();

/** Pool heater: resistance in parts of 48 A, a heat pump by MCA and MOCP, or the control of a gas heater. */
export const poolHeater = defineFamily<'pool-heater', PoolHeaterPlate>({
  id: 'pool-heater',
  name: 'Pool heater',
  schema: poolHeaterPlateSchema,
  fresh: { heater: 'resistance', kw: 11, volts: 240 },
  questions: [
    of.choice('heater', 'Heater', { resistance: 'Resistance', 'heat-pump': 'Heat pump', gas: 'Gas' }),
    of.number('kw', 'Power', UNITS.kilowatts, {
      mark: 'KW',
      when: (plate) => plate['heater'] !== 'heat-pump' && plate['heater'] !== 'gas',
    }),
    of.number('mca', 'Minimum circuit ampacity', UNITS.amperes, {
      mark: 'MCA',
      when: (plate) => plate['heater'] === 'heat-pump' || plate['mca'] !== undefined,
    }),
    of.number(
      'mocp',
      'Maximum overcurrent protection',
      { ...UNITS.amperes, max: 300 },
      {
        mark: 'MOCP',
        when: (plate) => plate['heater'] === 'heat-pump' || plate['mca'] !== undefined,
      },
    ),
    of.named('volts', 'Volts', VOLTS),
    of.yesNo('subdivided', 'Subdivided by the manufacturer into parts of 48 A or less?', {
      until: 'Above 48 A the circuit stops.',
      when: (plate) => plate['heater'] !== 'heat-pump' && plate['heater'] !== 'gas',
    }),
  ],
  title: (plate) =>
    plate.kw === undefined || heaterOf(plate) !== 'resistance'
      ? 'Pool heater'
      : `Pool heater, ${plate.kw} kW`,
  load(plate, desk) {
    const heater = heaterOf(plate);
    const { work } = desk;
    if (heater === 'gas') {
      const amps = work.step('load.maker', 'load.nameplate', { volts: plate.volts }, GAS_CONTROL_A);
      work.found('ask', 'load.plate-missing', 'load.nameplate', { field: 'control current', usedA: amps });
      return plainLoad({ volts: plate.volts, continuousA: 0, otherA: amps, minGround: '12' });
    }
    if (heater === 'heat-pump') {
      if (plate.mca !== undefined && plate.mocp !== undefined) {
        return hermeticLoad(
          { mca: plate.mca, mocp: plate.mocp, volts: plate.volts },
          { minGround: '12' },
          desk,
        );
      }
      const amps = heatCurrent(plate.kw ?? 0, plate.volts, work);
      work.found('ask', 'load.plate-missing', 'load.nameplate', { field: 'MCA and MOCP', usedA: amps });
      return plainLoad({ volts: plate.volts, continuousA: amps, otherA: 0, minGround: '12' });
    }
    return resistance(plate, plate.kw ?? 0, desk);
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'pool-heater',
      location: 'outdoor',
      disconnect: {
        // A heat pump has its own article's disconnect too: one switch does both.
        by: 'pool',
        ...(heaterOf(plate) === 'heat-pump' && { also: 'hermetic' as const }),
        minA: heaterOf(plate) === 'heat-pump' ? (plate.mca ?? load.equipmentA) : load.equipmentA * 1.25,
      },
    }),
  changes: () => [],
  typed: {
    names: ['pool heater', 'pool heat pump', 'poolheater', 'spa heater'],
    example: 'pool heater 11 kW',
    main: 'kw',
    plate: (typed) => {
      const { kw, mca, mocp, volts, breakerA } = typed;
      if (mca !== undefined || mocp !== undefined || (kw === undefined && typed.words.has('hybrid')))
        return typedPlate(
          { heater: 'heat-pump', mca, mocp, volts },
          {
            mca: mocp ?? breakerA ?? 33,
            mocp: mca === undefined ? (breakerA ?? 50) : Math.ceil(mca / 5) * 5,
            volts: 240,
          },
        );
      return typedPlate(
        { heater: kw === undefined ? undefined : 'resistance', kw: typedKw(typed), volts },
        { heater: 'resistance', kw: heatOn(typed, 11), volts: 240 },
      );
    },
  },
});
