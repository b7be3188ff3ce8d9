import { useEffect } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Unverified } from '../../core/known/toVerify';
import { useToVerify } from '../../store/known/useToVerify';

interface VerifyDeskProps {
  readonly job: Job;
  readonly onKnown: (all: readonly Unverified[] | null) => void;
}

/** Works out what is left to verify, after the plates are drawn. */
export function VerifyDesk({ job, onKnown }: VerifyDeskProps) {
  const all = useToVerify(job);
  useEffect(() => {
    onKnown(all);
  }, [all, onKnown]);
  return null;
}
