import type { NoRecord } from '../../core/demand/intervals';
import type { ReadRecord } from '../../core/demand/readRecord';
import { useWorker, type Work } from '../worker/useWorker';

/** A demand record that is being read, or was: how much of it, then what it came to or why it is none. */
export type DemandReading = Work<number, ReadRecord | NoRecord>;

/** Reads a demand record in a worker; a newer one takes the place of an older one. */
export const useDemandReader = (onDone: (result: ReadRecord | NoRecord) => void) =>
  useWorker('demand', onDone);
