import { analyseDemand, type DemandAnalysis } from './analyseDemand';
import type { NoRecord, Reading, ReadIntervals } from './intervals';
import { readEspi } from './readEspi';
import { readIntervalCsv } from './readIntervalCsv';

/** A record of demand read and analysed, with the rows that could not be read. */
export interface ReadRecord extends Pick<ReadIntervals, 'bad' | 'badCount'> {
  readonly analysis: DemandAnalysis;
}

/** Reads a record of demand, CSV or open XML by its first character, and finds what governs. */
export function* readRecord(text: string, source: string): Reading<ReadRecord | NoRecord> {
  const isXml = /^\s*\uFEFF?\s*</.test(text.slice(0, 200));
  const read = yield* isXml ? readEspi(text) : readIntervalCsv(text);
  if ('problem' in read) return read;
  const analysis = yield* analyseDemand(read.intervals, source);
  return { analysis, bad: read.bad, badCount: read.badCount };
}
