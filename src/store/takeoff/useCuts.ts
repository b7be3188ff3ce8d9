import { useEffect, useState } from 'react';
import type { LineAsked, LineCuts } from '../../core/takeoff/lineCuts';
import { cutLines, type OfferedLine } from '../../core/takeoff/pricedTakeoff';
import { useWorker, type Work } from '../worker/useWorker';

/** What the worker is asked: how each of these lines is bought and cut. */
export type CutsRequest = readonly LineAsked[];

/** How every line is cut, by its key. */
export type Cuts = ReadonlyMap<string, LineCuts>;

const NONE: Cuts = new Map();
const make = (): Worker => new Worker(new URL('./cuts.worker.ts', import.meta.url), { type: 'module' });

/** The cut plans of a list, worked out anew when what is cut changes; until then those that are known stay. */
export function useCuts(lines: readonly OfferedLine[]): {
  readonly cuts: Cuts;
  readonly work: Work<number, Cuts>;
} {
  const [cuts, setCuts] = useState<Cuts>(NONE);
  const { work, post } = useWorker<CutsRequest, number, Cuts>(make, setCuts);
  useEffect(() => {
    post(cutLines(lines));
  }, [lines, post]);
  return { cuts, work };
}
