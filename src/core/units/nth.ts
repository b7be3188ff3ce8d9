/**
 * The entry of a list by its number, which it has to have.
 *
 * @throws RangeError past the ends of the list: a number that is off never becomes a figure.
 */
export function nth<T>(list: ArrayLike<T>, index: number): T {
  const entry = list[index];
  if (entry === undefined) throw new RangeError(`No entry ${index} of ${list.length}.`);
  return entry;
}
