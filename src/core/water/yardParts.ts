import type { BondPart, YardThing } from '../code/waterFacts';
import type { BondItem } from './bonding';
import { apart, type Point } from './point';
import { nearestOn, piecesOf } from './segments';
import type { PlacedWater } from './placedWater';
import { standFt, surfaceFt } from './surface';
import type { Thing, Water, YardArea, YardLine } from './yardSchema';
import type { Measured, ZoneObject } from './zones';

/** What a thing is to the rules of distances; what is left out has none. */
const ZONE_OF: Readonly<Partial<Record<YardThing, ZoneObject>>> = {
  receptacle: 'receptacle',
  'pump-receptacle': 'pump-receptacle',
  switch: 'switch',
  timer: 'switch',
  panel: 'switch',
  disconnect: 'disconnect',
  outlet: 'outlet',
  luminaire: 'luminaire',
  fan: 'fan',
  'junction-box': 'junction-box',
  equipment: 'equipment',
  'ac-unit': 'equipment',
  'cover-motor': 'cover-motor',
};

/** What a thing is to the rules of bonding; boxes and devices count only where they are of metal. */
const PART_OF: Readonly<Partial<Record<YardThing, BondPart>>> = {
  pump: 'pump',
  heater: 'heater',
  'cover-motor': 'cover-motor',
  ladder: 'ladder-cup',
  rail: 'rail',
  light: 'light-shell',
  drain: 'drain-ring',
  board: 'board-frame',
  gate: 'gate',
  door: 'window-frame',
  window: 'window-frame',
  'ac-unit': 'ac-unit',
  pole: 'pole',
  raceway: 'raceway',
  furniture: 'furniture',
};

/** Parts that are metal unless somebody saw otherwise: leaving one out would be the dangerous guess. */
const USUALLY_METAL: ReadonlySet<YardThing> = new Set([
  'pump',
  'heater',
  'cover-motor',
  'ladder',
  'rail',
  'light',
  'drain',
  'board',
  'ac-unit',
]);

/** The equipment of the water: it is bonded at any distance, and its disconnect is in sight of it. */
export const isEquipment = ({ kind }: { readonly kind: string }): boolean =>
  kind === 'pump' || kind === 'heater' || kind === 'cover-motor';

/** What a thing is to the rules of distances; undefined where they do not know it. */
export const zoneObject = ({ kind }: Thing): ZoneObject | undefined => ZONE_OF[kind];

/** Height of the maximum water level above grade, feet: the rim, over which the water spills. */
export const waterLevelFt = ({ rimIn }: Pick<Water, 'rimIn'>): number => (rimIn ?? 0) / 12;

/** A thing as the rules of distances measure it. */
export const measuredThing = (
  thing: Thing,
  object: ZoneObject,
  { kind: water, rimIn, indoors }: Pick<Water, 'kind' | 'rimIn' | 'indoors'>,
  areas: readonly YardArea[],
  distances: { readonly distanceFt: number; readonly pathFt: number | null },
): Measured => ({
  water,
  object,
  ...distances,
  heightFt: thing.heightFt === undefined ? undefined : thing.heightFt - waterLevelFt({ rimIn }),
  aboveSurfaceFt: thing.heightFt === undefined ? undefined : thing.heightFt - surfaceFt(thing.at, areas),
  gfci: thing.gfci,
  existing: thing.existing,
  rigid: thing.rigid,
  indoors,
  enclosed: thing.enclosed,
  lowVoltage: thing.lowVoltage,
  barrier: thing.barrier,
});

/** Something that may have to be bonded, and where. */
export interface BondCandidate {
  readonly id: string;
  readonly name: string;
  readonly kind: YardThing | 'fence' | 'pipe';
  readonly at: Point;
  readonly item: BondItem;
  /** Whether nobody has said yet that it is metal. */
  readonly metalUnknown: boolean;
  /** Whether it was found bonded; undefined where that is planned. */
  readonly bonded: boolean | undefined;
  readonly pigtail: boolean | undefined;
}

const REACH_FT = 5;

/** How far a hand at the water is from something: straight, and past walls of 5 ft and more; null where they enclose it. */
interface HandAt {
  readonly distanceFt: number;
  readonly pastFt: number | null;
}

/** Whether a permanent barrier keeps a hand at the water from something that is near it. */
const isKeptOff = ({ distanceFt, pastFt }: HandAt): boolean =>
  distanceFt <= REACH_FT && (pastFt === null || pastFt > REACH_FT);

/** A thing as the rules of bonding see it; undefined where they do not know it. */
export function bondThing(
  thing: Thing,
  water: Water,
  areas: readonly YardArea[],
  hand: HandAt,
): BondCandidate | undefined {
  const { id, name, kind, at, heightFt, metal, isolated, acrossIn, deepIn, doubleInsulated, fixed } = thing;
  const what = PART_OF[kind] ?? (zoneObject(thing) !== undefined && metal === true ? 'raceway' : undefined);
  if (what === undefined) return undefined;
  const metalUnknown = metal === undefined && !USUALLY_METAL.has(kind) && kind !== 'furniture';
  return {
    id,
    name,
    kind,
    at,
    metalUnknown,
    bonded: thing.bonded,
    pigtail: thing.pigtail,
    item: {
      what,
      metal: metal ?? true,
      isolated,
      maxDimIn: acrossIn,
      penetrationIn: deepIn,
      distanceFt: hand.distanceFt,
      // From the water, or from the highest platform beside it, whichever leaves the less.
      heightFt:
        heightFt === undefined ? undefined : heightFt - Math.max(waterLevelFt(water), standFt(at, areas)),
      barrier: thing.barrier === true || isKeptOff(hand),
      doubleInsulated,
      fixed,
    },
  };
}

/** The place of a line that is nearest to the water: where a corner of one of the two comes nearest to the other. */
export function nearestPlace({ points }: YardLine, { edge, outline }: PlacedWater): Point {
  const ends = points.map((place) => {
    const end = edge.nearest(place);
    return { place, ft: edge.holds(place) || end === undefined ? 0 : apart(place, end) };
  });
  const between = piecesOf(points).flatMap((piece) =>
    outline.map((corner) => {
      const place = nearestOn(piece, corner);
      return { place, ft: apart(place, corner) };
    }),
  );
  const near = [...ends, ...between].reduce((best, each) => (each.ft < best.ft ? each : best));
  return near.place;
}

/** A fence or pipe as the rules of bonding see it, at its place nearest to the water; undefined for other lines. */
export function bondLine(
  line: YardLine,
  water: Water,
  placed: PlacedWater,
  distanceTo: (place: Point) => number,
): BondCandidate | undefined {
  if (line.kind !== 'fence' && line.kind !== 'pipe') return undefined;
  const at = nearestPlace(line, placed);
  return {
    id: line.id,
    name: line.name,
    kind: line.kind,
    at,
    metalUnknown: line.metal === null,
    bonded: undefined,
    pigtail: undefined,
    item: {
      what: line.kind === 'fence' ? 'fence-post' : 'pipe',
      metal: line.metal ?? true,
      distanceFt: distanceTo(at),
      heightFt: line.kind === 'pipe' ? line.heightFt - waterLevelFt(water) : undefined,
    },
  };
}
