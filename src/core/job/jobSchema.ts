import { z } from 'zod';
import { checksDocument } from '../checks/checksDocument';
import { circuitsDocument } from '../circuit/circuitsDocument';
import { designSchema } from '../circuit/designTemperatures';
import { practicesSchema } from '../circuit/practices';
import { EDITION_YEARS } from '../code/edition';
import { LIMITS } from '../code/limits';
import { OCCUPANCIES } from '../code/locations';
import { answersDocument } from '../findings/answersDocument';
import { METERS } from '../network/meter';
import { packetDocument } from '../paper/packetDocument';
import { panelsDocument } from '../panel/panelsDocument';
import { locateDocument } from '../route/locateDocument';
import { houseDocument } from '../service/houseDocument';
import { quoteDocument } from '../quote/quoteDocument';
import { daysDocument } from '../timing/daysDocument';
import { materialsDocument } from '../takeoff/materialsDocument';
import { sourcesDocument } from '../sources/sourcesDocument';
import { yardDocument } from '../water/yardDocument';
import { amendmentSchema } from './amendmentSchema';
import { observedDocument } from './observedDocument';

/** What each stage keeps in the job. A stage that comes later is one line here. */
export const STAGE_DOCUMENTS = {
  house: houseDocument,
  panels: panelsDocument,
  answers: answersDocument,
  locate: locateDocument,
  observed: observedDocument,
  yard: yardDocument,
  materials: materialsDocument,
  quote: quoteDocument,
  days: daysDocument,
  checks: checksDocument,
  packets: packetDocument,
  sources: sourcesDocument,
  circuits: circuitsDocument,
};

/** A job: one place, one permit, its circuits in the order in which they are worked. */
export const jobSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(LIMITS.nameLength),
  edition: z.literal(EDITION_YEARS),
  authority: z.string().max(120).describe('The authority having jurisdiction'),
  permitDate: z.iso.date().nullable().describe('Day on which the permit was applied for'),
  occupancy: z.enum(OCCUPANCIES).describe('Kind of building'),
  designC: designSchema.describe('Highest expected ambients of the place, °C'),
  later: z.string().max(500).describe('Future loads'),
  meter: z.enum(METERS).nullable().describe('Impedance of the tester; null: not known'),
  amendments: z.array(amendmentSchema).max(LIMITS.amendments),
  practices: practicesSchema,
  house: STAGE_DOCUMENTS.house.schema.describe('The service and what it carries'),
  panels: STAGE_DOCUMENTS.panels.schema,
  answers: STAGE_DOCUMENTS.answers.schema,
  locate: STAGE_DOCUMENTS.locate.schema,
  observed: STAGE_DOCUMENTS.observed.schema,
  yard: STAGE_DOCUMENTS.yard.schema.describe('Water in the yard and what stands around it'),
  materials: STAGE_DOCUMENTS.materials.schema.describe('Prices, and what lies on the truck'),
  quote: STAGE_DOCUMENTS.quote.schema.describe('Labor, terms, options and what was accepted'),
  days: STAGE_DOCUMENTS.days.schema.describe('Working days, gates, and what was moved and done'),
  checks: STAGE_DOCUMENTS.checks.schema.describe('What was read on each circuit'),
  packets: STAGE_DOCUMENTS.packets.schema,
  sources: STAGE_DOCUMENTS.sources.schema,
  circuits: STAGE_DOCUMENTS.circuits.schema,
});

/** A job, as it is saved. */
export type Job = z.infer<typeof jobSchema>;
