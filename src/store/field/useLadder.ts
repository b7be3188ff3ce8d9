import { useEffect } from 'react';
import type { FieldValues } from '../../core/water/field/fieldParts';
import type { Rung } from '../../core/water/field/fieldWork';
import type { Person } from '../../core/water/field/touch';
import { useWorker, type Work } from '../worker/useWorker';
import type { WaterAsked } from './reportAsked';

/** What the worker is asked: the bonds one after the other, for a person. */
export interface LadderAsked extends WaterAsked {
  readonly values: FieldValues;
  readonly person: Person;
}

const make = (): Worker => new Worker(new URL('./ladder.worker.ts', import.meta.url), { type: 'module' });

/** What each bond makes of what a person bridges, worked out anew when the person or the values change. */
export function useLadder(request: LadderAsked | undefined): Work<number, readonly Rung[]> {
  const { work, post } = useWorker<LadderAsked, number, readonly Rung[]>(make);
  useEffect(() => {
    if (request !== undefined) post(request);
  }, [request, post]);
  return work;
}
