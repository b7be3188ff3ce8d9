const isParts = (value: unknown): value is object => typeof value === 'object' && value !== null;

const idOf = (value: unknown): unknown => (isParts(value) && 'id' in value ? value.id : undefined);

/** What stood in place of a part before: in a list the thing of the same id, else what stood there. */
function before(was: object, key: string, part: unknown): unknown {
  const there: unknown = Reflect.get(was, key);
  const id = idOf(part);
  if (!Array.isArray(was) || id === undefined || idOf(there) === id) return there;
  return was.find((each) => idOf(each) === id);
}

/** Puts into a thing what is the same as before; whether all of it is. */
function settle(was: object, is: object): boolean {
  if (Array.isArray(was) !== Array.isArray(is)) return false;
  const keys = Object.keys(is);
  let same = keys.length === Object.keys(was).length;
  for (const key of keys) {
    const part: unknown = Reflect.get(is, key);
    const old = before(was, key, part);
    const isSame = part === old || (isParts(part) && isParts(old) && settle(old, part));
    if (isSame) Reflect.set(is, key, old);
    same &&= isSame && old === Reflect.get(was, key) && key in was;
  }
  return same;
}

/**
 * A copy that came from elsewhere, with each part that is the same as before in place of its own, so that what is
 * remembered of that part is found again. The copy is changed; what was before is not.
 */
export const settled = <T extends object>(was: T | undefined, is: T): T =>
  was !== undefined && settle(was, is) ? was : is;
