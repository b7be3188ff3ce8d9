import { newCircuit, newSegment } from '../../core/circuit/newCircuit';
import type { Circuit } from '../../core/circuit/circuitSchema';
import { LOCATIONS } from '../../core/code/locations';
import type { Job } from '../../core/job/jobSchema';
import { pinsOf, runOf } from '../../core/typing/line/lineCircuit';
import type { Typed } from '../../core/typing/readTyped';

/** Rooms that the end of a run says already. */
const BY_RUN: ReadonlySet<string> = new Set(['outdoor', 'garage', 'attic']);

/** The circuit that a typed line makes in a job. */
export function typedCircuit(
  { appliance, reading }: Typed,
  { designC }: Pick<Job, 'designC'>,
  newId: () => string,
): Circuit {
  const { material, receptacle } = reading;
  const room = LOCATIONS.find((each) => each === reading.room && !BY_RUN.has(each));
  const run = runOf(reading).map(({ method, lengthFt, place }) =>
    newSegment(newId(), method, lengthFt, place, designC),
  );
  return {
    ...newCircuit(newId(), appliance, run),
    material: material ?? 'cu',
    pins: pinsOf(reading),
    site: {
      ...(room !== undefined && appliance.family !== 'receptacle' && { room }),
      ...(receptacle !== null && { receptacle }),
    },
  };
}
