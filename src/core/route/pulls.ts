import { present } from '../units/present';
import { isSized, type SizedFigures } from '../circuit/figures';
import type { WireSize } from '../units/wireSize';
import { bendsOf } from '../circuit/bends';
import { neighborsOf } from '../circuit/neighbors';
import { METHODS } from '../code/methods';
import { conductorDiameter } from '../rules/racewayFill';
import { sumBends } from './pullPoints';
import {
  conductorPullLimit,
  conductorWeight,
  HAND_PULL_LB,
  pullFriction,
  pullThrough,
  reversed,
  SIDEWALL_LB_PER_FT,
  weightCorrection,
  type Pull,
  type PulledWire,
  type PullPart,
} from './pullTension';
import { TRADE_SIZES, tradeRank, type TradeSize } from '../units/tradeSize';
import type { RouteLog } from './routeLog';
import { isRaceway, type LaidOut } from './routeCase';

/** A conduit body or pull box that the bends ask for. */
export interface AddedPullPoint {
  readonly segment: number;
  /** Feet from the start of the segment. */
  readonly atFt: number;
  /** Straight through where the raceway goes on, with its outlet at the back where it turns into the wall. */
  readonly body: 'straight' | 'turn';
}

/** What is pulled between two pull points. */
export interface PullSection {
  /** Stations at its ends, by position. */
  readonly from: number;
  readonly to: number;
  readonly lengthFt: number;
  readonly trade: TradeSize;
  readonly degrees: number;
  readonly limitDeg: number;
  readonly forward: Pull;
  readonly back: Pull;
  /** The end from which it pulls easier. */
  readonly better: 'forward' | 'back';
  readonly pounds: number;
  readonly limitLb: number;
  /** The spot at which most of the tension arises, feet from its start. */
  readonly hardAtFt: number;
  readonly added: readonly AddedPullPoint[];
}

interface PlacedPart {
  readonly part: PullPart;
  readonly segment: number;
  readonly atFt: number;
  readonly corner: boolean;
}

/** Legs and bends of one segment in order: the bends stand at its corners, or in its middle where it has none. */
function segmentParts(about: LaidOut, index: number, trade: TradeSize): readonly PlacedPart[] {
  const legs = about.legs[index] ?? [];
  const bendsDeg = bendsOf(about.circuit, index);
  const corners = Math.max(0, legs.length - 1);
  const bend = (degrees: number, atFt: number, corner: boolean): PlacedPart => ({
    part: { kind: 'bend', degrees, radiusIn: about.context.code.tables.bendRadius.rows[trade].oneShotIn },
    segment: index,
    atFt,
    corner,
  });
  const straight = (lengthFt: number, riseFt: number, atFt: number): PlacedPart => ({
    part: { kind: 'straight', lengthFt, riseFt },
    segment: index,
    atFt,
    corner: false,
  });
  if (bendsDeg > 0 && corners === 0) {
    const [leg] = legs;
    if (leg === undefined) return [];
    const half = leg.lengthFt / 2;
    return [
      straight(half, leg.riseFt / 2, 0),
      ...single(bendsDeg).map((each) => bend(each, half, false)),
      straight(half, leg.riseFt / 2, half),
    ];
  }
  let atFt = 0;
  return legs.flatMap(({ lengthFt, riseFt }, at) => {
    const start = atFt;
    atFt += lengthFt;
    const here = at < corners && bendsDeg > 0 ? [bend(bendsDeg / corners, atFt, true)] : [];
    return [straight(lengthFt, riseFt, start), ...here];
  });
}

/** Bends of a quarter turn at most: nobody bends more at once. */
const single = (degrees: number): readonly number[] => {
  const count = Math.ceil(degrees / 90);
  return Array.from({ length: count }, () => degrees / count);
};

/** Groups of raceway segments between pull points: a coupling is none. */
function sections({ circuit, kinds }: LaidOut): readonly number[][] {
  const groups: number[][] = [];
  for (const [index, segment] of circuit.run.entries()) {
    if (!isRaceway(segment)) continue;
    const last = groups.at(-1);
    if (last?.at(-1) === index - 1 && kinds[index] === 'coupling') last.push(index);
    else groups.push([index]);
  }
  return groups;
}

/** Everything that is pulled in a segment, as one bundle. */
function pulledWire({ circuit, context }: LaidOut, figures: SizedFigures, index: number): PulledWire {
  const segment = circuit.run[index];
  const own = figures.segments[index];
  const raceway = own?.raceway;
  const wireSize = own?.size ?? figures.size;
  const metal = circuit.material;
  const others = segment === undefined ? [] : neighborsOf(segment, 'raceway', context.neighbors);
  const weight = (size: WireSize, count: number): number =>
    conductorWeight({ size, metal, count }, context.code);
  const outsideIn = conductorDiameter(wireSize, circuit.insulation, context.code);
  return {
    poundsPerFt:
      weight(wireSize, own?.wires ?? figures.wires) +
      weight(raceway?.ground ?? own?.ground ?? figures.groundTaken, 1) +
      others.reduce((sum, { size, wires }) => sum + (size === null ? 0 : weight(size, wires)), 0),
    friction: pullFriction(METHODS[segment?.method ?? 'emt'].surround),
    correction: weightCorrection(raceway?.conductors ?? 1, outsideIn, raceway?.insideIn ?? outsideIn * 4),
  };
}

/** Feet from the start of a section at which most of the tension arises. */
function hardSpot(
  { circuit }: LaidOut,
  group: readonly number[],
  parts: readonly PlacedPart[],
  pull: Pull,
): number {
  let [max, hard]: [number, PlacedPart | undefined] = [0, undefined];
  for (const [at, part] of parts.entries()) {
    const gain = (pull.after[at] ?? 0) - (pull.after[at - 1] ?? 0);
    if (gain > max) [max, hard] = [gain, part];
  }
  const before = group.filter((index) => index < (hard?.segment ?? 0));
  return before.reduce(
    (ft, index) => ft + present(circuit.run[index], 'segment', index).lengthFt,
    hard?.atFt ?? 0,
  );
}

function section(about: LaidOut, figures: SizedFigures, group: readonly number[]): PullSection | undefined {
  const { circuit, context } = about;
  const [first = 0] = group;
  const trade = group.reduce<TradeSize>((max, index) => {
    const taken = figures.segments[index]?.raceway?.taken ?? max;
    return tradeRank(taken) > tradeRank(max) ? taken : max;
  }, TRADE_SIZES[0]);
  const parts = group.flatMap((index) => segmentParts(about, index, trade));
  if (parts.length === 0) return undefined;
  const wire = pulledWire(about, figures, first);
  const forward = pullThrough(
    parts.map(({ part }) => part),
    wire,
  );
  const back = pullThrough(reversed(parts.map(({ part }) => part)), wire);
  const limitDeg = context.code.parameters.bendLimitDeg.value;
  const bends = parts.filter(({ part }) => part.kind === 'bend');
  const sum = sumBends(
    [{ bendsDeg: bends.map(({ part }) => (part.kind === 'bend' ? part.degrees : 0)), toPullPoint: true }],
    limitDeg,
  );
  const added = sum.before.flatMap(({ bend }): AddedPullPoint[] => {
    const at = bends[bend];
    return at === undefined
      ? []
      : [{ segment: at.segment, atFt: at.atFt, body: at.corner ? 'turn' : 'straight' }];
  });
  return {
    from: first,
    to: (group.at(-1) ?? first) + 1,
    lengthFt: group.reduce((ft, index) => ft + present(circuit.run[index], 'segment', index).lengthFt, 0),
    trade,
    degrees: sum.degrees,
    limitDeg,
    forward,
    back,
    better: back.pounds < forward.pounds ? 'back' : 'forward',
    pounds: Math.min(forward.pounds, back.pounds),
    limitLb: conductorPullLimit(
      figures.segments[first]?.size ?? figures.size,
      circuit.material,
      figures.segments[first]?.wires ?? figures.wires,
      context.code,
    ),
    hardAtFt: hardSpot(about, group, parts, forward),
    added,
  };
}

function findHardPulls(each: PullSection, first: number, findings: RouteLog): void {
  const { pounds, limitLb, better, forward, back } = each;
  if (pounds > limitLb) {
    findings.found('check', 'pull.tension', 'raceway.pull', first, {
      pounds,
      maxLb: limitLb,
      by: 'conductor',
    });
  } else if (pounds > HAND_PULL_LB) {
    findings.found('check', 'pull.tension', 'raceway.pull', first, {
      pounds,
      maxLb: HAND_PULL_LB,
      by: 'hand',
    });
  }
  const { sidewall } = better === 'forward' ? forward : back;
  if (sidewall !== null && sidewall.lbPerFt > SIDEWALL_LB_PER_FT) {
    findings.found('check', 'pull.sidewall', 'raceway.pull', first, {
      lbPerFt: sidewall.lbPerFt,
      maxLbPerFt: SIDEWALL_LB_PER_FT,
    });
  }
}

/**
 * Every pull of the route: bends added up between pull points, tension and pressure from both ends, the spot that
 * makes it hard, and where a body is wanted. Bends over the limit that no single segment has are a stop here.
 */
export function routePulls(about: LaidOut, findings: RouteLog): readonly PullSection[] {
  const { figures } = about.solved;
  if (!isSized(figures)) return [];
  return sections(about).flatMap((group) => {
    const found = section(about, figures, group);
    if (found === undefined) return [];
    const [first = 0] = group;
    const alone = group.every((index) => bendsOf(about.circuit, index) <= found.limitDeg);
    if (found.degrees > found.limitDeg + 1e-9 && alone) {
      const { degrees, limitDeg: limit } = found;
      const method = about.circuit.run[first]?.method ?? 'emt';
      findings.found('stop', 'route.bends', 'raceway.bends', first, { degrees, limit }, method);
    }
    findHardPulls(found, first, findings);
    return [found];
  });
}
