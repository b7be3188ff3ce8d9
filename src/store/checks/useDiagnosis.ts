import { useEffect, useState } from 'react';
import type { CircuitCheck } from '../../core/checks/checksDocument';
import type { CircuitReport } from '../../core/checks/circuitReport';
import type { Diagnosed } from '../../core/checks/diagnosed';
import { useWorker } from '../worker/useWorker';

/**
 * What explains the readings of a circuit, worked out anew when one changes; the last one stays until the next is there.
 * Null while every reading is in its band.
 */
export function useDiagnosis(
  report: CircuitReport,
  { readings, ohms }: Pick<CircuitCheck, 'readings' | 'ohms'>,
): Diagnosed | null {
  const [diagnosis, setDiagnosis] = useState<Diagnosed | null>(null);
  const { post } = useWorker('diagnosis', setDiagnosis);
  const isOut = report.out.length > 0;
  useEffect(() => {
    if (isOut) post({ report, readings, ohms });
  }, [report, readings, ohms, isOut, post]);
  return isOut ? diagnosis : null;
}
