import { omitUndefined } from '../units/omitUndefined';
import type { Circuit, Segment } from '../circuit/circuitSchema';
import type { DesignTemperatures } from '../circuit/designTemperatures';
import { designAmbient } from '../circuit/jobDefaults';
import { printNumber } from '../units/number';
import { usualStation } from '../circuit/stations';
import type { TypedSegment } from './readRoute';
import {
  BURIAL_WORD,
  METHOD_WORD,
  ROUTE_METHOD_WORDS,
  PLACE_WORD,
  ROUTE_PLACE_WORDS,
  STATION_WORD,
  STATION_WORDS,
} from './routeWordsTyped';

const n = (value: number): string => printNumber(value, 3);

function segmentText({
  method,
  lengthFt,
  place,
  heightFt,
  endHeightFt,
  bendsDeg,
  currentCarrying,
  burial,
  bored,
  sleeve,
}: Segment): string {
  const where =
    place === 'underground' ? `trench ${n(-heightFt * 12)}` : `${PLACE_WORD[place]} at ${n(heightFt)}`;
  return [
    METHOD_WORD[method],
    n(lengthFt),
    where,
    burial === undefined || burial === 'yard' ? '' : BURIAL_WORD[burial],
    bored === true ? 'bored' : '',
    `to ${n(endHeightFt)}`,
    bendsDeg === null ? '' : `bends ${n(bendsDeg)}`,
    currentCarrying === null ? '' : `carrying ${currentCarrying}`,
    sleeve === undefined ? '' : `sleeve ${sleeve}`,
  ]
    .filter((part) => part !== '')
    .join(' ');
}

/** The route of a circuit as it would be typed, nothing left to what is usual. */
export function printRoute({ run }: Circuit): string {
  return run
    .flatMap((segment, index) => {
      const next = run[index + 1];
      const kind = segment.end?.kind;
      const told = next !== undefined && kind !== undefined && kind !== usualStation(segment, next);
      const volume = segment.end?.boxIn3;
      const box = next !== undefined && volume !== undefined ? `box ${n(volume)}` : '';
      const station = told ? (kind === 'box' && box !== '' ? box : STATION_WORD[kind]) : box;
      return station === '' ? [segmentText(segment)] : [segmentText(segment), station];
    })
    .join(', ');
}

/** A typed segment as it is saved: what was known of the segment that it stands for stays. */
function savedSegment(
  typed: TypedSegment,
  was: Segment | undefined,
  design: DesignTemperatures,
  newId: string,
): Segment {
  const { station, boxIn3, bored, burial, sleeve, ...said } = typed;
  const same = was?.method === said.method && was.place === said.place;
  const kept = same ? was : undefined;
  const end = omitUndefined({ ...kept?.end, kind: station ?? undefined, boxIn3: boxIn3 ?? undefined });
  return omitUndefined({
    ...kept,
    ...said,
    id: was?.id ?? newId,
    ambientC: kept?.ambientC ?? designAmbient(design, said.place),
    bored: bored ? true : undefined,
    burial: burial === 'yard' ? undefined : burial,
    sleeve,
    end: Object.keys(end).length === 0 ? undefined : end,
  });
}

/** A circuit run the typed way. Segments that stay in method and place keep what else is known of them. */
export const withTypedRoute = (
  circuit: Circuit,
  typed: readonly TypedSegment[],
  design: DesignTemperatures,
  newId: () => string,
): Circuit => ({
  ...circuit,
  run: typed.map((each, index) => savedSegment(each, circuit.run[index], design, newId())),
});

const STARTS = [...ROUTE_METHOD_WORDS.keys()].filter((word) => !word.includes('-') && !word.includes('sch'));
const AFTER_LENGTH = [
  ...Object.keys(ROUTE_PLACE_WORDS),
  'down wall',
  'up wall',
  'trench 18',
  'trench 24',
  'bends 180',
  'driveway',
];

/** Lines that would complete what was typed so far, at most `most` of them. */
export function routeCompletions(text: string, max = 6): readonly string[] {
  const cut = text.lastIndexOf(',') + 1;
  const head = text.slice(0, cut);
  const part = text.slice(cut).trimStart();
  const space = head === '' ? '' : `${head} `;
  const words = part.split(/\s+/);
  const lastWord = words.at(-1) ?? '';
  const before = part.slice(0, part.length - lastWord.length);
  if (words.length === 1) {
    const stations = head === '' ? [] : Object.keys(STATION_WORDS);
    const starts = [...STARTS.map((word) => `${word} 20`), ...stations];
    return starts
      .filter((each) => each.startsWith(lastWord.toLowerCase()) && each !== lastWord)
      .slice(0, max)
      .map((each) => space + each);
  }
  if (/^\d/.test(lastWord) || words.length < 2) return [];
  return AFTER_LENGTH.filter((each) => each.startsWith(lastWord.toLowerCase()) && each !== lastWord)
    .slice(0, max)
    .map((each) => space + before + each);
}
