import { z } from 'zod';

/** Shop practices: choices among legal ways. The rule itself is never one of them. */
export const practicesSchema = z.strictObject({
  raceway: z
    .enum(['comfort', 'legal'])
    .describe('Take a size up when the pull is hard, or the least by rule'),
  supports: z.enum(['half', 'code']).describe('Strap at half the largest spacing, or at the largest'),
  matchBreaker: z.boolean().describe('Wire a heat pump to its breaker instead of to MCA'),
  welderGeneralUse: z.boolean().describe('Wire a welder outlet full size instead of by its duty'),
  spaContinuous: z.boolean().describe('Take a tub as continuous'),
  tanklessContinuous: z.boolean().describe('Take a tankless heater as continuous'),
  pumpFullSize: z.boolean().describe('Wire a well pump in 12 AWG at least, for another use later'),
  tubDevice: z.enum(['near', 'panel']).describe('GFCI breaker of a tub near it, or in the panel'),
  aluminum: z
    .enum(['feeders', 'all'])
    .describe('Where aluminum is offered among the options of running a circuit'),
  groundFaultForm: z
    .enum(['device', 'breaker'])
    .describe('GFCI receptacle where one serves, or always a breaker'),
  bondTaps: z
    .enum(['ask', 'four'])
    .describe('Ask the inspector whether one tap to all-steel shell is enough, or always four'),
  ringAround: z.boolean().describe('Take the bonding ring around pump and heater too'),
});

/** The shop practices of a job. */
export type Practices = z.infer<typeof practicesSchema>;
