import type { JobEstimate } from '../estimate/jobEstimate';
import type { Job } from '../job/jobSchema';

/** Whether anybody looked at the service: its rating, and what it carries or a record of it. */
const isServiceKnown = ({ house, panels }: Job): boolean =>
  (house.ratingA !== null || panels.some(({ mainA }) => mainA !== null)) &&
  (house.loads.length > 0 || house.areaFt2 !== null || house.measured !== null);

/** Whether any part of the price is a fee for a permit. */
const hasFee = ({ parts }: JobEstimate): boolean => parts.some(({ money }) => money.permit > 0);

/** Circuits of which something stands that nobody gave. */
const assumedIn = ({ circuits, sources }: Job): readonly string[] =>
  circuits.flatMap(({ id, name }) =>
    sources.some(({ input, source }) => source.kind === 'assumed' && input.startsWith(`circuit:${id}/`))
      ? [name]
      : [],
  );

/** What a price does not say by itself: what is left out of it, what nobody looked at, what is assumed. */
export function priceLacks(job: Job, estimate: JobEstimate): readonly string[] {
  const stopped = estimate.parts.flatMap(({ source, isStopped }) =>
    isStopped && source.kind === 'circuit'
      ? job.circuits.flatMap(({ id, name }) => (id === source.id ? [name] : []))
      : [],
  );
  const assumed = assumedIn(job);
  return [
    ...(stopped.length === 0
      ? []
      : [`Not in the total, it breaks a rule as planned: ${stopped.join(', ')}.`]),
    ...(isServiceKnown(job)
      ? []
      : ['Nobody looked at the service yet: whether it carries this is not in the price.']),
    ...(hasFee(estimate) ? [] : ['No permit fee is in the price: none was named.']),
    ...(assumed.length === 0 ? [] : [`Rests on what is assumed: ${assumed.join(', ')}.`]),
  ];
}
