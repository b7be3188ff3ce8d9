import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** What stands under the run of a circuit: its figures, or its route. */
export type Part = 'figures' | 'route';

/** Which part is shown, as the address says, and the way to the other. */
export function usePart(): { readonly part: Part; readonly show: (part: Part) => void } {
  const [params, setParams] = useSearchParams();
  const show = useCallback(
    (part: Part) => {
      setParams(part === 'route' ? { part } : {}, { replace: true });
    },
    [setParams],
  );
  return { part: params.get('part') === 'route' ? 'route' : 'figures', show };
}
