import { z } from 'zod';
import type { Edition } from '../code/edition';
import type { Working } from '../working/worked';
import type { Family, LoadModel, OutletChoice, OutletSite } from './family';

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

function load(plate: LoadPlate, _code: Edition, work: Working): LoadModel {
  const otherA = plate.amps - plate.continuousAmps;
  work.step('load.entered', 'load.nameplate', { continuousA: plate.continuousAmps, otherA }, plate.amps);
  if (plate.amps === 0) work.found('check', 'load.nothing', 'load.nameplate', { volts: plate.volts });
  return {
    volts: plate.volts,
    continuousA: plate.continuousAmps,
    otherA,
    // At 120 V the grounded conductor is one of the two that carry the load.
    neutral: plate.neutral && plate.volts !== 120,
    powerFactor: 1,
    connection: 'hardwired',
    plateOcpdA: plate.breakerA ?? null,
    mostOcpdA: null,
    equipmentA: plate.amps,
  };
}

/** Nothing is known of the appliance, so what its own article asks is left to the authority and the maker. */
function outlet(
  _plate: LoadPlate,
  { volts }: LoadModel,
  { ocpdA }: OutletSite,
  _code: Edition,
  at: { readonly disconnect: Working; readonly protection: Working },
): OutletChoice {
  at.disconnect.step('disconnect.ask', 'load.nameplate', { volts }, 'ask');
  at.disconnect.found('ask', 'disconnect.ask', 'load.nameplate', { volts });
  at.protection.step('gfci.rule', 'gfci.place', { volts, ocpdA }, 'ask');
  at.protection.found('ask', 'gfci.ask', 'gfci.place', { volts });
  const arcFault = volts === 120 && ocpdA <= 20;
  at.protection.step('afci.rule', 'afci.rooms', { volts, ocpdA }, arcFault ? 'ask' : 'none');
  if (arcFault) at.protection.found('ask', 'afci.ask', 'afci.rooms', { ocpdA });
  return {
    receptacle: null,
    disconnect: { required: 'ask', kind: 'none', ratingA: null, inSight: false },
    gfci: { required: 'ask', form: 'none', why: 'unknown' },
    afci: arcFault ? { required: 'ask', why: 'rooms' } : { required: false, why: 'over-120v' },
  };
}

/** Any load by its amperes, for what has no family of its own yet. */
export const genericLoad: Family<LoadPlate> = {
  name: 'Other load',
  schema: loadPlateSchema,
  fresh: { amps: 24, continuousAmps: 24, volts: 240, neutral: false },
  questions: [
    { key: 'amps', label: 'Whole load', kind: 'number', range: { least: 0, most: 2000, ...AMPERES } },
    {
      key: 'continuousAmps',
      label: 'Of it continuous',
      kind: 'number',
      range: { least: 0, most: 2000, ...AMPERES },
      help: 'The part that runs three hours or more.',
    },
    {
      key: 'volts',
      label: 'Volts',
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
      label: 'Breaker named on the plate',
      kind: 'number',
      optional: true,
      range: { least: 10, most: 2000, ...AMPERES },
    },
  ],
  title: (plate) => `Load, ${plate.amps} A`,
  load,
  outlet,
  changes: () => [],
};
