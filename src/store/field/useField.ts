import { useEffect } from 'react';
import type { FieldFrame } from '../../core/water/field/fieldModel';
import type { SoilResponse } from '../../core/water/field/solveField';
import { useWorker, type Work } from '../worker/useWorker';
import type { WaterAsked } from './reportAsked';

/** What the worker is asked: how the soil around a water answers. */
export interface FieldRequest extends WaterAsked {
  readonly soilOhmM: number;
}

/** What the worker found; bonds are thrown on it without asking again. */
export interface FieldFound {
  readonly frame: FieldFrame;
  readonly soil: SoilResponse;
}

const make = (): Worker => new Worker(new URL('./field.worker.ts', import.meta.url), { type: 'module' });

/** The soil around a water, worked out anew when the yard or its soil changes. */
export function useField(request: FieldRequest): Work<number, FieldFound> & { readonly stop: () => void } {
  const { work, post, stop } = useWorker<FieldRequest, number, FieldFound>(make);
  const { waterId, yard, edition, amendments, practices, soilOhmM } = request;
  useEffect(() => {
    post({ waterId, yard, edition, amendments, practices, soilOhmM });
  }, [waterId, yard, edition, amendments, practices, soilOhmM, post]);
  return { ...work, stop };
}
