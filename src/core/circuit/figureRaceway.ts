import { present } from '../units/present';
import type { Edition } from '../code/edition';
import { METHODS, type MethodId } from '../code/methods';
import type { Insulation, RacewayType } from '../code/tables/shapes';
import {
  allowedArea,
  conductorArea,
  conductorDiameter,
  fillLimit,
  fillPercent,
  fits,
  jamRatio,
  legalTrade,
  mayJam,
  nextTrade,
  type RacewayChoice,
} from '../rules/racewayFill';
import { largerSize, sizeRank, type WireSize } from '../units/wireSize';
import { tradeRank, type TradeSize } from '../units/tradeSize';
import type { ComfortReason } from '../working/step';
import type { Working } from '../working/worked';
import type { Circuit, Segment } from './circuitSchema';
import { neighborsOf, type SharedSegment } from './neighbors';
import type { RacewayFigures } from './figures';
import type { SolveContext } from './solveContext';
import { bendsOf } from './bends';
import { isNipple } from './stations';
import type { Practices } from './practices';

/** What a circuit brings into a raceway. */
interface PulledConductors {
  readonly size: WireSize;
  readonly ground: WireSize;
  /** Insulated conductors without the ground. */
  readonly wires: number;
}

interface Contents {
  readonly conductors: number;
  readonly areaIn2: number;
  /** The one ground of all circuits in the raceway (250.122(C)). */
  readonly ground: WireSize;
  readonly others: readonly SharedSegment[];
}

/** A pull is taken to be hard past these. */
const FULL_PCT = 35;
const BENDS_DEG = 180;
const LONG_FT = 100;
const STIFF: WireSize = '4';

/** Everything in one raceway: the circuit's conductors, those of its neighbors, and one ground for all. */
function contents(
  circuit: Circuit,
  { size: own, ground, wires }: PulledConductors,
  others: readonly SharedSegment[],
  code: Edition,
): Contents {
  const shared = others.reduce<WireSize>((max, each) => largerSize(max, each.ground ?? max), ground);
  const area = (size: WireSize | null, insulation: Insulation): number =>
    size === null ? 0 : present(conductorArea(size, insulation, code), 'Table 5', insulation, size);
  return {
    others,
    ground: shared,
    conductors: others.reduce((sum, other) => sum + other.wires, wires) + 1,
    areaIn2:
      wires * area(own, circuit.insulation) +
      others.reduce((sum, each) => sum + each.wires * area(each.size, each.insulation), 0) +
      area(shared, circuit.insulation),
  };
}

/** Why a size up would spare a hard pull; "none" where the smallest pulls well. */
function comfortReason(
  fillPct: number,
  size: WireSize,
  { lengthFt }: Segment,
  bendsDeg: number,
): ComfortReason {
  if (fillPct > FULL_PCT) return 'full';
  if (sizeRank(size) >= sizeRank(STIFF)) return 'stiff';
  if (bendsDeg > BENDS_DEG) return 'bends';
  return lengthFt > LONG_FT ? 'long' : 'none';
}

/** Records the area of what is in the raceway, and whose it is where circuits share it. */
function recordContents(
  { conductors, areaIn2, others, ground }: Contents,
  { size, insulation }: { readonly size: WireSize; readonly insulation: Insulation },
  work: Working,
): void {
  work.step('raceway.area', 'raceway.conductor', { count: conductors }, areaIn2, {
    read: { table: 'insulated', row: size, column: insulation },
  });
  if (others.length > 0)
    work.step('raceway.shared', 'ground.shared', { count: others.length, ground }, areaIn2);
}

/** The row of the fill limits that a number of conductors reads. */
const limitRow = (conductors: number, nipple: boolean): string => {
  if (nipple) return 'nipple';
  if (conductors > 2) return 'overTwo';
  return conductors === 2 ? 'two' : 'one';
};

/** Records how full the raceway may be. */
function recordLimit(
  at: {
    readonly conductors: number;
    readonly nipple: boolean;
    readonly lengthFt: number;
    readonly limitPct: number;
  },
  work: Working,
): void {
  const { conductors, nipple, lengthFt, limitPct } = at;
  if (nipple) work.step('raceway.nipple', 'raceway.nipple', { lengthFt }, limitPct);
  work.step('raceway.limit', 'raceway.fill', { count: conductors }, limitPct, {
    read: { table: 'fillLimits', row: limitRow(conductors, nipple), column: 'share' },
  });
}

/** The raceway of one segment by fill, with what the shop practice takes; null for a cable, and where none is made large enough. */
export function figureRaceway(
  segment: Segment,
  circuit: Circuit,
  conductor: PulledConductors,
  { code, practices, neighbors = {} }: Pick<SolveContext, 'code' | 'practices' | 'neighbors'>,
  work: Working,
): RacewayFigures | null {
  const { raceway: type } = METHODS[segment.method];
  if (type === null) return null;
  const held = contents(circuit, conductor, neighborsOf(segment, 'raceway', neighbors), code);
  const { conductors, areaIn2 } = held;
  const index = circuit.run.indexOf(segment);
  const nipple = isNipple(circuit.run, index);
  const bendsDeg = bendsOf(circuit, index);
  const limit = fillLimit(code, conductors, nipple);
  recordContents(held, { size: conductor.size, insulation: circuit.insulation }, work);
  recordLimit({ conductors, nipple, lengthFt: segment.lengthFt, limitPct: limit * 100 }, work);
  const legal = smallest(type, held, nipple, segment.method, code, work);
  if (legal === undefined) return null;
  const legalFillPct = fillPercent(legal.row, areaIn2);
  const reason = comfortReason(legalFillPct, conductor.size, segment, bendsDeg);
  const comfort = reason === 'none' ? legal.trade : nextTrade(type, legal.trade, code);
  const taken = takeTrade(circuit, practices, legal.trade, comfort, reason, work);
  const row = code.tables.raceways.types[type][taken] ?? legal.row;
  const fillPct = fillPercent(row, areaIn2);
  findBends(segment.method, bendsDeg, code, work);
  findJam(circuit, conductor, conductors, row.insideIn, taken, code, work);
  if (circuit.pins.trade !== undefined && !fits(row, areaIn2, conductors, nipple)) {
    work.found('stop', 'raceway.fill', 'raceway.fill', {
      method: segment.method,
      trade: taken,
      fillPct,
      limitPct: limit * 100,
    });
  }
  return {
    method: segment.method,
    legal: legal.trade,
    comfort,
    comfortReason: reason,
    taken,
    conductors,
    areaIn2,
    ground: held.ground,
    insideIn: row.insideIn,
    legalFillPct,
    fillPct,
    limitPct: limit * 100,
  };
}

/** The smallest by fill, with its step; undefined with a stop where none is made large enough. */
function smallest(
  type: RacewayType,
  { areaIn2, conductors }: Contents,
  nipple: boolean,
  method: MethodId,
  code: Edition,
  work: Working,
): RacewayChoice | undefined {
  const legal = legalTrade(type, areaIn2, conductors, code, nipple);
  if (legal === undefined) {
    work.found('stop', 'raceway.none', 'raceway.size', { method, areaIn2 });
    return undefined;
  }
  const limit = allowedArea(legal.row, conductors, nipple);
  work.step('raceway.legal', 'raceway.size', { areaIn2, limit }, legal.trade, {
    read: { table: 'raceways', row: legal.trade, column: type },
  });
  return legal;
}

function takeTrade(
  circuit: Circuit,
  practices: Practices,
  legal: TradeSize,
  comfort: TradeSize,
  reason: ComfortReason,
  work: Working,
): TradeSize {
  const pinned = circuit.pins.trade;
  if (pinned !== undefined) return work.step('raceway.pinned', 'raceway.fill', { legal }, pinned);
  const legalOnly = practices.raceway === 'legal' && comfort !== legal;
  const taken = legalOnly ? legal : comfort;
  return work.step(
    'raceway.comfort',
    'raceway.fill',
    { legal, reason: legalOnly ? 'house-legal' : reason },
    taken,
  );
}

function findBends(method: MethodId, degrees: number, code: Edition, work: Working): void {
  const limit = code.parameters.bendLimitDeg;
  const about = { degrees, limit: limit.value };
  if (degrees > 0) work.step('raceway.bends', limit.cite, about, degrees, { by: limit, method });
  if (degrees > limit.value) work.found('stop', 'raceway.bends', limit.cite, about, method);
}

function findJam(
  circuit: Circuit,
  { size, wires }: PulledConductors,
  conductors: number,
  insideIn: number,
  trade: TradeSize,
  code: Edition,
  work: Working,
): void {
  if (wires !== 3 || conductors > 4) return;
  const outsideIn = conductorDiameter(size, circuit.insulation, code);
  const ratio = work.step(
    'raceway.jam',
    'raceway.jam',
    { insideIn, outsideIn },
    jamRatio(insideIn, outsideIn),
  );
  if (mayJam(ratio)) work.found('check', 'raceway.jam', 'raceway.jam', { trade, ratio });
}

/** The raceway of the run that asks for the largest trade size. */
export const governingRaceway = (raceways: readonly (RacewayFigures | null)[]): RacewayFigures | null =>
  raceways.reduce(
    (max, each) =>
      each !== null && (max === null || tradeRank(each.taken) > tradeRank(max.taken)) ? each : max,
    null,
  );
