import type { FindingLog } from '../findings/findingLog';
import type { Subject } from '../findings/subject';
import type { WaterKind, YardThing } from '../code/waterFacts';
import type { LightRaceway } from './lightRaceway';
import type { PlacedWater } from './placedWater';
import { apart } from './point';
import { closedLine, crossesOutline, piecesOf } from './segments';
import { surfaceFt } from './surface';
import type { WaterReport } from './waterReport';
import type { Thing, Water, Yard } from './yardSchema';

/** A vessel that holds more than this is permanently installed, inches; walls that are molded or inflated aside. */
const STORABLE_IN = 42;
const HANGS_LOW_FT = 6.5;

/** Distances between which a pool has a receptacle, along the way of a cord; undefined where none is required. */
export const convenienceFt = (kind: WaterKind): readonly [number, number] | undefined =>
  kind === 'storable' ? undefined : kind === 'spa-indoor' ? [6, 10] : [6, 20];

/** What may be in the water or over it. */
const WET: ReadonlySet<YardThing> = new Set([
  'light',
  'ladder',
  'rail',
  'board',
  'drain',
  'water-plate',
  'luminaire',
  'fan',
  'furniture',
]);

/** The receptacle that each pool has, on a general-purpose circuit (680.22(A)(1)). */
function convenience({ water, things }: WaterReport, areas: Yard['areas'], out: FindingLog): void {
  const range = convenienceFt(water.kind);
  if (range === undefined) return;
  const [fromFt, toFt] = range;
  const serving = things.filter(({ thing, reach }) => {
    const ft = reach?.pathFt;
    const low = thing.heightFt === undefined || thing.heightFt - surfaceFt(thing.at, areas) <= HANGS_LOW_FT;
    return thing.kind === 'receptacle' && low && ft !== undefined && ft >= fromFt - 1e-6 && ft <= toFt + 1e-6;
  });
  if (serving.length === 0)
    out.found('stop', 'pool.convenience-missing', 'pool.convenience', { fromFt, toFt });
  const pumps = new Set(
    things.flatMap(({ thing }) => (thing.kind === 'pump' ? (thing.circuitId ?? []) : [])),
  );
  for (const { thing } of serving) {
    const subject: Subject = { kind: 'yard', waterId: water.id, itemId: thing.id };
    if (thing.onTimer === true)
      out.found('stop', 'pool.convenience-on-timer', 'pool.convenience', { name: thing.name }, { subject });
    if (thing.circuitId !== undefined && pumps.has(thing.circuitId))
      out.found('check', 'pool.convenience-circuit', 'pool.convenience', { name: thing.name }, { subject });
  }
}

/** A storable pool takes one circuit for its pump and another for what else is plugged in there. */
function storableCircuits({ water, things }: WaterReport, out: FindingLog): void {
  if (water.kind !== 'storable') return;
  const fedBy = (kinds: readonly YardThing[]) =>
    things.filter(({ thing, isNearest }) => isNearest && kinds.includes(thing.kind));
  const pumps = new Set(fedBy(['pump', 'pump-receptacle']).flatMap(({ thing }) => thing.circuitId ?? []));
  for (const { thing } of fedBy(['receptacle']))
    if (thing.circuitId !== undefined && pumps.has(thing.circuitId))
      out.found(
        'check',
        'pool.storable-circuits',
        'pool.storable',
        { name: thing.name },
        { subject: { kind: 'yard', waterId: water.id, itemId: thing.id } },
      );
}

/** A post that is set higher than the ground freezes is lifted, and what rises in it breaks. */
function posts({ water, things }: WaterReport, frostIn: number | null, out: FindingLog): void {
  for (const { thing, isNearest } of things) {
    const { postIn, name, id } = thing;
    if (postIn === undefined || !isNearest || (frostIn !== null && postIn >= frostIn)) continue;
    out.found(
      frostIn === null ? 'ask' : 'check',
      'pool.post-frost',
      'pool.posts',
      { name, postIn, frostIn },
      { subject: { kind: 'yard', waterId: water.id, itemId: id } },
    );
  }
}

/** What lies in one raceway with the conductors of an underwater light (680.23(F)(3)). */
function lights(report: WaterReport, raceways: readonly LightRaceway[], out: FindingLog): void {
  for (const { thing, isNearest } of report.things)
    for (const { thingId, circuitId, other, pastGfci } of raceways)
      if (isNearest && thingId === thing.id)
        out.found(
          pastGfci ? 'stop' : 'ask',
          'pool.light-raceway',
          'pool.light-raceway',
          { name: thing.name, other, circuitId },
          { subject: { kind: 'yard', waterId: report.water.id, itemId: thing.id } },
        );
}

/** The lens of an underwater light lies at least this far below the normal water level, unless it is listed for less. */
const LENS_IN = 18;
/** None is listed for less than this. */
const LEAST_LENS_IN = 4;

/** Depth of an underwater light; undefined where it is deep enough, or new and not measured: it is planned so. */
function lensDepth({ lensIn, existing }: Thing): 'stop' | 'ask' | undefined {
  if (lensIn === undefined) return existing === true ? 'ask' : undefined;
  if (lensIn < LEAST_LENS_IN) return 'stop';
  return lensIn < LENS_IN ? 'ask' : undefined;
}

/** What was looked at: not so is a stop, not known is a question of what is there and none of what is planned. */
const looked = (is: boolean | undefined, existing: boolean | undefined): 'stop' | 'ask' | undefined =>
  is === false ? 'stop' : is === undefined && existing === true ? 'ask' : undefined;

/** Underwater lights: GFCI, how deep the lens lies, the conductor in the niche conduit (680.23). */
function underwater({ water, things }: WaterReport, out: FindingLog): void {
  for (const { thing, isNearest } of things) {
    if (thing.kind !== 'light' || !isNearest) continue;
    const { id: itemId, name, existing, gfci, lowVoltage, metal, nicheWire, lensIn = 0 } = thing;
    const facts = [
      ['gfci', lowVoltage === true ? undefined : looked(gfci, existing)],
      ['depth', lensDepth(thing)],
      ['niche', metal === false ? undefined : looked(nicheWire, existing)],
    ] as const;
    for (const [what, severity] of facts)
      if (severity !== undefined)
        out.found(
          severity,
          'pool.light',
          'pool.light',
          { name, what, inches: lensIn },
          { subject: { kind: 'yard', waterId: water.id, itemId } },
        );
  }
}

/** The motor of a cover: enclosed where it stands below grade, its switch where the whole pool is seen (680.27(B)). */
function covers({ water, things }: WaterReport, out: FindingLog): void {
  for (const { thing, isNearest } of things) {
    if (thing.kind !== 'cover-motor' || !isNearest) continue;
    const subject: Subject = { kind: 'yard', waterId: water.id, itemId: thing.id };
    const { name, seesPool, enclosed, heightFt = 0 } = thing;
    const facts = [
      ['switch', seesPool],
      ['enclosed', heightFt < 0 ? enclosed : true],
    ] as const;
    for (const [what, is] of facts)
      if (is !== true)
        out.found(
          is === false ? 'stop' : 'ask',
          'pool.cover',
          'zone.cover-motor',
          { name, what },
          { subject },
        );
  }
}

/** Whether a pool that is put away in winter is one, by what it can hold. */
function kind({ kind: is, depthIn, shell }: Water, out: FindingLog): void {
  if (is !== 'storable' || shell === 'vinyl') return;
  if (depthIn === null) out.found('ask', 'pool.depth-unknown', 'pool.kind', { maxIn: STORABLE_IN });
  else if (depthIn > STORABLE_IN)
    out.found('stop', 'pool.not-storable', 'pool.kind', { depthIn, maxIn: STORABLE_IN });
}

/** How far an outline reaches, from its first point. */
const reachOf = ({ outline }: PlacedWater): number =>
  outline.reduce((most, point) => Math.max(most, apart(point, outline[0] ?? point)), 0);

const mayOverlap = (a: PlacedWater, b: PlacedWater): boolean => {
  const [p, q] = [a.outline[0], b.outline[0]];
  return p !== undefined && q !== undefined && apart(p, q) <= reachOf(a) + reachOf(b);
};

const overlaps = (a: PlacedWater, b: PlacedWater): boolean => mayOverlap(a, b) && meets(a, b);

const meets = (a: PlacedWater, b: PlacedWater): boolean =>
  a.outline.some((corner) => b.edge.holds(corner)) ||
  b.outline.some((corner) => a.edge.holds(corner)) ||
  crossesOutline(piecesOf(closedLine(a.outline)), b.outline);

/** What of the plan cannot be: things in the water, walls through it, one water in another. */
function plan(report: WaterReport, yard: Yard, others: readonly WaterReport[], out: FindingLog): void {
  const { water, placed } = report;
  const of = (itemId: string) => ({ subject: { kind: 'yard', waterId: water.id, itemId } as const });
  for (const { thing } of report.things)
    if (!WET.has(thing.kind) && placed.edge.holds(thing.at))
      out.found('stop', 'pool.in-water', 'pool.plan', { name: thing.name }, of(thing.id));
  for (const line of yard.lines) {
    if (line.kind !== 'wall' && line.kind !== 'fence') continue;
    const through = line.points.some((at) => placed.edge.holds(at));
    if (through || crossesOutline(piecesOf(line.points), placed.outline))
      out.found('stop', 'pool.wall-through', 'pool.plan', { name: line.name }, of(line.id));
  }
  for (const other of others)
    if (overlaps(placed, other.placed))
      out.found(
        'stop',
        'pool.overlap',
        'pool.plan',
        { name: water.name, other: other.water.name },
        of(other.water.id),
      );
}

/** What a water lacks, what it is, and what of the plan cannot be. */
export function poolFindings(
  report: WaterReport,
  yard: Yard,
  others: readonly WaterReport[],
  raceways: readonly LightRaceway[],
  out: FindingLog,
): void {
  kind(report.water, out);
  storableCircuits(report, out);
  posts(report, yard.frostIn, out);
  lights(report, raceways, out);
  underwater(report, out);
  covers(report, out);
  if (report.water.fountain === true) out.found('ask', 'pool.fountain', 'pool.fountain', {});
  convenience(report, yard.areas, out);
  plan(report, yard, others, out);
}
