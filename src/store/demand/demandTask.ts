import { readRecord } from '../../core/demand/readRecord';

/** What the worker is asked to read. */
export interface DemandRequest {
  readonly text: string;
  readonly source: string;
}

/** Reads a demand record. */
export const demandTask = ({ text, source }: DemandRequest) => readRecord(text, source);
