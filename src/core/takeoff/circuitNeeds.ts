import type { SmallKind } from '../code/itemKinds';
import { isSized } from '../circuit/figures';
import { segmentSpan, stationLetter } from '../circuit/stations';
import { METHODS } from '../code/methods';
import type { RouteFitting } from '../code/routeKinds';
import { racewayCuts } from '../route/cutList';
import { makeUp } from '../route/makeUp';
import { isRaceway, type LaidOut } from '../route/routeCase';
import type { RouteReport } from '../route/routeReport';
import type { WirePiece } from '../route/wireList';
import type { TradeSize } from '../units/tradeSize';
import type { Item } from './item';
import { pieceOf, type Need } from './need';
import { outletNeeds, type Put } from './outletNeeds';

/** What a circuit is taken off by. */
export interface CircuitCase {
  readonly route: RouteReport;
  /** Whether this circuit brings what a segment shares with others: only one of them does. */
  readonly brings: (segment: number, kind: 'raceway' | 'trench') => boolean;
  /** Whether it shares one space with another: the tandem breaker is then bought for the panel. */
  readonly onTandem: boolean;
}

/** A list of what a circuit needs, in the making. */
class CircuitList {
  readonly needs: Need[] = [];
  readonly #id: string;

  constructor(id: string) {
    this.#id = id;
  }

  readonly put: Put = (item, count, where) => {
    if (count > 0)
      this.needs.push({ item, source: { kind: 'circuit', id: this.#id }, where, count, piece: null });
  };

  /** A piece that is cut in one length. */
  cut(item: Item, piece: NonNullable<Need['piece']>): void {
    const source = { kind: 'circuit', id: this.#id } as const;
    this.needs.push({ item, source, where: piece.where, count: piece.cutFt, piece });
  }
}

/** Wire and cable, each piece with what is left at its ends. */
function wires({ about, wires: pieces }: RouteReport, list: CircuitList): void {
  const { circuit, kinds } = about;
  for (const piece of pieces) {
    const { from, to, segments, cable, conductors, routeFt } = piece;
    const where = `${stationLetter(from)} to ${stationLetter(to)}`;
    const ends = endsOf(piece, kinds);
    const cableAt = about.segments.find(({ index }) => index === segments[0]);
    if (cable !== null && cableAt !== undefined) {
      const { method, cable: made, size } = cableAt.figures;
      const item: Item = { kind: 'cable', name: cable, method, size, wires: made?.wires ?? 2 };
      list.cut(item, pieceOf(`${circuit.id} ${where}`, where, routeFt, ends, 'cable'));
    } else
      for (const { letters, size, metal } of conductors) {
        const insulation = letters === 'BARE' ? 'bare' : circuit.insulation;
        const item: Item = { kind: 'wire', size, metal, insulation, letters };
        list.cut(item, pieceOf(`${circuit.id} ${where} ${letters}`, where, routeFt, ends, 'wire'));
      }
    for (const { letters, note } of conductors)
      if (letters === 'WH' && note === 're-identified') list.put({ kind: 'tape', letters: 'RD' }, 1, where);
  }
}

/** What is left at the two ends of a piece; that of bodies between them is counted to the second. */
function endsOf({ from, cable, makeUpFt }: WirePiece, kinds: LaidOut['kinds']): readonly [number, number] {
  const first = makeUp(kinds[from] ?? 'panel', cable !== null);
  return [first, Math.max(0, makeUpFt - first)];
}

/** Raceway that this circuit brings: sticks or coils, couplings, connectors, elbows. */
function raceways({ about }: RouteReport, brings: CircuitCase['brings'], list: CircuitList): void {
  const { circuit } = about;
  const own = about.segments.filter(({ index, segment }) => isRaceway(segment) && brings(index, 'raceway'));
  for (const each of own) {
    const where = segmentSpan(each.index);
    for (const cuts of racewayCuts({ ...about, segments: [each] })) {
      const { method, trade, sticks, lengthFt } = cuts;
      const item: Item = { kind: 'raceway', method, trade };
      const pieces = sticks.flatMap((stick) => stick.pieces.map((piece) => piece.lengthFt));
      for (const [at, ft] of (pieces.length > 0 ? pieces : [lengthFt]).entries())
        list.cut(item, {
          id: `${circuit.id} ${where} ${method} ${at + 1}`,
          where,
          runFt: ft,
          wasteFt: 0,
          endsFt: [0, 0],
          cutFt: Math.ceil(ft * 12 - 1e-6) / 12,
        });
      list.put({ kind: 'connector', method, trade }, cuts.connectors, where);
      list.put({ kind: 'coupling', method, trade }, cuts.couplings, where);
      list.put({ kind: 'elbow', method, trade }, cuts.elbows, where);
    }
  }
}

const FITTED: Readonly<Partial<Record<RouteFitting, 'seal' | 'bushing' | 'expansion'>>> = {
  seal: 'seal',
  bushing: 'bushing',
  expansion: 'expansion',
};
const SMALL: Readonly<Partial<Record<RouteFitting, SmallKind>>> = {
  plates: 'nail-plate',
  riser: 'riser-guard',
  'box-bond': 'ground-screw',
};

/** What the route needs besides: seals, bushings, expansion fittings, plates, ribbon. */
function fittings(
  { about, fittings: needed }: RouteReport,
  brings: CircuitCase['brings'],
  list: CircuitList,
) {
  for (const { fitting, segment, count, planned } of needed) {
    const at = about.segments.find(({ index }) => index === segment);
    if (!planned || at === undefined) continue;
    const where = segmentSpan(segment);
    const fitted = FITTED[fitting];
    const small = SMALL[fitting];
    const trade = at.figures.raceway?.taken;
    if (fitted !== undefined && trade !== undefined) {
      if (brings(segment, 'raceway'))
        list.put({ kind: fitted, method: at.segment.method, trade }, count, where);
    } else if (fitting === 'ribbon') {
      if (brings(segment, 'trench')) list.put({ kind: 'ribbon' }, count, where);
    } else if (small !== undefined) list.put({ kind: small }, count, where);
  }
}

/** Straps and staples by the shop practice, and connectors of cables. */
function supports({ about }: RouteReport, brings: CircuitCase['brings'], list: CircuitList): void {
  for (const { index, segment, figures } of about.segments) {
    const raceway = isRaceway(segment);
    if (raceway && !brings(index, 'raceway')) continue;
    const trade = figures.raceway?.taken ?? null;
    list.put(
      { kind: 'support', method: segment.method, trade },
      figures.supports?.practice ?? 0,
      segmentSpan(index),
    );
  }
}

/** Boxes with covers, what enters them, and the splices in them; conduit bodies. */
function boxes({ about, boxes: found }: RouteReport, list: CircuitList): void {
  for (const { station, kind, box, hasIn3, minIn, knockouts } of found) {
    const where = stationLetter(station);
    if (kind === 'box' && box !== null && hasIn3 === null) {
      list.put({ kind: 'box', name: box.name }, 1, where);
      list.put({ kind: 'box-cover' }, 1, where);
      const at = about.segments.find(({ index }) => index === station - 1);
      list.put({ kind: 'wire-connector' }, at === undefined ? 0 : (at.figures.cable?.wires ?? 2) + 1, where);
    }
    if (kind === 'pull-box' && minIn !== null)
      list.put({ kind: 'pull-box', lengthIn: Math.ceil(minIn) }, 1, where);
    for (const { trade, entering } of knockouts)
      if (entering === 'cable') list.put({ kind: 'cable-connector', trade }, 1, where);
  }
  for (const [station, kind] of about.kinds.entries()) {
    const before = about.segments.find(({ index }) => index === station - 1);
    const trade: TradeSize | undefined = before?.figures.raceway?.taken;
    if (kind === 'body' && before !== undefined && trade !== undefined)
      list.put({ kind: 'body', method: before.segment.method, trade }, 1, stationLetter(station));
  }
}

/** A cable enters the panel through a connector of its own. */
function panelEntry({ about }: RouteReport, list: CircuitList): void {
  const [first] = about.segments;
  if (first !== undefined && METHODS[first.segment.method].kind === 'cable')
    list.put({ kind: 'cable-connector', trade: '3/4' }, 1, stationLetter(0));
}

/** Everything that one circuit takes: wire, raceway, fittings, boxes, devices. An existing circuit takes nothing. */
export function circuitNeeds({ route, brings, onTandem }: CircuitCase): readonly Need[] {
  const { circuit, solved } = route.about;
  const { figures } = solved;
  if (circuit.existing !== null || !isSized(figures)) return [];
  const list = new CircuitList(circuit.id);
  wires(route, list);
  raceways(route, brings, list);
  fittings(route, brings, list);
  supports(route, brings, list);
  boxes(route, list);
  panelEntry(route, list);
  outletNeeds(figures, onTandem, stationLetter(circuit.run.length), list.put);
  return list.needs;
}
