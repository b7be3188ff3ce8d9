import { useMemo } from 'react';
import type { SourceEntry } from '../../core/sources/sourcesDocument';
import { useAppSelector } from '../store';

const NONE: readonly SourceEntry[] = [];

/** Fields of the plate of a circuit that stand though nobody read them. */
export function useAssumedPlate(circuitId: string): ReadonlySet<string> {
  const keys = useAppSelector(({ job: open }) => {
    const start = `circuit:${circuitId}/nameplate.`;
    const sources = open.status === 'ready' ? open.job.sources : NONE;
    return sources
      .flatMap(({ input, source }) =>
        source.kind === 'assumed' && input.startsWith(start) ? [input.slice(start.length)] : [],
      )
      .join(' ');
  });
  return useMemo(() => new Set(keys === '' ? [] : keys.split(' ')), [keys]);
}
