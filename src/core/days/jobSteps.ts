import { together, type JobEstimate } from '../estimate/jobEstimate';
import { bringing } from '../job/brings';
import type { JobEvaluation } from '../job/evaluateJob';
import type { Days } from '../timing/daysDocument';
import { circuitSteps, PLACE, trenchesOf } from './circuitSteps';
import type { JobGate, JobStep, JobWork } from './jobStep';
import { endsInSubpanel, hoursFor, StepList } from './stepList';

const HAND_OVER_H = 1;
/** What an inspector did not pass takes at least, until it is known. */
const MEND_H = 1;

/** The far end first, the panel last, then proving, then the last inspection. */
function lastSteps(evaluation: JobEvaluation, estimate: JobEstimate, list: StepList): void {
  const hours = hoursFor(estimate);
  const { circuits, panels } = evaluation.job;
  const planned = circuits.filter(({ existing }) => existing === null);
  const inPanel = planned.filter((circuit) => !endsInSubpanel(evaluation, circuit));
  const panelIds = panels.map(({ id }) => `panel ${id}`);
  list.add({
    id: 'panel',
    kind: 'panel',
    circuitIds: inPanel.map(({ id }) => id),
    place: 'panel',
    hours: together([
      ...inPanel.map(({ id }) => hours(`circuit ${id}`, ['panel-end'])),
      ...panelIds.map((key) => hours(key, null)),
      hours('service', null),
    ]),
    after: list.idsOf('rough', 'pull', 'trim', 'subpanel'),
    gate: 'rough-in',
    dead: true,
  });
  list.add({
    id: 'prove',
    kind: 'prove',
    circuitIds: planned.map(({ id }) => id),
    place: 'house',
    hours: together(planned.map(({ id }) => hours(`circuit ${id}`, ['prove']))),
    after: list.idsOf('panel', 'trim', 'subpanel'),
  });
  list.add({
    id: 'hand-over',
    kind: 'hand-over',
    circuitIds: [],
    place: 'house',
    hours: { low: HAND_OVER_H, likely: HAND_OVER_H, high: HAND_OVER_H },
    after: list.idsOf('prove'),
    gate: 'final',
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
  for (const { water } of evaluation.waters.map(({ report }) => report))
    list.add({
      id: `ring ${water.id}`,
      kind: 'ring',
      circuitIds: [],
      place: 'water',
      hours: hours(`water ${water.id}`, null),
      after: [],
      gate: 'permit',
    });
  if (list.steps.length === 0) return { steps: [], gates: [] };
  lastSteps(evaluation, estimate, list);
  const known = new Set(list.steps.map(({ id }) => id));
  // A trench is filled when everything that lies in it was seen.
  const covered = list.idsOf('rough', 'conduit');
  const rings = list.idsOf('ring');
  const gates: readonly JobGate[] = [
    { id: 'permit', after: [] },
    ...(list.idsOf('dig').length > 0 ? [{ id: 'call', after: [] } as const] : []),
    { id: 'rough-in', after: covered },
    ...(rings.length > 0 ? [{ id: 'bonding', after: rings } as const] : []),
    { id: 'final', after: [...list.idsOf('prove', 'backfill'), ...rings] },
  ];
  const steps = list.steps.map((step) => ({ ...step, after: step.after.filter((id) => known.has(id)) }));
  return withMending(steps, gates, evaluation.job.days);
}

/** What was not passed is mended before the gate is asked again. */
function withMending(
  steps: readonly JobStep[],
  gates: readonly JobGate[],
  { gates: records }: Days,
): JobWork {
  const failed = new Set(
    records.filter(({ failed: what, passed }) => what !== '' && passed === null).map(({ id }) => id),
  );
  const mends = gates
    .filter(({ id }) => failed.has(id))
    .map(({ id, after }): JobStep => {
      const hours = { low: MEND_H, likely: MEND_H, high: 2 * MEND_H };
      const plain = { circuitIds: [], people: 1, gate: null, dead: false, covers: false } as const;
      return { ...plain, id: `mend ${id}`, kind: 'mend', place: 'house', hours, after };
    });
  return {
    steps: [...steps, ...mends],
    gates: gates.map((gate) =>
      failed.has(gate.id) ? { ...gate, after: [...gate.after, `mend ${gate.id}`] } : gate,
    ),
  };
}
