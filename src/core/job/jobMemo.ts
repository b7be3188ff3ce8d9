import type { SharedSegment } from '../circuit/neighbors';
import type { SolvedCircuit } from '../circuit/figures';
import type { SolveContext } from '../circuit/solveContext';
import type { AnswerBook } from '../findings/answers';
import type { Wanted } from '../panel/spaces';
import type { RouteReport } from '../route/routeReport';
import type { CircuitDemand } from '../service/circuitDemand';
import type { CheckEvaluation } from './evaluation';
import type {
  CircuitEvaluation,
  PanelEvaluation,
  RouteEvaluation,
  ServiceEvaluation,
  WaterEvaluation,
} from './evaluation';
import type { Need } from '../takeoff/need';
import type { PlacedWater } from '../water/placedWater';
import type { WaterReport } from '../water/waterReport';
import { Remembered } from './remembered';

/** What an evaluation remembers for the next one, kind by kind. */
export interface JobMemo {
  readonly contexts: Remembered<SolveContext>;
  readonly books: Remembered<AnswerBook>;
  readonly shareKeys: Remembered<readonly string[]>;
  readonly shared: Remembered<SharedSegment>;
  readonly solved: Remembered<SolvedCircuit>;
  readonly circuits: Remembered<CircuitEvaluation>;
  readonly reports: Remembered<RouteReport>;
  readonly routes: Remembered<RouteEvaluation>;
  readonly demands: Remembered<CircuitDemand | null>;
  readonly wanted: Remembered<Wanted>;
  readonly service: Remembered<ServiceEvaluation>;
  readonly panels: Remembered<PanelEvaluation>;
  readonly ownWaters: Remembered<PlacedWater>;
  readonly placedWaters: Remembered<PlacedWater>;
  readonly waterReports: Remembered<WaterReport>;
  readonly waters: Remembered<WaterEvaluation>;
  readonly needs: Remembered<readonly Need[]>;
  readonly checks: Remembered<CheckEvaluation>;
}

/** A memo that remembers nothing yet. */
export const freshMemo = (): JobMemo => ({
  contexts: new Remembered(),
  books: new Remembered(),
  shareKeys: new Remembered(),
  shared: new Remembered(),
  solved: new Remembered(),
  circuits: new Remembered(),
  reports: new Remembered(),
  routes: new Remembered(),
  demands: new Remembered(),
  wanted: new Remembered(),
  service: new Remembered(),
  panels: new Remembered(),
  ownWaters: new Remembered(),
  placedWaters: new Remembered(),
  waterReports: new Remembered(),
  waters: new Remembered(),
  needs: new Remembered(),
  checks: new Remembered(),
});

/** A memo for trying something out: it knows what the other knows, which learns nothing of the trial. */
export const branchOf = (memo: JobMemo): JobMemo => ({
  contexts: memo.contexts.branch(),
  books: memo.books.branch(),
  shareKeys: memo.shareKeys.branch(),
  shared: memo.shared.branch(),
  solved: memo.solved.branch(),
  circuits: memo.circuits.branch(),
  reports: memo.reports.branch(),
  routes: memo.routes.branch(),
  demands: memo.demands.branch(),
  wanted: memo.wanted.branch(),
  service: memo.service.branch(),
  panels: memo.panels.branch(),
  ownWaters: memo.ownWaters.branch(),
  placedWaters: memo.placedWaters.branch(),
  waterReports: memo.waterReports.branch(),
  waters: memo.waters.branch(),
  needs: memo.needs.branch(),
  checks: memo.checks.branch(),
});
