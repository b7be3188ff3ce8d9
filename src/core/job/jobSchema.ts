import { z } from 'zod';
import { designSchema } from '../circuit/designTemperatures';
import { circuitSchema } from '../circuit/circuitSchema';
import { practicesSchema } from '../circuit/practices';
import { OCCUPANCIES } from '../code/locations';
import { panelSchema } from '../panel/panelSchema';
import { houseSchema } from '../service/houseSchema';
import { amendmentSchema } from './amendmentSchema';

/** A job: one place, one permit, its circuits in the order in which they are worked. */
export const jobSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  edition: z.union([z.literal(2017), z.literal(2020), z.literal(2023), z.literal(2026)]),
  authority: z.string().max(120).describe('The authority having jurisdiction'),
  permitDate: z.iso.date().nullable().describe('Day on which the permit was applied for'),
  occupancy: z.enum(OCCUPANCIES).describe('Kind of building'),
  designC: designSchema.describe('Highest expected ambients of the place, °C'),
  later: z.string().max(500).describe('What may come later'),
  amendments: z.array(amendmentSchema).max(40),
  practices: practicesSchema,
  house: houseSchema.describe('The service and what it carries'),
  panels: z.array(panelSchema).max(8),
  answers: z
    .array(
      z.strictObject({
        about: z.string().max(60),
        code: z.string().max(60),
        text: z.string().min(1).max(500),
      }),
    )
    .max(200)
    .describe('Answers to what service and panels ask'),
  locate: z
    .strictObject({ ticket: z.string().min(1).max(60), date: z.iso.date() })
    .nullable()
    .describe('Ticket of the call before digging, and the day from which it holds'),
  circuits: z.array(circuitSchema).max(200),
});

/** A job, as it is saved. */
export type Job = z.infer<typeof jobSchema>;
