/**
 * What has to be there: a cell of a table, an entry of a list by its number.
 *
 * @param name What it is called in the message, for example `Table 250.122`.
 * @throws RangeError where it is not: what is missing never becomes a figure.
 */
export function present<T>(value: T | null | undefined, ...name: readonly (string | number)[]): T {
  if (value === null || value === undefined) throw new RangeError(`Not there: ${name.join(', ')}.`);
  return value;
}
