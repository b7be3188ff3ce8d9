import { useEffect, useState } from 'react';
import type { RoomWay } from '../../core/panel/otherWays';
import type { Panel } from '../../core/panel/panelSchema';
import type { Wanted } from '../../core/panel/spaces';
import type { RoomNews, RoomOrder } from './messages';

/** The ways to make room in a panel: undefined while they are sought, null where that failed. */
export function useRoomWays(panel: Panel, wanted: readonly Wanted[]): readonly RoomWay[] | null | undefined {
  const [found, setFound] = useState<{
    readonly panel: Panel;
    readonly wanted: readonly Wanted[];
    readonly ways: readonly RoomWay[] | null;
  }>();
  useEffect(() => {
    const worker = new Worker(new URL('./room.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<RoomNews>) => {
      setFound({ panel, wanted, ways: data });
    };
    worker.onerror = () => {
      setFound({ panel, wanted, ways: null });
    };
    worker.postMessage({ panel, wanted } satisfies RoomOrder);
    return () => {
      worker.terminate();
    };
  }, [panel, wanted]);
  return found?.panel === panel && found.wanted === wanted ? found.ways : undefined;
}
