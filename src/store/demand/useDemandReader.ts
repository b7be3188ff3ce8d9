import { useCallback, useEffect, useRef, useState } from 'react';
import type { DemandNews, DemandOrder } from './messages';

/** A record of demand that is being read, or was. */
export type DemandReading =
  { readonly kind: 'idle' } | { readonly kind: 'stopped' } | { readonly kind: 'failed' } | DemandNews;

/** Reads a record of demand in a worker; a newer one takes the place of an older one. */
export function useDemandReader(onDone: (news: Extract<DemandNews, { kind: 'done' }>) => void) {
  const [reading, setReading] = useState<DemandReading>({ kind: 'idle' });
  const worker = useRef<Worker | null>(null);
  useEffect(
    () => () => {
      worker.current?.terminate();
    },
    [],
  );
  const read = useCallback(
    (order: DemandOrder) => {
      worker.current?.terminate();
      const made = new Worker(new URL('./demand.worker.ts', import.meta.url), { type: 'module' });
      made.onmessage = ({ data }: MessageEvent<DemandNews>) => {
        setReading(data);
        if (data.kind === 'done') onDone(data);
        if (data.kind !== 'progress') made.terminate();
      };
      made.onerror = () => {
        setReading({ kind: 'failed' });
      };
      worker.current = made;
      setReading({ kind: 'progress', share: 0 });
      made.postMessage(order);
    },
    [onDone],
  );
  const stop = useCallback(() => {
    worker.current?.terminate();
    setReading({ kind: 'stopped' });
  }, []);
  return { reading, read, stop };
}
