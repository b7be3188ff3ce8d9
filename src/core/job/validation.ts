import { z } from 'zod';
import { checksDocument } from '../checks/checksDocument';
import { circuitSchema } from '../circuit/circuitSchema';
import { panelSchema } from '../panel/panelSchema';
import { houseSchema } from '../service/houseSchema';
import type { Command, PartChange } from './command';
import { absentIn, type FieldChange } from './fieldChange';
import { daysDocument } from '../timing/daysDocument';
import { quoteDocument } from '../quote/quoteDocument';
import { materialsDocument } from '../takeoff/materialsDocument';
import { sourceEntrySchema } from '../sources/sourcesDocument';
import { yardItemSchemas, yardSchema } from '../water/yardSchema';
import { jobSchema } from './jobSchema';
import { firstProblem, type FieldProblem } from './zodProblem';

const circuitFields = circuitSchema.omit({ id: true });
const panelFields = panelSchema.omit({ id: true });
const jobFields = jobSchema.omit({ id: true, circuits: true });
const yardFields = yardSchema.pick({ northDeg: true, frostIn: true, underlay: true });
/** What a change of each part is checked by. */
const PARTS: { readonly [P in PartChange['part']]: z.ZodObject } = {
  house: houseSchema,
  materials: materialsDocument.schema,
  quote: quoteDocument.schema,
  days: daysDocument.schema,
  yard: yardFields,
};
const checkSchema = checksDocument.schema.element;
const photo = circuitSchema.shape.photos.element;
const partials = new WeakMap<z.ZodObject, z.ZodType>();

/** The schema of some of the fields of a thing. */
function partial(schema: z.ZodObject): z.ZodType {
  const known = partials.get(schema) ?? schema.partial();
  partials.set(schema, known);
  return known;
}
const sourceEntries = z.array(sourceEntrySchema);
const position = z.number().int().min(0);

function check(
  schema: z.ZodType,
  value: unknown,
  prefix: readonly PropertyKey[] = [],
): FieldProblem | undefined {
  const read = schema.safeParse(value);
  return read.success ? undefined : firstProblem(read.error, prefix);
}

/** Whether a thing may be without a field. */
function mayBeAbsent(schema: z.ZodObject, key: string): boolean {
  const [, field] = Object.entries<z.core.$ZodType>(schema.shape).find(([name]) => name === key) ?? [];
  if (field === undefined) return false;
  const read = z.safeParse(field, undefined);
  return read.success && read.data === undefined;
}

/** A field that is set to nothing is not one that is left alone: only what may be absent can be taken away. */
function checkFields(
  schema: z.ZodObject,
  change: FieldChange<object>,
  prefix: readonly PropertyKey[],
): FieldProblem | undefined {
  const gone = absentIn(change);
  const missing = gone.find((key) => !mayBeAbsent(schema, key));
  if (missing !== undefined) return { path: missing, message: 'A value is required.' };
  const set = Object.entries(change.fields).filter(([key]) => !gone.includes(key));
  return check(partial(schema), Object.fromEntries(set), prefix);
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
      return checkFields(circuitFields, command, ['circuit']);
    case 'change-panel':
      return checkFields(panelFields, command, ['panel']);
    case 'put-check':
      return command.check === null ? undefined : check(checkSchema, command.check, ['check']);
    case 'change':
      return checkFields(PARTS[command.part], command, [command.part]);
    case 'change-job':
      return checkFields(jobFields, command, []);
    case 'put-in-yard':
      return (
        check(yardItemSchemas[command.list], command.item, [command.list]) ??
        check(position, command.at, ['position'])
      );
    case 'add-photo':
      return check(photo, command.photo, ['photo']) ?? check(position, command.at, ['position']);
    case 'caption-photo':
      return check(photo.shape.caption, command.caption, ['caption']);
    case 'put-sources':
      return check(sourceEntries, command.put, ['sources']);
    case 'remove-circuits':
    case 'take-from-yard':
    case 'remove-photo':
    case 'move-circuit':
    case 'batch':
      return undefined;
  }
}
