import { z } from 'zod';
import { defineFamily, type LoadDesk, type LoadModel } from './family';
import { plainLoad, plainOutlet } from './plate';
import { firstFigure, typedNeutral, typedVolts } from './typedPlate';

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

const AMPERES = { units: ['a', 'amp', 'amps'], shown: 'A' } as const;

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

/** Any load by its amperes, for what has no family of its own yet. */
export const genericLoad = defineFamily<'load', LoadPlate>({
  id: 'load',
  name: 'Other load',
  schema: loadPlateSchema,
  fresh: { amps: 24, continuousAmps: 24, volts: 240, neutral: false },
  questions: [
    {
      key: 'amps',
      label: 'Whole load',
      mark: 'A',
      kind: 'number',
      range: { min: 0, max: 2000, ...AMPERES },
    },
    {
      key: 'continuousAmps',
      label: 'Of it continuous',
      mark: 'CONT',
      kind: 'number',
      range: { min: 0, max: 2000, ...AMPERES },
      help: 'The part that runs three hours or more.',
    },
    {
      key: 'volts',
      label: 'Volts',
      mark: 'V',
      kind: 'choice',
      choices: [
        { value: 240, label: '240 V' },
        { value: 208, label: '208 V' },
        { value: 120, label: '120 V' },
      ],
    },
    { key: 'neutral', label: 'Does it need a neutral?', kind: 'yes-no' },
    {
      key: 'breakerA',
      label: 'Breaker named on the nameplate',
      mark: 'BKR',
      kind: 'number',
      optional: true,
      range: { min: 10, max: 2000, ...AMPERES },
    },
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
    names: ['load'],
    example: 'load 24 A',
    needs: 'amperes, as in "load 24"',
    plate: (typed) => {
      const amps = firstFigure(typed.amps, typed);
      return amps === undefined
        ? undefined
        : {
            amps,
            continuousAmps: typed.words.has('short') ? 0 : amps,
            ...typedVolts(typed, 240),
            neutral: typedNeutral(typed, false),
          };
    },
  },
});
