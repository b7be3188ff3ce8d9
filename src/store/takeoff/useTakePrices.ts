import { useCallback } from 'react';
import { pricesArrival } from '../../core/job/arrivals';
import type { DatedPrice } from '../../core/takeoff/materialsDocument';
import { editNamed, late } from '../editing';
import { useAppDispatch } from '../store';

/**
 * Prices that were asked for, put into the job that they were asked for as it is by then; never into another, and never
 * over one that was typed meanwhile.
 */
export function useTakePrices(
  jobId: string,
): (read: readonly DatedPrice[], asked: readonly DatedPrice[], label: string) => void {
  const dispatch = useAppDispatch();
  return useCallback(
    (read, asked, label) => {
      void dispatch(editNamed(jobId, late(pricesArrival(read, asked), label), label));
    },
    [dispatch, jobId],
  );
}
