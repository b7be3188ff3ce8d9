import { useEffect } from 'react';
import type { Unverified } from '../../core/known/toVerify';
import { useToVerify } from '../../store/known/useToVerify';
import { useReadyJob } from './JobPage';

interface VerifyDeskProps {
  /** The circuit alone that is asked about; left out: all. */
  readonly circuitId?: string;
  readonly onKnown: (all: readonly Unverified[] | null) => void;
}

/** Works out what is left to verify in the open job, after what is known is drawn. */
export function VerifyDesk({ circuitId, onKnown }: VerifyDeskProps) {
  const { job } = useReadyJob();
  const all = useToVerify(job, circuitId);
  useEffect(() => {
    // What was asked of the circuit before says nothing of this one.
    const isOf = ({ assumption }: Unverified) =>
      circuitId === undefined || assumption.circuitId === circuitId;
    onKnown(all?.filter(isOf) ?? null);
  }, [all, circuitId, onKnown]);
  return null;
}
