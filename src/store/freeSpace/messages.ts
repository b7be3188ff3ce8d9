import type { Panel } from '../../core/panel/panelSchema';
import type { SpaceOption } from '../../core/panel/spaceOptions';
import type { Wanted } from '../../core/panel/spaces';

/** What the worker is asked to make room for. */
export interface SpaceRequest {
  readonly panel: Panel;
  readonly wanted: readonly Wanted[];
}

/** The ways to make room, cheapest first. */
export type SpaceMessage = readonly SpaceOption[];
