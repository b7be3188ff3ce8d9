import type { Edition } from '../code/edition';
import type { AnyFinding } from '../findings/finding';
import { FindingLog } from '../findings/findingLog';
import type { Job } from './jobSchema';

/** Steps that cover work are named so: a trench that is filled. */
const COVERS = 'backfill ';

/** Steps that covered work before the inspector had seen it. */
export function coveredTooEarly({ days: { done, gates } }: Job, code: Edition): readonly AnyFinding[] {
  const log = new FindingLog(code, { kind: 'job' });
  const passed = gates.find(({ id }) => id === 'rough-in')?.passed ?? null;
  for (const { id, on } of done)
    if (id.startsWith(COVERS) && (passed === null || passed.at.slice(0, 10) > on))
      log.found(
        'stop',
        'work.before-inspection',
        'work.inspection',
        { gate: 'rough-in' },
        {
          subject: { kind: 'day', stepId: id },
        },
      );
  return log.all;
}
