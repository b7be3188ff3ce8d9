import { z } from 'zod';
import { GROUND_FAULT_FORMS } from '../code/groundFaultForms';
import { METHOD_IDS } from '../code/methods';

/** In what an option of the quote differs from the plan. */
export const optionChangeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('as-planned') }),
  z.strictObject({
    kind: z.literal('charger'),
    settingA: z.number().min(6).max(80).describe('Current that the charger is set to, amperes'),
    wireFor: z.enum(['setting', 'full']).describe('Wire for the setting, or already for the full output'),
  }),
  z.strictObject({ kind: z.literal('management') }),
  z.strictObject({ kind: z.literal('larger-service'), ratingA: z.number().int().min(60).max(400) }),
  z.strictObject({ kind: z.literal('trailer'), amps: z.union([z.literal(30), z.literal(50)]) }),
  z.strictObject({ kind: z.literal('breaker'), ocpdA: z.number().int().min(15).max(400) }),
  z.strictObject({ kind: z.literal('gfci'), form: z.enum(GROUND_FAULT_FORMS) }),
  z.strictObject({ kind: z.literal('method'), method: z.enum(METHOD_IDS) }),
]);

/** In what an option of the quote differs from the plan. */
export type OptionChange = z.infer<typeof optionChangeSchema>;

/** The plan as it stands: the option that is always there. */
export const AS_PLANNED: OptionChange = { kind: 'as-planned' };

/** What an option is told apart by among those of its circuit. */
export const optionKey = (change: OptionChange): string => Object.values(change).join(' ');
