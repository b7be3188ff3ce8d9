import { useCallback, useEffect, useRef, useState } from 'react';
import { today } from '../clock';
import type { ListedJob } from '../persistence/database';
import { savedJob } from '../persistence/jobStorage';
import { inWorker } from '../worker/workers';
import type { Strip } from './stripTask';

const keyOf = ({ id, updatedAt }: Pick<ListedJob, 'id' | 'updatedAt'>): string => `${id} ${updatedAt}`;

/** Strips that were read, by job and the time of its last edit: a list that is shown again reads none anew. */
const known = new Map<string, Strip>();

async function readStrip(id: string): Promise<Strip | null> {
  const record = await savedJob(id);
  if (record === undefined) return null;
  return inWorker('strip', { document: record.document, version: record.version, today: today() });
}

/** The strips of the jobs that were seen, and what tells that one is seen: only those are read, apart from the page. */
export function useStrips(): {
  readonly stripOf: (job: ListedJob) => Strip | undefined;
  readonly onSeen: (job: ListedJob) => void;
} {
  const [, setRead] = useState(0);
  const shown = useRef(true);
  const asked = useRef(new Set<string>());
  useEffect(() => {
    shown.current = true;
    return () => {
      shown.current = false;
    };
  }, []);
  const onSeen = useCallback((job: ListedJob) => {
    const key = keyOf(job);
    if (known.has(key) || asked.current.has(key)) return;
    asked.current.add(key);
    void readStrip(job.id).then(
      (strip) => {
        if (strip !== null) known.set(key, strip);
        if (shown.current) setRead((count) => count + 1);
      },
      // A row without its strip is a row all the same.
      () => undefined,
    );
  }, []);
  return { stripOf: (job) => known.get(keyOf(job)), onSeen };
}
