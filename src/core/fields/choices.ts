import type { Field } from './field';
import { valuesOf, type Shape } from './shape';

/** One of a few values of a field, by its name. */
interface NamedValue {
  readonly value: string;
  readonly label: string;
}

const YES_NO = { yes: 'Yes', no: 'No' } as const;

/** Every value of a field that has a few, in the order in which they are offered; none of one that is typed. */
export function namedValues<S>({ writing }: Field<S>, { schema }: Shape): readonly NamedValue[] {
  switch (writing.kind) {
    case 'named':
      return valuesOf(schema).map((value) => ({ value: String(value), label: writing.nameOf(value) }));
    case 'choice':
    case 'yes-no':
      return Object.entries(writing.kind === 'choice' ? writing.names : YES_NO).map(([value, label]) => ({
        value,
        label,
      }));
    default:
      return [];
  }
}
