import { useEffect, useState } from 'react';
import { cutLines, type OfferedLine } from '../../core/takeoff/pricedTakeoff';
import { useWorker, type Work } from '../worker/useWorker';
import type { Cuts } from './cutsTask';

const NONE: Cuts = new Map();
/** The cut plans of a list, worked out anew when what is cut changes; until then those that are known stay. */
export function useCuts(lines: readonly OfferedLine[]): {
  readonly cuts: Cuts;
  readonly work: Work<number, Cuts>;
} {
  const [cuts, setCuts] = useState<Cuts>(NONE);
  const { work, post } = useWorker('cuts', setCuts);
  useEffect(() => {
    post(cutLines(lines));
  }, [lines, post]);
  return { cuts, work };
}
