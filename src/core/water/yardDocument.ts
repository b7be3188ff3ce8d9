import { eachSaved, isSaved, type Saved, type StageDocument } from '../files/stageDocument';
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

/** Until version 13 going on signed a stop of the walk: what was not measured there is looked at again. */
function withLooks(job: Saved): Saved {
  const { yard } = job;
  if (!isSaved(yard)) return job;
  const waters = eachSaved(yard['waters'], (water) => {
    const seen: readonly unknown[] = Array.isArray(water['seen']) ? water['seen'] : [];
    const isMeasured = (each: unknown): boolean =>
      isSaved(each) && (each['offIn'] !== null || each['deepIn'] !== null);
    return { ...water, seen: seen.filter(isMeasured) };
  });
  return { ...job, yard: { ...yard, waters } };
}

/** The yard of a job: pools, spas, tubs, and what stands around them. */
export const yardDocument: StageDocument<typeof yardSchema> = {
  schema: yardSchema,
  fresh: EMPTY_YARD,
  migrations: [
    { from: 7, up: (job) => ({ yard: EMPTY_YARD, ...job }) },
    { from: 13, up: withLooks },
  ],
};
