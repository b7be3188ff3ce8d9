import type { AnyFinding } from '../findings/finding';
import type { JobEvaluation } from '../job/evaluateJob';
import { plannedCircuits } from './plannedCircuits';

/** What a packet lacks. */
export type Lack =
  | { readonly kind: 'finding'; readonly finding: AnyFinding }
  /** What is covered for good was not photographed. */
  | { readonly kind: 'photo'; readonly of: 'circuit' | 'water'; readonly id: string }
  | { readonly kind: 'authority' }
  | { readonly kind: 'permit' };

/** What only the packet asks for: photographs of what is covered for good, and what its cover names. */
export function packetLacks(evaluation: JobEvaluation): readonly Lack[] {
  const { job } = evaluation;
  const begun = new Set(job.checks.map(({ id }) => id));
  const done = new Set(job.days.done.map(({ id }) => id));
  const buried = plannedCircuits(evaluation).filter(
    (each) =>
      begun.has(each.circuit.id) &&
      each.circuit.photos.length === 0 &&
      evaluation.routeOf(each).report.burials.length > 0,
  );
  const rings = job.yard.waters.filter(({ id, photos }) => done.has(`ring ${id}`) && photos.length === 0);
  return [
    ...(job.authority === '' ? [{ kind: 'authority' } as const] : []),
    ...(job.permitDate === null ? [{ kind: 'permit' } as const] : []),
    ...buried.map(({ circuit: { id } }) => ({ kind: 'photo', of: 'circuit', id }) as const),
    ...rings.map(({ id }) => ({ kind: 'photo', of: 'water', id }) as const),
  ];
}
