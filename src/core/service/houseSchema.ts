import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { WIRE_SIZES } from '../units/wireSize';
import { SERVICE_KINDS } from './serviceLoad';
import { SERVICE_METHODS } from '../code/serviceMethods';
import { whole } from '../files/mergeRules';

/** A load that the house has besides the circuits of the job. */
export const houseLoadSchema = z.strictObject({
  id: z.string().min(1).max(60),
  what: z.string().min(1).max(60),
  va: z.number().min(0).max(100000),
  kind: z.enum(SERVICE_KINDS),
  units: z.number().int().min(1).max(20).optional().describe('Separately controlled units'),
  goes: z.boolean().optional().describe('Taken out by this job'),
});

/** A load that the house has. */
export type HouseLoad = z.infer<typeof houseLoadSchema>;

/** What a demand record came to. */
export const measuredSchema = whole(
  z.strictObject({
    source: z.string().max(120).describe('File or meter'),
    basis: z.enum(['utility', 'recording']).describe('A year of utility data, or a recording at the panel'),
    intervalMinutes: z.number().min(1).max(60),
    from: z.string().max(40),
    to: z.string().max(40),
    days: z.number().min(0).max(2000),
    peakA: z
      .number()
      .min(0)
      .max(2000)
      .describe('Governing average of 15 minutes, amperes at 240 V or of the heavier leg'),
    peakAt: z.string().max(40),
    problems: z.array(z.string().max(40)).max(20).describe('Codes of what was found wrong with the record'),
    week: z
      .array(z.number().min(0).max(2000))
      .max(700)
      .describe('Amperes, interval by interval, over the week of the peak'),
  }),
);

/** What a demand record came to. */
export type Measured = z.infer<typeof measuredSchema>;

/** Chargers on circuits of their own that load management keeps under one limit together. */
export const chargerGroupSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(60),
  limitA: z.number().min(6).max(400).describe('Most that they take together, amperes'),
  listed: z.boolean().nullable().describe('Whether the chargers are listed for it; null until it was read'),
  circuitIds: z.array(z.string().max(60)).max(24),
  feederId: z.string().max(60).nullable().describe('The feeder that carries them all, where one does'),
});

/** Chargers under one limit. */
export type ChargerGroup = z.infer<typeof chargerGroupSchema>;

/** The utility's transformer and the wire from it, for the fault current. */
export const sourceSchema = z.strictObject({
  kva: z.number().min(5).max(500),
  impedancePct: z.number().min(0.5).max(8),
  lengthFt: z.number().min(0).max(1000),
  size: z.enum(WIRE_SIZES),
  metal: z.enum(['cu', 'al']),
});

/** The utility's side of a service. */
export type Source = z.infer<typeof sourceSchema>;

/** The service of a dwelling and what it carries. Null is what was not looked at yet. */
export const houseSchema = z.strictObject({
  volts: z
    .union([z.literal(240), z.literal(208)])
    .optional()
    .describe('Between the legs, single phase: 120/240 V, or 120/208 V; left out: 240'),
  builtYear: z.number().int().min(1700).max(2100).nullish().describe('Year in which it was built'),
  branchAluminum: z.boolean().nullish().describe('Whether branch circuits have aluminum conductors'),
  ratingA: z.number().int().min(30).max(400).nullable().describe('Main breaker, amperes'),
  meterA: z.number().int().min(30).max(400).nullable().describe('Rating of the meter socket'),
  conductor: whole(z.strictObject({ size: z.enum(WIRE_SIZES), metal: z.enum(['cu', 'al']) })).nullable(),
  areaFt2: z.number().min(0).max(50000).nullable().describe('Living area, without garage and open porches'),
  smallApplianceCircuits: z.number().int().min(2).max(20),
  laundryCircuits: z.number().int().min(0).max(10),
  loads: z.array(houseLoadSchema).max(40),
  method: z.enum(SERVICE_METHODS).describe('The method that the permit goes in with'),
  evAdder: z.boolean().describe('EV chargers counted at 125 %, where the authority requires it'),
  managedA: z
    .number()
    .int()
    .min(10)
    .max(400)
    .nullable()
    .describe('Setpoint of an energy management system on the service, amperes'),
  managerThere: z.boolean().describe('Whether the device that keeps the setpoint is there already'),
  larger: z.boolean().describe('Whether this job makes the service larger'),
  sharing: whole(z.strictObject({ circuitId: z.string().max(60), loadId: z.string().max(60) }))
    .nullable()
    .describe('A device that lets one of two loads run'),
  groups: z
    .array(chargerGroupSchema)
    .max(LIMITS.chargerGroups)
    .describe('Chargers that load management keeps under one limit together'),
  source: sourceSchema.nullable(),
  faultA: z
    .number()
    .min(0)
    .max(200000)
    .nullable()
    .describe("Available fault current by the utility's letter, amperes"),
  measured: measuredSchema.nullable(),
});

/** The service of a dwelling. */
export type House = z.infer<typeof houseSchema>;

/** Volts between the legs of a service, single phase. */
export const serviceVolts = ({ volts = 240 }: Pick<House, 'volts'>): 208 | 240 => volts;
