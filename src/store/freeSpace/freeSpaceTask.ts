import { spaceOptions } from '../../core/panel/spaceOptions';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { Panel } from '../../core/panel/panelSchema';
import type { Wanted } from '../../core/panel/spaces';

/** What the worker is asked to find space for. */
export interface SpaceRequest {
  readonly panel: Panel;
  readonly wanted: readonly Wanted[];
}

/** The options for finding space in a panel. */
export const freeSpaceTask = ({ panel, wanted }: SpaceRequest) => spaceOptions(panel, wanted, defaultPrices);
