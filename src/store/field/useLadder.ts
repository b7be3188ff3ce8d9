import { useEffect } from 'react';
import type { Rung } from '../../core/water/field/fieldWork';
import { useWorker, type Work } from '../worker/useWorker';
import type { LadderAsked } from './ladderTask';

/** What each bond makes of what a person bridges, worked out anew when the person or the values change. */
export function useLadder(request: LadderAsked | undefined): Work<number, readonly Rung[]> {
  const { work, post } = useWorker('ladder');
  useEffect(() => {
    if (request !== undefined) post(request);
  }, [request, post]);
  return work;
}
