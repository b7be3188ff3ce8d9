import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { itemBase } from './itemSchemas';

const id = z.string().min(1).max(60);
const ft = z.number().positive().max(LIMITS.planFt);
const named = (what: string) => (all: readonly { readonly id: string }[], context: z.RefinementCtx) => {
  const seen = new Set<string>();
  for (const [at, each] of all.entries()) {
    if (seen.has(each.id))
      context.addIssue({
        code: 'custom',
        path: [at, 'id'],
        message: `Another ${what} has the id ${each.id}.`,
      });
    seen.add(each.id);
  }
};

/** Pieces to be cut from stock at the least cost. */
export const cutPlanItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('cut-plan'),
  pieces: z.array(z.strictObject({ id, ft })).max(LIMITS.pieces).superRefine(named('piece')),
  stock: z
    .array(
      z.strictObject({
        id,
        ft,
        cents: z.number().int().min(0).max(LIMITS.cents),
        count: z.number().int().min(0).max(LIMITS.pieces).optional(),
      }),
    )
    .min(1)
    .max(60)
    .superRefine(named('stock')),
});

export type CutPlanItem = z.infer<typeof cutPlanItemSchema>;
