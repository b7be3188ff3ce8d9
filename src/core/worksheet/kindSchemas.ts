import { z } from 'zod';
import { BURIAL_PLACES } from '../code/burialPlaces';
import { SERVICE_KINDS } from '../service/serviceLoad';
import { itemBase } from './itemSchemas';
import { methodField, sizeField as size } from './methodNames';

const counted = z.strictObject({ size, count: z.number().int().min(0).max(100) });

/** A motor by its table. */
export const motorItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('motor'),
  hp: z.number().min(0.1).max(200),
  volts: z.number().positive().max(600),
  phase: z.union([z.literal(1), z.literal(3)]).default(1),
  nameplateA: z.number().positive().max(1000).optional(),
  serviceFactor: z.number().min(1).max(2).optional(),
  device: z.enum(['inverse', 'dual-element', 'non-time-delay', 'instantaneous']).default('inverse'),
});

/** Demand of several ranges. */
export const rangeDemandItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('range-demand'),
  ranges: z.array(z.number().min(0.5).max(27)).min(1).max(200),
});

/** Volume of a box. */
export const boxItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('box'),
  boxIn3: z.number().positive().max(1000).optional(),
  conductors: z.array(counted).max(40).default([]),
  egc: z.array(counted).max(20).default([]),
  devices: z
    .array(z.strictObject({ size, gangs: z.number().int().min(1).max(6) }))
    .max(12)
    .default([]),
  clamps: z.boolean().default(false),
  fittings: z.number().int().min(0).max(10).default(0),
});

/** Cover of a buried method. */
export const burialItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('burial'),
  method: methodField,
  location: z.enum(BURIAL_PLACES),
  volts: z.number().positive().max(600),
  ocpdA: z.number().positive().max(6000),
  gfci: z.boolean().default(false),
});

const serviceLoad = z.strictObject({
  what: z.string().min(1).max(80),
  va: z.number().min(0).max(500000),
  kind: z.enum(SERVICE_KINDS),
  volts: z.number().positive().max(600).optional(),
  units: z.number().int().min(1).max(40).optional(),
});

/** Load of a service. */
export const serviceItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('service'),
  method: z.enum(['standard', 'optional', 'existing', 'measured']),
  areaFt2: z.number().min(0).max(100000).default(0),
  smallApplianceCircuits: z.number().int().min(0).max(20).default(2),
  laundryCircuits: z.number().int().min(0).max(10).default(1),
  loads: z.array(serviceLoad).max(200).default([]),
  newLoads: z.array(serviceLoad).max(60).default([]),
  measuredKW: z.number().positive().max(500).optional(),
  voltage: z.union([z.literal(208), z.literal(240)]).default(240),
});

/** A motor item, read. */
export type MotorItem = z.infer<typeof motorItemSchema>;
/** A range item, read. */
export type RangeDemandItem = z.infer<typeof rangeDemandItemSchema>;
/** A box item, read. */
export type BoxItem = z.infer<typeof boxItemSchema>;
/** A burial item, read. */
export type BurialItem = z.infer<typeof burialItemSchema>;
/** A service item, read. */
export type ServiceItem = z.infer<typeof serviceItemSchema>;
