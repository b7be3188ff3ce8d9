import type { MethodId } from '../code/methods';
import type { MinReason } from '../code/minReason';
import type { Citation } from '../code/sections';
import type { CellRead } from '../code/tableSet';
import type { GroundFaultRuleId } from '../code/groundFaultRules';
import type { Location } from '../code/locations';
import type { Surround } from '../code/tables/shapes';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';
import type { OwnArticle } from '../code/ownArticles';

/** Which test of a conductor a size failed: one of the four, or the one of an article with its own protection rule. */
export type ConductorTest = 'load' | 'corrected' | 'breaker' | 'small' | 'own' | 'practice';

/** What a terminal is marked for, °C. */
export type TerminalMark = 60 | 75 | 'unmarked';

/** Which article speaks of a disconnecting means. */
export type DisconnectArticle =
  | 'appliance'
  | 'motor'
  | 'hermetic'
  | 'pool'
  | 'ev'
  | 'welder'
  | 'room-ac'
  | 'building'
  | 'none'
  | 'ask';

/** What each kind of step was computed from. Its result is beside it in the step, its words in core/wording. */
export interface StepInputs {
  'load.plate': { outputA: number; volts: number };
  'load.adapter': { adapterA: number; plateA: number };
  'load.setting': { settingA: number; plateA: number };
  'load.entered': { continuousA: number; otherA: number };
  'load.kilowatts': { kw: number; volts: number };
  'load.maker': { volts: number };
  'load.mca': { mca: number; mocp: number; volts: number };
  'load.motor-table': { hp: number; volts: number };
  'load.motor-larger': { flcA: number; plateA: number };
  'load.motor-plate': { flcA: number; plateA: number };
  'load.overload': { plateA: number; percent: number };
  'load.cooking-demand': { kw: number; units: number };
  'load.whole': { kw: number };
  'load.tap': { kw: number; volts: number };
  'load.demand-amps': { va: number; volts: number };
  'load.per-feed': { kw: number; feeds: number };
  'load.storage': { amps: number };
  'load.share': { amps: number; sharePct: number };
  'load.duty': { amps: number; dutyPct: number; factor: number };
  'load.full-outlet': { amps: number };
  'load.trailer': { amps: number; volts: number };
  'load.outlets': { count: number; amps: number };
  'load.group': { groupA: number; ownA: number };
  'load.shared': { units: number; plateA: number };
  'drop.with-feed': { ownPct: number; feedPct: number };
  'load.legs': { legA: number; legB: number };
  'breaker.usual': { requiredA: number; minA: number };
  'breaker.given': { requiredA: number };
  'breaker.motor-percent': { flcA: number; percent: number };
  'breaker.receptacle': { computedA: number };
  'breaker.motor': { computedA: number };
  'breaker.mocp': { maxA: number; requiredA: number };
  'breaker.required': { continuousA: number; otherA: number; factor: number };
  'breaker.standard': { requiredA: number };
  'breaker.plate': { plateA: number };
  'breaker.pinned': { pinnedA: number; requiredA: number };
  'breaker.poles': { volts: number };
  'conductor.required': { continuousA: number; otherA: number; factor: number };
  'conductor.floor': { metal: Metal };
  'conductor.least': { size: WireSize; why: MinReason };
  'conductor.half-device': { ocpdA: number };
  'terminal.column': { panel: TerminalMark; load: TerminalMark; ocpdA: number };
  'method.column': { method: MethodId; terminalC: number };
  'ampacity.column': { size: WireSize; columnC: number; metal: Metal };
  'ampacity.start': { size: WireSize; columnC: number; metal: Metal };
  'ambient.factor': { ambientC: number; columnC: number };
  'adjustment.factor': { count: number };
  'ampacity.short': { lengthFt: number; allowedFt: number };
  'ampacity.corrected': { startA: number; ambient: number; adjustment: number };
  'ampacity.final': { correctedA: number; columnA: number };
  'test.load': { needA: number; hasA: number };
  'test.corrected': { needA: number; hasA: number };
  'test.breaker': { ocpdA: number; finalA: number; nextUp: boolean };
  'test.small': { ocpdA: number; limitA: number; size: WireSize };
  'test.own': { needA: number; hasA: number; article: OwnArticle };
  'test.practice': { ocpdA: number; finalA: number };
  'conductor.smaller': { size: WireSize; failed: readonly ConductorTest[]; carriesA: number };
  'conductor.chosen': { size: WireSize; metal: Metal };
  'conductor.pinned': { size: WireSize; metal: Metal };
  'conductor.raised': { from: WireSize; dropPct: number; limitPct: number };
  'cable.made': { method: MethodId; size: WireSize; wires: number };
  'ground.table': { ocpdA: number; metal: Metal };
  'ground.ratio': { installed: WireSize; min: WireSize };
  'ground.increased': { base: WireSize; ratio: number };
  'ground.capped': { phase: WireSize };
  'ground.least': { min: WireSize };
  'ground.cable': { cable: string; needs: WireSize };
  'ground.pinned': { pinned: WireSize; needs: WireSize };
  'raceway.area': { count: number };
  'raceway.limit': { count: number };
  'raceway.nipple': { lengthFt: number };
  'raceway.shared': { count: number; ground: WireSize };
  'raceway.legal': { areaIn2: number; limit: number };
  'raceway.comfort': { legal: TradeSize; reason: ComfortReason };
  'raceway.pinned': { legal: TradeSize };
  'raceway.jam': { insideIn: number; outsideIn: number };
  'raceway.bends': { degrees: number; limit: number };
  'drop.segment': { amps: number; lengthFt: number; ohmPerKft: number; times: number; surround: Surround };
  'drop.total': { dropV: number; volts: number };
  'drop.direct': { amps: number; lengthFt: number; cmil: number; constant: number; times: number };
  'drop.longest': { limitPct: number };
  'drop.start': { startA: number; volts: number };
  'receptacle.choice': { ocpdA: number; neutral: boolean };
  'receptacle.place': { location: Location; weather: boolean; tamper: boolean };
  'disconnect.need': { minA: number; by: DisconnectArticle; overA: number };
  'disconnect.rating': { minA: number; ocpdA: number };
  'disconnect.ask': { volts: number };
  'gfci.source': { rule: GroundFaultRuleId; location: Location; ocpdA: number };
  'gfci.rule': { volts: number; ocpdA: number };
  'gfci.neutral': { usesNeutral: boolean; form: string };
  'afci.rule': { volts: number; ocpdA: number; location: Location };
}

/** Why the shop practice takes a larger raceway than the rule asks for. */
export type ComfortReason = 'none' | 'full' | 'stiff' | 'bends' | 'long' | 'house-legal';

/** What a step is about. */
export type StepId = keyof StepInputs;

/** What a step came to: a number, a size, or a word such as a configuration. */
export type StepResult = number | string;

/** One line of a working: what was put in, what came out, on which section, and the cell that was read. */
export interface Step<K extends StepId = StepId> {
  readonly id: K;
  readonly inputs: StepInputs[K];
  readonly result: StepResult;
  readonly cite: Citation;
  readonly read: CellRead | undefined;
  /** Id of the local amendment that set a figure of this step. */
  readonly by: string | undefined;
  /** Which segment of the run it is about, by position; undefined where it is about all of it. */
  readonly segment: number | undefined;
}

/** A step of any kind, with its inputs tied to its id. */
export type AnyStep = { readonly [K in StepId]: Step<K> }[StepId];
