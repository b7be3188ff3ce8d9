import { useEffect } from 'react';
import type { Panel } from '../../core/panel/panelSchema';
import type { SpaceOption } from '../../core/panel/spaceOptions';
import type { Wanted } from '../../core/panel/spaces';
import { useWorker, type Work } from '../worker/useWorker';

/** What the worker is asked to find space for. */
export interface SpaceRequest {
  readonly panel: Panel;
  readonly wanted: readonly Wanted[];
}

const make = (): Worker => new Worker(new URL('./freeSpace.worker.ts', import.meta.url), { type: 'module' });

/** The options for finding space in a panel, searched anew whenever it changes. */
export function useSpaceOptions(
  panel: Panel,
  wanted: readonly Wanted[],
): Work<never, readonly SpaceOption[]> {
  const { work, post } = useWorker<SpaceRequest, never, readonly SpaceOption[]>(make);
  useEffect(() => {
    post({ panel, wanted });
  }, [panel, wanted, post]);
  return work;
}
