import { useEffect } from 'react';
import { closeJob, openJob } from './openJob';
import { useAppDispatch, useAppSelector } from './store';
import type { OpenJob } from './jobSlice';

/** Opens a job for as long as the page is shown, and tells how it stands. */
export function useOpenJob(id: string): OpenJob {
  const dispatch = useAppDispatch();
  useEffect(() => {
    void openJob(id, dispatch);
    return () => {
      closeJob(dispatch);
    };
  }, [id, dispatch]);
  const open = useAppSelector((state) => state.job);
  // On the way from one job to another the last one is still there: nothing of it is shown under the address of the next.
  return open.status === 'ready' && open.job.id !== id ? { status: 'loading', id } : open;
}
