import { newCircuit, newSegment } from '../../core/circuit/newCircuit';
import type { Circuit } from '../../core/circuit/circuitSchema';
import type { Job } from '../../core/job/jobSchema';
import type { Typed } from '../../core/typing/readTyped';

/** Length that is taken until one is typed, feet. */
export const USUAL_LENGTH_FT = 40;

/** The circuit that a typed line makes in a job. */
export const typedCircuit = (
  { appliance, lengthFt, method, place }: Typed,
  { designC }: Pick<Job, 'designC'>,
  id: string,
  segmentId: string,
): Circuit =>
  newCircuit(id, appliance, [
    newSegment(segmentId, method ?? 'nm-b', lengthFt ?? USUAL_LENGTH_FT, place ?? 'indoor', designC),
  ]);
