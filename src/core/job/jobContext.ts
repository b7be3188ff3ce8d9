import { serviceVolts } from '../service/houseSchema';
import type { SolveContext } from '../circuit/solveContext';
import { edition } from '../code/edition';
import type { Job } from './jobSchema';

/** What the circuits of a job are solved under: edition with its local amendments, shop practices, permit. */
export const jobContext = ({
  edition: year,
  amendments,
  practices,
  permitDate,
  occupancy,
  house,
}: Omit<Job, 'circuits'>): SolveContext => ({
  code: edition(year, amendments),
  practices,
  survey: { permitDate, occupancy, houseV: serviceVolts(house) },
});
