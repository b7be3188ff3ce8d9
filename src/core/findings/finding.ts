import type { GroundFaultRuleId } from '../code/groundFaultRules';
import type { MethodId, Environment } from '../code/methods';
import type { Occupancy, Location } from '../code/locations';
import type { Citation } from '../code/sections';
import type { TradeSize } from '../units/tradeSize';
import type { WireSize } from '../units/wireSize';
import type { OwnArticle } from '../code/ownArticles';

/** The figures of a circuit in the order of the reasoning. */
export const FIGURE_KEYS = [
  'load',
  'breaker',
  'conductor',
  'ground',
  'raceway',
  'drop',
  'disconnect',
  'protection',
] as const;
/** One figure of the ladder. */
export type FigureKey = (typeof FIGURE_KEYS)[number];

/** stop: a rule is broken; check: legal but doubtful; ask: maker or authority decides; note: for information. */
export type Severity = 'stop' | 'check' | 'ask' | 'note';

/** What each finding was about, by its stable code. Its sentence is in core/wording. */
export interface FindingData {
  'load.nothing': { volts: number };
  'load.setting-open': { settingA: number; plateA: number };
  'load.setting-edition': { settingA: number; plateA: number; year: number };
  'load.setting-above-plate': { settingA: number; plateA: number };
  'load.managed': { managedA: number; plateA: number };
  'load.plate-missing': { field: string; usedA: number };
  'load.plate-contradiction': { mca: number; mocp: number };
  'load.subdivide': { amps: number; maxA: number };
  'load.maker-circuits': { amps: number };
  'load.too-many-units': { units: number; max: number };
  'load.taps': { units: number };
  'load.fuse-only': { mocp: number };
  'motor.not-in-table': { hp: number; volts: number };
  'motor.fla-used-for-flc': { plateA: number; flcA: number };
  'motor.plate-above-table': { plateA: number; flcA: number };
  'welder.only': { ratingA: number };
  'rv30.not-240': { volts: number };
  'feeder.four-wires': { wires: number };
  'feeder.electrode': { circuits: number };
  'panel.neutral-ground-mixed': { where: string };
  'ocpd.below-load': { ocpdA: number; needsA: number };
  'ocpd.above-ampacity': {
    ocpdA: number;
    carriesA: number;
    size: WireSize;
    method: MethodId;
    min: WireSize | null;
  };
  'ocpd.above-mocp': { ocpdA: number; maxA: number };
  'ocpd.none': { needsA: number; largestA: number };
  'ocpd.not-standard': { ocpdA: number };
  'ocpd.multi-outlet': { ocpdA: number; carriesA: number; size: WireSize };
  'conductor.below-breaker': { ocpdA: number; carriesA: number; article: OwnArticle };
  'conductor.below-article': { size: WireSize; min: WireSize };
  'conductor.lug-range': { size: WireSize; min: string; max: string };
  'conductor.terminal-60c': {
    size: WireSize;
    method: MethodId;
    carriesA: number;
    needsA: number;
    at75A: number;
  };
  'conductor.too-small': { size: WireSize; method: MethodId; carriesA: number; needsA: number };
  'conductor.small-rule': { size: WireSize; ocpdA: number; limitA: number };
  'conductor.none': { method: MethodId; needsA: number; largest: WireSize };
  'conductor.not-made': { method: MethodId; size: WireSize };
  'conductor.below-local': { size: WireSize; min: WireSize };
  'conductor.aluminum-ends': { size: WireSize };
  'conductor.short-part': { lengthFt: number; allowedFt: number };
  'conductor.too-hot': { ambientC: number; method: MethodId };
  'terminal.unmarked': { size: WireSize; at75: WireSize };
  'egc.too-small': { has: WireSize; needs: WireSize; ocpdA: number };
  'egc.not-upsized': { has: WireSize; needs: WireSize; min: WireSize; size: WireSize };
  'egc.insulated': { method: MethodId; place: Environment };
  'method.forbidden': { method: MethodId; place: Environment };
  'method.wet-location': { method: MethodId; place: Environment };
  'method.underground': { method: MethodId };
  'method.corrosive': { method: MethodId };
  'method.ask-listing': { method: MethodId; place: Environment };
  'raceway.fill': { method: MethodId; trade: TradeSize; fillPct: number; limitPct: number };
  'raceway.none': { method: MethodId; areaIn2: number };
  'raceway.jam': { trade: TradeSize; ratio: number };
  'raceway.bends': { degrees: number; limit: number };
  'drop.branch': { dropPct: number; limitPct: number; dropV: number };
  'drop.motor-start': { dipPct: number; maxPct: number; startA: number };
  'receptacle.rating-mismatch': { config: string; ratingA: number; ocpdA: number };
  'receptacle.config-mismatch': { config: string; plug: string; why: string };
  'receptacle.no-ground': { config: string };
  'receptacle.unknown': { config: string };
  'disconnect.ask': { volts: number };
  'disconnect.missing': { kind: string };
  'disconnect.out-of-sight': { ft: number | null; maxFt: number };
  'disconnect.too-near-water': { ft: number; minFt: number };
  'disconnect.place': { maxFt: number; waterFt: number };
  'disconnect.rating': { ratingA: number; minA: number };
  'disconnect.lockable': { ratingA: number };
  'disconnect.spa-emergency': { occupancy: Occupancy };
  'gfci.required': { rule: GroundFaultRuleId; location: Location };
  'gfci.contested': { rule: GroundFaultRuleId; location: Location; ocpdA: number };
  'gfci.ask': { volts: number };
  'gfci.long-run': { ft: number; maxFt: number };
  'load.spa-pair': { feederA: number };
  'rv.larger': { amps: number };
  'gfci.neutral-missing': { form: string };
  'gfci.neutral-bypassed': { form: string };
  'gfci.line-load-reversed': { form: string };
  'afci.required': { location: Location };
  'afci.ask': { ocpdA: number };
  'ident.green-as-ungrounded': { size: WireSize };
  'ident.white-hot-unmarked': { size: WireSize; cable: boolean };
  'ident.white-as-egc': { size: WireSize };
  'ident.ground-remarked': { size: WireSize };
  'local.requirement': { text: string };
  'edition.unverified': { year: number };
}

/** Stable code of a finding. */
export type FindingCode = keyof FindingData;

/** A doubt or a broken rule, tied to the figure that it is about. */
export interface Finding<C extends FindingCode = FindingCode> {
  readonly code: C;
  readonly severity: Severity;
  readonly link: FigureKey;
  readonly data: FindingData[C];
  readonly cite: Citation;
  /** Which segment of the run it is about, by position; undefined where it is about all of it. */
  readonly segment: number | undefined;
}

/** A finding of any kind, with its data tied to its code. */
export type AnyFinding = { readonly [C in FindingCode]: Finding<C> }[FindingCode];
