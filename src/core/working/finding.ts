import type { MethodId, Place } from '../code/methods';
import type { Citation } from '../code/sections';
import type { TradeSize } from '../units/tradeSize';
import type { WireSize } from '../units/wireSize';

/** The figures of a circuit in the order of the reasoning. */
export const LINKS = [
  'load', 'breaker', 'conductor', 'ground', 'raceway', 'drop', 'disconnect', 'protection',
] as const; // prettier-ignore
/** One figure of the ladder. */
export type Link = (typeof LINKS)[number];

/** stop: a rule is broken; check: legal but doubtful; ask: maker or authority decides; note: for information. */
export type Standing = 'stop' | 'check' | 'ask' | 'note';

/** What each finding was about, by its stable code. Its sentence is in core/wording. */
export interface FindingData {
  'load.nothing': { volts: number };
  'load.setting-open': { settingA: number; plateA: number };
  'load.setting-edition': { settingA: number; plateA: number; year: number };
  'load.setting-above-plate': { settingA: number; plateA: number };
  'load.managed': { managedA: number; plateA: number };
  'ocpd.below-load': { ocpdA: number; needsA: number };
  'ocpd.above-ampacity': {
    ocpdA: number;
    carriesA: number;
    size: WireSize;
    method: MethodId;
    least: WireSize | null;
  };
  'ocpd.above-mocp': { ocpdA: number; mostA: number };
  'ocpd.none': { needsA: number; largestA: number };
  'ocpd.not-standard': { ocpdA: number };
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
  'conductor.below-local': { size: WireSize; least: WireSize };
  'conductor.aluminum-ends': { size: WireSize };
  'conductor.too-hot': { ambientC: number; method: MethodId };
  'terminal.unmarked': { size: WireSize; at75: WireSize };
  'egc.too-small': { has: WireSize; needs: WireSize; ocpdA: number };
  'egc.not-upsized': { has: WireSize; needs: WireSize; least: WireSize; size: WireSize };
  'method.wet-location': { method: MethodId; place: Place };
  'method.underground': { method: MethodId };
  'method.ask-listing': { method: MethodId; place: Place };
  'raceway.fill': { method: MethodId; trade: TradeSize; fillPct: number; limitPct: number };
  'raceway.none': { method: MethodId; areaIn2: number };
  'raceway.jam': { trade: TradeSize; ratio: number };
  'raceway.bends': { degrees: number; limit: number };
  'drop.branch': { dropPct: number; limitPct: number; dropV: number };
  'receptacle.rating-mismatch': { config: string; ratingA: number; ocpdA: number };
  'disconnect.ask': { volts: number };
  'gfci.required': { reason: 'receptacle' | 'hardwired' };
  'gfci.contested': { place: Place; ocpdA: number };
  'gfci.ask': { volts: number };
  'afci.ask': { ocpdA: number };
  'edition.unverified': { year: number };
}

/** Stable code of a finding. */
export type FindingCode = keyof FindingData;

/** A doubt or a broken rule, tied to the figure that it is about. */
export interface Finding<C extends FindingCode = FindingCode> {
  readonly code: C;
  readonly standing: Standing;
  readonly link: Link;
  readonly data: FindingData[C];
  readonly cite: Citation;
  /** Which stretch of the run it is about, by position; undefined where it is about all of it. */
  readonly stretch: number | undefined;
}

/** A finding of any kind, with its data tied to its code. */
export type AnyFinding = { readonly [C in FindingCode]: Finding<C> }[FindingCode];
