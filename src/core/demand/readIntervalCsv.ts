import Papa from 'papaparse';
import { readTime } from './clockTime';
import {
  MAX_CHARACTERS,
  MAX_TOLD,
  usualMinutes,
  type BadReading,
  type NoRecord,
  type Reading,
  type ReadIntervals,
} from './intervals';

/** Units of a column of readings, by what its header says, and what makes kilowatts or amperes of it. */
type Unit = 'kwh' | 'wh' | 'kw' | 'w' | 'amps';

/** Columns of a file by what they hold. */
interface Columns {
  readonly time: readonly number[];
  readonly values: readonly number[];
  readonly back: number | undefined;
  readonly unit: Unit;
  readonly duration: number | undefined;
}

const UNITS: readonly (readonly [RegExp, Unit])[] = [
  [/\bkwh\b|kilowatt.?hours?/i, 'kwh'],
  [/\bwh\b|watt.?hours?/i, 'wh'],
  [/\bkw\b|kilowatts?|\bdemand\b/i, 'kw'],
  [/\bw\b|\bwatts?\b/i, 'w'],
  [/\bamps?\b|\bamperes?\b|\ba\b|\bcurrent\b/i, 'amps'],
];
const TIME =
  /^(?:timestamp|date|time|date.?time|start|start.?(?:date|time)|interval.?start|from|period.?start)$/i;
const END = /\bend\b|\bto\b/i;
const BACK = /export|received|generat|return|\bback\b/i;
const DURATION = /duration|minutes/i;

const unitOf = (header: string): Unit | undefined => UNITS.find(([pattern]) => pattern.test(header))?.[1];

function columnsOf(headers: readonly string[], unit: Unit | undefined): Columns | NoRecord {
  const names = headers.map((header) => header.trim());
  const time = names.flatMap((name, at) => (TIME.test(name) && !END.test(name) ? [at] : []));
  if (time.length === 0) return { problem: 'no-time', detail: names.join(', ') };
  const duration = names.findIndex((name) => DURATION.test(name));
  const rest = names.flatMap((name, at) =>
    time.includes(at) || at === duration || END.test(name) ? [] : [at],
  );
  const back = rest.find((at) => BACK.test(names[at] ?? ''));
  const measured = rest.filter((at) => at !== back && unitOf(names[at] ?? '') !== undefined);
  const first = measured[0];
  if (first === undefined) return { problem: 'no-value', detail: names.join(', ') };
  const found = unit ?? unitOf(names[first] ?? '') ?? 'kwh';
  const values = found === 'amps' ? measured.slice(0, 2) : [first];
  return { time: time.slice(0, 2), values, back, unit: found, duration: duration < 0 ? undefined : duration };
}

const NUMBER = /^[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?$/i;
const numberOf = (cell: string | undefined): number | undefined => {
  const text = (cell ?? '').trim().replaceAll(',', '');
  return NUMBER.test(text) ? Number(text) : undefined;
};

/** How a value of a unit over so many minutes becomes kilowatts or amperes. */
const factor = (unit: Unit, minutes: number): number =>
  ({ kwh: 60 / minutes, wh: 60 / minutes / 1000, kw: 1, w: 0.001, amps: 1 })[unit];

/** Rows between two tellings of progress. */
const STEP = 4000;

/** The header is the first row of which a cell is called by a time; what stands above is the utility's letterhead. */
function headerAt(rows: readonly (readonly string[])[]): number {
  return rows.slice(0, 40).findIndex((row) => row.length > 1 && row.some((cell) => TIME.test(cell.trim())));
}

/**
 * Reads interval data from CSV: a time (or a date and a time), and kWh, Wh, kW, W, or amperes of one leg or two,
 * by the words of the header. Quantities that flow back are a column of their own or negative.
 *
 * @param unit what the values are, where the header is known to be wrong
 */
export function* readIntervalCsv(text: string, unit?: Unit): Reading<ReadIntervals | NoRecord> {
  if (text.length > MAX_CHARACTERS)
    return { problem: 'too-large', detail: `${Math.round(text.length / 1e6)} MB` };
  const { data: rows } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  yield 0.3;
  const header = headerAt(rows);
  if (header < 0) return { problem: 'no-time', detail: (rows[0] ?? []).slice(0, 8).join(', ') };
  const columns = columnsOf(rows[header] ?? [], unit);
  if ('problem' in columns) return columns;
  const count = rows.length - header - 1;
  if (count === 0) return { problem: 'no-rows', detail: '' };
  const [startMs, value] = [new Float64Array(count), new Float64Array(count)];
  const bad: BadReading[] = [];
  let [kept, badCount, exported, absolute] = [0, 0, 0, true];
  const refuse = (line: number, column: string, accepts: string): void => {
    badCount += 1;
    if (bad.length < MAX_TOLD) bad.push({ line, column, accepts });
  };
  for (let at = 0; at < count; at += 1) {
    if (at % STEP === 0) yield 0.3 + (0.6 * at) / count;
    const row = rows[header + 1 + at] ?? [];
    const line = header + 2 + at;
    const time = readTime(columns.time.map((column) => (row[column] ?? '').trim()).join(' '));
    const legs = columns.values.map((column) => numberOf(row[column]));
    const used = legs.reduce<number | undefined>(
      (acc, each) => (each === undefined ? acc : Math.max(acc ?? each, each)),
      undefined,
    );
    if (time === undefined)
      refuse(line, rows[header]?.[columns.time[0] ?? 0] ?? 'time', 'a time such as 2026-01-31 00:15');
    else if (used === undefined) refuse(line, rows[header]?.[columns.values[0] ?? 0] ?? 'value', 'a number');
    else {
      const back = columns.back === undefined ? 0 : (numberOf(row[columns.back]) ?? 0);
      if (back > 0 || used < 0) exported += 1;
      startMs[kept] = time.ms;
      value[kept] = used;
      absolute &&= time.absolute;
      kept += 1;
    }
  }
  if (kept === 0) return { problem: 'no-readings', detail: `${badCount} rows` };
  const starts = startMs.slice(0, kept);
  const minutes = usualMinutes(starts);
  const times = factor(columns.unit, minutes);
  const values = value.slice(0, kept).map((each) => each * times);
  return {
    intervals: {
      startMs: starts,
      value: values,
      minutes,
      measures: columns.unit === 'amps' ? 'amps' : 'kw',
      exported,
      absolute,
    },
    bad,
    badCount,
  };
}
