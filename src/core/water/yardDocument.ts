import type { StageDocument } from '../files/stageDocument';
import { yardSchema, type Yard } from './yardSchema';

/** A yard in which nothing stands yet. */
export const EMPTY_YARD: Yard = {
  waters: [],
  lines: [],
  areas: [],
  things: [],
  northDeg: 0,
  frostIn: null,
  underlay: null,
};

/** The yard of a job: pools, spas, tubs, and what stands around them. */
export const yardDocument: StageDocument<typeof yardSchema> = {
  schema: yardSchema,
  fresh: EMPTY_YARD,
  migrations: [{ from: 7, up: (job) => ({ yard: EMPTY_YARD, ...job }) }],
};
