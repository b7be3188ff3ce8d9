import type { Edition } from '../code/edition';
import type { GroundFaultRuleId } from '../code/groundFaultRules';
import type { Parameter } from '../code/parameters';
import type { Location } from '../code/locations';
import type { SectionKey } from '../code/sections';
import type { OutletFacts } from './outletFacts';

/**
 * must: the rule requires it; contested: its text does, practice differs; ask: the edition is not known well enough;
 * date and amendment: an exception decides that must be asked about; exempt: a dated exception holds.
 */
export type SourceSeverity = 'must' | 'contested' | 'ask' | 'date' | 'amendment' | 'exempt';

/** A rule that would ask, were it not for a local one. */
export interface LiftedSource {
  readonly rule: GroundFaultRuleId;
  readonly cite: SectionKey;
  readonly by: string;
}

/** One rule that asks for GFCI protection at an outlet. */
export interface GroundFaultSource {
  readonly rule: GroundFaultRuleId;
  readonly cite: SectionKey;
  readonly severity: SourceSeverity;
  readonly by: Parameter<unknown> | undefined;
}

interface Rule {
  readonly id: GroundFaultRuleId;
  readonly cite: SectionKey;
  readonly applies: (facts: OutletFacts, code: Edition) => SourceSeverity | null;
  readonly by?: (code: Edition) => Parameter<unknown>;
}

const must = (holds: boolean): SourceSeverity | null => (holds ? 'must' : null);

const LIMIT_TO_GROUND_V = 150;
const LISTED_APPLIANCE_A = 60;
const POOL_ZONE_FT = 20;

/** Whether 210.8(A) reaches this receptacle at all: in 2017 only 15 and 20 A at 125 V. */
const inRooms = ({ load, toGroundV, ocpdA }: OutletFacts, { parameters }: Edition): boolean =>
  load.connection === 'receptacle' &&
  load.phase === 1 &&
  toGroundV <= LIMIT_TO_GROUND_V &&
  ocpdA <= parameters.roomGfciMaxA.value &&
  (parameters.roomGfciTwoPole.value || load.volts <= 125);

const location = (id: GroundFaultRuleId, is: Location, when?: (code: Edition) => boolean): Rule => ({
  id,
  cite: 'gfci.place',
  applies: (facts, code) => must(facts.location === is && inRooms(facts, code) && (when?.(code) ?? true)),
});

/** Near a sink or a tub: each has a distance of its own, so that an amendment of the one leaves the other. */
const near = (
  id: GroundFaultRuleId,
  figure: 'gfciSinkFt' | 'gfciTubFt',
  distance: (facts: OutletFacts) => number | undefined,
): Rule => ({
  id,
  cite: 'gfci.place',
  by: ({ parameters }) => parameters[figure],
  applies: (facts, code) => {
    const ft = distance(facts);
    return must(ft !== undefined && ft <= code.parameters[figure].value + 1e-9 && inRooms(facts, code));
  },
});

/** Whether a dated exception for heating and cooling equipment still holds on the day of the permit. */
function hvacSeverity({ needs, survey }: OutletFacts, { parameters }: Edition): SourceSeverity {
  const until = parameters.hvacExemptUntil.value;
  if (needs.kind !== 'hvac' || until === 'none') return 'must';
  if (until === 'ask') return 'ask';
  // In 2020 the exception is an amendment, for units with power conversion only.
  const byAmendment = parameters.hvacExemptVariable.value;
  if (byAmendment && needs.powerConversion !== true) return 'must';
  if (survey.permitDate === null) return 'date';
  if (survey.permitDate >= until) return 'must';
  return byAmendment ? 'amendment' : 'exempt';
}

/** Hardwired and plugged outlets outdoors, from 2023 also in garages and outbuildings (210.8(F)). */
function outdoorOutlet(facts: OutletFacts, code: Edition): SourceSeverity | null {
  const { parameters } = code;
  const { load, ocpdA, location: at, needs } = facts;
  if (needs.kind === 'feeder' || load.phase === 3 || facts.toGroundV > LIMIT_TO_GROUND_V) return null;
  if (!parameters.hardwiredGfciPlaces.value.includes(at)) return null;
  // A receptacle that 210.8(A) covers stands under it alone: no exception of (F) frees it.
  if (ROOM_RULES.has(at) && inRooms(facts, code)) return null;
  if (ocpdA > parameters.hardwiredGfciA.value)
    // What an amendment sets is settled: nothing is asked between it and the figure of the edition.
    return parameters.hardwiredGfciA.by === undefined && ocpdA <= parameters.hardwiredGfciAskA.value
      ? 'ask'
      : null;
  const severity = hvacSeverity(facts, code);
  if (severity !== 'must') return severity;
  const contested = load.connection === 'hardwired' && (needs.kind === 'ev' || at === 'garage');
  return contested ? 'contested' : 'must';
}

/** Locations of the outdoor rule in which 210.8(A) covers receptacles. */
const ROOM_RULES: ReadonlySet<Location> = new Set(['outdoor', 'garage', 'accessory', 'boathouse']);

const RULES: readonly Rule[] = [
  location('bathroom', 'bathroom'),
  location('garage', 'garage'),
  { ...location('garage', 'accessory'), id: 'garage' },
  location('outdoors', 'outdoor'),
  location('crawl', 'crawl'),
  location('basement', 'basement'),
  location('basement', 'finished-basement', ({ parameters }) => parameters.gfciFinishedBasement.value),
  {
    id: 'kitchen',
    cite: 'gfci.place',
    // Before 2023 only receptacles that serve the counter, so not those of a fixed appliance.
    applies: (facts, code) =>
      must(
        facts.location === 'kitchen' &&
          inRooms(facts, code) &&
          (code.parameters.gfciWholeKitchen.value ||
            (facts.needs.kind === 'receptacle' && !facts.needs.hidden)),
      ),
  },
  location('food', 'food', ({ parameters }) => parameters.gfciWholeKitchen.value),
  near('sink', 'gfciSinkFt', ({ site }) => site.sinkFt),
  location('boathouse', 'boathouse'),
  near('tub', 'gfciTubFt', ({ site }) => site.tubFt),
  location('laundry', 'laundry'),
  location('damp', 'damp', ({ parameters }) => parameters.gfciIndoorDamp.value),
  {
    id: 'appliance',
    cite: 'gfci.appliance',
    by: ({ parameters }) => parameters.gfciAppliances,
    applies: (facts, { parameters }) =>
      must(
        parameters.gfciAppliances.value.includes(facts.needs.kind) &&
          facts.toGroundV <= LIMIT_TO_GROUND_V &&
          facts.ocpdA <= LISTED_APPLIANCE_A,
      ),
  },
  {
    id: 'outdoor-outlet',
    cite: 'gfci.outdoor',
    applies: outdoorOutlet,
    by: ({ parameters }) => parameters.hardwiredGfciPlaces,
  },
  {
    id: 'vehicle',
    cite: 'gfci.ev-receptacle',
    by: ({ parameters }) => parameters.evReceptacleGfciAll,
    applies: ({ needs, load, ocpdA }, { parameters }) =>
      must(
        needs.kind === 'ev' &&
          load.connection === 'receptacle' &&
          (parameters.evReceptacleGfciAll.value || ocpdA <= 50),
      ),
  },
  { id: 'spa', cite: 'gfci.spa', applies: ({ needs }) => must(needs.kind === 'spa' && !needs.integralGfci) },
  { id: 'pool-pump', cite: 'gfci.pool-pump', applies: ({ needs }) => must(needs.kind === 'pool-pump') },
  {
    id: 'pool-heater',
    cite: 'gfci.pool-heater',
    // No clear Class A rule is known for pool heaters, so what the outdoor rule leaves out is asked.
    applies: (facts, code) =>
      facts.needs.kind === 'pool-heater' && outdoorOutlet(facts, code) === null ? 'ask' : null,
  },
  {
    id: 'pool-zone',
    cite: 'gfci.pool-zone',
    applies: ({ needs, load, site, ocpdA }, { parameters }) =>
      must(
        needs.kind !== 'spa' &&
          needs.kind !== 'pool-pump' &&
          load.connection === 'receptacle' &&
          (site.waterFt ?? Infinity) <= POOL_ZONE_FT &&
          (parameters.poolZoneTwoPole.value || load.volts <= 125) &&
          ocpdA <= parameters.poolZoneMaxA.value,
      ),
  },
];

/**
 * Every rule that asks for GFCI protection at an outlet, in the order of the code (210.8(A), (D),
 * (F), 422.5, 625.54, 680.21(C), 680.22(A)(4), 680.44). A local amendment may have struck one or added its own.
 */
export function groundFaultSources(
  facts: OutletFacts,
  code: Edition,
): { readonly asked: readonly GroundFaultSource[]; readonly lifted: readonly LiftedSource[] } {
  const asked: GroundFaultSource[] = [];
  const lifted: LiftedSource[] = [];
  const exempt = code.local.exempt.find(({ load }) => load === facts.needs.kind)?.by;
  for (const { id, cite, applies, by } of RULES) {
    const severity = applies(facts, code);
    if (severity === null) continue;
    const local = code.local.struck.get(id) ?? exempt;
    if (local === undefined) asked.push({ rule: id, cite, severity, by: by?.(code) });
    else lifted.push({ rule: id, cite, by: local });
  }
  const added = code.local.gfciRooms.find((each) => each.room === facts.location);
  if (added !== undefined) {
    asked.push({ rule: 'local', cite: 'amendment.local', severity: 'must', by: localRule(added.by) });
  }
  return { asked, lifted };
}

/** The parameter that names a local amendment in the step it touched. */
export const localRule = (by: string): Parameter<boolean> => ({
  value: true,
  cite: 'amendment.local',
  certain: true,
  by,
});
