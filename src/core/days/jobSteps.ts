import type { Circuit } from '../circuit/circuitSchema';
import { together, type JobEstimate, type Spread } from '../estimate/jobEstimate';
import { bringing } from '../job/brings';
import type { JobEvaluation } from '../job/evaluateJob';
import type { Days, GateId, GateRecord } from '../timing/daysDocument';
import type { WaterReport } from '../water/waterReport';
import { circuitSteps, PLACE, trenchesOf } from './circuitSteps';
import type { JobGate, JobStep, JobWork, StepKind } from './jobStep';
import { endsInSubpanel, hoursFor, scaled, StepList, subpanelOf } from './stepList';

const HAND_OVER_H = 1;
/** Of the proof of a circuit so much is live: voltages, the GFCI, the load; the rest is proved dead. */
const LIVE_SHARE = 0.5;
/** Of the bonding of a water so much is its cover: filling, and being there when it is poured. */
const COVER_SHARE = 0.2;

type Hours = ReturnType<typeof hoursFor>;
/** What an inspector did not pass takes at least, until it is known. */
const MEND_H = 1;

/** Whether this job needs the utility: at the lugs of the service, its bond, its panel, sensors of load management there. */
function needsUtility({ job }: Pick<JobEvaluation, 'job'>, serviceH: number): boolean {
  const { panels, house } = job;
  const isNewService = panels.some(({ role, installed }) => role === 'service' && installed === 'new');
  return isNewService || serviceH > 0 || house.managedA != null || house.groups.length > 0;
}

/** The landings in each panel past the first: its feeder off and locked, the house alive. */
function subpanelSteps(
  evaluation: JobEvaluation,
  planned: readonly Circuit[],
  list: StepList,
  hours: Hours,
): void {
  for (const { id } of evaluation.job.panels.slice(1)) {
    const own = planned.filter((circuit) => subpanelOf(evaluation, circuit) === id);
    const ids = new Set(own.map((circuit) => circuit.id));
    list.add({
      id: `land ${id}`,
      kind: 'land',
      circuitIds: [...ids],
      place: 'building',
      hours: together(own.map((circuit) => hours(`circuit ${circuit.id}`, ['panel-end']))),
      after: list.steps
        .filter(({ kind, circuitIds }) => kind === 'subpanel' || circuitIds.some((each) => ids.has(each)))
        .filter(({ kind }) => BEFORE_LANDING.includes(kind))
        .map((step) => step.id),
      gate: 'rough-in',
      panelId: id,
    });
  }
}

/** What stands before conductors are landed in a panel. */
const BEFORE_LANDING: readonly StepKind[] = ['rough', 'conduit', 'pull', 'trim', 'subpanel'];

/** The far end first, the panel last; proved dead, energized and tested; then the last inspection. */
function lastSteps(evaluation: JobEvaluation, estimate: JobEstimate, list: StepList): void {
  const hours = hoursFor(estimate);
  const { circuits, panels } = evaluation.job;
  const planned = circuits.filter(({ existing }) => existing === null);
  subpanelSteps(evaluation, planned, list, hours);
  const inPanel = planned.filter((circuit) => !endsInSubpanel(evaluation, circuit));
  const [first] = panels;
  const service = hours('service', null);
  const isNew = first?.installed === 'new';
  const gate = needsUtility(evaluation, service.likely) ? 'utility' : 'rough-in';
  const set = list.add({
    id: 'set-panel',
    kind: 'set-panel',
    circuitIds: [],
    place: 'panel',
    hours: together([service, ...(first !== undefined && isNew ? [hours(`panel ${first.id}`, null)] : [])]),
    after: list.idsOf('rough', 'pull'),
    gate,
    dead: true,
    panelId: first?.id ?? null,
  });
  const worked = panels.filter(({ id }) => !isNew || id !== first.id);
  list.add({
    id: 'panel',
    kind: 'panel',
    circuitIds: inPanel.map(({ id }) => id),
    place: 'panel',
    hours: together([
      ...inPanel.map(({ id }) => hours(`circuit ${id}`, ['panel-end'])),
      ...worked.map(({ id }) => hours(`panel ${id}`, null)),
    ]),
    after: [...list.idsOf('rough', 'pull', 'trim', 'subpanel'), ...set],
    gate,
    dead: true,
    panelId: first?.id ?? null,
  });
  proofSteps(planned, list, hours);
}

/** Proved dead, energized and tested, handed over. */
function proofSteps(planned: readonly Circuit[], list: StepList, hours: Hours): void {
  const proof = together(planned.map(({ id }) => hours(`circuit ${id}`, ['prove'])));
  const circuitIds = planned.map(({ id }) => id);
  list.add({
    id: 'prove',
    kind: 'prove',
    circuitIds,
    place: 'house',
    hours: scaled(proof, 1 - LIVE_SHARE),
    after: list.idsOf('panel', 'land', 'trim', 'subpanel'),
  });
  // Nothing is fed whose trench or bonding is still open.
  list.add({
    id: 'energize',
    kind: 'energize',
    circuitIds,
    place: 'house',
    hours: scaled(proof, LIVE_SHARE),
    after: list.idsOf('prove', 'backfill', 'cover'),
  });
  list.add({
    id: 'hand-over',
    kind: 'hand-over',
    circuitIds: [],
    place: 'house',
    hours: { low: HAND_OVER_H, likely: HAND_OVER_H, high: HAND_OVER_H },
    after: list.idsOf('energize'),
    gate: 'final',
  });
}

/** The bonding of a water: steel, ring, taps and bonds; the inspection; then what covers it. */
function bondSteps({ water }: WaterReport, spread: Spread, list: StepList): void {
  const shared = { circuitIds: [], place: 'water' } as const;
  const laid = list.add({
    ...shared,
    id: `ring ${water.id}`,
    kind: 'ring',
    hours: scaled(spread, 1 - COVER_SHARE),
    after: [],
    gate: 'call',
  });
  list.add({
    ...shared,
    id: `cover ${water.id}`,
    kind: 'cover',
    hours: scaled(spread, COVER_SHARE),
    after: laid,
    gate: 'bonding',
    covers: true,
  });
}

/** The work of a job in steps, in an order in which each stands after what it waits for. */
export function jobWork(evaluation: JobEvaluation, estimate: JobEstimate): JobWork {
  const list = new StepList();
  const hours = hoursFor(estimate);
  const brought = bringing(evaluation.routes);
  for (const route of evaluation.routes) {
    const { circuit } = route.report.about;
    if (circuit.existing !== null) continue;
    circuitSteps({
      route,
      evaluation,
      circuit,
      hours: (tasks) => hours(`circuit ${circuit.id}`, tasks),
      place: PLACE[circuit.site.building ?? 'same'],
      trenches: trenchesOf(route, brought(route)),
      list,
    });
  }
  for (const { report } of evaluation.waters)
    bondSteps(report, hours(`water ${report.water.id}`, null), list);
  if (list.steps.length === 0) return { steps: [], gates: [] };
  lastSteps(evaluation, estimate, list);
  const known = new Set(list.steps.map(({ id }) => id));
  const buried = list.idsOf('conduit');
  const rings = list.idsOf('ring');
  const roughed = list.idsOf('rough', 'conduit');
  const used = new Set(list.steps.map(({ gate }) => gate));
  const has = (id: GateId, after: readonly string[]): readonly JobGate[] =>
    used.has(id) ? [{ id, after }] : [];
  const gates: readonly JobGate[] = [
    { id: 'permit', after: [] },
    ...has('call', []),
    ...has('trench', buried),
    { id: 'rough-in', after: roughed },
    ...has('bonding', rings),
    // It comes when what it works beside stands and was seen.
    ...has('utility', roughed),
    { id: 'final', after: list.idsOf('energize', 'backfill', 'cover') },
  ];
  const steps = list.steps.map((step) => ({ ...step, after: step.after.filter((id) => known.has(id)) }));
  return withMending(steps, gates, evaluation.job.days);
}

/** The step that mends what was not passed, of several the one of a number from 1. */
export const mendId = (gate: GateId, number: number): string =>
  number === 1 ? `mend ${gate}` : `mend ${gate} ${number}`;

/** How often a gate was not passed, this time with the others. */
const refusals = ({ failed, passed, refused = [] }: GateRecord): number =>
  refused.length + (failed !== '' && passed === null ? 1 : 0);

/** What was not passed is mended before the gate is asked again; what was mended stays. */
function withMending(
  steps: readonly JobStep[],
  gates: readonly JobGate[],
  { gates: records }: Days,
): JobWork {
  const mends = new Map(
    gates.map(({ id, after }) => {
      const record = records.find((each) => each.id === id);
      const count = record === undefined ? 0 : refusals(record);
      return [id, Array.from({ length: count }, (_, at) => mending(mendId(id, at + 1), after))] as const;
    }),
  );
  return {
    steps: [...steps, ...[...mends.values()].flat()],
    gates: gates.map((gate) => ({
      ...gate,
      after: [...gate.after, ...(mends.get(gate.id) ?? []).map(({ id }) => id)],
    })),
  };
}

const mending = (id: string, after: readonly string[]): JobStep => ({
  id,
  kind: 'mend',
  circuitIds: [],
  place: 'house',
  hours: { low: MEND_H, likely: MEND_H, high: 2 * MEND_H },
  people: 1,
  after,
  gate: null,
  dead: false,
  covers: false,
  panelId: null,
});
