import type { Circuit, Segment } from '../../src/core/circuit/circuitSchema';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import type { RouteReport } from '../../src/core/route/routeReport';
import { circuit, segment } from './circuits';
import { jobOf } from './jobs';

/** A buried segment of raceway at 18 in. */
export const trench = (part: Partial<Segment> = {}): Segment =>
  segment({
    id: 'trench',
    method: 'pvc40',
    place: 'underground',
    lengthFt: 60,
    heightFt: -1.5,
    endHeightFt: 4,
    ...part,
  });

/** A circuit of a job of several, solved with what it shares its route with. */
export function solvedIn(of: Circuit, all: readonly Circuit[]) {
  const found = evaluateJob(jobOf(all)).circuit(of.id);
  if (found === undefined) throw new Error(`No circuit ${of.id}.`);
  return found;
}

/** The route of a circuit judged, alone or in a job. */
export function routeOf(
  part: Partial<Circuit>,
  { others = [], located = true }: { readonly others?: readonly Circuit[]; readonly located?: boolean } = {},
): RouteReport {
  const of = circuit(part);
  const locate = located ? { ticket: 'T-1', date: '2025-06-01' } : null;
  const found = evaluateJob(jobOf([of, ...others], { locate })).route(of.id);
  if (found === undefined) throw new Error(`No circuit ${of.id}.`);
  return found.report;
}

/** Codes of what was found about the route. */
export const routeCodes = (report: RouteReport): readonly string[] => report.findings.map(({ code }) => code);
