import type { CircuitCheck } from '../checks/checksDocument';
import type { CircuitReport } from '../checks/circuitReport';
import type { GfciCandidate } from '../checks/gfciFaults';
import type { Proof } from '../checks/proofSteps';
import type { TorquedTerminal } from '../checks/terminalKeys';
import type { Wiring } from '../wiring/terminations';
import type { Circuit } from '../circuit/circuitSchema';
import type { SolvedCircuit } from '../circuit/figures';
import type { SolveContext } from '../circuit/solveContext';
import type { AnyFinding } from '../findings/finding';
import type { FigureSeverity } from '../findings/severity';
import type { FigureKey } from '../findings/subject';
import type { BarCounts } from '../panel/barCounts';
import type { Panel } from '../panel/panelSchema';
import type { Wanted } from '../panel/spaces';
import type { RouteReport } from '../route/routeReport';
import type { ServiceReport } from '../service/serviceReport';
import type { WaterReport } from '../water/waterReport';

/** A circuit with everything that was computed of it. */
export interface CircuitEvaluation {
  readonly circuit: Circuit;
  readonly context: SolveContext;
  readonly solved: SolvedCircuit;
  /** Findings that are still open. */
  readonly open: readonly AnyFinding[];
  readonly severity: FigureSeverity;
  readonly severities: Readonly<Record<FigureKey, FigureSeverity>>;
}

/** The route of a circuit with everything that was computed of it. */
export interface RouteEvaluation {
  readonly report: RouteReport;
  /** Findings about the route that are still open. */
  readonly open: readonly AnyFinding[];
  readonly severity: FigureSeverity;
}

/** The service of a job with everything that was computed of it. */
export interface ServiceEvaluation {
  readonly report: ServiceReport;
  readonly findings: readonly AnyFinding[];
  /** Available fault current: the utility's figure, or by the transformer; null where neither is known. */
  readonly faultA: number | null;
}

/** A panel with what its circuits require of it. */
export interface PanelEvaluation {
  readonly panel: Panel;
  readonly wanted: readonly Wanted[];
  readonly findings: readonly AnyFinding[];
  readonly bars: BarCounts;
}

/** A pool, spa or tub with everything that was computed of it. */
export interface WaterEvaluation {
  readonly report: WaterReport;
  readonly findings: readonly AnyFinding[];
}

/** A circuit with what was read on it, and what that comes to. */
export interface CheckEvaluation {
  readonly check: CircuitCheck;
  /** Null where it has no conductor to be read. */
  readonly report: CircuitReport | null;
  /** How it is landed; null where it has no conductor to land. */
  readonly wired: Wiring | null;
  readonly terminals: readonly TorquedTerminal[];
  readonly steps: readonly Proof[];
  /** What explains what was observed of its GFCI; nothing where that agrees with a sound one. */
  readonly gfci: readonly GfciCandidate[];
  readonly findings: readonly AnyFinding[];
}
