import type { Circuit } from '../circuit/circuitSchema';
import type { Spread } from '../estimate/jobEstimate';
import type { JobEvaluation } from '../job/evaluateJob';
import type { RouteEvaluation } from '../job/evaluation';
import type { LaborTask } from '../labor/laborTasks';
import type { WorkPlace } from '../timing/daysDocument';
import { scaled, type StepList } from './stepList';

/** Of the hours of a trench so much is its filling. */
const BACKFILL = 0.35;
/** From this effort on a pull takes two. */
const TWO_PULL_LB = 100;

const ROUGH: readonly LaborTask[] = [
  'cable',
  'raceway',
  'flexible',
  'fitting',
  'bend',
  'body',
  'box',
  'pull-box',
  'plate',
];
const TRIM: readonly LaborTask[] = [
  'receptacle',
  'disconnect',
  'spa-panel',
  'dead-front',
  'charger',
  'equipment',
];

/** Where the work of a circuit is done, by the building that it stands at. */
export const PLACE: Readonly<Record<NonNullable<Circuit['site']['building']>, WorkPlace>> = {
  same: 'house',
  'attached-garage': 'garage',
  'detached-garage': 'building',
  accessory: 'building',
  post: 'post',
};

/** The trenches of a circuit, by what it shares them under, and whether it digs them. */
export function trenchesOf(
  { report }: RouteEvaluation,
  brings: (segment: number, kind: 'trench') => boolean,
) {
  const { circuit } = report.about;
  return report.burials.map(({ segment }) => ({
    key: circuit.run[segment]?.shares?.trench ?? `${circuit.id} ${segment}`,
    digs: brings(segment, 'trench'),
  }));
}

/** How much of the raceway and cable of a circuit lies in the ground. */
function buriedShare({ run }: Circuit): number {
  const whole = run.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
  const buried = run.reduce(
    (sum, { place, lengthFt }) => (place === 'underground' ? sum + lengthFt : sum),
    0,
  );
  return whole === 0 ? 0 : buried / whole;
}

const isHardPull = ({ report }: RouteEvaluation): boolean =>
  report.pulls.some(({ pounds }) => pounds >= TWO_PULL_LB);

/** What the steps of a circuit are made of. */
export interface CircuitWork {
  readonly route: RouteEvaluation;
  readonly evaluation: JobEvaluation;
  readonly circuit: Circuit;
  readonly hours: (tasks: readonly LaborTask[]) => Spread;
  readonly place: WorkPlace;
  readonly trenches: ReturnType<typeof trenchesOf>;
  readonly list: StepList;
}

/** Digging and filling; trenches that circuits share are dug and filled by the one that brings them. */
function trenchSteps({ circuit, hours, trenches, list }: CircuitWork): void {
  const dug = trenches.find(({ digs }) => digs);
  if (dug === undefined) return;
  const dig = hours(['dig', 'bore']);
  const shared = { circuitIds: [circuit.id], place: 'trench', after: [] } as const;
  list.add({ ...shared, id: `dig ${dug.key}`, kind: 'dig', hours: scaled(dig, 1 - BACKFILL), gate: 'call' });
  list.add({
    ...shared,
    id: `backfill ${dug.key}`,
    kind: 'backfill',
    hours: scaled(dig, BACKFILL),
    gate: 'trench',
    covers: true,
  });
}

/** Whether the rod of a detached building is driven with the rough-in of its feeder. */
const needsRod = ({ appliance }: Circuit): boolean =>
  appliance.family === 'feeder' && appliance.nameplate.building === 'detached';

/** Raceway in its trench, everything else of the run in its building, then the pull; the ids of these. */
function runSteps({
  route,
  evaluation,
  circuit,
  hours,
  place,
  trenches,
  list,
}: CircuitWork): readonly string[] {
  const { id } = circuit;
  const run = hours(ROUGH);
  const buried = buriedShare(circuit);
  // A post or a pier is dug for, a rod driven: the lines in the ground are marked first.
  const digs = place === 'post' || needsRod(circuit);
  const shared = { circuitIds: [id], gate: digs ? 'call' : 'permit' } as const;
  const laid = list.add({
    ...shared,
    id: `conduit ${id}`,
    kind: 'conduit',
    place: 'trench',
    hours: scaled(run, buried),
    after: trenches.map(({ key }) => `dig ${key}`),
  });
  const rough = list.add({
    ...shared,
    id: `rough ${id}`,
    kind: 'rough',
    place,
    hours: scaled(run, 1 - buried),
    after: [],
  });
  const pulled = list.add({
    id: `pull ${id}`,
    kind: 'pull',
    circuitIds: [id],
    place: laid.length > 0 ? 'trench' : place,
    hours: hours(['pull', 'pull-heavy']),
    people: evaluation.job.days.people === 2 && isHardPull(route) ? 2 : 1,
    after: [...laid, ...rough],
  });
  return [...rough, ...laid, ...pulled];
}

/** The steps of one circuit up to its trim. */
export function circuitSteps(work: CircuitWork): void {
  const { evaluation, circuit, hours, place, list } = work;
  trenchSteps(work);
  const shared = { circuitIds: [circuit.id], place, after: runSteps(work), gate: 'rough-in' } as const;
  list.add({
    ...shared,
    id: `subpanel ${circuit.id}`,
    kind: 'subpanel',
    hours: hours(['subpanel']),
    panelId: evaluation.job.panels.find(({ feederId }) => feederId === circuit.id)?.id ?? null,
  });
  // What the spa panel at the end of its feed takes is landed with the rest there.
  const ends: readonly LaborTask[] = circuit.feedId !== null ? [...TRIM, 'panel-end'] : TRIM;
  list.add({ ...shared, id: `trim ${circuit.id}`, kind: 'trim', hours: hours(ends) });
}
