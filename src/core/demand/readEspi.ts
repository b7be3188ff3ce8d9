import { SaxesParser } from 'saxes';
import {
  MAX_CHARACTERS,
  MAX_TOLD,
  usualMinutes,
  type BadReading,
  type NoRecord,
  type Reading,
  type ReadIntervals,
} from './intervals';

/** Units of measure that a reading type may name, by their number, and what makes watt-hours or watts of them. */
const UOM_WH = 72;
const UOM_W = 38;
const UOM_A = 5;
/** Direction of flow: to the house, and from it. */
const RECEIVED = 19;

/** Characters between two tellings of progress. */
const CHUNK = 262_144;
/** Deepest nesting and most text of one element that a true record has. */
const MAX_DEPTH = 24;
const MAX_TEXT = 4000;

interface Found {
  readonly startMs: number[];
  readonly value: number[];
  readonly seconds: number[];
  readonly bad: BadReading[];
  badCount: number;
  exported: number;
  uom: number;
  power: number;
  direction: number;
}

/** Local name of an element, whatever its prefix. */
const local = (name: string): string => name.slice(name.indexOf(':') + 1);

interface Open {
  start: string;
  duration: string;
  value: string;
}

/** Takes what a closed reading said; what is no number is told by the number of the reading. */
function close({ start, duration, value }: Open, found: Found): void {
  const [from, seconds, amount] = [Number(start), Number(duration), Number(value)];
  const wrong = [
    ['start', start === '' || !Number.isFinite(from)],
    ['duration', duration !== '' && !(seconds > 0)],
    ['value', value === '' || !Number.isFinite(amount)],
  ].find(([, is]) => is === true);
  if (wrong !== undefined) {
    found.badCount += 1;
    if (found.bad.length < MAX_TOLD)
      found.bad.push({
        line: found.value.length + found.badCount,
        column: String(wrong[0]),
        accepts: 'a number',
      });
    return;
  }
  if (found.direction === RECEIVED || amount < 0) found.exported += 1;
  found.startMs.push(from * 1000);
  found.seconds.push(seconds > 0 ? seconds : 0);
  found.value.push(found.direction === RECEIVED ? -Math.abs(amount) : amount);
}

class Hostile extends Error {}

/** A parser that gathers readings and their type, and stops at what no true record has. */
function parserFor(found: Found): SaxesParser {
  const parser = new SaxesParser({ position: false });
  const path: string[] = [];
  let open: Open = { start: '', duration: '', value: '' };
  let text = '';
  parser.on('doctype', () => {
    throw new Hostile('doctype');
  });
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', ({ name }) => {
    path.push(local(name));
    text = '';
    if (path.length > MAX_DEPTH) throw new Hostile('depth');
    if (path.at(-1) === 'IntervalReading') open = { start: '', duration: '', value: '' };
  });
  parser.on('text', (part) => {
    text += part;
    if (text.length > MAX_TEXT) throw new Hostile('text');
  });
  parser.on('closetag', () => {
    const name = path.pop() ?? '';
    const inside = path.at(-1) ?? '';
    const said = text.trim();
    text = '';
    if (name === 'IntervalReading') close(open, found);
    else if (path.includes('IntervalReading')) {
      if (name === 'start') open.start = said;
      else if (name === 'duration') open.duration = said;
      else if (name === 'value' && inside === 'IntervalReading') open.value = said;
    } else if (inside === 'ReadingType') {
      if (name === 'uom') found.uom = Number(said);
      else if (name === 'powerOfTenMultiplier') found.power = Number(said);
      else if (name === 'flowDirection') found.direction = Number(said);
    }
  });
  return parser;
}

/** Feeds the whole text, telling how far it is; what went wrong, if anything did. */
function* fed(text: string, found: Found): Reading<NoRecord | undefined> {
  const parser = parserFor(found);
  try {
    for (let at = 0; at < text.length; at += CHUNK) {
      parser.write(text.slice(at, at + CHUNK));
      yield (0.9 * at) / text.length;
    }
    parser.close();
  } catch (error) {
    if (error instanceof Hostile) return { problem: 'hostile', detail: error.message };
    const problem = found.value.length > 0 ? 'truncated' : 'not-xml';
    return { problem, detail: error instanceof Error ? error.message.slice(0, 120) : '' };
  }
  return undefined;
}

/**
 * Reads interval data from the open XML of utility usage data (ESPI in an Atom feed): readings with their start and
 * duration in seconds, under a reading type with unit, power of ten and direction. A document type, deep nesting and
 * endless text are refused: no true record has them.
 */
export function* readEspi(text: string): Reading<ReadIntervals | NoRecord> {
  if (text.length > MAX_CHARACTERS)
    return { problem: 'too-large', detail: `${Math.round(text.length / 1e6)} MB` };
  const found: Found = {
    startMs: [],
    value: [],
    seconds: [],
    bad: [],
    badCount: 0,
    exported: 0,
    uom: UOM_WH,
    power: 0,
    direction: 1,
  };
  const wrong = yield* fed(text, found);
  if (wrong !== undefined) return wrong;
  if (found.value.length === 0) return { problem: 'no-readings', detail: `${found.badCount}` };
  if (![UOM_WH, UOM_W, UOM_A].includes(found.uom)) return { problem: 'unit', detail: String(found.uom) };
  const usual = usualMinutes(found.startMs);
  const scale = 10 ** found.power;
  const value = Float64Array.from(found.value, (each, at) => {
    if (found.uom === UOM_A) return each * scale;
    const minutes = (found.seconds[at] ?? 0) > 0 ? (found.seconds[at] ?? 0) / 60 : usual;
    return (each * scale * (found.uom === UOM_WH ? 60 / minutes : 1)) / 1000;
  });
  return {
    intervals: {
      startMs: Float64Array.from(found.startMs),
      value,
      minutes: usual,
      measures: found.uom === UOM_A ? 'amps' : 'kw',
      exported: found.exported,
      absolute: true,
    },
    bad: found.bad,
    badCount: found.badCount,
  };
}
