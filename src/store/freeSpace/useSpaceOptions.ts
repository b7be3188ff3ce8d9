import { useEffect, useState } from 'react';
import type { SpaceOption } from '../../core/panel/spaceOptions';
import type { Panel } from '../../core/panel/panelSchema';
import type { Wanted } from '../../core/panel/spaces';
import type { SpaceMessage, SpaceRequest } from './messages';

/** The ways to make room in a panel: undefined while they are sought, null where that failed. */
export function useSpaceOptions(
  panel: Panel,
  wanted: readonly Wanted[],
): readonly SpaceOption[] | null | undefined {
  const [found, setFound] = useState<{
    readonly panel: Panel;
    readonly wanted: readonly Wanted[];
    readonly options: readonly SpaceOption[] | null;
  }>();
  useEffect(() => {
    const worker = new Worker(new URL('./freeSpace.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<SpaceMessage>) => {
      setFound({ panel, wanted, options: data });
    };
    worker.onerror = () => {
      setFound({ panel, wanted, options: null });
    };
    worker.postMessage({ panel, wanted } satisfies SpaceRequest);
    return () => {
      worker.terminate();
    };
  }, [panel, wanted]);
  return found?.panel === panel && found.wanted === wanted ? found.options : undefined;
}
