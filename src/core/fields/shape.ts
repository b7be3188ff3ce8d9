import { z } from 'zod';
import type { NumberRange } from '../units/number';
import type { Unit } from './field';

/** What a schema says of one of its fields. */
export interface Shape {
  /** What an empty field comes to; a field that has to be there has none. */
  readonly empty: null | undefined | 'refused';
  readonly schema: z.ZodType;
}

type Part = z.core.$ZodType;

const isWrapped = (schema: Part): schema is z.ZodNullable | z.ZodOptional | z.ZodDefault =>
  schema instanceof z.ZodNullable || schema instanceof z.ZodOptional || schema instanceof z.ZodDefault;

function unwrapped(schema: Part, empty: Shape['empty']): Shape {
  if (isWrapped(schema)) {
    const absent = schema instanceof z.ZodNullable ? null : empty === null ? null : undefined;
    return unwrapped(schema.unwrap(), absent);
  }
  if (schema instanceof z.ZodType) return { empty, schema };
  throw new Error('A field of an unknown kind.');
}

/**
 * Value and emptiness of one key of a document.
 *
 * @throws when the document has no such key.
 */
export function shapeOf(document: z.ZodObject, key: string): Shape {
  const shape: Readonly<Record<string, Part>> = document.shape;
  const schema = shape[key];
  if (schema === undefined) throw new Error(`No field ${key}.`);
  return unwrapped(schema, 'refused');
}

const elementOf = (schema: z.ZodType): unknown => (schema instanceof z.ZodArray ? schema.element : schema);

/**
 * Range of a number, or of the numbers of a list, as its schema has it.
 *
 * @throws when the schema is no number, or one without limits.
 */
export function rangeOf(schema: z.ZodType, unit: Unit): NumberRange {
  const number = elementOf(schema);
  if (!(number instanceof z.ZodNumber)) throw new Error('No number.');
  const { minValue: min, maxValue: max } = number;
  if (min === null || max === null || !Number.isFinite(min) || !Number.isFinite(max))
    throw new Error('A number without limits.');
  return { min, max, whole: number.format === 'safeint', ...unit };
}

/** The values of a schema that has a few: an enumeration, or some figures. */
export function valuesOf(schema: Part): readonly unknown[] {
  if (schema instanceof z.ZodEnum) return schema.options;
  if (schema instanceof z.ZodLiteral) return [...schema.values];
  return schema instanceof z.ZodUnion ? schema.options.flatMap((option) => valuesOf(option)) : [];
}

const TRUTHS: Readonly<Record<string, boolean>> = { yes: true, true: true, no: false, false: false };

/** The value of a schema that is written as this text in a list of choices; undefined where there is none. */
export function valueOf(schema: z.ZodType, text: string): unknown {
  const truth = TRUTHS[text];
  return [text, Number(text), truth].find((value) => value !== undefined && schema.safeParse(value).success);
}

/** The most letters that a text may have. */
export const lettersOf = (schema: z.ZodType): number =>
  schema instanceof z.ZodString ? (schema.maxLength ?? Infinity) : Infinity;
