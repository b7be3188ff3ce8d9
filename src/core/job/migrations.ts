import { USUAL_DESIGN } from '../circuit/jobDefaults';
import { DEFAULT_PRACTICES } from '../circuit/jobDefaults';
import { FRESH_HOUSE } from '../service/freshHouse';

/** One step from a version of the job document to the next. */
export interface Migration {
  readonly from: number;
  readonly up: (document: unknown) => unknown;
}

/** The version of the job document that this Pasture writes. */
export const JOB_VERSION = 4;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** In version 0 a circuit was one segment, with its method, length and place beside the nameplate. */
const oneSegmentToRun = (circuit: unknown): unknown => {
  if (!isRecord(circuit) || 'run' in circuit) return circuit;
  const { method, lengthFt, place, ambientC, ...rest } = circuit;
  const segment = {
    id: 'segment-1',
    method,
    lengthFt,
    place: place ?? 'indoor',
    ambientC: ambientC ?? 30,
    currentCarrying: null,
    bendsDeg: 0,
    heightFt: 8,
    endHeightFt: 4,
  };
  return { ...rest, startHeightFt: 5, run: [segment], answers: [] };
};

const NAMED_VALUE: Readonly<Record<string, string>> = {
  'continuous-factor': 'factor',
  'bend-limit': 'degrees',
};

/** In version 1 an amended number was named by what it was, not `value`. */
function amendedValue(change: unknown): unknown {
  if (!isRecord(change)) return change;
  const old = NAMED_VALUE[String(change['kind'])];
  if (old === undefined || !(old in change)) return change;
  const { [old]: value, ...rest } = change;
  return { ...rest, value };
}

const amendedValues = (amendment: unknown): unknown =>
  isRecord(amendment) && Array.isArray(amendment['changes'])
    ? { ...amendment, changes: amendment['changes'].map(amendedValue) }
    : amendment;

/** Version 1 knew no site, no photographs, no occupancy and only two house practices. */
function withSurvey(job: unknown): unknown {
  if (!isRecord(job)) return job;
  const { circuits, practices, amendments } = job;
  return {
    occupancy: 'one-family',
    designC: USUAL_DESIGN,
    later: '',
    ...job,
    practices: isRecord(practices) ? { ...DEFAULT_PRACTICES, ...practices } : practices,
    amendments: Array.isArray(amendments) ? amendments.map(amendedValues) : amendments,
    circuits: Array.isArray(circuits)
      ? circuits.map((circuit: unknown) =>
          isRecord(circuit) ? { site: {}, photos: [], ...circuit } : circuit,
        )
      : circuits,
  };
}

/** The way from each past version to the next, in order. */
export const JOB_MIGRATIONS: readonly Migration[] = [
  {
    from: 0,
    up: (job) =>
      isRecord(job) && Array.isArray(job['circuits'])
        ? { ...job, circuits: job['circuits'].map(oneSegmentToRun) }
        : job,
  },
  { from: 1, up: withSurvey },
  { from: 2, up: (job) => (isRecord(job) ? { house: FRESH_HOUSE, panels: [], answers: [], ...job } : job) },
  { from: 3, up: (job) => (isRecord(job) ? { locate: null, ...job } : job) },
];

/**
 * Carries a document of a past version forward. Undefined where a step is missing, or where the document
 * is of a later version than this Pasture knows.
 */
export function migrate(
  document: unknown,
  version: number,
  migrations: readonly Migration[],
  current: number,
): { readonly document: unknown } | undefined {
  let acc = document;
  for (let at = version; at < current; at += 1) {
    const step = migrations.find(({ from }) => from === at);
    if (step === undefined) return undefined;
    acc = step.up(acc);
  }
  return version > current ? undefined : { document: acc };
}
