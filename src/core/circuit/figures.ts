import type { LoadModel } from '../appliances/family';
import type { OutletChoice } from '../protection/outlet';
import type { OutletFacts } from '../protection/outletFacts';
import type { MethodId } from '../code/methods';
import type { CableConstruction } from '../rules/cableMade';
import type { AmpacityTerms } from '../rules/conductorAmpacity';
import type { ConductorVerdict } from '../rules/conductorTests';
import type { GroundNeed } from '../rules/equipmentGround';
import type { OcpdChoice } from '../rules/branchOcpd';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';
import type { AnyFinding } from '../findings/finding';
import type { FigureKey } from '../findings/subject';
import type { AnyStep, ComfortReason } from '../working/step';

/** The raceway of one segment. */
export interface RacewayFigures {
  readonly method: MethodId;
  /** The smallest by rule. */
  readonly legal: TradeSize;
  /** What the shop practice would take. */
  readonly comfort: TradeSize;
  readonly comfortReason: ComfortReason;
  /** What is counted on: pinned, or by practice. */
  readonly taken: TradeSize;
  readonly conductors: number;
  readonly areaIn2: number;
  /** The ground in it, one for all circuits that share it. */
  readonly ground: WireSize;
  readonly insideIn: number;
  /** Fill of the smallest by rule, and of what is taken, percent of the whole inside. */
  readonly legalFillPct: number;
  readonly fillPct: number;
  readonly limitPct: number;
}

/** The figures of one segment. */
export interface SegmentFigures {
  readonly method: MethodId;
  /** Insulated conductors without the ground; one more where it brings a neutral to a device near the load. */
  readonly wires: number;
  /** Whether it has a neutral that the load does not use. */
  readonly feedNeutral: boolean;
  readonly terms: AmpacityTerms;
  readonly verdict: ConductorVerdict;
  /** The conductor of this segment: that of the run, or one set by hand for it. */
  readonly size: WireSize;
  /** The ground that goes with it, where no cable brings its own. */
  readonly ground: WireSize;
  /** The size that this segment by itself would take; null where none does. */
  readonly min: WireSize | null;
  readonly cable: CableConstruction | null;
  readonly raceway: RacewayFigures | null;
  readonly dropV: number;
  readonly supports: { readonly legal: number; readonly practice: number } | null;
}

/** The voltage drop of a run. */
export interface DropFigures {
  readonly volts: number;
  readonly percent: number;
  /** The same drop by the direct-current constant, for comparison. */
  readonly directVolts: number;
  /** The longest run within the limit; null where no limit is kept. */
  readonly longestFt: number | null;
  /** How far the voltage dips while a motor starts, percent; null where nothing starts hard. */
  readonly startPct: number | null;
}

/** Every figure of one circuit. */
export interface CircuitFigures {
  readonly load: LoadModel;
  /** Whether breaker and conductor are known: of an existing circuit only what was recorded is. */
  readonly recorded: boolean;
  readonly ocpd: OcpdChoice;
  readonly metal: Metal;
  /** Metal of the equipment ground: copper at pools and spas, whatever the phases are. */
  readonly groundMetal: Metal;
  /** Conductor of the run, save where a segment has a size of its own; with all that follows from it null where none of the tables fits. */
  readonly size: WireSize | null;
  /** The least size that passes every test, before drop and pins; null where none does. */
  readonly minSize: WireSize | null;
  readonly raisedForDrop: boolean;
  /** The segment that asked for the size, by position. */
  readonly governing: number;
  /** Smallest final ampacity along the run; null where the insulation may not be used there. */
  readonly ampacityA: number | null;
  /** Insulated conductors without the ground. */
  readonly wires: number;
  readonly ground: GroundNeed | null;
  /** The ground that is counted on: set by hand, or as needed. */
  readonly groundTaken: WireSize | null;
  /** Empty where no conductor fits. */
  readonly segments: readonly SegmentFigures[];
  /** The raceway that asks for the largest trade size; null on a run of cable, and where none is made large enough. */
  readonly raceway: RacewayFigures | null;
  readonly drop: DropFigures | null;
  readonly outlet: OutletChoice;
  /** What the rules of the outlet were applied to. */
  readonly facts: OutletFacts;
}

/** The figures of a circuit whose conductor is known. */
export type SizedFigures = CircuitFigures & {
  readonly size: WireSize;
  readonly ground: GroundNeed;
  readonly groundTaken: WireSize;
  readonly drop: DropFigures;
};

/** Whether a conductor was found for the circuit, or one set by hand that the tables have. */
export const isSized = (figures: CircuitFigures): figures is SizedFigures =>
  figures.size !== null && figures.drop !== null;

/** The working of one figure: steps in order. */
type Workings = Readonly<Record<FigureKey, readonly AnyStep[]>>;

/** A circuit solved: figures, workings and findings. */
export interface SolvedCircuit {
  readonly figures: CircuitFigures;
  readonly workings: Workings;
  readonly findings: readonly AnyFinding[];
}
