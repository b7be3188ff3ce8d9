import type { Environment } from '../code/methods';
import type { SectionKey } from '../code/sections';
import { cableArea, fillPercent, fits, legalTrade } from '../rules/racewayFill';
import { isPullBoxSize } from './boxFill';
import { EXPANSION_FROM_IN, thermalGrowth, usualSwing } from './thermalGrowth';
import { METHODS } from '../code/methods';
import type { RouteFitting } from '../code/routeKinds';
import type { RouteLog } from './routeLog';
import type { TradeSize } from '../units/tradeSize';
import { isRaceway, leftOut, type LaidOut, type RoutedSegment } from './routeCase';

/** Something that the route needs besides wire, raceway and boxes. */
export interface NeededFitting {
  readonly fitting: RouteFitting;
  readonly segment: number;
  readonly count: number;
  readonly section: SectionKey;
  /** Whether a rule asks for it, or good practice. */
  readonly asked: 'rule' | 'practice';
  readonly planned: boolean;
  /** Growth of the raceway, where that is the reason, inches. */
  readonly growthIn: number | null;
}

const CLIMATE: Readonly<Record<Environment, 'inside' | 'outside'>> = {
  indoor: 'inside',
  garage: 'outside',
  attic: 'outside',
  damp: 'outside',
  outdoor: 'outside',
  underground: 'outside',
  corrosive: 'outside',
};

const OUTSIDE: ReadonlySet<Environment> = new Set(['outdoor', 'damp', 'corrosive']);

/** Edges of framing nearer than this want a plate (300.4), inches. */
const PLATE_WITHIN_IN = 1.25;
/** From this cover on a ribbon has its 12 in above the route. */
const RIBBON_FROM_IN = 16;

type Need = Omit<NeededFitting, 'segment' | 'planned'>;
const need = (
  fitting: RouteFitting,
  count: number,
  section: SectionKey,
  asked: Need['asked'] = 'rule',
  growthIn: number | null = null,
): Need => ({ fitting, count, section, asked, growthIn });

/** Seals that are planned: where a raceway enters a building from the ground or the cold, and where moisture may come up. */
function seals({ circuit }: LaidOut, { index, segment }: RoutedSegment): readonly Need[] {
  if (!isRaceway(segment)) return [];
  if (segment.place === 'underground') {
    const ends = [circuit.run[index - 1]?.place ?? 'indoor', circuit.run[index + 1]?.place ?? 'underground'];
    const enters = ends.some((place) => CLIMATE[place] === 'inside');
    return [need('seal', 2, enters ? 'route.seal-enters' : 'route.seal-buried')];
  }
  const before = circuit.run[index - 1]?.place ?? 'indoor';
  const after = circuit.run[index + 1]?.place ?? segment.place;
  // Where the ground ends the buried segment has its seal already.
  const crosses = [before, after].filter(
    (place) => place !== 'underground' && CLIMATE[place] !== CLIMATE[segment.place],
  );
  const fromOutside = OUTSIDE.has(segment.place) || crosses.some((place) => OUTSIDE.has(place));
  const cite = fromOutside ? 'route.seal-outside' : 'route.seal';
  return crosses.length > 0 ? [need('seal', crosses.length, cite)] : [];
}

function bushings({ segment, figures: { size } }: RoutedSegment): readonly Need[] {
  if (!isRaceway(segment)) return [];
  const threaded = segment.method === 'rmc' || segment.method === 'imc';
  const large = isPullBoxSize(size);
  // 4 AWG and larger wherever they enter; a threaded raceway by its own article.
  if (large) return [need('bushing', 2, 'route.bushing')];
  return threaded ? [need('bushing', 2, 'route.bushing-raceway')] : [];
}

/** The longest straight leg of a raceway: it grows between its two ends. */
const straightFt = (about: LaidOut, index: number): number =>
  Math.max(0, ...(about.legs[index] ?? []).map(({ lengthFt }) => lengthFt));

/** How much the longest straight leg of a segment grows in a year, inches. */
export const segmentGrowth = (about: LaidOut, { index, segment }: RoutedSegment): number =>
  thermalGrowth(segment.method, straightFt(about, index), segment.swingF ?? usualSwing(segment.place));

function expansions(about: LaidOut, each: RoutedSegment): readonly Need[] {
  const growthIn = segmentGrowth(about, each);
  return growthIn >= EXPANSION_FROM_IN - 1e-9
    ? [need('expansion', 1, 'route.expansion', 'rule', growthIn)]
    : [];
}

/** What a buried segment needs where it lies and where it comes up. */
function buriedNeeds({ segment }: RoutedSegment): readonly Need[] {
  if (segment.place !== 'underground') return [];
  const cable = METHODS[segment.method].kind === 'cable';
  const ribbon = -segment.heightFt * 12 >= RIBBON_FROM_IN && segment.bored !== true;
  return [
    ...(cable ? [need('riser', 2, 'route.riser'), need('bushing', 2, 'route.bushing-emerges')] : []),
    ...(ribbon ? [need('ribbon', Math.ceil(segment.lengthFt), 'route.ribbon', 'practice')] : []),
    need('s-loop', 2, 'route.movement', 'practice'),
  ];
}

function plates({ segment }: RoutedSegment): readonly Need[] {
  const { edgeIn } = segment;
  if (isRaceway(segment) || edgeIn === undefined || edgeIn >= PLATE_WITHIN_IN - 1e-9) return [];
  return [need('plates', Math.max(1, Math.ceil(segment.lengthFt / (16 / 12))), 'route.plates')];
}

function bonds({ kinds }: LaidOut, { index, segment }: RoutedSegment): readonly Need[] {
  const kind = kinds[index + 1];
  const metal = (kind === 'box' || kind === 'pull-box') && segment.end?.plastic !== true;
  return metal ? [need('box-bond', 1, 'box.bond')] : [];
}

/** The two places between which a raceway passes from warm to cold. */
function sealedFrom(
  { circuit }: LaidOut,
  index: number,
): { readonly from: Environment; readonly to: Environment } {
  const place = circuit.run[index]?.place ?? 'indoor';
  const before = circuit.run[index - 1]?.place ?? 'indoor';
  const after = circuit.run[index + 1]?.place ?? place;
  return { from: place, to: CLIMATE[before] === CLIMATE[place] ? after : before };
}

function reportMissing(
  about: LaidOut,
  { index, segment }: RoutedSegment,
  { fitting, growthIn, section }: Need,
  findings: RouteLog,
): void {
  const { method, edgeIn = 0 } = segment;
  const { size } = about.solved.figures;
  switch (fitting) {
    case 'seal':
      findings.found('check', 'seal.missing', section, index, sealedFrom(about, index), method);
      break;
    case 'bushing':
      if (size !== null) findings.found('stop', 'bushing.missing', section, index, { size }, method);
      break;
    case 'plates':
      findings.found('stop', 'nailplate.needed', section, index, { edgeIn }, method);
      break;
    case 'ribbon':
      findings.found('check', 'ribbon.missing', section, index, { coverIn: -segment.heightFt * 12 }, method);
      break;
    case 'expansion':
      findings.found(
        'stop',
        'expansion.missing',
        section,
        index,
        { growthIn: growthIn ?? 0, lengthFt: straightFt(about, index) },
        method,
      );
      break;
    case 'riser':
      findings.found('stop', 'riser.unguarded', section, index, { method }, method);
      break;
    case 's-loop':
      findings.found('check', 's-loop.missing', section, index, { method }, method);
      break;
    case 'box-bond':
      // The box itself reports it, with the station at which it stands.
      break;
  }
}

/** Fittings required segment by segment: planned unless it was left out, which is a finding. */
export function routeFittings(about: LaidOut, findings: RouteLog): readonly NeededFitting[] {
  return about.segments.flatMap((each) => {
    const needs = [
      ...seals(about, each),
      ...bushings(each),
      ...expansions(about, each),
      ...buriedNeeds(each),
      ...plates(each),
      ...bonds(about, each),
    ];
    return needs.map((one) => {
      const missing = leftOut(each.segment, one.fitting);
      if (missing) reportMissing(about, each, one, findings);
      return { ...one, segment: each.index, planned: !missing };
    });
  });
}

/** A raceway in which a cable is pulled. */
export interface SleeveReport {
  readonly segment: number;
  readonly trade: TradeSize;
  readonly fillPct: number;
  readonly insideIn: number;
  readonly widthIn: number;
}

/** Past this share of its inside a jacketed cable is legal in a sleeve and pulls badly. */
const TIGHT_PCT = 45;

/** Cables that are pulled in raceway: filled by the circle on the wider side of the cable, one to the raceway. */
export function routeSleeves(about: LaidOut, findings: RouteLog): readonly SleeveReport[] {
  const { code } = about.context;
  return about.segments.flatMap(({ segment, index, figures }) => {
    const type = segment.sleeve === undefined ? null : METHODS[segment.sleeve].raceway;
    const widthIn = figures.cable?.widthIn ?? null;
    if (type === null || figures.cable === null || widthIn === null) return [];
    const areaIn2 = cableArea(widthIn, figures.cable.heightIn ?? widthIn);
    const pinned = about.circuit.pins.trade;
    const chosen = pinned === undefined ? legalTrade(type, areaIn2, 1, code) : undefined;
    const row = pinned === undefined ? chosen?.row : code.tables.raceways.types[type][pinned];
    const trade = pinned ?? chosen?.trade;
    if (row === undefined || trade === undefined) return [];
    const fillPct = fillPercent(row, areaIn2);
    const cable = figures.cable.name;
    if (!fits(row, areaIn2, 1)) {
      findings.found('stop', 'raceway.sleeve-full', 'raceway.fill', index, {
        trade,
        fillPct,
        limitPct: code.tables.fillLimits.one * 100,
        cable,
      });
    } else if (fillPct > TIGHT_PCT) {
      findings.found('check', 'raceway.tight', 'raceway.fill', index, { trade, fillPct, cable });
    }
    return [{ segment: index, trade, fillPct, insideIn: row.insideIn, widthIn }];
  });
}
