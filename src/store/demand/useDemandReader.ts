import type { NoRecord } from '../../core/demand/intervals';
import type { ReadRecord } from '../../core/demand/readRecord';
import { useWorker, type Work } from '../worker/useWorker';

/** What the worker is asked to read. */
export interface DemandRequest {
  readonly text: string;
  readonly source: string;
}

/** A demand record that is being read, or was: how much of it, then what it came to or why it is none. */
export type DemandReading = Work<number, ReadRecord | NoRecord>;

const make = (): Worker => new Worker(new URL('./demand.worker.ts', import.meta.url), { type: 'module' });

/** Reads a demand record in a worker; a newer one takes the place of an older one. */
export const useDemandReader = (onDone: (result: ReadRecord | NoRecord) => void) =>
  useWorker<DemandRequest, number, ReadRecord | NoRecord>(make, onDone);
