import { useEffect, useState } from 'react';
import type { PriceList } from '../../core/price/defaultPrices';
import type { Item } from '../../core/takeoff/item';
import type { LineCuts } from '../../core/takeoff/lineCuts';
import type { NeededPiece } from '../../core/takeoff/need';
import type { TakeoffLine } from '../../core/takeoff/takeoff';
import { useWorker, type Work } from '../worker/useWorker';

/** What the worker is asked: how each of these lines is bought and cut. */
export interface CutsRequest {
  readonly lines: readonly {
    readonly key: string;
    readonly item: Item;
    readonly pieces: readonly NeededPiece[];
  }[];
  readonly prices: PriceList;
}

/** How every line is cut, by its key. */
export type Cuts = ReadonlyMap<string, LineCuts>;

const NONE: Cuts = new Map();
const make = (): Worker => new Worker(new URL('./cuts.worker.ts', import.meta.url), { type: 'module' });

/** The cut plans of a list, worked out anew when what is cut changes; until then those that are known stay. */
export function useCuts(
  lines: readonly TakeoffLine[],
  prices: PriceList,
): { readonly cuts: Cuts; readonly work: Work<number, Cuts> } {
  const [cuts, setCuts] = useState<Cuts>(NONE);
  const { work, post } = useWorker<CutsRequest, number, Cuts>(make, setCuts);
  useEffect(() => {
    post({ lines: lines.filter(({ pieces }) => pieces.length > 0), prices });
  }, [lines, prices, post]);
  return { cuts, work };
}
