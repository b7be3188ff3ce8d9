import type { AnyFinding } from '../findings/finding';
import { cableSurroundings } from './cableSurroundings';
import { RouteLog } from './routeLog';
import { routeBoxes, type BoxReport } from './boxes';
import { routeBurials, type BurialReport } from './burials';
import { racewayCuts, type RacewayCuts } from './cutList';
import {
  routeFittings,
  routeSleeves,
  segmentGrowth,
  type NeededFitting,
  type SleeveReport,
} from './fittings';
import { routePulls, type PullSection } from './pulls';
import { isRaceway, layOut, type LaidOut, type RouteCase } from './routeCase';
import { wireBought, wirePieces, type WireBought, type WirePiece } from './wireList';

/** Everything about the route of one circuit besides its sizes. */
export interface RouteReport {
  readonly about: LaidOut;
  readonly pulls: readonly PullSection[];
  readonly boxes: readonly BoxReport[];
  readonly burials: readonly BurialReport[];
  readonly fittings: readonly NeededFitting[];
  readonly sleeves: readonly SleeveReport[];
  /** How much each segment grows in a year, inches. */
  readonly growthIn: readonly number[];
  readonly raceways: readonly RacewayCuts[];
  readonly wires: readonly WirePiece[];
  readonly bought: readonly WireBought[];
  readonly findings: readonly AnyFinding[];
}

/** Segments that share a raceway are one and the same raceway: length, method, place, bends and size agree. */
function findDifferences({ circuit, neighbors }: LaidOut, findings: RouteLog): void {
  for (const [index, segment] of circuit.run.entries()) {
    const raceway = segment.shares?.raceway;
    if (raceway === undefined) continue;
    for (const other of neighbors) {
      const twin = other.circuit.run.find((each) => each.shares?.raceway === raceway);
      const same =
        twin === undefined ||
        (twin.method === segment.method &&
          twin.lengthFt === segment.lengthFt &&
          twin.place === segment.place &&
          twin.bendsDeg === segment.bendsDeg &&
          other.circuit.pins.trade === circuit.pins.trade);
      if (!same)
        findings.found('check', 'route.differs', 'route.together', index, { name: other.circuit.name });
    }
  }
}

/** Cable goes over into raceway in a box, or in a fitting that is listed for it (300.15). */
function findTransitions({ circuit, kinds }: LaidOut, findings: RouteLog): void {
  for (const [index, segment] of circuit.run.entries()) {
    const next = circuit.run[index + 1];
    const kind = kinds[index + 1];
    if (next === undefined || (kind !== 'coupling' && kind !== 'body')) continue;
    if (isRaceway(segment) !== isRaceway(next)) {
      findings.found('ask', 'station.transition', 'box.transition', index, {
        from: segment.method,
        to: next.method,
      });
    }
  }
}

function findShortPieces(pieces: readonly WirePiece[], findings: RouteLog): void {
  for (const { hasFt, minFt, from } of pieces) {
    if (hasFt !== null && hasFt < minFt - 1e-9) {
      findings.found('stop', 'piece.short', 'box.free-conductor', from, { hasFt, needsFt: minFt });
    }
  }
}

/**
 * Judges the route of a solved circuit: pulls and bends, boxes and holes, burial and trench, seals and other
 * fittings, growth, and the lists of what is cut. Sizes come from the circuit; nothing here changes them.
 * Sections: 300.4 to 300.14, 314.16, 314.28, 352.44, Table 300.5 and those of the methods.
 */
export function routeReport(given: RouteCase): RouteReport {
  const about = layOut(given);
  const findings = new RouteLog(about.context.code, about.circuit);
  const { circuit, solved } = about;
  const pulls = routePulls(about, findings);
  const boxes = routeBoxes(about, findings);
  const burials = routeBurials(about, findings);
  const fittings = routeFittings(about, findings);
  const sleeves = routeSleeves(about, findings);
  findDifferences(about, findings);
  findTransitions(about, findings);
  cableSurroundings(about, findings);
  const wires = wirePieces(circuit, solved, about.context.neighbors);
  findShortPieces(wires, findings);
  return {
    about,
    pulls,
    boxes,
    burials,
    fittings,
    sleeves,
    growthIn: about.segments.map((each) => segmentGrowth(about, each)),
    raceways: racewayCuts(about),
    wires,
    bought: wireBought(wires, circuit),
    findings: findings.all,
  };
}
