import { z } from 'zod';
import {
  ampacityItemSchema,
  circuitItemSchema,
  dropItemSchema,
  fillCountItemSchema,
  fillItemSchema,
  worksheetSchema,
} from './itemSchemas';
import { cutPlanItemSchema } from './cutSchemas';
import { daysItemSchema } from './daysSchemas';
import { faultFormSchemas } from './faultSchemas';
import {
  boxItemSchema,
  burialItemSchema,
  motorItemSchema,
  rangeDemandItemSchema,
  serviceItemSchema,
} from './kindSchemas';
import { bondingItemSchema, bondLoopItemSchema, zoneItemSchema } from './waterSchemas';
import { bendsItemSchema, offsetBendItemSchema, strapsItemSchema } from './routeSchemas';

/** The whole form of a worksheet, for the published schema. */
export const worksheetFileSchema = worksheetSchema.extend({
  items: z.array(
    z.union([
      circuitItemSchema,
      ampacityItemSchema,
      dropItemSchema,
      fillItemSchema,
      fillCountItemSchema,
      motorItemSchema,
      rangeDemandItemSchema,
      boxItemSchema,
      burialItemSchema,
      bondLoopItemSchema,
      zoneItemSchema,
      bondingItemSchema,
      cutPlanItemSchema,
      daysItemSchema,
      faultFormSchemas.outlet,
      faultFormSchemas.network,
      serviceItemSchema,
      bendsItemSchema,
      offsetBendItemSchema,
      strapsItemSchema,
    ]),
  ),
});
