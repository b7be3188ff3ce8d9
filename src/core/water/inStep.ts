import type { Circuit } from '../circuit/circuitSchema';
import type { Site } from '../protection/siteSchema';
import { cordWays } from './cordWays';
import { placedWater, type PlacedWater } from './placedWater';
import { apart, type Point } from './point';
import { cross } from './segments';
import { opaqueOf } from './yardBarriers';
import { isEquipment } from './yardParts';
import type { Thing, Water, Yard } from './yardSchema';

const SIGHT_FT = 50;

/** Distances are kept to the tenth of a foot, never larger than they are. */
const tenth = (ft: number): number => Math.floor(ft * 10 + 1e-6) / 10;

/** A water where it lies. */
interface Lying extends PlacedWater {
  readonly water: Water;
}

/** The shortest way from a thing to any water; undefined where no way leads there. */
function toWater({ at, heightFt }: Thing, waters: readonly Lying[], yard: Yard): number | undefined {
  const ways = waters.flatMap(
    ({ edge, water }) => cordWays(edge, yard.lines, water)(at, heightFt)?.pathFt ?? [],
  );
  return ways.length === 0 ? undefined : tenth(Math.min(...ways));
}

/** Where what the circuit feeds is nearest to a place: its motor or heater, or the side of a listed tub. */
function fed(
  own: readonly Thing[],
  { family }: Circuit['appliance'],
  yard: Yard,
  from: Point,
): Point | undefined {
  const tub = family === 'hot-tub' ? yard.waters.find(({ shell }) => shell === 'self-contained') : undefined;
  return own.find(isEquipment)?.at ?? (tub && placedWater(tub).edge.nearest(from));
}

/**
 * What was measured for a circuit, by where its disconnect or receptacle stands in the yard; undefined where the yard
 * holds neither, so that what was typed stays.
 */
function measuredSite(circuit: Circuit, yard: Yard, waters: readonly Lying[]): Partial<Site> | undefined {
  const own = yard.things.filter(({ circuitId }) => circuitId === circuit.id);
  const disconnect = own.find(({ kind }) => kind === 'disconnect');
  const outlet = disconnect ?? own.find(({ kind }) => kind === 'receptacle' || kind === 'pump-receptacle');
  if (outlet === undefined) return undefined;
  const waterFt = toWater(outlet, waters, yard);
  const site: Partial<Site> = waterFt === undefined ? {} : { waterFt };
  const of = disconnect && fed(own, circuit.appliance, yard, disconnect.at);
  if (disconnect === undefined || of === undefined) return site;
  const ft = apart(disconnect.at, of);
  const hidden = opaqueOf(yard.lines).some((wall) => cross([disconnect.at, of], wall));
  return { ...site, disconnectFt: tenth(ft), disconnectInSight: !hidden && ft <= SIGHT_FT };
}

/** Whether two sites agree in what the plan says. */
const sameDistances = (a: Site, b: Site): boolean =>
  a.waterFt === b.waterFt && a.disconnectFt === b.disconnectFt && a.disconnectInSight === b.disconnectInSight;

/** A circuit whose site follows from the yard, as it is to be. */
export interface InStep {
  readonly circuit: Circuit;
  readonly site: Site;
}

/** The circuits whose distances the yard says otherwise than they do, each with the site that follows from it. */
export function circuitsInStep(circuits: readonly Circuit[], yard: Yard): readonly InStep[] {
  const fedFrom = new Set(yard.things.flatMap(({ circuitId }) => circuitId ?? []));
  if (fedFrom.size === 0) return [];
  const waters = yard.waters.map((water): Lying => ({ ...placedWater(water), water }));
  return circuits
    .filter(({ id }) => fedFrom.has(id))
    .flatMap((circuit) => {
      const measured = measuredSite(circuit, yard, waters);
      if (measured === undefined) return [];
      const { waterFt: _w, disconnectFt, disconnectInSight, ...site } = circuit.site;
      const kept = {
        ...(disconnectFt !== undefined && { disconnectFt }),
        ...(disconnectInSight !== undefined && { disconnectInSight }),
      };
      const now = { ...site, ...kept, ...measured };
      return sameDistances(circuit.site, now) ? [] : [{ circuit, site: now }];
    });
}
