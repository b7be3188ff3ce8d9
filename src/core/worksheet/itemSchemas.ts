import { LIMITS } from '../code/limits';
import { z } from 'zod';
import { practicesSchema } from '../circuit/practices';
import { ENVIRONMENTS } from '../code/methods';
import { OCCUPANCIES } from '../code/locations';
import { siteSchema } from '../protection/siteSchema';
import { methodField, racewayField, sizeField as size, surroundField, tradeField } from './methodNames';

const material = z.enum(['cu', 'al']);
const lengthFt = z.number().positive().max(5000);
const ambientC = z.number().min(-40).max(85);
const currentCarrying = z.number().int().min(1).max(100);
const editionYear = z.union([z.literal(2017), z.literal(2020), z.literal(2023), z.literal(2026)]);
const temperatureColumn = z.union([z.literal(60), z.literal(75), z.literal(90)]);
const insulation = z.enum(['THWN-2', 'XHHW-2', 'RHW-2', 'bare']);
/** What every item has. */
export const itemBase = { id: z.string().min(1), edition: editionYear.optional() };

const segment = z.strictObject({
  method: methodField,
  lengthFt,
  location: z.enum(ENVIRONMENTS).optional(),
  ambientC: ambientC.optional(),
  bendsDeg: z.number().min(0).optional(),
  currentCarrying: currentCarrying.optional(),
});

/** A circuit of a worksheet, without its appliance, which is read by its family. */
export const circuitItemSchema = z
  .strictObject({
    ...itemBase,
    kind: z.literal('circuit'),
    family: z.string(),
    nameplate: z.unknown(),
    method: methodField.optional(),
    segments: z.array(segment).min(1).max(LIMITS.segments).optional(),
    material: material.default('cu'),
    lengthFt: lengthFt.optional(),
    ambientC: ambientC.default(30),
    currentCarrying: currentCarrying.optional(),
    terminalC: z.union([z.literal(60), z.literal(75)]).default(75),
    insulation: z.enum(['THWN-2', 'XHHW-2']).default('THWN-2'),
    maxDropPct: z.number().positive().max(20).nullable().default(3),
    practice: practicesSchema.partial().default({}),
    permitDate: z.iso.date().optional(),
    occupancy: z.enum(OCCUPANCIES).default('one-family'),
    pinned: z
      .strictObject({
        ocpdA: z.number().positive().max(6000).optional(),
        size: size.optional(),
        egc: size.optional(),
        trade: tradeField.optional(),
      })
      .default({}),
    location: z.enum(ENVIRONMENTS).default('indoor'),
    site: siteSchema.default({}),
  })
  .refine((item) => (item.segments === undefined) !== (item.method === undefined), {
    path: ['method'],
    message: 'Give either method with lengthFt, or segments.',
  })
  .refine((item) => item.method === undefined || item.lengthFt !== undefined, {
    path: ['lengthFt'],
    message: 'A circuit with a method needs its one-way length in feet.',
  });

/** Ampacity of one size in one place. */
export const ampacityItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('ampacity'),
  size,
  material: material.default('cu'),
  insulationC: temperatureColumn.default(90),
  terminalC: temperatureColumn.default(75),
  ambientC: ambientC.default(30),
  currentCarrying: currentCarrying.default(3),
  method: methodField.optional(),
});

/** Voltage drop of one size over one length. */
export const dropItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('drop'),
  amps: z.number().min(0).max(10000),
  volts: z.number().positive().max(1000),
  phase: z.union([z.literal(1), z.literal(3)]).default(1),
  size,
  material: material.default('cu'),
  raceway: surroundField.default('pvc40'),
  lengthFt,
  powerFactor: z.number().min(0.1).max(1).default(1),
});

const count = z.number().int().min(1).max(200);

/** Fill of one raceway by conductors and cables. */
export const fillItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('fill'),
  raceway: racewayField,
  trade: tradeField.optional(),
  nipple: z.boolean().default(false),
  conductors: z
    .array(
      z.union([
        z.strictObject({ insulation, size, count }),
        z.strictObject({ cable: z.string(), count }),
        z.strictObject({
          widthIn: z.number().positive().max(6),
          heightIn: z.number().positive().max(6),
          count,
        }),
      ]),
    )
    .min(1),
});

/** How many equal conductors one raceway takes. */
export const fillCountItemSchema = z.strictObject({
  ...itemBase,
  kind: z.literal('fill-count'),
  raceway: racewayField,
  trade: tradeField,
  insulation,
  size,
});

/** A worksheet as it is read first: its items one by one afterwards, so that a bad one spoils no other. */
export const worksheetSchema = z.strictObject({
  worksheet: z.literal(1),
  edition: editionYear.default(2023),
  items: z.array(z.unknown()).max(5000),
});

/** A circuit of a worksheet, read. */
export type CircuitItem = z.infer<typeof circuitItemSchema>;
/** An ampacity item, read. */
export type AmpacityItem = z.infer<typeof ampacityItemSchema>;
/** A drop item, read. */
export type DropItem = z.infer<typeof dropItemSchema>;
/** A fill item, read. */
export type FillItem = z.infer<typeof fillItemSchema>;
/** A count item, read. */
export type FillCountItem = z.infer<typeof fillCountItemSchema>;
