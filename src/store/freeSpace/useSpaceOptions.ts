import { useEffect } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { SpaceOption } from '../../core/panel/spaceOptions';
import { useWorker, type Work } from '../worker/useWorker';

/** The options for finding space in a panel, searched and tried anew whenever the job changes. */
export function useSpaceOptions(job: Job, panelId: string): Work<never, readonly SpaceOption[]> {
  const { work, post } = useWorker('freeSpace');
  useEffect(() => {
    post({ job, panelId });
  }, [job, panelId, post]);
  return work;
}
