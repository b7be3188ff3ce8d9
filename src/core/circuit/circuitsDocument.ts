import { z } from 'zod';
import { LIMITS } from '../code/limits';
import { eachSaved, type Saved, type StageDocument } from '../files/stageDocument';
import { circuitSchema } from './circuitSchema';

const schema = z.array(circuitSchema).max(LIMITS.circuits);

/** In version 0 a circuit was one segment, with its method, length and place beside the nameplate. */
function withRun(circuit: Saved): Saved {
  if ('run' in circuit) return circuit;
  const { method, lengthFt, place, ambientC, ...rest } = circuit;
  const segment = {
    id: 'segment-1',
    method,
    lengthFt,
    place: place ?? 'indoor',
    ambientC: ambientC ?? 30,
    currentCarrying: null,
    bendsDeg: 0,
    heightFt: 8,
    endHeightFt: 4,
  };
  return { ...rest, startHeightFt: 5, run: [segment], answers: [] };
}

/** Before version 6 no bends meant both none and not counted: they are counted as they are drawn. */
const withDrawnBends = (circuit: Saved): Saved => ({
  ...circuit,
  run: eachSaved(circuit['run'], (segment) =>
    segment['bendsDeg'] === 0 ? { ...segment, bendsDeg: null } : segment,
  ),
});

/** Since version 5 answers are kept with the job. */
function withoutAnswers(circuit: Saved): Saved {
  const { answers: _answers, ...rest } = circuit;
  return rest;
}

/** The circuits of a job in the order in which they are worked. */
export const circuitsDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [
    { from: 0, up: (job) => ({ ...job, circuits: eachSaved(job['circuits'], withRun) }) },
    {
      from: 1,
      up: (job) => ({
        ...job,
        circuits: eachSaved(job['circuits'], (circuit) => ({ site: {}, photos: [], ...circuit })),
      }),
    },
    { from: 4, up: (job) => ({ ...job, circuits: eachSaved(job['circuits'], withoutAnswers) }) },
    {
      from: 6,
      up: (job) => ({
        ...job,
        circuits: eachSaved(job['circuits'], (circuit) => ({ existing: null, feedId: null, ...circuit })),
      }),
    },
    { from: 5, up: (job) => ({ ...job, circuits: eachSaved(job['circuits'], withDrawnBends) }) },
  ],
};
