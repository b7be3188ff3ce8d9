import { useEffect } from 'react';
import type { Panel } from '../../core/panel/panelSchema';
import type { SpaceOption } from '../../core/panel/spaceOptions';
import type { Wanted } from '../../core/panel/spaces';
import { useWorker, type Work } from '../worker/useWorker';

/** The options for finding space in a panel, searched anew whenever it changes. */
export function useSpaceOptions(
  panel: Panel,
  wanted: readonly Wanted[],
): Work<never, readonly SpaceOption[]> {
  const { work, post } = useWorker('freeSpace');
  useEffect(() => {
    post({ panel, wanted });
  }, [panel, wanted, post]);
  return work;
}
