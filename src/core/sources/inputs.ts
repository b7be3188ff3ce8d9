/** The inputs of a thing by their places in it: "terminals.load", "run.segment-1.lengthFt". */
export type Inputs = ReadonlyMap<string, unknown>;

const isNamed = (item: unknown): item is { readonly id: string } =>
  typeof item === 'object' && item !== null && 'id' in item && typeof item.id === 'string';

function collect(into: Map<string, unknown>, value: unknown, at: string): void {
  if (Array.isArray(value)) {
    if (value.length === 0 || !value.every(isNamed)) into.set(at, value);
    else for (const item of value) collect(into, item, `${at}.${item.id}`);
  } else if (typeof value === 'object' && value !== null) {
    for (const [key, part] of Object.entries(value))
      if (key !== 'id' && part !== undefined) collect(into, part, `${at}.${key}`);
  } else into.set(at, value);
}

/**
 * Everything in a thing that has a source of its own. Things of a list are known by their ids, a list without ids is one
 * input. Nothing to say is no input: what is absent or empty has no source.
 *
 * @param leaving Fields of the thing itself that are no inputs.
 */
export function inputsOf(thing: object, leaving: readonly string[] = []): Inputs {
  const all = new Map<string, unknown>();
  for (const [key, part] of Object.entries(thing))
    if (key !== 'id' && part !== undefined && !leaving.includes(key)) collect(all, part, key);
  for (const [at, value] of all)
    if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) all.delete(at);
  return all;
}

/** Whether an input has the same value in two states. */
export const sameInput = (a: unknown, b: unknown): boolean =>
  a === b || (typeof a === 'object' && JSON.stringify(a) === JSON.stringify(b));
