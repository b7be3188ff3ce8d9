import { typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { hermeticLoad } from './hermeticLoad';
import { deviceA, dwellingVolts, plainOutlet, VOLTS } from './plate';

const miniSplitPlateSchema = z.strictObject({
  mca: z.number().min(1).max(200).describe('Minimum circuit ampacity, amperes'),
  mocp: deviceA.describe('Maximum overcurrent protection, amperes'),
  volts: dwellingVolts,
  runA: z.number().min(1).max(200).optional().describe('Current while it runs, amperes'),
  fuseOnly: z.boolean().optional().describe('The label asks for fuses'),
  fixedSpeed: z.boolean().optional().describe('Without power conversion'),
});

/** The label of a mini split or heat pump. */
type MiniSplitPlate = z.infer<typeof miniSplitPlateSchema>;

const of = fieldsOf<MiniSplitPlate>();

/** Mini split, heat pump or air conditioner, by MCA and MOCP (440.4(B)). */
export const miniSplit = defineFamily<'mini-split', MiniSplitPlate>({
  id: 'mini-split',
  name: 'Mini split or heat pump',
  schema: miniSplitPlateSchema,
  fresh: { mca: 18, mocp: 25, volts: 240 },
  questions: [
    of.number('mca', 'Minimum circuit ampacity', UNITS.amperes, { mark: 'MCA' }),
    of.number('mocp', 'Maximum overcurrent protection', { ...UNITS.amperes, max: 300 }, { mark: 'MOCP' }),
    of.named('volts', 'Volts', VOLTS),
    of.number('runA', 'Current while it runs', UNITS.amperes, {
      mark: 'RUN A',
      until: 'MCA / 1.25, for the drop only.',
    }),
    of.yesNo('fixedSpeed', 'Fixed speed, without an inverter?'),
    of.yesNo('fuseOnly', 'Does the label require fuses?'),
  ],
  title: (plate) => `Mini split, ${plate.mca}/${plate.mocp} A`,
  load(plate, desk) {
    if (plate.fuseOnly === true)
      desk.work.found('check', 'load.fuse-only', 'load.nameplate', { mocp: plate.mocp });
    return hermeticLoad(plate, {}, desk);
  },
  outlet: (plate) =>
    plainOutlet({
      kind: 'hvac',
      location: 'outdoor',
      fixedLocation: 'outdoor',
      use: plate.volts === 120 ? '120' : '240',
      usesNeutral: plate.volts === 120,
      powerConversion: plate.fixedSpeed !== true,
      // 115 % of the rated-load current; where the label has only an MCA, that (440.12).
      disconnect: { by: 'hermetic', minA: plate.runA === undefined ? plate.mca : plate.runA * 1.15 },
    }),
  changes: () => [],
  typed: {
    names: [
      'mini split',
      'minisplit',
      'heat pump',
      'heatpump',
      'rooftop unit',
      'package unit',
      'air conditioner',
      'ac',
      'a/c',
      'condenser',
      'ac unit',
      'ac condenser',
      'central air',
      'central ac',
      'hvac',
      'air handler',
      'outdoor unit',
      'ductless',
      'split system',
    ],
    example: 'mini split 19/30',
    main: 'mca',
    plate: ({ mca, mocp, breakerA, amps, volts }) => {
      const [least, most] = [mca ?? amps, mocp ?? breakerA];
      return typedPlate(
        { mca: least, mocp: most, volts },
        // Where one of the two was not read, the other is taken for it: the larger conductor, the smaller breaker.
        {
          mca: most ?? 18,
          mocp: least === undefined ? 25 : Math.max(15, Math.ceil(least / 5) * 5),
          volts: 240,
        },
      );
    },
  },
});
