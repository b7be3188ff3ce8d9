import { z } from 'zod';
import { checksDocument } from '../checks/checksDocument';
import { circuitSchema } from '../circuit/circuitSchema';
import { panelSchema } from '../panel/panelSchema';
import { houseSchema } from '../service/houseSchema';
import type { Command } from './command';
import { daysDocument } from '../timing/daysDocument';
import { quoteDocument } from '../quote/quoteDocument';
import { materialsDocument } from '../takeoff/materialsDocument';
import { yardItemSchemas, yardSchema } from '../water/yardSchema';
import { jobSchema } from './jobSchema';
import { firstProblem, type FieldProblem } from './zodProblem';

const circuitFields = circuitSchema.omit({ id: true }).partial();
const panelFields = panelSchema.omit({ id: true }).partial();
const houseFields = houseSchema.partial();
const jobFields = jobSchema.omit({ id: true, circuits: true }).partial();
const yardFields = yardSchema.pick({ northDeg: true, frostIn: true, underlay: true }).partial();
const materialsFields = materialsDocument.schema.partial();
const daysFields = daysDocument.schema.partial();
const checkSchema = checksDocument.schema.element;
const quoteFields = quoteDocument.schema.partial();
const photo = circuitSchema.shape.photos.element;
const position = z.number().int().min(0);

/** A field that is set to nothing is not a field that is left alone. */
const hasUndefined = (fields: object): string | undefined =>
  Object.entries(fields).find(([, value]) => value === undefined)?.[0];

function check(
  schema: z.ZodType,
  value: unknown,
  prefix: readonly PropertyKey[] = [],
): FieldProblem | undefined {
  const read = schema.safeParse(value);
  return read.success ? undefined : firstProblem(read.error, prefix);
}

function checkFields(
  schema: z.ZodType,
  fields: object,
  prefix: readonly PropertyKey[],
): FieldProblem | undefined {
  const missing = hasUndefined(fields);
  if (missing !== undefined) return { path: missing, message: 'A value is required.' };
  return check(schema, fields, prefix);
}

/** What of the things that a command carries the schema of the job does not accept; undefined where it accepts all. */
export function invalidPart(command: Command): FieldProblem | undefined {
  switch (command.kind) {
    case 'add-circuits':
      for (const { circuit, at } of command.circuits) {
        const problem = check(circuitSchema, circuit, ['circuit']) ?? check(position, at, ['position']);
        if (problem !== undefined) return problem;
      }
      return undefined;
    case 'change-circuit':
      return checkFields(circuitFields, command.fields, ['circuit']);
    case 'change-panel':
      return checkFields(panelFields, command.fields, ['panel']);
    case 'change-house':
      return checkFields(houseFields, command.fields, ['house']);
    case 'change-materials':
      return checkFields(materialsFields, command.fields, ['materials']);
    case 'change-quote':
      return checkFields(quoteFields, command.fields, ['quote']);
    case 'put-check':
      return command.check === null ? undefined : check(checkSchema, command.check, ['check']);
    case 'change-days':
      return checkFields(daysFields, command.fields, ['days']);
    case 'change-job':
      return checkFields(jobFields, command.fields, []);
    case 'put-in-yard':
      return (
        check(yardItemSchemas[command.list], command.item, [command.list]) ??
        check(position, command.at, ['position'])
      );
    case 'change-yard':
      return checkFields(yardFields, command.fields, ['yard']);
    case 'add-photo':
      return check(photo, command.photo, ['photo']) ?? check(position, command.at, ['position']);
    case 'caption-photo':
      return check(photo.shape.caption, command.caption, ['caption']);
    case 'remove-circuits':
    case 'take-from-yard':
    case 'remove-photo':
    case 'move-circuit':
    case 'batch':
      return undefined;
  }
}
