import type { Edition } from '../code/edition';
import type { SectionKey } from '../code/sections';
import { cookingDemand } from '../appliances/cookingDemand';

/** Kinds of load that the methods of a service calculation tell apart. */
export const SERVICE_KINDS = [
  'fixed',
  'range',
  'dryer',
  'heat',
  'cool',
  'heat-pump',
  'ev',
  'motor',
  'kitchen',
  'outlet',
] as const;
/** Kind of a load in a service calculation. */
export type ServiceKind = (typeof SERVICE_KINDS)[number];

/** One load of a dwelling. */
export interface ServiceLoad {
  readonly what: string;
  readonly va: number;
  readonly kind: ServiceKind;
  /** Separately controlled units of electric heat, or appliances of one kind. */
  readonly units?: number | undefined;
}

/** A dwelling and what is added to it. */
export interface Dwelling {
  readonly areaFt2: number;
  readonly smallApplianceCircuits: number;
  readonly laundryCircuits: number;
  readonly loads: readonly ServiceLoad[];
  readonly newLoads: readonly ServiceLoad[];
  /** EV chargers counted at 125 %, where the authority requires it. */
  readonly evAdder?: boolean | undefined;
}

/** One line of a service calculation. */
export interface ServicePart {
  readonly what: string;
  readonly connectedVA: number;
  readonly countedVA: number;
  readonly section: SectionKey;
}

/** The load of a service, part by part. */
export interface ServiceLoadResult {
  readonly generalVA: number;
  readonly totalVA: number;
  readonly parts: readonly ServicePart[];
  /** What the blocks of an optional method are taken of, load by load; empty for the others. */
  readonly base: readonly ServicePart[];
}

/** Small-appliance and laundry circuits count this much each (220.52). */
const CIRCUIT_VA = 1500;
/** General lighting: this much in full, 35 % to the next bound, 25 % above (220.45). */
const GENERAL_BANDS = [
  { toVA: 3000, share: 1 },
  { toVA: 120000, share: 0.35 },
  { toVA: Infinity, share: 0.25 },
] as const;
/** Four or more fixed appliances count 75 % (220.53). */
const FIXED_COUNT = 4;
const FIXED_SHARE = 0.75;
const LARGEST_MOTOR_SHARE = 0.25;
const TAIL_SHARE = 0.4;
const EV_ADDER = 1.25;
/** First block of the existing-dwelling method, and separately controlled units that count as a few (220.82(C), 220.83). */
const EXISTING_FIRST_VA = 8000;
const FEW_UNITS = 4;

const sum = (parts: readonly ServicePart[]): number =>
  parts.reduce((acc, { countedVA }) => acc + countedVA, 0);

/** A connected load through bands, each with its share. */
function banded(va: number, bands: readonly { readonly toVA: number; readonly share: number }[]): number {
  let [counted, from] = [0, 0];
  for (const { toVA, share } of bands) {
    counted += Math.max(0, Math.min(va, toVA) - from) * share;
    from = toVA;
  }
  return counted;
}

/** Lighting and receptacles by area with small-appliance and laundry circuits, connected. */
const generalVA = ({ areaFt2, smallApplianceCircuits, laundryCircuits }: Dwelling, code: Edition): number =>
  areaFt2 * code.parameters.dwellingVAPerFt2.value + CIRCUIT_VA * (smallApplianceCircuits + laundryCircuits);

const all = ({ loads, newLoads }: Dwelling): readonly ServiceLoad[] => [...loads, ...newLoads];
const ofKind = (loads: readonly ServiceLoad[], ...kinds: readonly ServiceKind[]): readonly ServiceLoad[] =>
  loads.filter(({ kind }) => kinds.includes(kind));
const connected = (loads: readonly ServiceLoad[]): number => loads.reduce((acc, { va }) => acc + va, 0);

/** A charger counts its plate, from 2023 no less than the floor (220.57). */
const chargerVA = (va: number, code: Edition): number => Math.max(va, code.parameters.evFloorVA.value);

/** A dryer counts its plate, no less than the table's least (220.54). */
const dryerVA = (va: number, code: Edition): number => Math.max(va, code.tables.dryerDemand.minVA);

const part = (what: string, connectedVA: number, countedVA: number, section: SectionKey): ServicePart => ({
  what,
  connectedVA,
  countedVA,
  section,
});

/** Vehicle chargers, each at its plate or the floor, and a quarter more where the authority asks for it. */
const chargers = ({ evAdder, ...dwelling }: Dwelling, code: Edition): readonly ServicePart[] =>
  ofKind(all(dwelling), 'ev').map(({ what, va }) =>
    part(what, va, chargerVA(va, code) * (evAdder === true ? EV_ADDER : 1), 'service.ev'),
  );

/** The larger of heating and cooling: they never run together (220.60). */
function climate(loads: readonly ServiceLoad[], heatShare: (units: number) => number): ServicePart | null {
  const heat = ofKind(loads, 'heat');
  const units = heat.reduce((acc, each) => acc + (each.units ?? 1), 0);
  const heatVA = connected(heat) * heatShare(units);
  const pumpVA = connected(ofKind(loads, 'heat-pump'));
  const coolVA = connected(ofKind(loads, 'cool'));
  const counted = Math.max(heatVA + pumpVA, coolVA);
  if (counted === 0) return null;
  return part(
    coolVA > heatVA + pumpVA ? 'cooling' : 'heating',
    counted === coolVA ? coolVA : connected(heat) + pumpVA,
    counted,
    'service.climate',
  );
}

function standardParts(dwelling: Dwelling, code: Edition): readonly ServicePart[] {
  const loads = all(dwelling);
  const general = generalVA(dwelling, code);
  const fixed = ofKind(loads, 'fixed', 'motor');
  const fixedShare = fixed.length >= FIXED_COUNT ? FIXED_SHARE : 1;
  const ranges = ofKind(loads, 'range', 'kitchen');
  const largestMotor = ofKind(loads, 'motor').reduce((max, { va }) => Math.max(max, va), 0);
  const parts = [
    part(
      'lighting, receptacles, small appliances, laundry',
      general,
      banded(general, GENERAL_BANDS),
      'service.lighting',
    ),
  ];
  if (fixed.length > 0)
    parts.push(
      part(
        `${fixed.length} fixed appliances`,
        connected(fixed),
        connected(fixed) * fixedShare,
        'service.fixed',
      ),
    );
  if (ranges.length > 0) {
    const { demandVA } = cookingDemand(
      ranges.map(({ va }) => va / 1000),
      code,
    );
    parts.push(part('cooking', connected(ranges), demandVA, 'load.cooking'));
  }
  for (const { what, va } of ofKind(loads, 'dryer'))
    parts.push(part(what, va, dryerVA(va, code), 'table.dryer'));
  for (const { what, va } of ofKind(loads, 'outlet')) parts.push(part(what, va, va, 'service.outlet'));
  const weather = climate(loads, () => 1);
  if (weather !== null) parts.push(weather);
  parts.push(...chargers(dwelling, code));
  if (largestMotor > 0)
    parts.push(
      part(
        'largest motor, a quarter more',
        largestMotor,
        largestMotor * LARGEST_MOTOR_SHARE,
        'service.motor',
      ),
    );
  return parts;
}

/** The standard method of Article 220, Part III. */
export function standardService(dwelling: Dwelling, code: Edition): ServiceLoadResult {
  const parts = standardParts(dwelling, code);
  return { generalVA: generalVA(dwelling, code), totalVA: sum(parts), parts, base: [] };
}

/** Everything but heating and cooling, as its plates say: what the first block and the rest are taken of. */
function plates(dwelling: Dwelling, code: Edition): readonly ServicePart[] {
  const general = generalVA(dwelling, code);
  return [
    part('lighting, receptacles, small appliances, laundry', general, general, 'service.lighting'),
    ...ofKind(all(dwelling), 'fixed', 'motor', 'range', 'kitchen', 'outlet').map(({ what, va }) =>
      part(what, va, va, 'service.optional'),
    ),
    ...ofKind(all(dwelling), 'dryer').map(({ what, va }) => part(what, va, dryerVA(va, code), 'table.dryer')),
    ...chargers(dwelling, code),
  ];
}

function tailed(parts: readonly ServicePart[], firstVA: number, section: SectionKey): readonly ServicePart[] {
  const whole = sum(parts);
  return [
    part(`first ${firstVA} VA`, Math.min(whole, firstVA), Math.min(whole, firstVA), section),
    part(
      'the rest at 40 %',
      Math.max(0, whole - firstVA),
      Math.max(0, whole - firstVA) * TAIL_SHARE,
      section,
    ),
  ];
}

/** The optional method for a new dwelling (220.82). */
export function optionalService(dwelling: Dwelling, code: Edition): ServiceLoadResult {
  const first = code.parameters.optionalFirstVA.value;
  const base = plates(dwelling, code);
  const counted = tailed(base, first, 'service.optional');
  const weather = climate(all(dwelling), (units) => (units >= FEW_UNITS ? 0.4 : 0.65));
  const parts = weather === null ? counted : [...counted, weather];
  return { generalVA: generalVA(dwelling, code), totalVA: sum(parts), parts, base };
}

/**
 * The optional method for an existing dwelling: all loads at 8000 VA and 40 % when no heating or cooling is
 * added, heating and cooling in full beside the rest when one is (220.83).
 */
export function existingService(dwelling: Dwelling, code: Edition): ServiceLoadResult {
  const adds = ofKind(dwelling.newLoads, 'heat', 'cool', 'heat-pump').length > 0;
  const weather = climate(all(dwelling), () => 1);
  const base = plates(dwelling, code);
  const within = weather === null || adds ? base : [...base, weather];
  const counted = tailed(within, EXISTING_FIRST_VA, 'service.existing');
  const parts = adds && weather !== null ? [...counted, weather] : counted;
  return { generalVA: generalVA(dwelling, code), totalVA: sum(parts), parts, base: within };
}

/** A measured peak counts 125 % (220.87). */
const MEASURED_FACTOR = 1.25;

/** The measured method: 125 % of the peak and all of what is added (220.87). */
export function measuredService(
  measuredKW: number,
  newLoads: readonly ServiceLoad[],
  code: Edition,
): ServiceLoadResult {
  const measured = measuredKW * 1000;
  const parts = [
    part('measured peak', measured, measured * MEASURED_FACTOR, 'service.measured'),
    ...newLoads.map(({ what, va, kind }) =>
      part(
        what,
        va,
        kind === 'ev' ? chargerVA(va, code) * MEASURED_FACTOR : va,
        kind === 'ev' ? 'service.ev' : 'service.measured',
      ),
    ),
  ];
  return { generalVA: 0, totalVA: sum(parts), parts, base: [] };
}
