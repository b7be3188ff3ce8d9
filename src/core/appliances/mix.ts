import { typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { LOADS, heavierLeg, legLoadSchema } from './legs';
import { BREAKER, deviceA, plainLoad, plainOutlet, twoPoleVolts, VOLTS } from './plate';

const mixPlateSchema = z.strictObject({
  loads: z.array(legLoadSchema).min(1).max(20),
  volts: twoPoleVolts,
  neutral: z.boolean(),
  breakerA: deviceA.optional().describe('Breaker that is planned, amperes'),
});

/** Several loads on one circuit. */
type MixPlate = z.infer<typeof mixPlateSchema>;

const of = fieldsOf<MixPlate>();

/** Several loads on one circuit, each on a leg or on both: the heavier leg decides. */
export const mix = defineFamily<'mix', MixPlate>({
  id: 'mix',
  name: 'Several loads',
  schema: mixPlateSchema,
  fresh: {
    loads: [
      { what: 'Heater', amps: 16, leg: 'both', continuous: true },
      { what: 'Lights', amps: 4, leg: 'A', continuous: true },
    ],
    volts: 240,
    neutral: true,
  },
  questions: [
    of.own('loads', 'The loads', {
      ...LOADS,
      mark: 'LOADS',
      help: 'Apart by semicolons: name, amperes, leg A, B or both, and whether continuous or a motor.',
    }),
    of.named('volts', 'Volts', VOLTS),
    of.yesNo('neutral', 'Does it carry a neutral?'),
    of.number('breakerA', BREAKER.label, UNITS.amperes, BREAKER),
  ],
  title: (plate) => `Several loads, ${plate.loads.length}`,
  load(plate, { code, work }) {
    const { designA, runA } = heavierLeg(plate.loads, code, work, 'conductor.continuous');
    return plainLoad({
      volts: plate.volts,
      continuousA: 0,
      otherA: designA,
      runA,
      neutral: plate.neutral,
      plateOcpdA: plate.breakerA ?? null,
    });
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'other',
      location: 'utility',
      usesNeutral: plate.neutral,
      disconnect: { by: 'ask', minA: load.equipmentA },
    }),
  changes: () => [],
  typed: {
    names: ['several loads', 'mix', 'mixed loads'],
    example: 'several loads',
    main: 'amps',
    plate: () =>
      typedPlate(
        {},
        { loads: [{ what: 'Load', amps: 12, leg: 'both', continuous: true }], volts: 240, neutral: true },
      ),
  },
});
