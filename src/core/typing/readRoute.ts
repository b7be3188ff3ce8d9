import { LIMITS } from '../code/limits';
import type { Segment } from '../circuit/circuitSchema';
import { usualHeightFt } from '../circuit/newCircuit';
import type { MethodId, Environment } from '../code/methods';
import { METHODS } from '../code/methods';
import type { StationBetween } from '../code/routeKinds';
import { parseLength } from '../units/length';
import { isRefused } from '../units/refused';
import { BURIAL_WORDS, ROUTE_METHOD_WORDS, ROUTE_PLACE_WORDS, STATION_WORDS } from './routeWordsTyped';

/** One segment as it was typed: what was not said is left out. */
export interface TypedSegment {
  readonly method: MethodId;
  readonly lengthFt: number;
  readonly place: Environment;
  readonly heightFt: number;
  readonly endHeightFt: number;
  readonly bendsDeg: number | null;
  readonly currentCarrying: number | null;
  readonly burial: Segment['burial'];
  readonly bored: boolean;
  readonly sleeve: Segment['sleeve'];
  /** What was typed after it, where anything was. */
  readonly station: StationBetween | null;
  /** Volume of the box that was typed after it. */
  readonly boxIn3: number | null;
}

/** A way as it was typed, or why it was not understood: the part of the line, and what is accepted there. */
export type TypedRoute =
  | { readonly ok: true; readonly segments: readonly TypedSegment[] }
  | { readonly ok: false; readonly part: string; readonly message: string };

/** Where an appliance or the next station stands until somebody says otherwise, feet above grade. */
const END_FT = { appliance: 4, risen: 2, box: 6, min: 1, max: 9 } as const;

/** The heights of a segment that says nothing of them. */
function usualHeights(
  {
    place,
    method,
    turn,
    lengthFt,
    last,
  }: {
    place: Environment;
    method: MethodId;
    turn: 'down' | 'up' | 'wall' | null;
    lengthFt: number;
    last: boolean;
  },
  fromFt: number,
): { readonly heightFt: number; readonly endHeightFt: number } {
  const heightFt = turn === null ? usualHeightFt(place, method) : fromFt;
  if (turn === 'down') return { heightFt, endHeightFt: Math.max(END_FT.min, fromFt - lengthFt) };
  if (turn === 'up') return { heightFt, endHeightFt: Math.min(END_FT.max, fromFt + lengthFt) };
  if (last) return { heightFt, endHeightFt: END_FT.appliance };
  if (place === 'underground') return { heightFt, endHeightFt: END_FT.risen };
  return { heightFt, endHeightFt: Math.min(heightFt, END_FT.box) };
}

interface Words {
  place: Environment | null;
  turn: 'down' | 'up' | 'wall' | null;
  heightFt: number | null;
  endHeightFt: number | null;
  bendsDeg: number | null;
  currentCarrying: number | null;
  burial: Segment['burial'];
  bored: boolean;
  sleeve: Segment['sleeve'];
}

const NOTHING_SAID: Words = {
  place: null,
  turn: null,
  heightFt: null,
  endHeightFt: null,
  bendsDeg: null,
  currentCarrying: null,
  burial: undefined,
  bored: false,
  sleeve: undefined,
};

const NUMBER = String.raw`-?\d+(?:\.\d+)?`;

/** What may be said of a segment: the shape of the words, and what they mean. */
const SAYINGS: readonly (readonly [
  shape: RegExp,
  takes: (said: Words, found: RegExpExecArray) => boolean,
])[] = [
  [
    new RegExp(`^(trench|buried|underground)\\s+(${NUMBER})\\s*(?:in|")?(?=\\s|$)`),
    (said, [, , inches]) => {
      said.place = 'underground';
      said.heightFt = -Number(inches) / 12;
      return true;
    },
  ],
  [
    new RegExp(`^(at|to)\\s+(${NUMBER})\\s*(?:ft|')?(?=\\s|$)`),
    (said, [, which, height]) => {
      said[which === 'at' ? 'heightFt' : 'endHeightFt'] = Number(height);
      return Math.abs(Number(height)) <= 60;
    },
  ],
  [/^bends?\s+(\d+)\s*(?:°|deg)?(?=\s|$)/, (said, [, degrees]) => bends(said, Number(degrees))],
  [/^(\d+)\s*(?:sweeps?|elbows?|bends?)(?=\s|$)/, (said, [, count]) => bends(said, 90 * Number(count))],
  [/^(\d+)\s*(?:°|deg)(?=\s|$)/, (said, [, degrees]) => bends(said, Number(degrees))],
  [
    /^carrying\s+(\d+)(?=\s|$)/,
    (said, [, count]) => {
      said.currentCarrying = Number(count);
      return said.currentCarrying >= 1 && said.currentCarrying <= 60;
    },
  ],
  [
    /^sleeve\s+(emt|pvc80|pvc40|pvc|rmc|imc)(?=\s|$)/,
    (said, [, method]) => {
      said.sleeve =
        method === 'pvc'
          ? 'pvc40'
          : method === 'emt' || method === 'rmc' || method === 'imc' || method === 'pvc80'
            ? method
            : 'pvc40';
      return true;
    },
  ],
  [/^bored(?=\s|$)/, (said) => (said.bored = true)],
  [
    /^(down|up)(?=\s|$)/,
    (said, [, route]) => {
      said.turn = route === 'up' ? 'up' : 'down';
      return true;
    },
  ],
  [
    /^wall(?=\s|$)/,
    (said) => {
      said.turn ??= 'wall';
      return true;
    },
  ],
  [/^(?:in|the|of|under|along|through|a)(?=\s|$)/, () => true],
];

function bends(said: Words, degrees: number): boolean {
  said.bendsDeg = degrees;
  return degrees <= 1440;
}

/** Reads what is said of a segment, word by word; the first that is not understood is given back. */
function readWords(text: string): Words | string {
  const said = { ...NOTHING_SAID };
  let rest = text.trim();
  while (rest !== '') {
    const saying = SAYINGS.map(([shape, takes]) => ({ found: shape.exec(rest), takes })).find(
      ({ found }) => found !== null,
    );
    if (saying?.found) {
      if (!saying.takes(said, saying.found)) return saying.found[0];
      rest = rest.slice(saying.found[0].length).trim();
      continue;
    }
    const word = rest.split(/\s+/)[0] ?? '';
    const place = ROUTE_PLACE_WORDS[word];
    const burial = BURIAL_WORDS[word];
    if (place === undefined && burial === undefined) return word;
    if (place !== undefined) said.place = place;
    if (burial !== undefined) said.burial = burial;
    rest = rest.slice(word.length).trim();
  }
  return said;
}

const LENGTH = /^(\d+(?:\.\d+)?(?:\s*(?:'|ft\b))?(?:\s*\d+(?:\.\d+)?\s*(?:"|in\b))?)/;

type Part =
  | { readonly kind: 'station'; readonly station: StationBetween; readonly boxIn3: number | null }
  | { readonly kind: 'segment'; readonly method: MethodId; readonly lengthFt: number; readonly said: Words };

const refuse = (part: string, message: string): TypedRoute => ({ ok: false, part, message });

const METHOD_LIST = 'nm, uf, mc, ser, emt, pvc, pvc80, rmc, imc, fmc, lfmc, lfnc or ent';

function readPart(text: string): Part | TypedRoute {
  const station = /^(pull box|conduit body|[a-z]+)(?:\s+(\d+(?:\.\d+)?)(?:\s*in³?)?)?$/.exec(text);
  const kind = station === null ? undefined : STATION_WORDS[station[1] ?? ''];
  if (kind !== undefined) {
    const volume = station?.[2];
    return { kind: 'station', station: kind, boxIn3: volume === undefined ? null : Number(volume) };
  }
  const word = text.split(/\s+/)[0] ?? '';
  const method = ROUTE_METHOD_WORDS.get(word);
  if (method === undefined) {
    return refuse(
      text,
      `"${word}" is neither a method nor a station: start with ${METHOD_LIST}, or box, body, coupling, disconnect.`,
    );
  }
  const rest = text.slice(word.length).trim();
  const length = LENGTH.exec(rest)?.[1];
  const lengthFt = length === undefined ? undefined : parseLength(length);
  if (lengthFt === undefined || isRefused(lengthFt) || lengthFt < 0.5 || lengthFt > LIMITS.segmentFt) {
    return refuse(
      text,
      `After ${word} comes its length in feet, 0.5 to ${LIMITS.segmentFt}, as in "${word} 38".`,
    );
  }
  const said = readWords(rest.slice(length?.length ?? 0));
  if (typeof said === 'string') {
    return refuse(
      text,
      `"${said}" was not understood: say where it runs (joists, attic, wall, outside, trench 18), "at 8", "to 4", or "bends 180".`,
    );
  }
  return { kind: 'segment', method, lengthFt, said };
}

const tidy = (text: string): string =>
  text
    .toLowerCase()
    .replace(/pvc\s+sch(?:edule)?\s*(40|80)/g, 'pvc$1')
    .replace(/sch(?:edule)?\s*(40|80)\s+pvc/g, 'pvc$1');

const placeOf = (said: Words, method: MethodId, before: Environment): Environment => {
  if (said.place !== null) return said.place;
  if (said.burial !== undefined || said.bored) return 'underground';
  if (before === 'underground' && method !== 'uf-b') {
    // What came out of the ground goes on outdoors in raceway, and indoors in cable.
    return METHODS[method].kind === 'raceway' ? 'outdoor' : 'indoor';
  }
  return METHODS[method].kind === 'raceway' && before === 'attic' ? 'indoor' : before;
};

/**
 * Reads a route from a line: segments and stations with commas between, as in
 * "nm 38 joists, box, emt 12 down wall, pvc 45 trench 18, lfnc 4". Lengths are feet, depths of a trench inches.
 * What is not understood is named, with what would be.
 */
export function readRoute(text: string, startHeightFt: number): TypedRoute {
  if (text.length > LIMITS.typedLine)
    return refuse('', `The line has ${text.length} characters; ${LIMITS.typedLine} is the most.`);
  const parts = tidy(text)
    .split(/[,;\n]|\bthen\b/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length === 0)
    return refuse('', 'Type segments with commas between, as in "nm 38 joists, box, emt 12 down wall".');
  const read = parts.map(readPart);
  const segments: TypedSegment[] = [];
  let [fromFt, before]: [number, Environment] = [startHeightFt, 'indoor'];
  for (const [at, part] of read.entries()) {
    if ('ok' in part) return part;
    if (part.kind === 'station') {
      const last = segments.at(-1);
      const next = read[at + 1];
      if (last === undefined || next === undefined || 'ok' in next || next.kind === 'station') {
        return refuse(parts[at] ?? '', 'A station stands between two segments: "nm 38 joists, box, emt 12".');
      }
      segments[segments.length - 1] = { ...last, station: part.station, boxIn3: part.boxIn3 };
      continue;
    }
    const { method, lengthFt, said } = part;
    const place = placeOf(said, method, before);
    const last = !read.slice(at + 1).some((each) => 'kind' in each && each.kind === 'segment');
    const usual = usualHeights({ place, method, turn: said.turn, lengthFt, last }, fromFt);
    const { bendsDeg, currentCarrying, burial, bored, sleeve } = said;
    const heightFt = said.heightFt ?? usual.heightFt;
    const endHeightFt = said.endHeightFt ?? usual.endHeightFt;
    segments.push({
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
      station: null,
      boxIn3: null,
    });
    [fromFt, before] = [endHeightFt, place];
  }
  return segments.length > LIMITS.segments
    ? refuse(parts[LIMITS.segments] ?? '', `A run has ${LIMITS.segments} segments at most.`)
    : { ok: true, segments };
}
