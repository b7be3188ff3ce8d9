import { z } from 'zod';
import { WIRE_SIZES } from '../units/wireSize';

/**
 * What was found of a circuit that is there already. Its breaker and its conductor are recorded where figures are set
 * by hand; what is left out was not looked at.
 */
export const existingSchema = z.strictObject({
  legal: z.boolean().optional().describe('Whether it was legal when it was installed'),
  extended: z
    .boolean()
    .optional()
    .describe('Whether this job extends it, moves its outlet or replaces its receptacle'),
  frame: z
    .enum(['ground', 'neutral'])
    .optional()
    .describe('What grounds the frame of the appliance: a ground of its own, or the neutral (three wires)'),
  neutral: z.enum(['insulated', 'bare']).optional().describe('The neutral of three wires'),
  neutralSize: z.enum(WIRE_SIZES).optional().describe('Size of that neutral; left out: as the conductors'),
  serviceCable: z.boolean().optional().describe('Whether the cable is service-entrance cable'),
  groundInBox: z.boolean().optional().describe('Whether an equipment ground is in the outlet box'),
  frameBonded: z.boolean().optional().describe('Whether receptacle and frame are bonded to the neutral'),
  replaced: z.boolean().optional().describe('Whether the motor of a pool pump is replaced'),
  newWater: z.boolean().optional().describe('Whether the pool, spa or tub beside it is new'),
});

/** What was found of a circuit that is there already. */
export type Existing = z.infer<typeof existingSchema>;
