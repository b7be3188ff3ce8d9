import { typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import type { Edition } from '../code/edition';
import { defineFamily, type LoadModel } from './family';
import { deviceA, plainLoad, plainOutlet, twoPoleVolts, VOLTS } from './plate';

const welderPlateSchema = z.strictObject({
  inputAmps: z.number().min(5).max(200).describe('Rated primary current, amperes'),
  dutyPct: z.number().min(5).max(100).describe('Duty cycle, percent'),
  volts: twoPoleVolts,
  type: z.enum(['arc', 'arc-motor-generator', 'resistance']),
  effectiveA: z.number().min(1).max(200).optional().describe('Effective current on the label, amperes'),
  breakerA: deviceA.optional().describe('Breaker that the plate names, amperes'),
  connection: z.enum(['hardwired', 'receptacle']).optional(),
});

/** The plate of a welder. */
type WelderPlate = z.infer<typeof welderPlateSchema>;

const KIND = { arc: 'arc', 'arc-motor-generator': 'arcMotorGenerator', resistance: 'resistance' } as const;

/** The factor for a duty cycle: the row at or above it, the last below the table (630.11(A), 630.31). */
function dutyFactor(
  { type, dutyPct }: WelderPlate,
  code: Edition,
): { readonly factor: number; readonly row: string } {
  const rows = Object.entries(code.tables.welders[KIND[type]])
    .map(([duty, factor]) => ({ duty: Number(duty), factor }))
    .toSorted((a, b) => a.duty - b.duty);
  const first = rows.find(({ duty }) => duty >= dutyPct - 1e-9) ?? { duty: 100, factor: 1 };
  return { factor: first.factor, row: String(first.duty) };
}

/** Device for the primary: 200 % of the current for arc, 300 % for resistance welders (630.12, 630.32). */
const maxDevice = (plate: WelderPlate, code: Edition): number => {
  const { arc, resistance } = code.tables.welders.devicePercent;
  const max = (plate.inputAmps * (plate.type === 'resistance' ? resistance : arc)) / 100;
  return code.tables.standardOcpd.ratings.find((rating) => rating >= max - 1e-9) ?? max;
};

/** The usual outlet for a current: 20, 30 or 50 A, above that the next standard rating (240.6(A)). */
const outletFor = (amps: number, code: Edition): number =>
  [20, 30, 50, ...code.tables.standardOcpd.ratings.filter((rating) => rating > 50)].find(
    (each) => each >= amps - 1e-9,
  ) ?? amps;

const of = fieldsOf<WelderPlate>();

/** Welder: by its duty on a circuit for it alone, or on a full-size outlet that anything may use later. */
export const welder = defineFamily<'welder', WelderPlate>({
  id: 'welder',
  name: 'Welder',
  schema: welderPlateSchema,
  fresh: { inputAmps: 46, dutyPct: 20, volts: 240, type: 'arc', connection: 'receptacle' },
  questions: [
    of.number('inputAmps', 'Rated input current', UNITS.amperes, { mark: 'I1MAX' }),
    of.number('dutyPct', 'Duty cycle', UNITS.percent, { mark: 'DUTY' }),
    of.named('volts', 'Volts', VOLTS),
    of.choice('type', 'Kind', {
      arc: 'Arc',
      'arc-motor-generator': 'Motor-generator',
      resistance: 'Resistance',
    }),
    of.number('effectiveA', 'Effective input current', UNITS.amperes, {
      mark: 'I1EFF',
      until: 'Rated current times the factor for the duty.',
    }),
    of.number(
      'breakerA',
      'Breaker named on the nameplate',
      { ...UNITS.amperes, max: 400 },
      {
        mark: 'BKR',
        until: 'The usual outlet for its current.',
      },
    ),
  ],
  title: (plate) => `Welder, ${plate.inputAmps} A`,
  load(plate, { code, practices, work }): LoadModel {
    work.step('load.maker', 'load.nameplate', { volts: plate.volts }, plate.inputAmps);
    const { factor, row } = dutyFactor(plate, code);
    const byDuty = work.step(
      'load.duty',
      'table.welder',
      { amps: plate.inputAmps, dutyPct: plate.dutyPct, factor },
      plate.inputAmps * factor,
      {
        read: { table: 'welders', row, column: plate.type },
      },
    );
    // The plate's own effective current is the rule; the table stands in for it.
    const effectiveA = plate.effectiveA ?? byDuty;
    const common = {
      volts: plate.volts,
      continuousA: 0,
      runA: plate.inputAmps,
      connection: plate.connection ?? 'receptacle',
      maxOcpdA: maxDevice(plate, code),
      equipmentA: plate.inputAmps,
    } as const;
    const ratingA = plate.breakerA ?? outletFor(plate.inputAmps, code);
    if (practices.welderGeneralUse) {
      work.step('load.full-outlet', 'load.nameplate', { amps: plate.inputAmps }, ratingA);
      return plainLoad({
        ...common,
        // Never below what the nameplate says runs: a breaker that is too small for it stops.
        otherA: Math.max(effectiveA, Math.min(plate.inputAmps, ratingA)),
        device: { kind: 'given', ratingA },
      });
    }
    work.found('check', 'welder.only', 'load.welder', { ratingA });
    return plainLoad({ ...common, otherA: effectiveA, device: { kind: 'given', ratingA }, own: 'welder' });
  },
  outlet: (plate) =>
    plainOutlet({
      kind: 'welder',
      location: 'garage',
      use: '240',
      disconnect: { by: 'welder', minA: plate.inputAmps },
    }),
  changes: () => [],
  typed: {
    names: [
      'welder',
      'welding machine',
      'arc welder',
      'spot welder',
      'mig welder',
      'tig welder',
      'stick welder',
      'welding outlet',
      'plasma cutter',
    ],
    example: 'welder 50 A 40 %',
    main: 'amps',
    plated: 'percent',
    plate: ({ amps, breakerA, percent, volts, connection, words }) =>
      typedPlate(
        {
          inputAmps: amps,
          dutyPct: percent,
          volts,
          connection,
          type: words.has('resistance') ? 'resistance' : undefined,
        },
        {
          inputAmps: Math.min(46, breakerA ?? 46),
          dutyPct: 100,
          volts: 240,
          type: 'arc',
          connection: 'receptacle',
        },
      ),
  },
});
