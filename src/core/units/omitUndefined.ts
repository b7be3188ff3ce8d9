/** A copy without the keys whose value is undefined, as documents are saved. */
export const omitUndefined = <T extends object>(given: T): T => {
  const copy = { ...given };
  for (const key of Object.keys(copy)) {
    if (Reflect.get(copy, key) === undefined) Reflect.deleteProperty(copy, key);
  }
  return copy;
};
