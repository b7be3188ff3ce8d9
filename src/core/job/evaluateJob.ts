import type { Circuit } from '../circuit/circuitSchema';
import { surveyed } from '../findings/catalog';
import type { AnyFinding } from '../findings/finding';
import { panelUnknowns } from '../panel/panelUnknowns';
import { circuitShareKeys, sharersOf } from './evaluateCircuits';
import { orderFindings } from './orderFindings';
import { evaluatePanels, evaluateService, fedPanels } from './evaluateHouse';
import { defaultPrices } from '../price/defaultPrices';
import { listState, type ListState } from '../takeoff/listState';
import type { Takeoff } from '../takeoff/takeoff';
import { evaluateCheck } from './evaluateChecks';
import type { CheckEvaluation } from './evaluation';
import { evaluateLabor, type LaborPart } from './evaluateLabor';
import { evaluateRoute } from './evaluateRoute';
import { evaluateTakeoff } from './evaluateTakeoff';
import { evaluateWaters } from './evaluateWater';
import type {
  CircuitEvaluation,
  PanelEvaluation,
  RouteEvaluation,
  ServiceEvaluation,
  WaterEvaluation,
} from './evaluation';
import { lightRaceways } from './lightRaceways';
import { freshMemo, type JobMemo } from './jobMemo';
import { JobSizes } from './jobSizes';
import type { Job } from './jobSchema';

/**
 * The whole truth of a job: every circuit, route, panel and its service solved, everything that was found and what
 * of it is open. Each part is worked out when it is first asked for.
 */
export class JobEvaluation extends JobSizes {
  readonly #memo: JobMemo;
  #sharers: ReadonlyMap<string, readonly Circuit[]> | undefined;
  #routes: readonly RouteEvaluation[] | undefined;
  #service: ServiceEvaluation | undefined;
  #panels: readonly PanelEvaluation[] | undefined;
  #waters: readonly WaterEvaluation[] | undefined;
  #takeoff: Takeoff | undefined;
  #labor: readonly LaborPart[] | undefined;
  #findings: readonly AnyFinding[] | undefined;

  constructor(job: Job, memo: JobMemo) {
    super(job, memo);
    this.#memo = memo;
  }

  #neighbors({ circuit }: CircuitEvaluation): readonly CircuitEvaluation[] {
    this.#sharers ??= sharersOf(this.job.circuits, this.#memo);
    const ids = new Set<string>();
    for (const key of circuitShareKeys(circuit, this.#memo))
      for (const { id } of this.#sharers.get(key) ?? []) ids.add(id);
    ids.delete(circuit.id);
    return [...ids].flatMap((id) => this.circuit(id) ?? []);
  }

  /** The route of one of the circuits. */
  routeOf(each: CircuitEvaluation): RouteEvaluation {
    const { book } = this;
    const located = this.job.locate !== null;
    return evaluateRoute(each, { neighbors: this.#neighbors(each), located, book }, this.#memo);
  }

  /** The route of one circuit by its id; undefined where the job has none. */
  route(id: string): RouteEvaluation | undefined {
    const each = this.circuit(id);
    return each && this.routeOf(each);
  }

  /** The routes of the circuits, in the same order. */
  get routes(): readonly RouteEvaluation[] {
    this.#routes ??= this.circuits.map((each) => this.routeOf(each));
    return this.#routes;
  }

  /** The service with what the circuits add. */
  get service(): ServiceEvaluation {
    this.#service ??= evaluateService(this.job, this.circuits, this.context.code, this.#memo);
    return this.#service;
  }

  /** The panels as their plans leave them. */
  get panels(): readonly PanelEvaluation[] {
    this.#panels ??= evaluatePanels(this.job, this.circuits, this.service, this.context.code, this.#memo);
    return this.#panels;
  }

  /** Pools, spas and tubs with what stands around them. */
  get waters(): readonly WaterEvaluation[] {
    this.#waters ??= evaluateWaters(
      this.job,
      this.context,
      lightRaceways(this.job, this.circuits),
      this.#memo,
    );
    return this.#waters;
  }

  /** Everything that the job takes. */
  get takeoff(): Takeoff {
    if (this.#takeoff === undefined) {
      const { job, routes, waters } = this;
      // What a panel is found to be changes nothing of what it takes: it is not judged for the list.
      const panels = fedPanels(job, this.circuits, this.#memo);
      this.#takeoff = evaluateTakeoff({ job, routes, panels, waters }, this.#memo);
    }
    return this.#takeoff;
  }

  /** What of the list of material is to be looked at on a day. */
  listState(today: string): ListState {
    return listState(this.takeoff, this.job.materials, defaultPrices, today);
  }

  /** The work of every part of the job, in hours. */
  get labor(): readonly LaborPart[] {
    this.#labor ??= evaluateLabor(this);
    return this.#labor;
  }

  /** Everything that was found, circuit by circuit, then the service, the panels, the water, the days and the proof. */
  get findings(): readonly AnyFinding[] {
    this.#findings ??= [
      ...this.circuits.flatMap(({ solved }, at) => [
        ...solved.findings,
        ...(this.routes[at]?.report.findings ?? []),
      ]),
      ...this.service.findings,
      ...this.panels.flatMap(({ findings }) => findings),
      ...this.waters.flatMap(({ findings }) => findings),
      ...this.days,
      ...this.proof,
    ];
    return this.#findings;
  }

  /** What is open in the circuits and on their routes. */
  get openInCircuits(): readonly AnyFinding[] {
    return this.circuits.flatMap(({ open }, at) => [...open, ...(this.routes[at]?.open ?? [])]);
  }

  /** What is open in the service. */
  get openInService(): readonly AnyFinding[] {
    return this.openOf(this.service.findings);
  }

  /** What is open in the panels. */
  get openInPanels(): readonly AnyFinding[] {
    return this.openOf(this.panels.flatMap(({ findings }) => findings));
  }

  /** What is open about the water. */
  get openInWater(): readonly AnyFinding[] {
    return this.openOf(this.waters.flatMap(({ findings }) => findings));
  }

  /** What was read on a circuit, and what that comes to; undefined where the job has no such circuit. */
  check(id: string): CheckEvaluation | undefined {
    const each = this.circuit(id);
    return each && evaluateCheck(this.job, each, this.#memo);
  }

  /** The circuits with a reading outside of its band, a test that failed, or a danger that was read. */
  get readOut(): readonly string[] {
    return this.job.checks
      .filter(({ id }) => {
        const own = this.check(id);
        const isOut = own?.steps.some(({ state }) => state === 'out') ?? false;
        return isOut || (own?.report?.dangers.length ?? 0) > 0;
      })
      .map(({ id }) => id);
  }

  /** What the finished work is wanting in, by what was read on it. */
  get proof(): readonly AnyFinding[] {
    return this.job.checks.flatMap(({ id }) => this.check(id)?.findings ?? []);
  }

  /** What is open about the finished work. */
  get openInChecks(): readonly AnyFinding[] {
    return this.openOf(this.proof);
  }

  /** What the order of the work breaks. */
  get days(): readonly AnyFinding[] {
    return orderFindings(this.job, this.context.code);
  }

  /** How much the survey still has to verify, facts of the job and of its panels included. */
  get unverified(): number {
    const { authority, permitDate, panels } = this.job;
    return (
      this.circuits.reduce((sum, { open }) => sum + surveyed(open).length, 0) +
      panels.reduce((sum, panel) => sum + panelUnknowns(panel).length, 0) +
      (authority === '' ? 1 : 0) +
      (permitDate === null ? 1 : 0)
    );
  }
}

/** Evaluates a job; with a memo only what an edit reaches is worked out anew. */
export const evaluateJob = (job: Job, memo: JobMemo = freshMemo()): JobEvaluation =>
  new JobEvaluation(job, memo);
