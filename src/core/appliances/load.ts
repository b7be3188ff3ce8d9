import { continuousOf, typedNeutral, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily, type LoadDesk, type LoadModel } from './family';
import { plainLoad, plainOutlet } from './plate';

const loadPlateSchema = z
  .strictObject({
    amps: z.number().min(0).max(2000).describe('The whole load, amperes'),
    continuousAmps: z
      .number()
      .min(0)
      .max(2000)
      .describe('The part of it that runs three hours or more, amperes'),
    volts: z.union([z.literal(120), z.literal(208), z.literal(240)]),
    neutral: z.boolean().describe('Whether the load needs a neutral'),
    breakerA: z.number().min(10).max(2000).optional().describe('Breaker that the plate names, amperes'),
  })
  .refine((plate) => plate.continuousAmps <= plate.amps, {
    path: ['continuousAmps'],
    message: 'The continuous part may not be more than the whole load, amps.',
  });

/** A load by its amperes, in the place of a nameplate. */
export type LoadPlate = z.infer<typeof loadPlateSchema>;

function load(plate: LoadPlate, { work }: LoadDesk): LoadModel {
  const otherA = plate.amps - plate.continuousAmps;
  work.step('load.entered', 'load.nameplate', { continuousA: plate.continuousAmps, otherA }, plate.amps);
  if (plate.amps === 0) work.found('check', 'load.nothing', 'load.nameplate', { volts: plate.volts });
  return plainLoad({
    volts: plate.volts,
    continuousA: plate.continuousAmps,
    otherA,
    // At 120 V the grounded conductor is one of the two that carry the load.
    neutral: plate.neutral && plate.volts !== 120,
    plateOcpdA: plate.breakerA ?? null,
  });
}

const of = fieldsOf<LoadPlate>();

/** Any load by its amperes, for what has no family of its own yet. */
export const genericLoad = defineFamily<'load', LoadPlate>({
  id: 'load',
  name: 'Other load',
  schema: loadPlateSchema,
  fresh: { amps: 24, continuousAmps: 24, volts: 240, neutral: false },
  questions: [
    of.number('amps', 'Whole load', UNITS.amperes, { mark: 'A' }),
    of.number('continuousAmps', 'Of it continuous', UNITS.amperes, {
      mark: 'CONT',
      help: 'The part that runs three hours or more.',
    }),
    of.choice('volts', 'Volts', { 240: '240 V', 208: '208 V', 120: '120 V' }, { mark: 'V' }),
    of.yesNo('neutral', 'Does it need a neutral?'),
    of.number('breakerA', 'Breaker named on the nameplate', UNITS.amperes, { mark: 'BKR' }),
  ],
  title: (plate) => `Load, ${plate.amps} A`,
  load,
  // Nothing is known of the appliance, so what its own article asks is left to the authority and the manufacturer.
  outlet: (plate, { equipmentA }) =>
    plainOutlet({
      kind: 'other',
      location: 'utility',
      use: plate.volts === 120 ? '120' : '240',
      usesNeutral: plate.neutral || plate.volts === 120,
      disconnect: { by: 'ask', minA: equipmentA },
    }),
  changes: () => [],
  typed: {
    names: ['load', 'equipment', 'machine'],
    example: 'load 24 A',
    main: 'amps',
    plate: (typed) => {
      const amps =
        typed.amps ?? (typed.kw === undefined ? undefined : (typed.kw * 1000) / (typed.volts ?? 240));
      const usual = amps ?? continuousOf(typed) ?? 24;
      return typedPlate(
        {
          amps,
          volts: typed.volts,
          neutral: typedNeutral(typed),
          continuousAmps: typed.words.has('short') ? 0 : undefined,
        },
        { amps: usual, continuousAmps: usual, volts: 240, neutral: false },
      );
    },
  },
});
