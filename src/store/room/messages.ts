import type { Panel } from '../../core/panel/panelSchema';
import type { RoomWay } from '../../core/panel/otherWays';
import type { Wanted } from '../../core/panel/spaces';

/** What the worker is asked to make room for. */
export interface RoomOrder {
  readonly panel: Panel;
  readonly wanted: readonly Wanted[];
}

/** The ways to make room, cheapest first. */
export type RoomNews = readonly RoomWay[];
