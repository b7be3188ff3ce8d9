import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Circuit } from '../core/circuit/circuitSchema';
import type { CircuitEvaluation } from '../core/job/evaluation';
import { JobSizes } from '../core/job/jobSizes';
import { branchOf } from '../core/job/jobMemo';
import type { Job } from '../core/job/jobSchema';
import { memo } from './memo';

/** The circuits of the open job, solved, once for as long as it does not change. */
export const sizesOf = weakMapMemoize((job: Job): JobSizes => new JobSizes(job, memo));

/** A circuit that is not in a job, as it would be there; undefined where the job has one by its id. */
export const draftOf = (job: Job, circuit: Circuit): CircuitEvaluation | undefined =>
  new JobSizes({ ...job, circuits: [...job.circuits, circuit] }, branchOf(memo)).circuit(circuit.id);
