import { parseHeight, printHeight } from '../units/height';
import { parseLength, printLength } from '../units/length';
import { parseNumber, printNumber, type NumberRange } from '../units/number';
import { celsius, feet } from '../units/quantity';
import { isRefused, refuse, type Refused } from '../units/refused';
import { parseTemperature, printTemperature } from '../units/temperature';
import { parseWireSize, printWireSize, WIRE_SIZES, type WireSize } from '../units/wireSize';
import type { Changed, Field } from './field';
import { lettersOf, rangeOf, type Shape } from './shape';

const CENTS = 100;
const DOLLARS = { min: 0, max: 1_000_000, units: ['$'], shown: 'dollars' } as const;

const isSize = (value: unknown): value is WireSize => WIRE_SIZES.some((size) => size === value);

/** Several numbers, apart by commas or spaces. */
function parseNumbers(text: string, range: NumberRange): readonly number[] | Refused {
  const numbers = text
    .split(/[\s,;+]+/)
    .filter((part) => part !== '')
    .map((part) => parseNumber(part, range));
  const read = numbers.filter((each): each is number => !isRefused(each));
  const accepts = `numbers from ${range.min} to ${range.max} ${range.shown}, apart by commas`;
  return read.length === numbers.length && read.length > 0 ? read : refuse(text, accepts);
}

function parseDollars(text: string): number | Refused {
  const dollars = parseNumber(text.replace('$', ''), DOLLARS);
  return isRefused(dollars) ? dollars : Math.round(dollars * CENTS);
}

/** A text that is not empty read by its kind; its range is checked after. */
function read<S>({ writing }: Field<S>, { schema }: Shape, text: string, subject: S): unknown {
  switch (writing.kind) {
    case 'number':
      return parseNumber(text, rangeOf(schema, writing.unit));
    case 'numbers':
      return parseNumbers(text, rangeOf(schema, writing.unit));
    case 'length':
      return parseLength(text);
    case 'height':
      return parseHeight(text);
    case 'temperature':
      return parseTemperature(text.replace(/\(.*\)/, ''));
    case 'size': {
      const size = parseWireSize(text);
      return isRefused(size) ? refuse(text, 'a size such as 14 or 1/0') : size;
    }
    case 'dollars':
      return parseDollars(text);
    case 'own':
      return writing.parse(text, subject);
    default:
      return text.trim();
  }
}

/** What a value of this kind may be, where its schema refuses it. */
function accepted<S>({ writing, accepts }: Field<S>, { schema }: Shape): string {
  if (accepts !== undefined) return accepts;
  if (writing.kind === 'length') {
    const { min, max } = rangeOf(schema, { units: [], shown: 'ft' });
    return min > 0 ? `a length from ${printLength(feet(min))} to ${max} ft` : `a length up to ${max} ft`;
  }
  const letters = lettersOf(schema);
  return Number.isFinite(letters) ? `at most ${letters} letters` : 'another value';
}

/** What a typed text comes to: a value that the schema takes, or what is accepted. */
export function parseField<S>(field: Field<S>, shape: Shape, text: string, subject: S): unknown {
  const isOwn = field.writing.kind === 'own';
  if (text.trim() === '' && shape.empty !== 'refused' && !isOwn) return shape.empty;
  const value = read(field, shape, text, subject);
  if (isRefused(value) || field.put !== undefined) return value;
  if (value === shape.empty || shape.schema.safeParse(value).success) return value;
  return refuse(text, accepted(field, shape));
}

/** A value as it stands in its field. */
export function printField<S>({ writing }: Field<S>, value: unknown, subject: S): string {
  if (writing.kind === 'own') return writing.print(value, subject);
  if (value === null || value === undefined) return '';
  switch (writing.kind) {
    case 'number':
      return `${printNumber(Number(value))} ${writing.unit.shown}`.trim();
    case 'numbers':
      return Array.isArray(value) ? value.map((each) => printNumber(Number(each))).join(', ') : '';
    case 'length':
      return printLength(feet(Number(value)));
    case 'height':
      return printHeight(Number(value));
    case 'temperature':
      return printTemperature(celsius(Number(value)));
    case 'size':
      return isSize(value) ? printWireSize(value) : '';
    case 'dollars':
      return (Number(value) / CENTS).toFixed(2);
    case 'yes-no':
      return value === true ? 'yes' : 'no';
    default:
      return typeof value === 'string' || typeof value === 'number'
        ? `${value}`
        : value === true
          ? 'true'
          : 'false';
  }
}

/** What of a thing is changed by a value of one of its fields. */
export function changeBy<S>(field: Field<S>, value: unknown, subject: S): Changed<S> {
  if (field.put !== undefined) return field.put(value, subject);
  const change: Changed<S> = {};
  Reflect.set(change, field.key, value);
  return change;
}
