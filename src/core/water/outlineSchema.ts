import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { printNumber } from '../units/number';
import { enclosedArea, outlineCrossing } from './outlineCrossing';

const MIN_WATER_FT2 = 0.1;
const MAX_POINTS = 500;

const side = z.number().positive().max(500);
const lengthAndWidth = z
  .strictObject({ lengthFt: side, widthFt: side })
  .refine(({ lengthFt, widthFt }) => lengthFt >= widthFt, {
    path: ['lengthFt'],
    message: 'The length may not be less than the width, widthFt.',
  });

/** A coordinate in plan, feet. */
export const coordinateSchema = z.number().min(-LIMITS.planFt).max(LIMITS.planFt);

/** A place in plan, feet: right, then up. */
export const placeSchema = z.tuple([coordinateSchema, coordinateSchema]);

/** An outline by its corners: it encloses water and does not cross itself. */
export const cornersSchema = z
  .array(placeSchema)
  .min(3)
  .max(MAX_POINTS)
  .superRefine((points, context) => {
    const crossing = outlineCrossing(points);
    if (crossing === undefined) {
      if (enclosedArea(points) < MIN_WATER_FT2)
        context.addIssue({ code: 'custom', message: 'The outline encloses no water.' });
      return;
    }
    const [x, y] = crossing.at;
    const [one, other] = crossing.sides;
    context.addIssue({
      code: 'custom',
      message: `The outline crosses itself at x ${printNumber(x)} ft, y ${printNumber(y)} ft: sides ${one} and ${other}.`,
    });
  });

/** The outline of a pool or tub in plan. Circle, oval, stadium and rectangle are centered, lengths along x. */
export const outlineSchemas = [
  z.strictObject({ circle: z.strictObject({ diameterFt: side }) }),
  z.strictObject({ rectangle: lengthAndWidth }),
  z.strictObject({ oval: lengthAndWidth }).describe('A true ellipse'),
  z.strictObject({ stadium: lengthAndWidth }).describe('Two half circles with straight sides between'),
  z.strictObject({ polygon: cornersSchema }),
] as const;
