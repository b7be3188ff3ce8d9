import { useEffect } from 'react';
import { useWorker, type Work } from '../worker/useWorker';
import type { FieldRequest, FieldFound } from './fieldTask';

/** The soil around a water, worked out anew when the yard or its soil changes. */
export function useField(request: FieldRequest): Work<number, FieldFound> & { readonly stop: () => void } {
  const { work, post, stop } = useWorker('field');
  const { waterId, yard, edition, amendments, practices, soilOhmM } = request;
  useEffect(() => {
    post({ waterId, yard, edition, amendments, practices, soilOhmM });
  }, [waterId, yard, edition, amendments, practices, soilOhmM, post]);
  return { ...work, stop };
}
