import { METHODS } from '../code/methods';
import { outsideDiameter } from '../code/tables/outsideDiameter';
import { burialCover, isBareUnderBuilding, type Cover } from './burialCover';
import { type BurialPlace } from '../code/burialPlaces';
import { trenchFor, type Trench } from './trench';
import type { RouteLog } from './routeLog';
import { routedSegments, type LaidOut, type Routed, type RoutedSegment } from './routeCase';

/** One way in a trench. */
export interface TrenchRoute {
  readonly name: string;
  readonly own: boolean;
  readonly cable: boolean;
  readonly coverIn: number;
  readonly outsideIn: number;
}

/** A buried segment: cover that it has and needs, and what is dug for it and its neighbors. */
export interface BurialReport {
  readonly segment: number;
  readonly place: BurialPlace;
  readonly coverIn: number;
  /** What the table asks; null where the method may not be buried. */
  readonly needs: Cover | null;
  readonly bored: boolean;
  readonly trench: Trench;
  readonly routes: readonly TrenchRoute[];
}

/** What a buried cable measures until its manufacturer says otherwise, inches. */
const CABLE_IN = 0.9;

const outside = ({ figures }: RoutedSegment): number =>
  figures.raceway === null
    ? (figures.cable?.widthIn ?? CABLE_IN)
    : (outsideDiameter[figures.raceway.taken] ?? 1.315);

const coverOf = ({ segment }: RoutedSegment): number => Math.max(0, -segment.heightFt * 12);

const wayOf = (each: RoutedSegment, { circuit }: Routed, own: boolean): TrenchRoute => ({
  name: circuit.name,
  own,
  cable: METHODS[each.segment.method].kind === 'cable',
  coverIn: coverOf(each),
  outsideIn: outside(each),
});

/**
 * What else lies in the trench of a segment. Circuits in one raceway are drawn as one: those that share the raceway
 * of the segment itself lie in it, the others are gathered by theirs.
 */
function neighbors({ neighbors }: LaidOut, { segment: { shares } }: RoutedSegment): readonly TrenchRoute[] {
  const trench = shares?.trench;
  if (trench === undefined) return [];
  const found = new Map<string, TrenchRoute>();
  for (const other of neighbors) {
    for (const each of routedSegments(other)) {
      const theirs = each.segment.shares;
      if (theirs?.trench !== trench || (theirs.raceway !== undefined && theirs.raceway === shares?.raceway))
        continue;
      const key = theirs.raceway ?? `${other.circuit.id} ${each.index}`;
      const route = wayOf(each, other, false);
      const already = found.get(key);
      found.set(key, already === undefined ? route : { ...already, name: `${already.name}; ${route.name}` });
    }
  }
  return [...found.values()];
}

/** Whether the fault protection stands at the start of the circuit, so that the buried part is behind it. */
const protectedUpstream = ({ form }: { readonly form: string }): boolean =>
  form === 'breaker' || form === 'dual-function';

/** The cover that the table asks of a segment in this circuit. */
function coverNeeded({ solved, context }: LaidOut, { segment }: RoutedSegment): Cover | null {
  const { load, ocpd, outlet } = solved.figures;
  return burialCover(
    {
      method: segment.method,
      place: segment.burial ?? 'yard',
      volts: load.volts,
      ocpdA: ocpd.ratingA,
      gfci: protectedUpstream(outlet.gfci),
      sleeved: segment.sleeve !== undefined,
    },
    context.code,
  );
}

/** Every buried segment, judged by the table of cover, with its trench. Nothing is dug before the lines are located. */
export function routeBurials(about: LaidOut, findings: RouteLog): readonly BurialReport[] {
  return about.segments
    .filter(({ segment }) => segment.place === 'underground')
    .map((each) => {
      const { segment, index } = each;
      const needs = coverNeeded(about, each);
      const coverIn = coverOf(each);
      const place = segment.burial ?? 'yard';
      if (isBareUnderBuilding(segment.method, place, segment.sleeve !== undefined))
        findings.found('stop', 'burial.under-building', 'route.under-building', index, {
          method: segment.method,
        });
      if (needs !== null && coverIn < needs.coverIn - 1e-6) {
        findings.found('stop', 'burial.depth', 'table.burial', index, {
          coverIn,
          needsIn: needs.coverIn,
          place,
        });
      }
      if (segment.bored === true) {
        findings.found('ask', 'burial.bored', 'route.bored', index, { method: segment.method });
      }
      if (!about.located) {
        findings.found('ask', 'work.before-locate', 'route.locate', index, { lengthFt: segment.lengthFt });
      }
      const routes = [wayOf(each, about, true), ...neighbors(about, each)];
      return {
        segment: index,
        place,
        coverIn,
        needs,
        routes,
        bored: segment.bored === true,
        trench: trenchFor(routes, segment.lengthFt),
      };
    });
}
