import { isByLength, type Item } from '../takeoff/item';
import type { Need } from '../takeoff/need';
import type { LaborNeed } from './laborLine';
import type { LaborFactor, LaborTask } from './laborTasks';

interface Setting {
  readonly task: LaborTask;
  readonly slowedBy: readonly LaborFactor[];
}

const IN_PANEL: readonly LaborFactor[] = ['old-panel'];
const OUTSIDE: readonly LaborFactor[] = ['rain'];

/** What panel, water and service take, by the item that is set. */
const SET: Readonly<Partial<Record<Item['kind'], Setting>>> = {
  tandem: { task: 'tandem', slowedBy: IN_PANEL },
  blank: { task: 'blank', slowedBy: IN_PANEL },
  'bond-wire': { task: 'bond-wire', slowedBy: OUTSIDE },
  'bond-connector': { task: 'bond-joint', slowedBy: OUTSIDE },
  'bond-clamp': { task: 'bond-joint', slowedBy: OUTSIDE },
  'water-bond': { task: 'bond-joint', slowedBy: OUTSIDE },
  'load-manager': { task: 'load-manager', slowedBy: IN_PANEL },
  'sharing-device': { task: 'load-manager', slowedBy: IN_PANEL },
};

/** The work of what is not a circuit, by what it takes: moves in a panel, bonding, devices at the service. */
export const otherLabor = (needs: readonly Need[]): readonly LaborNeed[] =>
  needs.flatMap(({ item, source, count, piece }): readonly LaborNeed[] => {
    const set = SET[item.kind];
    if (set === undefined || source.kind === 'circuit') return [];
    const amount = isByLength(item) ? (piece?.runFt ?? count) : count;
    return [{ ...set, source, segment: null, count: amount }];
  });
