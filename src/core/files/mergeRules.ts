import { z } from 'zod';
import type { MergePath } from './merger';

interface Rule {
  /** What an entry of the list is known by; undefined for what is no entry of it. */
  readonly keyOf?: (entry: unknown) => string | undefined;
  /** Whether it is one thing, of which nobody takes a part. */
  readonly isWhole?: boolean;
}

/** What is said of parts of a document for merging, beside their schemas. */
const rules = z.registry<Rule>();

/** A list whose entries are known by something else than an `id` of their own: two people who each added one keep both. */
export function keyed<E extends z.ZodType, L extends z.ZodArray<E>>(
  list: L,
  keyOf: (entry: z.infer<L['element']>) => string,
): L {
  rules.add(list, {
    keyOf: (entry) => {
      const read = z.safeParse(list.element, entry);
      return read.success ? keyOf(read.data) : undefined;
    },
  });
  return list;
}

/** A part that is one thing: a moment with who said it, an outline. Half of one and half of another would be nobody's. */
export function whole<S extends z.ZodType>(schema: S): S {
  rules.add(schema, { isWhole: true });
  return schema;
}

/** What a schema stands for once it may be null, absent or of a default. */
function inner(schema: z.core.$ZodType): z.core.$ZodType {
  return schema instanceof z.ZodNullable || schema instanceof z.ZodOptional || schema instanceof z.ZodDefault
    ? inner(schema.unwrap())
    : schema;
}

/** The schemas of a part under a name or the key of an entry: several where it may be of several kinds. */
function under(schema: z.core.$ZodType, name: string): readonly z.core.$ZodType[] {
  const own = inner(schema);
  if (own instanceof z.ZodObject) {
    return Object.entries<z.core.$ZodType>(own.shape).flatMap(([key, field]) =>
      key === name ? [field] : [],
    );
  }
  if (own instanceof z.ZodArray) return [own.element];
  if (own instanceof z.ZodRecord) return [own.valueType];
  return own instanceof z.ZodUnion ? own.options.flatMap((option) => under(option, name)) : [];
}

/** What the schema of a document says of a place in it. */
export function ruleAt(schema: z.ZodType, path: MergePath): Rule {
  const found = path.reduce<readonly z.core.$ZodType[]>(
    (all, name) => all.flatMap((each) => under(each, name)),
    [schema],
  );
  for (const each of found) {
    const rule = rules.get(each) ?? rules.get(inner(each));
    if (rule !== undefined) return rule;
  }
  return {};
}

/** Every list of a document by its path, with its entries and what is said of it. */
export function* listsIn(
  schema: z.core.$ZodType,
  path: MergePath = [],
): Generator<{ readonly path: MergePath; readonly entry: z.core.$ZodType; readonly rule: Rule }> {
  const own = inner(schema);
  const rule = rules.get(schema) ?? rules.get(own) ?? {};
  if (rule.isWhole === true) return;
  if (own instanceof z.ZodArray) {
    const entry = inner(own.element);
    yield { path, entry, rule };
    yield* listsIn(entry, [...path, '*']);
  }
  if (own instanceof z.ZodObject)
    for (const [name, field] of Object.entries<z.core.$ZodType>(own.shape))
      yield* listsIn(field, [...path, name]);
  if (own instanceof z.ZodUnion) for (const option of own.options) yield* listsIn(option, path);
}
