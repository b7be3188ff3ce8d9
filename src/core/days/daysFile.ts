import type { GateId } from '../timing/daysDocument';
import type { Job } from '../job/jobSchema';
import type { DayGate, DayStep, JobDays } from './jobDays';
import { mendId } from './jobSteps';
import { waterIdOf, type StepKind } from './jobStep';

/** Kinds of steps as the plan is told to programs. */
const KIND: Readonly<Record<StepKind, string>> = {
  dig: 'dig',
  conduit: 'lay',
  ring: 'bond',
  cover: 'backfill',
  rough: 'rough',
  pull: 'pull',
  backfill: 'backfill',
  subpanel: 'set-panel',
  trim: 'trim',
  'set-panel': 'set-panel',
  land: 'land',
  panel: 'land',
  prove: 'prove',
  energize: 'energize',
  mend: 'mend',
  'hand-over': 'hand-over',
};

/** Gates as they are told to programs. */
const GATE: Readonly<Record<GateId, string>> = {
  permit: 'permit',
  call: 'marks',
  trench: 'trench',
  'rough-in': 'rough',
  bonding: 'bonding',
  utility: 'utility',
  final: 'final',
};

/** What lies in the ground until somebody covers it. */
const BURIED: readonly StepKind[] = ['conduit', 'ring'];

/** What covers the bonding of a water that is paved or decked is poured. */
function kindOf(step: DayStep, { yard }: Job): string {
  if (step.kind !== 'cover') return KIND[step.kind];
  const water = yard.waters.find(({ id }) => id === waterIdOf(step));
  return water?.perimeter === 'paved' || water?.perimeter === 'deck-steel' ? 'pour' : KIND.cover;
}

type Named = (step: DayStep, job: Job) => string;

const stepOf = (step: DayStep, job: Job, nameOf: Named) => ({
  id: step.id,
  what: nameOf(step, job),
  kind: kindOf(step, job),
  circuits: step.circuitIds,
  place: step.place,
  people: step.placed.people.map((each) => `Person ${each}`),
  parts: step.placed.parts,
  done: job.days.done.some(({ id }) => id === step.id),
  dead: step.dead,
  buried: BURIED.includes(step.kind),
  panel: step.panelId,
});

const gateOf = ({ id, opens, record }: DayGate, { steps }: JobDays) => ({
  id,
  kind: GATE[id],
  holds: steps.filter(({ gate }) => gate === id).map((step) => step.id),
  opens,
  passed: record.passed,
  failed: [
    ...(record.refused ?? []),
    ...(record.failed === '' ? [] : [{ what: record.failed, at: record.failedAt ?? record.booked }]),
  ].map(({ what, at }, index) => {
    const mend = mendId(id, index + 1);
    return { when: at, what, mendedBy: steps.some((step) => step.id === mend) ? mend : null };
  }),
});

/** The days of a job in the shape that programs read: steps, gates with what they hold, the finish. */
export const daysFile = (days: JobDays, job: Job, nameOf: Named) => ({
  steps: days.steps.map((step) => stepOf(step, job, nameOf)),
  gates: days.gates.map((gate) => gateOf(gate, days)),
  finish: days.finish,
});
