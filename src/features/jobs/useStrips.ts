import { useEffect, useState } from 'react';
import type { JobRecord } from '../../store/persistence/database';
import type { Strip } from './strips';

/** The strips of some jobs by their ids, read one after the other once the list itself is there. */
export function useStrips(jobs: readonly JobRecord[] | undefined): ReadonlyMap<string, Strip> {
  const [strips, setStrips] = useState<ReadonlyMap<string, Strip>>(new Map());
  useEffect(() => {
    const shown = new AbortController();
    const read = async (): Promise<void> => {
      if (jobs === undefined || jobs.length === 0) return;
      const { readStrip } = await import('./strips');
      for (const { id } of jobs) {
        const strip = await readStrip(id);
        if (shown.signal.aborted) return;
        if (strip !== undefined) setStrips((known) => new Map(known).set(id, strip));
      }
    };
    void read();
    return () => {
      shown.abort();
    };
  }, [jobs]);
  return strips;
}
