import { z } from 'zod';

const TEXTS = ['a', 'A', '2026-03-02', '2026-03-03T09:00', 'north', '2026-03-02T08:00:00.000Z', 'panel:main'];
const NUMBERS = [1, 2, 10, 30, 40, 60, 200, 240, 0.5, 4000];

const taken = <T>(schema: z.core.$ZodType, values: readonly T[]): readonly T[] =>
  values.filter((value) => z.safeParse(schema, value).success);

/** Objects of which each field takes each of its values in turn, what may be absent also being so. */
function objects(schema: z.ZodObject): readonly unknown[] {
  const fields = Object.entries<z.core.$ZodType>(schema.shape).map(
    ([name, field]) => [name, sampleValues(field)] as const,
  );
  const plain = Object.fromEntries(
    fields.flatMap(([name, [first]]) => (first === undefined ? [] : [[name, first]])),
  );
  const others = fields.flatMap(([name, values]) =>
    values.slice(1, 3).map((value) => ({ ...plain, [name]: value })),
  );
  return taken(schema, [plain, ...others]);
}

/** Values that a schema takes, a few of each kind; none where it asks for more than this knows. */
export function sampleValues(schema: z.core.$ZodType): readonly unknown[] {
  if (schema instanceof z.ZodOptional || schema instanceof z.ZodDefault) return sampleValues(schema.unwrap());
  if (schema instanceof z.ZodNullable) return [null, ...sampleValues(schema.unwrap())];
  if (schema instanceof z.ZodBoolean) return [false, true];
  if (schema instanceof z.ZodEnum) return schema.options;
  if (schema instanceof z.ZodLiteral) return [...schema.values];
  if (schema instanceof z.ZodNumber) return taken(schema, NUMBERS);
  if (schema instanceof z.ZodArray) {
    const entries = sampleValues(schema.element);
    return taken(schema, [[], entries.slice(0, 1), entries.slice(0, 3)]);
  }
  if (schema instanceof z.ZodTuple) {
    const items = schema.def.items.map((item, at) => sampleValues(item)[at]);
    return taken(schema, [items, items.toReversed()]);
  }
  if (schema instanceof z.ZodUnion)
    return schema.options.flatMap((option) => sampleValues(option).slice(0, 2));
  if (schema instanceof z.ZodRecord) return [{}];
  if (schema instanceof z.ZodObject) return objects(schema);
  return taken(schema, TEXTS);
}
