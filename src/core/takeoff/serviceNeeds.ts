import type { House } from '../service/houseSchema';
import type { Item } from './item';
import type { Need } from './need';

/** What the service takes: load management, a sharing device, a larger service with all that belongs to it. */
export function serviceNeeds({ managedA, managerThere, sharing, larger, ratingA }: House): readonly Need[] {
  const put = (item: Item): Need => {
    return { item, source: { kind: 'service' }, where: 'service', count: 1, piece: null };
  };
  return [
    ...(managedA !== null && !managerThere ? [put({ kind: 'load-manager' })] : []),
    ...(sharing !== null ? [put({ kind: 'sharing-device' })] : []),
    ...(larger && ratingA !== null ? [put({ kind: 'service', amps: ratingA })] : []),
  ];
}
