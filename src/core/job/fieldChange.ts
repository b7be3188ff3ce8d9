import type { Changed } from '../fields/field';
import { omitUndefined } from '../units/omitUndefined';

/** Fields that an edit sets in a thing, and those that it takes away: what was not there before is not there after undo. */
export interface FieldChange<T> {
  readonly fields: Partial<T>;
  /** Fields that are absent afterwards. An absent field is one that nobody spoke of; it is never written as a value. */
  readonly absent?: readonly string[];
}

/** Fields with their values as a change: one that is undefined is taken away. */
export function changeOf<T extends object>(fields: Changed<T>): FieldChange<T> {
  const absent = Object.entries(fields).flatMap(([key, value]) => (value === undefined ? [key] : []));
  return asChange<T>(omitUndefined(fields), absent);
}

/** The keys that a change takes away. Journals of before wrote them as undefined. */
export const absentIn = ({ fields, absent = [] }: FieldChange<object>): readonly string[] => [
  ...new Set([
    ...absent,
    ...Object.entries(fields).flatMap(([key, value]) => (value === undefined ? [key] : [])),
  ]),
];

const asChange = <T>(fields: Partial<T>, absent: readonly string[]): FieldChange<T> =>
  absent.length === 0 ? { fields } : { fields, absent };

/** A thing after a change of its fields, and the change that takes it back. */
export function changeFields<T extends object>(
  now: T,
  change: FieldChange<T>,
): { readonly next: T; readonly back: FieldChange<T> } {
  const gone = absentIn(change);
  const next: T = { ...now, ...change.fields };
  for (const key of gone) Reflect.deleteProperty(next, key);
  const kept: Partial<T> = {};
  const wasAbsent: string[] = [];
  for (const key of new Set([...Object.keys(change.fields), ...gone])) {
    const value: unknown = Reflect.get(now, key);
    if (value === undefined) wasAbsent.push(key);
    else Reflect.set(kept, key, value);
  }
  return { next, back: asChange(kept, wasAbsent) };
}

/** Two changes of one thing, one after the other, as one. */
export function joinedChange<T extends object>(
  first: FieldChange<T>,
  second: FieldChange<T>,
): FieldChange<T> {
  const gone = absentIn(second);
  const set = new Set(Object.keys(second.fields).filter((key) => !gone.includes(key)));
  const fields: Partial<T> = { ...first.fields, ...second.fields };
  const absent = [...new Set([...absentIn(first).filter((key) => !set.has(key)), ...gone])];
  for (const key of absent) Reflect.deleteProperty(fields, key);
  return asChange(fields, absent);
}
