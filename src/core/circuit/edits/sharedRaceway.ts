import type { Circuit, Segment } from '../circuitSchema';

/** What a raceway has but once, whoever is in it. */
const OF_THE_RACEWAY = [
  'method',
  'lengthFt',
  'place',
  'ambientC',
  'bendsDeg',
  'heightFt',
  'burial',
  'bored',
  'swingF',
] as const satisfies readonly (keyof Segment)[];

/** What an edit changed of a raceway that is shared, by the id of that raceway. */
function changesOfRaceways(was: Circuit, is: Circuit): ReadonlyMap<string, Partial<Segment>> {
  const changes = new Map<string, Partial<Segment>>();
  for (const segment of is.run) {
    const raceway = segment.shares?.raceway;
    const before = was.run.find(({ id }) => id === segment.id);
    // A segment that only now shares is made alike when it is shared.
    if (raceway === undefined || before?.shares?.raceway !== raceway) continue;
    const changed = OF_THE_RACEWAY.filter((key) => before[key] !== segment[key]);
    if (changed.length > 0)
      changes.set(raceway, Object.fromEntries(changed.map((key) => [key, segment[key]])));
  }
  return changes;
}

/**
 * The other circuits as they are once a raceway that they share was edited in one of them: a raceway has one length,
 * one ambient and one set of bends, edited once. Circuits that the edit does not reach are left out.
 */
export function followedBy(
  was: Circuit,
  is: Circuit,
  all: readonly Circuit[],
): readonly (readonly [Circuit, Circuit])[] {
  const changes = changesOfRaceways(was, is);
  if (changes.size === 0) return [];
  return all.flatMap((other) => {
    if (other.id === is.id) return [];
    const run = other.run.map((segment) => {
      const change = segment.shares?.raceway === undefined ? undefined : changes.get(segment.shares.raceway);
      return change === undefined ? segment : { ...segment, ...change };
    });
    return run.some((segment, at) => segment !== other.run[at]) ? [[other, { ...other, run }] as const] : [];
  });
}
