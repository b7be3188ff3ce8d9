import type { Edition } from '../code/edition';
import { barCounts } from '../panel/barCounts';
import { panelFindings } from '../panel/panelFindings';
import type { Panel } from '../panel/panelSchema';
import { planned, type Wanted } from '../panel/spaces';
import { groupedAdditions, shareOfLimit } from '../service/chargerGroups';
import { circuitDemand, type CircuitDemand } from '../service/circuitDemand';
import { serviceVolts } from '../service/houseSchema';
import { faultCurrent } from '../service/faultCurrent';
import { serviceFindings } from '../service/serviceFindings';
import { serviceReport } from '../service/serviceReport';
import type { CircuitEvaluation, PanelEvaluation, ServiceEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';
import type { Job } from './jobSchema';

const demandOf = ({ circuit, solved }: CircuitEvaluation, memo: JobMemo): CircuitDemand | null =>
  memo.demands.of(circuit.id, [circuit, solved], () => circuitDemand(circuit, solved));

// What is there already is among the loads of the house, and its breaker among those that were found. A circuit from a
// spa panel has its breaker there, and its load is in that of the feed.
const isNew = ({ circuit }: CircuitEvaluation): boolean =>
  circuit.existing === null && circuit.feedId === null;

/** What each of the planned circuits adds by itself. */
const demandsOf = (circuits: readonly CircuitEvaluation[], memo: JobMemo): readonly CircuitDemand[] =>
  circuits.filter(isNew).flatMap((each) => demandOf(each, memo) ?? []);

/** The demand of a feeder whose panel holds circuits of the job: those count themselves, and it only for the rest. */
function withoutCarried(
  additions: readonly CircuitDemand[],
  panels: readonly Panel[],
): readonly CircuitDemand[] {
  return additions.flatMap((each) => {
    const panel = panels.find(({ feederId }) => feederId === each.circuitId);
    if (panel === undefined) return [each];
    const held = new Set(panel.plan.placed.map(({ circuitId }) => circuitId));
    const carriedVA = additions.reduce((sum, { circuitId, va }) => sum + (held.has(circuitId) ? va : 0), 0);
    const restVA = each.va - carriedVA;
    return restVA > 0 ? [{ ...each, va: restVA }] : [];
  });
}

/** The service of a job with what its circuits add. */
export function evaluateService(
  { house, panels }: Job,
  circuits: readonly CircuitEvaluation[],
  code: Edition,
  memo: JobMemo,
): ServiceEvaluation {
  const panel = panels.find(({ role }) => role === 'service');
  const additions = demandsOf(circuits, memo);
  return memo.service.of('service', [house, ...panels, code, ...additions], () => {
    const report = serviceReport(
      house,
      panel,
      groupedAdditions(withoutCarried(additions, panels), house.groups, serviceVolts(house)),
      code,
    );
    const faultA =
      house.faultA ??
      (house.source === null ? null : faultCurrent(house.source, serviceVolts(house), code).governsA);
    return { report, findings: serviceFindings(house, report, code), faultA };
  });
}

const kindOf = ({ form }: { readonly form: string }, arcFault: boolean): Wanted['kind'] => {
  if (form === 'dual-function') return 'dual';
  if (form === 'breaker') return 'gfci';
  return arcFault ? 'afci' : 'plain';
};

/** A circuit as a panel sees it. */
const wantedOf = (each: CircuitEvaluation, share: number, memo: JobMemo): Wanted =>
  memo.wanted.of(each.circuit.id, [each.circuit, each.solved, share], () => {
    const { ocpd, outlet, load } = each.solved.figures;
    return {
      circuitId: each.circuit.id,
      name: each.circuit.name,
      poles: ocpd.poles === 1 ? 1 : 2,
      amps: ocpd.ratingA,
      kind: kindOf(outlet.gfci, outlet.afci.required === true),
      va: Math.round((demandOf(each, memo)?.va ?? load.runA * load.volts) * share),
    };
  });

/** The circuits that a panel is to feed: those placed in it, and in the first panel those that no panel has. */
function fedBy(
  panel: Panel,
  panels: readonly Panel[],
  circuits: readonly CircuitEvaluation[],
): readonly CircuitEvaluation[] {
  const own = new Set(panel.plan.placed.map(({ circuitId }) => circuitId));
  if (panels[0] !== panel) return circuits.filter(({ circuit }) => own.has(circuit.id));
  const elsewhere = new Set(
    panels.slice(1).flatMap(({ plan }) => plan.placed.map(({ circuitId }) => circuitId)),
  );
  return circuits.filter(({ circuit }) => own.has(circuit.id) || !elsewhere.has(circuit.id));
}

/** A panel with the circuits that it is to feed, before anything is judged. */
interface FedPanel extends Pick<PanelEvaluation, 'panel' | 'wanted'> {
  readonly fed: readonly CircuitEvaluation[];
}

/** The panels of a job with what they are to feed. */
export function fedPanels(
  { panels, house }: Job,
  circuits: readonly CircuitEvaluation[],
  memo: JobMemo,
): readonly FedPanel[] {
  const additions = demandsOf(circuits, memo);
  return panels.map((panel) => {
    const fed = fedBy(panel, panels, circuits.filter(isNew));
    const wanted = fed.map((each) => {
      const share = shareOfLimit(house.groups, additions, each.circuit.id, serviceVolts(house));
      return wantedOf(each, share, memo);
    });
    return { panel, fed, wanted };
  });
}

/** The panels of a job as their plans leave them. */
export function evaluatePanels(
  job: Job,
  circuits: readonly CircuitEvaluation[],
  service: ServiceEvaluation,
  code: Edition,
  memo: JobMemo,
): readonly PanelEvaluation[] {
  const additions = demandsOf(circuits, memo);
  return fedPanels(job, circuits, memo).map(({ panel, fed, wanted }) => {
    const faultA = panel.role === 'service' ? service.faultA : null;
    const feederVA = additions.find(({ circuitId }) => circuitId === panel.feederId)?.va ?? null;
    return memo.panels.of(panel.id, [panel, code, faultA, feederVA, ...wanted], () => {
      const solved = new Map(fed.map((each) => [each.circuit.id, each.solved]));
      return {
        panel,
        wanted,
        bars: barCounts(planned(panel, wanted), solved),
        findings: panelFindings({ panel, wanted, solved, feederVA, faultA, code }),
      };
    });
  });
}
