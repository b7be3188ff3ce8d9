import { useEffect, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import { useWorker } from '../worker/useWorker';
import type { Unverified } from '../../core/known/toVerify';

/** The hand rests this long before anything is tried. */
const REST_MS = 400;

/** What is left to verify in a job or one of its circuits, worked out apart from the page once the hand rests; null until it is known. */
export function useToVerify(job: Job, circuitId?: string): readonly Unverified[] | null {
  const [known, setKnown] = useState<readonly Unverified[] | null>(null);
  const { post } = useWorker('verify', setKnown);
  useEffect(() => {
    const timer = setTimeout(() => {
      post({ job, circuitId });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [job, circuitId, post]);
  return known;
}
