import type { Edition } from '../code/edition';
import type { AnyFinding } from '../findings/finding';
import { FindingLog } from '../findings/findingLog';
import type { GateId } from '../timing/daysDocument';
import type { Job } from './jobSchema';

/** Steps that cover work are named so, each with the inspections of which one has seen it before. */
const COVERS: readonly (readonly [start: string, seenBy: readonly [GateId, ...GateId[]]])[] = [
  // Until there was an inspection of the trench that of the rough-in saw it.
  ['backfill ', ['trench', 'rough-in']],
  ['cover ', ['bonding']],
];

/** Steps that covered work before the inspector had seen it. */
function coveredTooEarly({ days: { done, gates } }: Job, log: FindingLog): void {
  for (const { id, on } of done)
    for (const [start, seenBy] of COVERS) {
      const isSeen = gates.some(
        (gate) => seenBy.includes(gate.id) && gate.passed !== null && gate.passed.at.slice(0, 10) <= on,
      );
      if (id.startsWith(start) && !isSeen)
        log.found(
          'stop',
          'work.before-inspection',
          'work.inspection',
          { gate: seenBy[0] },
          { subject: { kind: 'day', stepId: id } },
        );
    }
}

/** What an inspector refused is open until it was mended and passed; then it is told as mended. */
function refused({ days: { gates } }: Job, log: FindingLog): void {
  for (const { id: gate, failed: what, passed } of gates)
    if (what !== '')
      log.found(passed === null ? 'stop' : 'note', 'work.refused', 'work.inspection', {
        gate,
        what,
        passedAt: passed?.at ?? '',
      });
}

/** Steps that were dug on a day on which no ticket says that the lines in the ground were marked. */
const DIGS = /^(?:dig|ring) /;

/** Digging is done while the marks of the utilities hold: not before the ticket, not after it has expired. */
function unmarked({ days: { done }, locate }: Job, log: FindingLog): void {
  for (const { id, on } of done) {
    const isMarked = locate !== null && locate.date <= on && (locate.until == null || on <= locate.until);
    if (DIGS.test(id) && !isMarked)
      log.found(
        'check',
        'work.unmarked',
        'work.marks',
        { on, ticket: locate?.ticket ?? '' },
        { subject: { kind: 'day', stepId: id } },
      );
  }
}

/** What is wrong about the order of the work as it was done, and what an inspector refused. */
export function orderFindings(job: Job, code: Edition): readonly AnyFinding[] {
  const log = new FindingLog(code, { kind: 'job' });
  refused(job, log);
  coveredTooEarly(job, log);
  unmarked(job, log);
  return log.all;
}
