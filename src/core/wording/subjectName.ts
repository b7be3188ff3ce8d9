import { circuitOf, type Subject } from '../findings/subject';
import type { Job } from '../job/jobSchema';
import { nameIn } from './mergeWords';

/** What a finding is about, by its name. */
export function subjectName(subject: Subject, job: Job): string {
  const circuit = circuitOf(subject);
  const id =
    circuit ?? ('panelId' in subject ? subject.panelId : 'waterId' in subject ? subject.waterId : '');
  return (
    nameIn([job], id) ?? (subject.kind === 'service' ? 'Service' : subject.kind === 'day' ? 'Days' : 'Job')
  );
}
