import { z } from 'zod';
import { LIMITS } from '../code/limits';
import type { StageDocument } from '../files/stageDocument';
import { panelSchema } from './panelSchema';

const schema = z.array(panelSchema).max(LIMITS.panels);

/** The panels of a job as they were surveyed, each with its plan. */
export const panelsDocument: StageDocument<typeof schema> = {
  schema,
  fresh: [],
  migrations: [{ from: 2, up: (job) => ({ panels: [], ...job }) }],
};
