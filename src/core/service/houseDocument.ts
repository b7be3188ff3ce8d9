import { isSaved, type StageDocument } from '../files/stageDocument';
import { FRESH_HOUSE } from './freshHouse';
import { houseSchema } from './houseSchema';

/** The house of a job with its service. */
export const houseDocument: StageDocument<typeof houseSchema> = {
  schema: houseSchema,
  fresh: FRESH_HOUSE,
  migrations: [
    { from: 2, up: (job) => ({ house: FRESH_HOUSE, ...job }) },
    {
      from: 6,
      up: (job) => ({
        ...job,
        house: isSaved(job['house']) ? { groups: [], ...job['house'] } : job['house'],
      }),
    },
    {
      from: 9,
      up: (job) => ({
        ...job,
        house: isSaved(job['house']) ? { managerThere: false, larger: false, ...job['house'] } : job['house'],
      }),
    },
  ],
};
