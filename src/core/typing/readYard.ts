import { LIMITS } from '../code/limits';
import type { Shell, WaterKind, YardThing } from '../code/waterFacts';
import { parseLength } from '../units/length';
import { isRefused } from '../units/refused';
import {
  freshLine,
  freshThing,
  freshWater,
  shapeOf,
  usualShell,
  type LineKind,
  type ShapeKind,
} from '../water/freshYard';
import { placedWater } from '../water/placedWater';
import { middleOfBounds, type Point } from '../water/point';
import type { Water, YardItem } from '../water/yardSchema';
import { lineName, thingName } from '../wording/waterWords';

/** What a line about the yard was read as, or what of it was not understood. */
export type TypedYard = { readonly items: readonly YardItem[] } | { readonly problem: string };

const THING_WORDS: readonly (readonly [RegExp, YardThing])[] = [
  [/^(pump receptacle|pump outlet)\b/, 'pump-receptacle'],
  [/^(water bond|water plate|bond plate|plate)\b/, 'water-plate'],
  [/^(pump|filter)\b/, 'pump'],
  [/^(heat pump|heater|chlorinator)\b/, 'heater'],
  [/^cover( motor)?\b/, 'cover-motor'],
  [/^(receptacle|outlet|gfci)\b/, 'receptacle'],
  [/^(timer|automation)\b/, 'timer'],
  [/^switch\b/, 'switch'],
  [/^(disconnect|spa panel)\b/, 'disconnect'],
  [/^(panel|pool panel|subpanel)\b/, 'panel'],
  [/^(camera|phone|data|doorbell)\b/, 'outlet'],
  [/^(other equipment|equipment|speaker|robot)\b/, 'equipment'],
  [/^(luminaire|lamp|fixture)\b/, 'luminaire'],
  [/^fan\b/, 'fan'],
  [/^(underwater light|pool light|light|niche)\b/, 'light'],
  [/^(junction box|light box|deck box)\b/, 'junction-box'],
  [/^(ladder|steps)\b/, 'ladder'],
  [/^(rail|handrail)\b/, 'rail'],
  [/^(diving board|board|slide)\b/, 'board'],
  [/^(drain|skimmer|fitting)\b/, 'drain'],
  [/^door\b/, 'door'],
  [/^window\b/, 'window'],
  [/^gate\b/, 'gate'],
  [/^(air conditioner|ac unit|ac|condenser)\b/, 'ac-unit'],
  [/^(pole|post)\b/, 'pole'],
];

const LINE_WORDS: readonly (readonly [RegExp, LineKind])[] = [
  [/^(house wall|house|wall)\b/, 'wall'],
  [/^(metal |wood |solid |chain link )*fence\b/, 'fence'],
  [/^(overhead|service drop|drop)\b/, 'overhead'],
  [/^(gas|water|metal)? ?(pipe|line)\b/, 'pipe'],
  [/^(trench|wiring|feeder)\b/, 'wiring'],
];

const DIRECTION: Readonly<Record<string, Point>> = {
  east: [1, 0],
  right: [1, 0],
  west: [-1, 0],
  left: [-1, 0],
  north: [0, 1],
  up: [0, 1],
  south: [0, -1],
  down: [0, -1],
};
const TO = new RegExp(`\\b(${Object.keys(DIRECTION).join('|')})\\b`);
const NUMBER = String.raw`\d+(?:\.\d+)?(?:'\d*"?| ft(?: \d+ in)?)?`;
const SIDES = new RegExp(`(${NUMBER})\\s*(?:x|×|by)\\s*(${NUMBER})`);
const ACROSS = new RegExp(`(${NUMBER})`);
const DEEP = /(\d+(?:\.\d+)?) ?(?:in|inch|inches|")(?![a-z-])/;

/** What stands on the inside wall unless a distance is typed. */
const IN_THE_WALL: ReadonlySet<YardThing> = new Set([
  'light',
  'ladder',
  'rail',
  'drain',
  'water-plate',
  'board',
]);
const USUAL_FT = 8;
const PAST_FT = 14;

const lengthIn = (text: string): number | undefined => {
  const read = parseLength(text);
  return isRefused(read) ? undefined : read;
};

const kindOf = (text: string): WaterKind => {
  if (/\b(hot tub|tub|spa)\b/.test(text)) return /\bindoors?\b/.test(text) ? 'spa-indoor' : 'spa-outdoor';
  if (/\b(storable|inflatable|soft[- ]?sided)\b/.test(text)) return 'storable';
  return /\babove[- ]?ground\b/.test(text) ? 'above-ground' : 'in-ground';
};

const SHELL_WORDS: readonly (readonly [RegExp, Shell])[] = [
  [/\b(coated|epoxy)\b/, 'concrete-coated'],
  [/\b(concrete|gunite|shotcrete)\b/, 'concrete-steel'],
  [/\b(vinyl|liner|resin|inflatable)\b/, 'vinyl'],
  [/\bfiberglass\b/, 'fiberglass'],
  [/\b(steel|metal|aluminum)\b/, 'metal-wall'],
];

const SHAPE_WORDS: readonly (readonly [RegExp, ShapeKind])[] = [
  [/\b(round|circle|circular)\b/, 'circle'],
  [/\bellipse\b/, 'oval'],
  [/\bstadium\b/, 'stadium'],
  [/\bkidney\b/, 'kidney'],
  [/\bl[- ]?shaped?\b/, 'ell'],
];

const wordOf = <T>(words: readonly (readonly [RegExp, T])[], text: string): T | undefined =>
  words.find(([word]) => word.test(text))?.[1];

const isWater = (text: string): boolean =>
  /\b(pool|hot tub|tub|spa)\b/.test(text) && !/^(spa panel|pool panel|pool light)/.test(text);

/** How deep it is, as a wall of so many inches. */
function withDepth(water: Water, text: string): Water {
  const deep = DEEP.exec(text)?.[1];
  if (deep === undefined) return water;
  const inches = Math.min(600, Number(deep));
  return { ...water, depthIn: inches, rimIn: water.kind === 'in-ground' ? 0 : inches };
}

function readWater(text: string, id: string): Water | string {
  const kind = kindOf(text);
  if (/\boval\b/.test(text))
    return 'An oval is a true ellipse, or two half circles with straight sides: type "ellipse 16 x 32" or "stadium 16 x 32".';
  const shape = wordOf(SHAPE_WORDS, text) ?? 'rectangle';
  const sides = SIDES.exec(text);
  const one = sides === null && shape === 'circle' ? ACROSS.exec(text)?.[1] : undefined;
  const [length, width] = [lengthIn(sides?.[1] ?? one ?? ''), lengthIn(sides?.[2] ?? one ?? '')];
  if (length === undefined || width === undefined || length < 2 || width < 2 || length > 500 || width > 500)
    return `Say how large it is, from 2 to 500 ft: "${shape === 'circle' ? 'pool round 24' : 'pool 16 x 32'}".`;
  const name = kind.startsWith('spa') ? 'Hot tub' : 'Pool';
  const fresh = freshWater(id, name, kind, shapeOf(shape, Math.max(length, width), Math.min(length, width)));
  const paved = /\bpaved\b/.test(text)
    ? 'paved'
    : /\bwood(en)? deck\b/.test(text)
      ? 'nonconductive'
      : 'unpaved';
  const shell =
    kind.startsWith('spa') && !/\b(concrete|gunite)\b/.test(text)
      ? usualShell(kind)
      : (wordOf(SHELL_WORDS, text) ?? usualShell(kind));
  return withDepth({ ...fresh, shell, perimeter: paved }, text);
}

/** Where a water is seen from its middle: how far its inside wall lies in a direction. */
function besideWater(water: Water, [dx, dy]: Point, ft: number): Point {
  const { outline } = placedWater(water);
  const along = outline.map(([x, y]) => x * dx + y * dy);
  const middle = middleOfBounds(outline);
  const out = Math.max(...along) + ft;
  return [dx === 0 ? middle[0] : dx * out, dy === 0 ? middle[1] : dy * out];
}

/** A line across a direction, long enough to pass the water on both sides. */
function across(water: Water, direction: Point, ft: number): readonly Point[] {
  const [x, y] = besideWater(water, direction, ft);
  const { outline } = placedWater(water);
  const [dx] = direction;
  const along = outline.map((point) => (dx === 0 ? point[0] : point[1]));
  const [from, to] = [Math.min(...along) - PAST_FT, Math.max(...along) + PAST_FT];
  return dx === 0
    ? [
        [from, y],
        [to, y],
      ]
    : [
        [x, from],
        [x, to],
      ];
}

const turnedBy = ([x, y]: Point, northDeg: number): Point => {
  const turn = (northDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return [Math.round(x * cos - y * sin), Math.round(x * sin + y * cos)];
};

interface Around {
  readonly water: Water | undefined;
  readonly northDeg: number;
  readonly newId: () => string;
}

/** What stands beside the water: "pump 11 ft east", "metal fence 4 ft south". */
function readBeside(text: string, { water, northDeg, newId }: Around): YardItem | string {
  const thing = wordOf(THING_WORDS, text);
  const line = thing === undefined ? wordOf(LINE_WORDS, text) : undefined;
  if (thing === undefined && line === undefined)
    return `"${text}" was not understood. Type a pool or tub with its size, or what stands by it: "pump 11 ft east", "metal fence 4 ft south", "house wall 20 ft north".`;
  if (water === undefined) return 'Type the pool or tub first: "pool 16 x 32 in-ground concrete".';
  const to = DIRECTION[TO.exec(text)?.[1] ?? ''];
  if (to === undefined) return `Say on which side "${text}" is: north, south, east or west.`;
  const typed = new RegExp(`(${NUMBER})\\s*(?:ft|feet)?\\s*(?:to the\\s*)?(?:${TO.source})`).exec(text)?.[1];
  const ft = typed === undefined ? undefined : lengthIn(typed);
  if (typed !== undefined && (ft === undefined || ft > LIMITS.planFt / 2))
    return `Say how far "${text}" is from the inside wall, as in 11 ft.`;
  const direction = turnedBy(to, northDeg);
  if (thing !== undefined) {
    const at = besideWater(water, direction, ft ?? (IN_THE_WALL.has(thing) ? 0 : USUAL_FT));
    return { list: 'things', item: freshThing(newId(), thingName[thing], thing, at) };
  }
  const kind = line ?? 'wall';
  const item = freshLine(newId(), lineName[kind], kind, across(water, direction, ft ?? USUAL_FT));
  if (item.kind !== 'fence') return { list: 'lines', item };
  const metal = /\b(metal|chain|steel|aluminum|iron)\b/.test(text)
    ? true
    : /\b(wood|vinyl)\b/.test(text)
      ? false
      : null;
  return { list: 'lines', item: { ...item, metal, solid: /\bsolid\b/.test(text) } };
}

/**
 * Reads a line about the yard, parts with commas between: "pool 16 x 32 in-ground concrete, pump 11 ft east, metal fence
 * 4 ft south". Distances are from the inside wall, in the middle of the side that is named.
 *
 * @param around The water that things stand by until the line names one, and where north is.
 */
export function readYard(text: string, around: Around): TypedYard {
  if (text.length > LIMITS.typedLine)
    return { problem: `The line has ${text.length} characters; ${LIMITS.typedLine} is the most.` };
  const parts = text
    .toLowerCase()
    .split(/[,;\n]/)
    .map((part) => part.trim().replace(/\s+/g, ' '))
    .filter((part) => part !== '');
  const items: YardItem[] = [];
  let { water } = around;
  for (const part of parts) {
    if (isWater(part)) {
      const read = readWater(part, around.newId());
      if (typeof read === 'string') return { problem: read };
      water = water === undefined ? read : { ...read, at: freeOf(water, read) };
      items.push({ list: 'waters', item: water });
      continue;
    }
    const read = readBeside(part, { ...around, water });
    if (typeof read === 'string') return { problem: read };
    items.push(read);
  }
  return items.length === 0
    ? {
        problem:
          'Type a pool or tub with its size, as in "pool 16 x 32 in-ground concrete, pump 11 ft east".',
      }
    : { items };
}

/** Where a further water lies: to the left of the one that is there. */
function freeOf(there: Water, fresh: Water): [number, number] {
  const [left] = besideWater(there, [-1, 0], 6);
  const half = besideWater({ ...fresh, at: [0, 0] }, [1, 0], 0)[0];
  return [left - half, there.at[1]];
}
