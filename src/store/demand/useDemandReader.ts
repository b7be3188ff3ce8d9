import { useCallback, useEffect, useRef, useState } from 'react';
import type { DemandMessage, DemandRequest } from './messages';

/** A record of demand that is being read, or was. */
export type DemandReading =
  { readonly kind: 'idle' } | { readonly kind: 'stopped' } | { readonly kind: 'failed' } | DemandMessage;

/** Reads a record of demand in a worker; a newer one takes the place of an older one. */
export function useDemandReader(onDone: (message: Extract<DemandMessage, { kind: 'done' }>) => void) {
  const [reading, setReading] = useState<DemandReading>({ kind: 'idle' });
  const worker = useRef<Worker | null>(null);
  useEffect(
    () => () => {
      worker.current?.terminate();
    },
    [],
  );
  const read = useCallback(
    (order: DemandRequest) => {
      worker.current?.terminate();
      const made = new Worker(new URL('./demand.worker.ts', import.meta.url), { type: 'module' });
      made.onmessage = ({ data }: MessageEvent<DemandMessage>) => {
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
