import { analyseDemand, type DemandAnalysis } from './analyseDemand';
import type { NoRecord, Reading, ReadIntervals } from './intervals';
import { readEspi } from './readEspi';
import { readIntervalCsv } from './readIntervalCsv';

/** A demand record read and analysed, with the rows that could not be read. */
export interface ReadRecord extends Pick<ReadIntervals, 'bad' | 'badCount'> {
  readonly analysis: DemandAnalysis;
}

/** Reading is this share of the work, finding the peak the rest. */
const READING = 0.7;

/** The progress of a part of the work as progress of the whole. */
function* scaled<T>(part: Reading<T>, from: number, to: number): Reading<T> {
  let step = part.next();
  while (step.done !== true) {
    yield from + (to - from) * step.value;
    step = part.next();
  }
  return step.value;
}

/** Reads a demand record, CSV or open XML by its first character, and finds what governs. */
export function* readRecord(text: string, source: string): Reading<ReadRecord | NoRecord> {
  const isXml = /^\s*\uFEFF?\s*</.test(text.slice(0, 200));
  const read = yield* scaled<ReadIntervals | NoRecord>(
    isXml ? readEspi(text) : readIntervalCsv(text),
    0,
    READING,
  );
  if ('problem' in read) return read;
  const analysis = yield* scaled(analyseDemand(read.intervals, source), READING, 1);
  return { analysis, bad: read.bad, badCount: read.badCount };
}
