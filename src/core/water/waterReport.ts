import type { Practices } from '../circuit/practices';
import type { Edition } from '../code/edition';
import { bondingPlan, type BondingPlan, type ItemVerdict } from './bonding';
import { aroundRing } from './aroundRing';
import { bondGrid, type BondGrid } from './bondGrid';
import { bondRing, shellTies, type BondRing, type ShellTies } from './bondRing';
import { cordWays, type Cord } from './cordWays';
import { copperOf, type Copper } from './copper';
import { placedWater, type PlacedWater } from './placedWater';
import type { Point } from './point';
import { closedLine } from './segments';
import { straightToWater } from './reach';
import { AT_EQUIPMENT, AT_METAL, tailsFrom, type Tail } from './tails';
import { waterEdge } from './waterEdge';
import { wallsOf } from './yardBarriers';
import { bondLine, bondThing, isEquipment, measuredThing, zoneObject, type BondCandidate } from './yardParts';
import type { Thing, Water, Yard } from './yardSchema';
import { zoneVerdict, type ZoneObject, type ZoneVerdict } from './zones';

/** What a water is judged by besides itself. */
export interface WaterQuestion {
  readonly water: Water;
  /** Where it lies, for whoever has worked that out already. */
  readonly placed?: PlacedWater;
  readonly yard: Pick<Yard, 'lines' | 'areas' | 'things'>;
  /** What is nearer to this water than to any other, by its id: a part is bonded at the nearest. */
  readonly nearest: ReadonlySet<string>;
  readonly practices: Pick<Practices, 'bondTaps' | 'ringAround'>;
  readonly code: Edition;
}

/** Something in the yard, and how far it is from a water. */
export interface ThingAt {
  readonly thing: Thing;
  readonly distanceFt: number;
  /** The way that a cord or a hand takes; null where walls enclose it. */
  readonly reach: Cord | null;
  readonly object: ZoneObject | undefined;
  /** How it stands in its zone; undefined where no rule of distances knows it. */
  readonly verdict: ZoneVerdict | undefined;
  /** Whether no other water is nearer. */
  readonly isNearest: boolean;
}

/** A part that may have to be bonded, with what is said of it and its tail. */
export interface BondedPart {
  readonly candidate: BondCandidate;
  readonly verdict: ItemVerdict;
  /** The conductor that bonds it; null where it is not bonded. */
  readonly tail: Tail | null;
}

/** A water with everything that was computed of it. */
export interface WaterReport {
  readonly water: Water;
  readonly placed: PlacedWater;
  readonly things: readonly ThingAt[];
  /** How far the rim stands above every surface within 30 in of it, inches; undefined where that is not known. */
  readonly rimAboveIn: number | undefined;
  readonly plan: BondingPlan;
  /** The ring where one is laid. */
  readonly ring: BondRing | null;
  /** The copper grid where one is laid in place of the ring. */
  readonly grid: BondGrid | null;
  /** The ring around pump and heater where it is laid too. */
  readonly around: readonly Point[];
  readonly ties: ShellTies;
  /** In the order of a walk around the water, clockwise from the pump. */
  readonly parts: readonly BondedPart[];
  /** Metal that the water wets, planned or there, each with its tail. */
  readonly plates: readonly { readonly thing: Thing; readonly tail: Tail }[];
  readonly copper: Copper;
}

/** Surfaces within this of the rim count for how high it stands. */
const RIM_WITHIN_FT = 30 / 12;

/** Whether any corner of an area, or of the water, comes within a distance of the other. */
function isWithin(points: readonly Point[], { edge, outline }: PlacedWater, ft: number): boolean {
  const area = waterEdge({ polygon: points });
  return (
    points.some((corner) => straightToWater(edge, corner) < ft) ||
    outline.some((corner) => straightToWater(area, corner) < ft)
  );
}

/** How far the rim of a listed tub stands above the highest surface beside it. */
function rimAbove({ rimIn, shell }: Water, { areas }: WaterQuestion['yard'], placed: PlacedWater) {
  if (rimIn === null) return undefined;
  // Only a listed tub is spared a ring by its rim.
  if (shell !== 'self-contained') return rimIn;
  const beside = areas.filter(({ points }) => isWithin(points, placed, RIM_WITHIN_FT));
  return rimIn - Math.max(0, ...beside.map(({ topIn }) => topIn));
}

function thingsAt({ water, yard, nearest, code }: WaterQuestion, placed: PlacedWater) {
  const wayFrom = cordWays(placed.edge, yard.lines, water);
  return yard.things.map((thing): ThingAt => {
    const reach = wayFrom(thing.at, thing.heightFt);
    // A way of one piece is the straight one.
    const straight = reach !== null && reach.path.length <= 2;
    const distanceFt = straight ? reach.pastFt : straightToWater(placed.edge, thing.at);
    const object = zoneObject(thing);
    const pathFt = reach === null ? null : reach.pathFt;
    const measured = object && measuredThing(thing, object, water, yard.areas, { distanceFt, pathFt });
    const verdict = measured && zoneVerdict(measured, code);
    return { thing, distanceFt, reach, object, verdict, isNearest: nearest.has(thing.id) };
  });
}

/** Direction of a place from the middle of the water, clockwise, radians. */
const clockwise = ([cx, cy]: Point, [x, y]: Point): number => -Math.atan2(y - cy, x - cx);

const middleOf = (outline: readonly Point[]): Point => [
  outline.reduce((sum, [x]) => sum + x, 0) / outline.length,
  outline.reduce((sum, [, y]) => sum + y, 0) / outline.length,
];

/** Parts as one meets them on a walk around the water, clockwise from the pump. */
function inWalkingOrder(parts: readonly BondCandidate[], outline: readonly Point[]) {
  const middle = middleOf(outline);
  const pump = parts.find(({ kind }) => kind === 'pump') ?? parts.find(({ kind }) => kind === 'heater');
  const start = pump === undefined ? 0 : clockwise(middle, pump.at);
  const turn = ({ at }: BondCandidate): number =>
    (clockwise(middle, at) - start + 4 * Math.PI + 1e-9) % (2 * Math.PI);
  return parts.toSorted((a, b) => turn(a) - turn(b));
}

function candidates(
  { water, yard }: WaterQuestion,
  placed: PlacedWater,
  things: readonly ThingAt[],
): readonly BondCandidate[] {
  return [
    ...things.flatMap(
      ({ thing, distanceFt, reach }) =>
        bondThing(thing, water, yard.areas, { distanceFt, pastFt: reach?.pastFt ?? null }) ?? [],
    ),
    ...yard.lines.flatMap(
      (line) => bondLine(line, water, placed, (place) => straightToWater(placed.edge, place)) ?? [],
    ),
  ];
}

/** A part of which nobody said that it is metal is asked about before it is bonded. */
const asked = (verdict: ItemVerdict, { metalUnknown }: BondCandidate): ItemVerdict =>
  metalUnknown && verdict.bond === true ? { ...verdict, bond: 'ask', reason: 'metal-unknown' } : verdict;

/** Whether a copper grid is chosen where one may lie: under pavement, or in earth. */
const isGrid = ({ perimeter }: BondingPlan, { grid, perimeter: surface }: Water): boolean =>
  grid === true && perimeter.method !== 'none' && (surface === 'paved' || surface === 'unpaved');

/** A ring is laid where it is required, and where the authority has not said yet that it is not. */
const isLaid = ({ perimeter }: BondingPlan, { kind }: Water): boolean =>
  perimeter.method === 'ring' || (perimeter.method === 'ask' && kind !== 'spa-indoor');

/** What of a water stands where, what is bonded and why, and how the ring and its tails are laid. */
export function waterReport(question: WaterQuestion): WaterReport {
  const { water, yard, nearest, practices, code } = question;
  const placed = question.placed ?? placedWater(water);
  const walls = wallsOf(yard.lines);
  const things = thingsAt(question, placed);
  const found = inWalkingOrder(
    candidates(question, placed, things).filter(({ id }) => nearest.has(id)),
    placed.outline,
  );
  const rimAboveIn = rimAbove(water, yard, placed);
  const plates = yard.things.filter(({ kind, id }) => kind === 'water-plate' && nearest.has(id));
  const plan = bondingPlan(
    { ...water, rimAboveIn },
    found.map(({ item }) => item),
    code,
  );
  const grid = isGrid(plan, water) ? bondGrid(placed, walls) : null;
  const laid = grid === null && isLaid(plan, water) ? bondRing(placed, water.ringOffIn, walls) : null;
  // Where no ring lies parts are bonded at the shell, or at the lug of a tub: at its edge.
  const spine = grid?.pieces ?? laid?.pieces ?? [closedLine(placed.outline)];
  const tail = tailsFrom(spine, walls);
  const parts = found.map((candidate, at): BondedPart => {
    const verdict = asked(
      plan.items[at] ?? { bond: 'ask', reason: 'distance-unknown', section: 'bond.parts' },
      candidate,
    );
    const end = isEquipment(candidate) ? AT_EQUIPMENT : AT_METAL;
    return { candidate, verdict, tail: verdict.bond === false ? null : tail(candidate.at, end) };
  });
  const ties = shellTies(placed.outline, water.shell === 'metal-wall' ? water.uprights : null);
  const wet = plates.map((thing) => ({ thing, tail: tail(thing.at, AT_METAL) }));
  const pumps = aroundRing(found, water.ringOffIn);
  const copper = copperOf({ water, plan, ring: laid, grid, around: pumps, parts, plates: wet, practices });
  const around = copper.around ? (pumps?.line ?? []) : [];
  return {
    water,
    placed,
    things,
    rimAboveIn,
    plan,
    ring: laid,
    grid,
    around,
    ties,
    parts,
    plates: wet,
    copper,
  };
}
