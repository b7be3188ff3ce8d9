import type { Circuit } from '../core/circuit/circuitSchema';
import type { Job } from '../core/job/jobSchema';
import { panelFindings } from '../core/panel/panelFindings';
import type { Panel } from '../core/panel/panelSchema';
import { barCounts, type BarCounts } from '../core/panel/barCounts';
import { planned, type Wanted } from '../core/panel/spaces';
import { circuitDemand, type CircuitDemand } from '../core/service/circuitDemand';
import { faultCurrent } from '../core/service/faultCurrent';
import { serviceFindings } from '../core/service/serviceFindings';
import { serviceReport, type ServiceReport } from '../core/service/serviceReport';
import type { AnyHouseFinding } from '../core/findings/houseFinding';
import { circuitView } from './circuitView';
import { sharedContext } from './solved';

/** A panel with what its circuits ask of it. */
export interface PanelView {
  readonly panel: Panel;
  readonly wanted: readonly Wanted[];
  readonly findings: readonly AnyHouseFinding[];
  readonly bars: BarCounts;
}

/** Service and panels of a job with everything that was computed of them. */
export interface HouseView {
  readonly report: ServiceReport;
  readonly findings: readonly AnyHouseFinding[];
  readonly panels: readonly PanelView[];
  /** Available fault current: the utility's figure, or by the transformer; null where neither is known. */
  readonly faultA: number | null;
}

const kindOf = ({ form }: { readonly form: string }, arcFault: boolean): Wanted['kind'] => {
  if (form === 'dual-function') return 'dual';
  return form === 'breaker' ? 'gfci' : arcFault ? 'afci' : 'plain';
};

/** A circuit as a panel sees it. */
function wantedOf(job: Job, circuit: Circuit): Wanted {
  const { solved } = circuitView(job, circuit);
  const { ocpd, outlet, load } = solved.figures;
  return {
    circuitId: circuit.id,
    name: circuit.name,
    poles: ocpd.poles === 1 ? 1 : 2,
    amps: ocpd.ratingA,
    kind: kindOf(outlet.gfci, outlet.afci.required === true),
    va: Math.round(circuitDemand(circuit, solved)?.va ?? load.runA * load.volts),
  };
}

/** The circuits that a panel is to feed: those of the job that no other panel has. */
function wantedBy(job: Job, panel: Panel): readonly Wanted[] {
  const elsewhere = new Set(
    job.panels
      .filter((each) => each !== panel)
      .flatMap(({ plan }) => plan.placed.map(({ circuitId }) => circuitId)),
  );
  const isFirst = job.panels[0] === panel;
  const own = new Set(panel.plan.placed.map(({ circuitId }) => circuitId));
  return job.circuits
    .filter(({ id }) => own.has(id) || (isFirst && !elsewhere.has(id)))
    .map((circuit) => wantedOf(job, circuit));
}

function compute(job: Job): HouseView {
  const { code } = sharedContext(job);
  const { house, panels } = job;
  const solved = new Map(job.circuits.map((circuit) => [circuit.id, circuitView(job, circuit).solved]));
  const additions = job.circuits.flatMap((circuit): readonly CircuitDemand[] => {
    const demand = circuitDemand(circuit, circuitView(job, circuit).solved);
    return demand === null ? [] : [demand];
  });
  const service = panels.find(({ role }) => role === 'service');
  const report = serviceReport(house, service, additions, code);
  const faultA = house.faultA ?? (house.source === null ? null : faultCurrent(house.source, code).governsA);
  return {
    report,
    findings: serviceFindings(house, report, code),
    faultA,
    panels: panels.map((panel) => {
      const wanted = wantedBy(job, panel);
      return {
        panel,
        wanted,
        bars: barCounts(planned(panel, wanted), solved),
        findings: panelFindings({
          panel,
          wanted,
          solved,
          faultA: panel.role === 'service' ? faultA : null,
          code,
        }),
      };
    }),
  };
}

const views = new WeakMap<Job, HouseView>();

/** Service and panels of a job, computed once for as long as the job does not change. */
export function houseView(job: Job): HouseView {
  const known = views.get(job) ?? compute(job);
  views.set(job, known);
  return known;
}

/** Whether a question about service or panel was answered. A stop stays open: an answer does not make it legal. */
export const isHouseAnswered = (job: Job, about: string, { code, severity }: AnyHouseFinding): boolean =>
  severity !== 'stop' && job.answers.some((each) => each.about === about && each.code === code);

/** What answers about the service are filed under; those about a panel under its id. */
export const SERVICE = 'service';

/** The findings about service and panels that are still open. */
export function openHouseFindings(job: Job): {
  readonly service: readonly AnyHouseFinding[];
  readonly panel: readonly AnyHouseFinding[];
} {
  const { findings, panels } = houseView(job);
  return {
    service: findings.filter((each) => !isHouseAnswered(job, SERVICE, each)),
    panel: panels.flatMap((view) =>
      view.findings.filter((each) => !isHouseAnswered(job, view.panel.id, each)),
    ),
  };
}
