import type { MethodId } from '../code/methods';
import type { Citation } from '../code/sections';
import type { CellRead } from '../code/tableSet';
import type { Surround } from '../code/tables/shapes';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';

/** Which of the four tests of a conductor a size failed. */
export type ConductorTest = 'load' | 'corrected' | 'breaker' | 'small';

/** What a terminal is marked for, °C. */
export type TerminalMark = 60 | 75 | 'unmarked';

/** What each kind of step was computed from. Its result is beside it in the step, its words in core/wording. */
export interface StepInputs {
  'load.plate': { outputA: number; volts: number };
  'load.setting': { settingA: number; plateA: number };
  'load.entered': { continuousA: number; otherA: number };
  'breaker.required': { continuousA: number; otherA: number; factor: number };
  'breaker.standard': { requiredA: number };
  'breaker.plate': { plateA: number };
  'breaker.pinned': { pinnedA: number; requiredA: number };
  'breaker.poles': { volts: number };
  'conductor.required': { continuousA: number; otherA: number; factor: number };
  'conductor.floor': { metal: Metal };
  'terminal.column': { panel: TerminalMark; load: TerminalMark; ocpdA: number };
  'method.column': { method: MethodId; terminalC: number };
  'ampacity.column': { size: WireSize; columnC: number; metal: Metal };
  'ampacity.start': { size: WireSize; columnC: number; metal: Metal };
  'ambient.factor': { ambientC: number; columnC: number };
  'adjustment.factor': { count: number };
  'ampacity.corrected': { startA: number; ambient: number; adjustment: number };
  'ampacity.final': { correctedA: number; columnA: number };
  'test.load': { needA: number; hasA: number };
  'test.corrected': { needA: number; hasA: number };
  'test.breaker': { ocpdA: number; finalA: number; nextUp: boolean };
  'test.small': { ocpdA: number; limitA: number; size: WireSize };
  'conductor.smaller': { size: WireSize; failed: readonly ConductorTest[]; carriesA: number };
  'conductor.chosen': { size: WireSize; metal: Metal };
  'conductor.pinned': { size: WireSize; metal: Metal };
  'conductor.raised': { from: WireSize; dropPct: number; limitPct: number };
  'cable.made': { method: MethodId; size: WireSize; wires: number };
  'ground.table': { ocpdA: number; metal: Metal };
  'ground.ratio': { installed: WireSize; least: WireSize };
  'ground.increased': { base: WireSize; ratio: number };
  'ground.capped': { phase: WireSize };
  'ground.cable': { cable: string; needs: WireSize };
  'ground.pinned': { pinned: WireSize; needs: WireSize };
  'raceway.area': { count: number };
  'raceway.limit': { count: number };
  'raceway.legal': { areaIn2: number; limit: number };
  'raceway.comfort': { legal: TradeSize; reason: ComfortReason };
  'raceway.pinned': { legal: TradeSize };
  'raceway.jam': { insideIn: number; outsideIn: number };
  'raceway.bends': { degrees: number; limit: number };
  'drop.stretch': { amps: number; lengthFt: number; ohmPerKft: number; times: number; surround: Surround };
  'drop.total': { dropV: number; volts: number };
  'drop.direct': { amps: number; lengthFt: number; cmil: number; constant: number; times: number };
  'drop.longest': { limitPct: number };
  'receptacle.choice': { ocpdA: number; neutral: boolean };
  'disconnect.need': { ratingA: number; overA: number };
  'disconnect.ask': { volts: number };
  'gfci.rule': { volts: number; ocpdA: number };
  'afci.rule': { volts: number; ocpdA: number };
}

/** Why the house practice takes a larger raceway than the rule asks for. */
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
  /** Which stretch of the run it is about, by position; undefined where it is about all of it. */
  readonly stretch: number | undefined;
}

/** A step of any kind, with its inputs tied to its id. */
export type AnyStep = { readonly [K in StepId]: Step<K> }[StepId];
