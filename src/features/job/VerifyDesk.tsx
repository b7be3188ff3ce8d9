import { useEffect } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Unverified } from '../../core/known/toVerify';
import { useToVerify } from '../../store/known/useToVerify';

interface VerifyDeskProps {
  readonly job: Job;
  /** The circuit alone that is asked about; left out: all. */
  readonly circuitId?: string;
  readonly onKnown: (all: readonly Unverified[] | null) => void;
}

/** Works out what is left to verify, after the plates are drawn. */
export function VerifyDesk({ job, circuitId, onKnown }: VerifyDeskProps) {
  const all = useToVerify(job, circuitId);
  useEffect(() => {
    onKnown(all);
  }, [all, onKnown]);
  return null;
}
