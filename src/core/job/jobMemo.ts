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

/** A memo that remembers nothing yet. */
export const freshMemo = () => ({
  contexts: new Remembered<SolveContext>(),
  books: new Remembered<AnswerBook>(),
  shareKeys: new Remembered<readonly string[]>(),
  shared: new Remembered<SharedSegment>(),
  solved: new Remembered<SolvedCircuit>(),
  circuits: new Remembered<CircuitEvaluation>(),
  reports: new Remembered<RouteReport>(),
  routes: new Remembered<RouteEvaluation>(),
  demands: new Remembered<CircuitDemand | null>(),
  wanted: new Remembered<Wanted>(),
  service: new Remembered<ServiceEvaluation>(),
  panels: new Remembered<PanelEvaluation>(),
  ownWaters: new Remembered<PlacedWater>(),
  placedWaters: new Remembered<PlacedWater>(),
  waterReports: new Remembered<WaterReport>(),
  waters: new Remembered<WaterEvaluation>(),
  needs: new Remembered<readonly Need[]>(),
  checks: new Remembered<CheckEvaluation>(),
});

/** What an evaluation remembers for the next one, kind by kind. */
export type JobMemo = Readonly<ReturnType<typeof freshMemo>>;

/** A memo for trying something out: it knows what the other knows, which learns nothing of the trial. */
export const branchOf = (memo: JobMemo): JobMemo => ({
  ...memo,
  ...Object.fromEntries(Object.entries(memo).map(([kind, each]) => [kind, each.branch()])),
});
