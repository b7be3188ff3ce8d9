import { METHODS } from '../code/methods';
import { outsideDiameter } from '../code/tables/outsideDiameter';
import { burialCover, type Cover } from './burialCover';
import { type BurialPlace } from '../code/burialPlaces';
import { trenchFor, type Trench } from './trench';
import type { RouteFindings } from '../findings/routeFinding';
import { routedStretches, type LaidOut, type Routed, type RoutedStretch } from './routeCase';

/** One way in a trench. */
export interface TrenchWay {
  readonly name: string;
  readonly own: boolean;
  readonly cable: boolean;
  readonly coverIn: number;
  readonly outsideIn: number;
}

/** A buried stretch: cover that it has and needs, and what is dug for it and its company. */
export interface BurialReport {
  readonly stretch: number;
  readonly place: BurialPlace;
  readonly coverIn: number;
  /** What the table asks; null where the method may not be buried. */
  readonly needs: Cover | null;
  readonly bored: boolean;
  readonly trench: Trench;
  readonly ways: readonly TrenchWay[];
}

/** What a buried cable measures until its maker says otherwise, inches. */
const CABLE_IN = 0.9;

const outside = ({ figures }: RoutedStretch): number =>
  figures.raceway === null
    ? (figures.cable?.widthIn ?? CABLE_IN)
    : (outsideDiameter[figures.raceway.taken] ?? 1.315);

const coverOf = ({ stretch }: RoutedStretch): number => Math.max(0, -stretch.heightFt * 12);

const wayOf = (each: RoutedStretch, { circuit }: Routed, own: boolean): TrenchWay => ({
  name: circuit.name,
  own,
  cable: METHODS[each.stretch.method].kind === 'cable',
  coverIn: coverOf(each),
  outsideIn: outside(each),
});

/**
 * What else lies in the trench of a stretch. Circuits in one raceway are drawn as one: those that share the raceway
 * of the stretch itself lie in it, the others are gathered by theirs.
 */
function company({ neighbours }: LaidOut, { stretch: { shares } }: RoutedStretch): readonly TrenchWay[] {
  const trench = shares?.trench;
  if (trench === undefined) return [];
  const found = new Map<string, TrenchWay>();
  for (const other of neighbours) {
    for (const each of routedStretches(other)) {
      const theirs = each.stretch.shares;
      if (theirs?.trench !== trench || (theirs.raceway !== undefined && theirs.raceway === shares?.raceway))
        continue;
      const key = theirs.raceway ?? `${other.circuit.id} ${each.index}`;
      const way = wayOf(each, other, false);
      const already = found.get(key);
      found.set(key, already === undefined ? way : { ...already, name: `${already.name}; ${way.name}` });
    }
  }
  return [...found.values()];
}

/** Whether the fault protection stands at the start of the circuit, so that the buried part is behind it. */
const protectedUpstream = ({ form }: { readonly form: string }): boolean =>
  form === 'breaker' || form === 'dual-function';

/** The cover that the table asks of a stretch in this circuit. */
function coverNeeded({ solved, context }: LaidOut, { stretch }: RoutedStretch): Cover | null {
  const { load, ocpd, outlet } = solved.figures;
  return burialCover(
    {
      method: stretch.method,
      place: stretch.burial ?? 'yard',
      volts: load.volts,
      ocpdA: ocpd.ratingA,
      gfci: protectedUpstream(outlet.gfci),
    },
    context.code,
  );
}

/** Every buried stretch, judged by the table of cover, with its trench. Nothing is dug before the lines are located. */
export function routeBurials(about: LaidOut, findings: RouteFindings): readonly BurialReport[] {
  return about.stretches
    .filter(({ stretch }) => stretch.place === 'underground')
    .map((each) => {
      const { stretch, index } = each;
      const needs = coverNeeded(about, each);
      const coverIn = coverOf(each);
      const place = stretch.burial ?? 'yard';
      if (needs !== null && coverIn < needs.coverIn - 1e-6) {
        findings.found('stop', 'burial.depth', 'table.burial', index, {
          coverIn,
          needsIn: needs.coverIn,
          place,
        });
      }
      if (stretch.bored === true) {
        findings.found('ask', 'burial.bored', 'way.bored', index, { method: stretch.method });
      }
      if (!about.located) {
        findings.found('ask', 'work.before-locate', 'way.locate', index, { lengthFt: stretch.lengthFt });
      }
      const ways = [wayOf(each, about, true), ...company(about, each)];
      return {
        stretch: index,
        place,
        coverIn,
        needs,
        ways,
        bored: stretch.bored === true,
        trench: trenchFor(ways, stretch.lengthFt),
      };
    });
}
