import { useCallback } from 'react';
import { withPrices } from '../../core/takeoff/priceCsv';
import type { DatedPrice } from '../../core/takeoff/materialsDocument';
import { useAppStore } from '../store';
import { useJobEditor } from '../useJobEditor';

/** Prices that were asked for, put into the job that they were asked for as it is by then; never into another. */
export function useTakePrices(jobId: string): (read: readonly DatedPrice[], label: string) => void {
  const { edit } = useJobEditor();
  const store = useAppStore();
  return useCallback(
    (read, label) => {
      const { job: open } = store.getState();
      if (open.status !== 'ready' || open.job.id !== jobId) return;
      const prices = withPrices(open.job.materials.prices, read);
      edit({ kind: 'change-materials', fields: { prices } }, label);
    },
    [edit, store, jobId],
  );
}
