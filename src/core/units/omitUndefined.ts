/** A copy without the keys whose value is undefined, as documents are saved. */
export function omitUndefined<T extends object>(given: T): { [K in keyof T]: Exclude<T[K], undefined> };
export function omitUndefined(given: object): object {
  const copy = { ...given };
  for (const key of Object.keys(copy)) {
    if (Reflect.get(copy, key) === undefined) Reflect.deleteProperty(copy, key);
  }
  return copy;
}
