import { DEFAULT_PRACTICES, USUAL_DESIGN } from '../circuit/jobDefaults';
import { eachSaved, isSaved, type Saved, type StageMigration } from '../files/stageDocument';
import { STAGE_DOCUMENTS } from './jobSchema';
import { JOB_VERSION } from './jobVersion';
import { withOldSources } from './oldFileSources';

const NAMED_VALUE: Readonly<Record<string, string>> = {
  'continuous-factor': 'factor',
  'bend-limit': 'degrees',
};

/** In version 1 an amended number was named by what it was, not `value`. */
function amendedValue(change: Saved): Saved {
  const old = NAMED_VALUE[String(change['kind'])];
  if (old === undefined || !(old in change)) return change;
  const { [old]: value, ...rest } = change;
  return { ...rest, value };
}

/** Version 1 knew no occupancy, no design temperatures and only two shop practices. */
function withSurvey(job: Saved): Saved {
  const { practices, amendments } = job;
  return {
    occupancy: 'one-family',
    designC: USUAL_DESIGN,
    later: '',
    ...job,
    practices: isSaved(practices) ? { ...DEFAULT_PRACTICES, ...practices } : practices,
    amendments: eachSaved(amendments, (amendment) => ({
      ...amendment,
      changes: eachSaved(amendment['changes'], amendedValue),
    })),
  };
}

/** Version 8 brought the practices of bonding. */
const withPractices = (job: Saved): Saved =>
  isSaved(job['practices']) ? { ...job, practices: { ...DEFAULT_PRACTICES, ...job['practices'] } } : job;

/** What the job itself changed from version to version; each stage has its own. */
const OF_THE_JOB: readonly StageMigration[] = [
  { from: 1, up: withSurvey },
  { from: 7, up: withPractices },
  { from: 13, up: (job) => ({ meter: null, ...job }) },
  { from: 14, up: withOldSources },
];

/** Every step, those of the job before those of its stages; answers leave the circuits before those let go of them. */
const STEPS: readonly StageMigration[] = [
  ...OF_THE_JOB,
  ...Object.values(STAGE_DOCUMENTS).flatMap(({ migrations }) => migrations),
];

/** Carries a document of a past version forward; undefined for a version that this Pasture does not know. */
export function migrate(document: unknown, version: number): { readonly document: unknown } | undefined {
  if (!Number.isInteger(version) || version < 0 || version > JOB_VERSION) return undefined;
  if (!isSaved(document)) return { document };
  let job = document;
  for (let at = version; at < JOB_VERSION; at += 1) {
    for (const { from, up } of STEPS) if (from === at) job = up(job);
  }
  return { document: job };
}
