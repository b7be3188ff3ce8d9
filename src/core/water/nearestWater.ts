import { placedWater, type PlacedWater } from './placedWater';
import { straightToWater } from './reach';
import { nearestPlace } from './yardParts';
import type { Water, Yard } from './yardSchema';

/**
 * What stands nearest to each water, by ids: a part is bonded at the water that is nearest to it.
 *
 * @param place Where a water lies, for whoever has worked that out already.
 */
export function nearestWater(
  { waters, things, lines }: Pick<Yard, 'waters' | 'things' | 'lines'>,
  place: (water: Water) => PlacedWater = placedWater,
): ReadonlyMap<string, ReadonlySet<string>> {
  const owned = new Map(waters.map(({ id }) => [id, new Set<string>()]));
  const [only] = waters;
  if (waters.length === 1 && only !== undefined)
    return new Map([[only.id, new Set([...things, ...lines].map(({ id }) => id))]]);
  const placed = waters.map((water) => ({ id: water.id, at: place(water) }));
  const give = (id: string, distances: readonly number[]): void => {
    const least = Math.min(...distances);
    // What is as near to two of them belongs to both.
    for (const [at, ft] of distances.entries()) if (ft <= least) owned.get(placed[at]?.id ?? '')?.add(id);
  };
  for (const { id, at } of things)
    give(
      id,
      placed.map((water) => straightToWater(water.at.edge, at)),
    );
  for (const line of lines)
    if (line.kind === 'fence' || line.kind === 'pipe')
      give(
        line.id,
        placed.map((water) => straightToWater(water.at.edge, nearestPlace(line, water.at))),
      );
  return owned;
}
