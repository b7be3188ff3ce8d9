import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { hermeticLoad } from './hermeticLoad';
import { deviceA, dwellingVolts, plainOutlet, VOLTS } from './plate';
import { typedVolts } from './typedPlate';

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
    names: ['mini split', 'minisplit', 'heat pump', 'air conditioner', 'ac'],
    example: 'mini split 19/30',
    needs: 'MCA and MOCP, as in "mini split 19/30"',
    plate: (typed) =>
      typed.pair === undefined
        ? undefined
        : { mca: typed.pair[0], mocp: typed.pair[1], ...typedVolts(typed, 240) },
  },
});
