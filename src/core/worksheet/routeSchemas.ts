import { z } from 'zod';
import { itemBase } from './itemSchemas';
import { methodField, tradeField } from './methodNames';

const degrees = z.number().min(0).max(360);

/** Bends between pull points. */
export const bendsItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('bends'),
  segments: z
    .array(
      z.strictObject({
        trade: tradeField.optional(),
        bendsDeg: z.array(degrees).max(40),
        lengthFt: z.number().min(0).max(5000).optional(),
        toPullPoint: z.boolean().default(true).describe('Whether it ends where conductors can be pulled'),
      }),
    )
    .min(1)
    .max(60),
});

/** An offset by two bends. */
export const offsetBendItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('offset-bend'),
  angleDeg: z.number().min(1).max(90),
  riseIn: z.number().positive().max(240),
});

/** Supports along a straight length. */
export const strapsItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('straps'),
  method: methodField,
  trade: tradeField.optional(),
  lengthFt: z.number().positive().max(5000),
  practice: z.enum(['code', 'half']).default('code'),
});

/** An item of each kind about the route. */
export type BendsItem = z.infer<typeof bendsItemSchema>;
/** An offset by two bends. */
export type OffsetBendItem = z.infer<typeof offsetBendItemSchema>;
/** Supports along a straight length. */
export type StrapsItem = z.infer<typeof strapsItemSchema>;
