import type { Place } from '../code/methods';
import type { SectionKey } from '../code/sections';
import { cableArea, fillPercent, fits, legalTrade } from '../rules/racewayFill';
import { isPullBoxSize } from './boxFill';
import { EXPANSION_FROM_IN, thermalGrowth, usualSwing } from './thermalGrowth';
import { METHODS } from '../code/methods';
import type { WayFitting } from '../code/routeKinds';
import type { RouteFindings } from '../findings/routeFinding';
import type { TradeSize } from '../units/tradeSize';
import { isRaceway, leftOut, type LaidOut, type RoutedStretch } from './routeCase';

/** Something that the way needs besides wire, raceway and boxes. */
export interface NeededFitting {
  readonly fitting: WayFitting;
  readonly stretch: number;
  readonly count: number;
  readonly section: SectionKey;
  /** Whether a rule asks for it, or good practice. */
  readonly asked: 'rule' | 'practice';
  readonly planned: boolean;
  /** Growth of the raceway, where that is the reason, inches. */
  readonly growthIn: number | null;
}

const CLIMATE: Readonly<Record<Place, 'inside' | 'outside'>> = {
  indoor: 'inside',
  garage: 'outside',
  attic: 'outside',
  damp: 'outside',
  outdoor: 'outside',
  underground: 'outside',
  corrosive: 'outside',
};

/** Edges of framing nearer than this want a plate (300.4), inches. */
const PLATE_WITHIN_IN = 1.25;
/** From this cover on a ribbon has its 12 in above the way. */
const RIBBON_FROM_IN = 16;

type Need = Omit<NeededFitting, 'stretch' | 'planned'>;
const need = (
  fitting: WayFitting,
  count: number,
  section: SectionKey,
  asked: Need['asked'] = 'rule',
  growthIn: number | null = null,
): Need => ({ fitting, count, section, asked, growthIn });

/** Where a raceway passes between warm and cold, or out of the ground, it is sealed. The panel stands in the warm. */
function seals({ circuit }: LaidOut, { index, stretch }: RoutedStretch): readonly Need[] {
  if (!isRaceway(stretch)) return [];
  if (stretch.place === 'underground') return [need('seal', 2, 'way.seal-buried')];
  const before = circuit.run[index - 1]?.place ?? 'indoor';
  const after = circuit.run[index + 1]?.place ?? stretch.place;
  // Where the ground ends the buried stretch has its seal already.
  const crosses = [before, after].filter(
    (place) => place !== 'underground' && CLIMATE[place] !== CLIMATE[stretch.place],
  );
  return crosses.length > 0 ? [need('seal', crosses.length, 'way.seal')] : [];
}

function bushings({ solved }: LaidOut, { stretch }: RoutedStretch): readonly Need[] {
  if (!isRaceway(stretch)) return [];
  const threaded = stretch.method === 'rmc' || stretch.method === 'imc';
  const large = isPullBoxSize(solved.figures.size);
  return threaded || large ? [need('bushing', 2, 'way.bushing')] : [];
}

/** The longest straight leg of a raceway: it grows between its two ends. */
const straightFt = (about: LaidOut, index: number): number =>
  Math.max(0, ...(about.legs[index] ?? []).map(({ lengthFt }) => lengthFt));

/** How much the longest straight leg of a stretch grows in a year, inches. */
export const stretchGrowth = (about: LaidOut, { index, stretch }: RoutedStretch): number =>
  thermalGrowth(stretch.method, straightFt(about, index), stretch.swingF ?? usualSwing(stretch.place));

function expansions(about: LaidOut, each: RoutedStretch): readonly Need[] {
  const growthIn = stretchGrowth(about, each);
  return growthIn >= EXPANSION_FROM_IN - 1e-9
    ? [need('expansion', 1, 'way.expansion', 'rule', growthIn)]
    : [];
}

/** What a buried stretch needs where it lies and where it comes up. */
function buriedNeeds({ stretch }: RoutedStretch): readonly Need[] {
  if (stretch.place !== 'underground') return [];
  const cable = METHODS[stretch.method].kind === 'cable';
  const ribbon = -stretch.heightFt * 12 >= RIBBON_FROM_IN && stretch.bored !== true;
  return [
    ...(cable ? [need('riser', 2, 'way.riser'), need('bushing', 2, 'way.bushing')] : []),
    ...(ribbon ? [need('ribbon', Math.ceil(stretch.lengthFt), 'way.ribbon', 'practice')] : []),
    need('s-loop', 2, 'way.movement', 'practice'),
  ];
}

function plates({ stretch }: RoutedStretch): readonly Need[] {
  const { edgeIn } = stretch;
  if (isRaceway(stretch) || edgeIn === undefined || edgeIn >= PLATE_WITHIN_IN - 1e-9) return [];
  return [need('plates', Math.max(1, Math.ceil(stretch.lengthFt / (16 / 12))), 'way.plates')];
}

function bonds({ kinds }: LaidOut, { index, stretch }: RoutedStretch): readonly Need[] {
  const kind = kinds[index + 1];
  const metal = (kind === 'box' || kind === 'pull-box') && stretch.end?.plastic !== true;
  return metal ? [need('box-bond', 1, 'box.bond')] : [];
}

/** The two places between which a raceway passes from warm to cold. */
function sealedFrom({ circuit }: LaidOut, index: number): { readonly from: Place; readonly to: Place } {
  const place = circuit.run[index]?.place ?? 'indoor';
  const before = circuit.run[index - 1]?.place ?? 'indoor';
  const after = circuit.run[index + 1]?.place ?? place;
  return { from: place, to: CLIMATE[before] === CLIMATE[place] ? after : before };
}

function reportMissing(
  about: LaidOut,
  { index, stretch }: RoutedStretch,
  { fitting, growthIn, section }: Need,
  findings: RouteFindings,
): void {
  const { method, edgeIn = 0 } = stretch;
  const of = { fitting, method };
  switch (fitting) {
    case 'seal':
      findings.found('stop', 'seal.missing', section, index, sealedFrom(about, index), of);
      break;
    case 'bushing':
      findings.found('stop', 'bushing.missing', section, index, { size: about.solved.figures.size }, of);
      break;
    case 'plates':
      findings.found('stop', 'nailplate.needed', section, index, { edgeIn }, of);
      break;
    case 'ribbon':
      findings.found('check', 'ribbon.missing', section, index, { coverIn: -stretch.heightFt * 12 }, of);
      break;
    case 'expansion':
      findings.found(
        'stop',
        'expansion.missing',
        section,
        index,
        { growthIn: growthIn ?? 0, lengthFt: straightFt(about, index) },
        of,
      );
      break;
    case 'riser':
      findings.found('stop', 'riser.unguarded', section, index, { method }, of);
      break;
    case 's-loop':
      findings.found('check', 's-loop.missing', section, index, { method }, of);
      break;
    case 'box-bond':
      // The box itself reports it, with the station at which it stands.
      break;
  }
}

/** What the way needs stretch by stretch: planned unless it was left out, which is a finding. */
export function routeFittings(about: LaidOut, findings: RouteFindings): readonly NeededFitting[] {
  return about.stretches.flatMap((each) => {
    const needs = [
      ...seals(about, each),
      ...bushings(about, each),
      ...expansions(about, each),
      ...buriedNeeds(each),
      ...plates(each),
      ...bonds(about, each),
    ];
    return needs.map((one) => {
      const missing = leftOut(each.stretch, one.fitting);
      if (missing) reportMissing(about, each, one, findings);
      return { ...one, stretch: each.index, planned: !missing };
    });
  });
}

/** A raceway in which a cable is pulled. */
export interface SleeveReport {
  readonly stretch: number;
  readonly trade: TradeSize;
  readonly fillPct: number;
  readonly insideIn: number;
  readonly widthIn: number;
}

/** Past this share of its inside a jacketed cable is legal in a sleeve and pulls badly. */
const TIGHT_PCT = 45;

/** Cables that are pulled in raceway: filled by the circle on the wider side of the cable, one to the raceway. */
export function routeSleeves(about: LaidOut, findings: RouteFindings): readonly SleeveReport[] {
  const { code } = about.context;
  return about.stretches.flatMap(({ stretch, index, figures }) => {
    const type = stretch.sleeve === undefined ? null : METHODS[stretch.sleeve].raceway;
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
    return [{ stretch: index, trade, fillPct, insideIn: row.insideIn, widthIn }];
  });
}
