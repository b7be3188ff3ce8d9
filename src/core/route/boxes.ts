import { present } from '../units/present';
import { isSized, type SizedFigures } from '../circuit/figures';
import type { Segment } from '../circuit/circuitSchema';
import { neighborsOf } from '../circuit/neighbors';
import type { StationKind } from '../circuit/stations';
import { METHODS } from '../code/methods';
import { knockouts } from '../code/tables/knockouts';
import { metalBoxes } from '../code/tables/metalBoxes';
import { boxFill, isPullBoxSize, type BoxContents, type BoxPart, type Counted } from './boxFill';
import { pullBoxLength } from './pullBox';
import { TRADE_SIZES, tradeRank, type TradeSize } from '../units/tradeSize';
import { largerSize, type WireSize } from '../units/wireSize';
import type { RouteLog } from './routeLog';
import { isRaceway, leftOut, type LaidOut, type RoutedSegment } from './routeCase';

/** Where a raceway or cable enters: its trade size, and the hole that it takes. */
export interface Knockout {
  readonly trade: TradeSize;
  readonly holeIn: number;
  readonly entering: 'raceway' | 'cable';
}

/** A standard box by its shape and size. */
export interface StandardBox {
  readonly name: string;
  readonly in3: number;
}

/** What stands at a station that conductors end in, are spliced in, or are pulled at. */
export interface BoxReport {
  /** Station by position: 1 is the first after the panel. */
  readonly station: number;
  readonly kind: StationKind;
  readonly parts: readonly BoxPart[];
  readonly needsIn3: number;
  /** The box that is taken: the smallest standard one that holds it; null where none does or it goes by length. */
  readonly box: StandardBox | null;
  /** Volume on hand, its ring counted in; null where the box was not pinned. */
  readonly hasIn3: number | null;
  /** Least inside of a conduit body across, square inches: twice its largest raceway (314.16(C)); null elsewhere. */
  readonly minAreaIn2: number | null;
  /** Least length where 4 AWG and larger are in it, inches (314.28). */
  readonly minIn: number | null;
  readonly knockouts: readonly Knockout[];
}

const BOXES: readonly StandardBox[] = metalBoxes.rows
  .filter(({ shape }) => shape === 'square' || shape === 'round/octagonal')
  .map(({ shape, size, minIn3 }) => ({
    name: `${size} ${shape === 'square' ? 'square' : 'octagon'}`,
    in3: minIn3,
  }))
  .sort((a, b) => a.in3 - b.in3);

/** The smallest standard box with so much room. */
const standardBox = (needsIn3: number): StandardBox | null =>
  BOXES.find(({ in3 }) => in3 >= needsIn3 - 1e-9) ?? null;

/** Connectors of cables by the width that they take, inches. */
const CABLE_CONNECTORS: readonly (readonly [widthIn: number, trade: TradeSize])[] = [
  [0.52, '1/2'],
  [0.78, '3/4'],
  [1.02, '1'],
  [1.4, '1-1/4'],
];

/** The connector that a cable of a width takes. */
const connectorFor = (widthIn: number): TradeSize =>
  CABLE_CONNECTORS.find(([max]) => widthIn <= max)?.[1] ?? '1-1/2';

const entry = ({ segment, figures }: RoutedSegment): Knockout => {
  const trade = isRaceway(segment)
    ? (figures.raceway?.taken ?? TRADE_SIZES[0])
    : connectorFor(figures.cable?.widthIn ?? 0.9);
  return { trade, holeIn: knockouts.rows[trade], entering: isRaceway(segment) ? 'raceway' : 'cable' };
};

/** The ground of a segment. */
const groundOf = ({ figures }: RoutedSegment): WireSize =>
  figures.cable?.egc ?? figures.raceway?.ground ?? figures.ground;

/** A receptacle of more than 20 A is wider than 2 in: it counts as two gangs. */
const gangs = (ratingA: number): number => (ratingA > 20 ? 2 : 1);

/** Conductors of other circuits that come in by a shared raceway. */
const withNeighbors = ({ context }: LaidOut, segment: Segment): readonly Counted[] =>
  neighborsOf(segment, 'raceway', context.neighbors).flatMap(({ size, wires }) =>
    size === null ? [] : [{ size, count: wires }],
  );

/** Conductors that pass a pull box unbroken count once; those that end or are spliced, on both sides. */
function contents(about: LaidOut, given: readonly RoutedSegment[], receptacleA: number | null): BoxContents {
  const passes =
    about.kinds[(given[0]?.index ?? 0) + 1] === 'pull-box' &&
    given.every(({ segment }) => isRaceway(segment));
  const at = passes ? given.slice(0, 1) : given;
  const { clamps = false } = at[0]?.segment.end ?? {};
  return {
    conductors: [
      ...at.map((each) => ({
        size: each.figures.size,
        count: each.figures.cable?.wires ?? each.figures.wires,
      })),
      ...at.flatMap(({ segment }) => withNeighbors(about, segment)),
    ],
    egc: at.map((each) => ({ size: groundOf(each), count: 1 })),
    devices:
      receptacleA === null
        ? []
        : at.slice(-1).map((each) => ({ size: each.figures.size, gangs: gangs(receptacleA) })),
    clamps,
    fittings: 0,
  };
}

/** A hole this much off still takes its fitting, inches. */
const HOLE_SLACK_IN = 0.04;

/** What has a volume by rule: a body takes no splices, and a disconnect is listed as it is. */
const BY_VOLUME: readonly StationKind[] = ['box', 'pull-box', 'appliance'];

/** The least inside of a body: twice the inside of the largest raceway at it. */
function bodyArea({ context }: LaidOut, at: readonly RoutedSegment[]): number {
  const inside = at.map(({ segment, figures }) => {
    const type = METHODS[segment.method].raceway;
    return type === null || figures.raceway === null
      ? 0
      : present(context.code.tables.raceways.types[type][figures.raceway.taken], 'Table 4', type).area100;
  });
  return 2 * Math.max(0, ...inside);
}

/** The largest conductor at a station. */
const largestAt = (at: readonly RoutedSegment[]): WireSize =>
  at.reduce<WireSize>((max, { figures: { size } }) => largerSize(max, size), '14');

const HOLDS_SPLICES: readonly StationKind[] = ['box', 'pull-box'];

function report(
  about: LaidOut,
  figures: SizedFigures,
  station: number,
  before: RoutedSegment,
  after: RoutedSegment | undefined,
): BoxReport {
  const { outlet } = figures;
  const kind = about.kinds[station] ?? 'box';
  const at = after === undefined ? [before] : [before, after];
  const entering = at.map(entry);
  const large = isPullBoxSize(largestAt(at));
  const receptacleA = kind === 'appliance' ? (outlet.receptacle?.ratingA ?? null) : null;
  const byVolume = !large && BY_VOLUME.includes(kind);
  const parts = !byVolume ? [] : boxFill(contents(about, at, receptacleA), about.context.code);
  const needsIn3 = parts.reduce((sum, { in3 }) => sum + in3, 0);
  const { boxIn3, ringIn3 = 0 } = before.segment.end ?? {};
  const trades = entering
    .map(({ trade }) => trade)
    .sort((a, b) => tradeRank(b) - tradeRank(a))
    .slice(0, 1);
  return {
    station,
    kind,
    parts,
    needsIn3,
    box: byVolume ? standardBox(needsIn3 - ringIn3) : null,
    hasIn3: boxIn3 === undefined ? null : boxIn3 + ringIn3,
    minAreaIn2: kind === 'body' && !large ? bodyArea(about, at) : null,
    minIn:
      large && kind !== 'disconnect'
        ? pullBoxLength(kind === 'pull-box' ? 'straight' : 'angle', trades)
        : null,
    knockouts: entering,
  };
}

function evaluate(
  size: WireSize,
  { station, kind, needsIn3, box, hasIn3, minIn, knockouts: holes }: BoxReport,
  before: RoutedSegment,
  findings: RouteLog,
): void {
  const { end = {} } = before.segment;
  const at = before.index;
  if (hasIn3 !== null && minIn === null && BY_VOLUME.includes(kind) && hasIn3 < needsIn3 - 1e-9) {
    findings.found('stop', 'box.fill', 'table.boxes', at, { hasIn3, needsIn3 });
  } else if (hasIn3 === null && minIn === null && BY_VOLUME.includes(kind) && box === null) {
    findings.found('check', 'box.none', 'table.boxes', at, { needsIn3 });
  }
  if (minIn !== null && kind === 'body') {
    findings.found('ask', 'body.marked', 'box.pull', at, { size, trade: holes[0]?.trade ?? '1', minIn });
  } else if (minIn !== null && end.lengthIn !== undefined && end.lengthIn < minIn - 1e-9) {
    findings.found('stop', 'box.pull-length', 'box.pull', at, { hasIn: end.lengthIn, needsIn: minIn });
  }
  const metal = HOLDS_SPLICES.includes(kind) && end.plastic !== true;
  if (metal && leftOut(before.segment, 'box-bond')) {
    findings.found('stop', 'box.unbonded', 'box.bond', at, { station: String(station) });
  }
  const { holeIn: hasIn } = end;
  const [first] = holes;
  const fits = hasIn === undefined || holes.some(({ holeIn }) => Math.abs(hasIn - holeIn) <= HOLE_SLACK_IN);
  if (!fits && first !== undefined) {
    findings.found('check', 'knockout.size', 'table.knockouts', at, {
      trade: first.trade,
      needsIn: first.holeIn,
      hasIn,
    });
  }
}

/** The boxes, bodies and disconnects of a route, and the box behind a receptacle, each with what it needs. */
export function routeBoxes(about: LaidOut, findings: RouteLog): readonly BoxReport[] {
  const { segments } = about;
  const { figures } = about.solved;
  if (!isSized(figures)) return [];
  return segments.flatMap((before) => {
    const station = before.index + 1;
    const kind = about.kinds[station];
    const after = segments[station];
    const receptacle = kind === 'appliance' && figures.outlet.receptacle !== null;
    if (kind === undefined || kind === 'coupling' || (kind === 'appliance' && !receptacle)) return [];
    const found = report(about, figures, station, before, after);
    evaluate(largestAt(after === undefined ? [before] : [before, after]), found, before, findings);
    return [found];
  });
}
