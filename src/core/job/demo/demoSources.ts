import type { Source } from '../../sources/sourceSchema';
import { inputsOfPart, subjectsOf } from '../jobInputs';
import type { Job } from '../jobSchema';

const ON_SITE = '2026-02-20';

/** Circuits of which the owner said what they are for, before anybody was there. */
const BY_OWNER = new Set(['trailer', 'well']);

/** Where an input of the demo house comes from: a visit in February, the owner's word, and what nobody looked at. */
function sourceOf(subject: string, at: string): Source {
  const [kind, id = ''] = subject.split(':');
  if (kind !== 'circuit') return { kind: 'seen', who: 'lead', on: ON_SITE };
  // The last feet to a machine that is not there yet.
  if (at === 'run.whip.lengthFt') return { kind: 'assumed', rule: 'default' };
  if (BY_OWNER.has(id) && (at.startsWith('nameplate') || at.endsWith('lengthFt')))
    return { kind: 'told', who: 'owner', on: '2026-02-11' };
  if (at.endsWith('lengthFt'))
    return { kind: 'measured', with: at.includes('trench') ? 'wheel' : 'tape', who: 'lead', on: ON_SITE };
  if (at.startsWith('terminals') || at.startsWith('site')) return { kind: 'seen', who: 'lead', on: ON_SITE };
  return { kind: 'told', who: 'lead', on: ON_SITE };
}

/** The demo house with where its inputs come from. */
export function withDemoSources(job: Omit<Job, 'sources'>): Job {
  const whole: Job = { ...job, sources: [] };
  const sources = subjectsOf(whole).flatMap(({ name, part }) =>
    [...inputsOfPart(part).keys()].map((at) => ({ input: `${name}/${at}`, source: sourceOf(name, at) })),
  );
  return { ...whole, sources: sources.toSorted((a, b) => (a.input < b.input ? -1 : 1)) };
}
