import type { CircuitDemand } from './circuitDemand';
import type { ChargerGroup } from './houseSchema';

/** Whether a limit counts: only load management that the chargers are known to be listed for keeps anything. */
const limitCounts = ({ listed }: ChargerGroup): boolean => listed === true;

/** The group that a charger is in; undefined where it is in none whose limit counts. */
export const groupOf = (groups: readonly ChargerGroup[], circuitId: string): ChargerGroup | undefined =>
  groups.find((group) => limitCounts(group) && group.circuitIds.includes(circuitId));

/** The current of the chargers that a feeder carries, amperes: each group at its limit where that counts. */
export const carriedByFeeder = (
  groups: readonly ChargerGroup[],
  feederId: string,
  ampsOf: (circuitId: string) => number,
): number =>
  groups
    .filter((group) => group.feederId === feederId)
    .reduce((sum, group) => {
      const together = group.circuitIds.reduce((acc, id) => acc + ampsOf(id), 0);
      return sum + (limitCounts(group) ? Math.min(group.limitA, together) : together);
    }, 0);

/** How much of its own load a charger may count where its group is kept below their sum; 1 where it is not. */
export function shareOfLimit(
  groups: readonly ChargerGroup[],
  additions: readonly CircuitDemand[],
  circuitId: string,
  volts: number,
): number {
  const group = groupOf(groups, circuitId);
  if (group === undefined) return 1;
  const sum = membersOf(group, additions).reduce((acc, { va }) => acc + va, 0);
  return sum === 0 ? 1 : Math.min(1, (group.limitA * volts) / sum);
}

const membersOf = (group: ChargerGroup, additions: readonly CircuitDemand[]): readonly CircuitDemand[] =>
  additions.filter(({ circuitId }) => group.circuitIds.includes(circuitId));

/**
 * What the circuits add to a service with the chargers of each group counted once, at the limit that load management
 * keeps them to (625.42), or at their sum where that is less.
 */
export function groupedAdditions(
  additions: readonly CircuitDemand[],
  groups: readonly ChargerGroup[],
  volts: number,
): readonly CircuitDemand[] {
  const counted = new Set<string>();
  return additions.flatMap((each) => {
    const group = groupOf(groups, each.circuitId);
    if (group === undefined) return [each];
    if (counted.has(group.id)) return [];
    counted.add(group.id);
    const members = membersOf(group, additions);
    const sum = members.reduce((acc, { va }) => acc + va, 0);
    return [{ ...each, circuitId: group.id, what: group.name, va: Math.min(sum, group.limitA * volts) }];
  });
}
