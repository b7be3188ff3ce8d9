import type { SolveContext } from '../circuit/solveContext';
import { FindingLog } from '../findings/findingLog';
import { bondFindings } from '../water/bondFindings';
import { walkFindings } from '../water/walkFindings';
import type { LightRaceway } from '../water/lightRaceway';
import { nearestWater } from '../water/nearestWater';
import { ownWater, placedWater, type PlacedWater } from '../water/placedWater';
import { poolFindings } from '../water/poolFindings';
import { waterReport, type WaterReport } from '../water/waterReport';
import type { Water } from '../water/yardSchema';
import { zoneFindings } from '../water/zoneFindings';
import type { WaterEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';
import type { Job } from './jobSchema';

/** The report of a water; it is made anew only when what is near it, or what it is, is another. */
function reportOf(
  placed: PlacedWater,
  water: Water,
  nearest: ReadonlySet<string>,
  { yard }: Job,
  { code, practices }: SolveContext,
  memo: JobMemo,
): WaterReport {
  const { lines, areas, things } = yard;
  const parts = [water, lines, areas, things, [...nearest].join(' '), code, practices];
  return memo.waterReports.of(water.id, parts, () =>
    waterReport({ water, placed, yard, nearest, practices, code }),
  );
}

/** What says whether raceways are the same as before, in one word. */
const sameRaceways = (raceways: readonly LightRaceway[]): string => JSON.stringify(raceways);

/** The waters of a job with what stands around them, and what the conductors of their lights share. */
export function evaluateWaters(
  job: Job,
  context: SolveContext,
  raceways: readonly LightRaceway[],
  memo: JobMemo,
): readonly WaterEvaluation[] {
  const { code, practices } = context;
  const { yard } = job;
  const place = (water: Water): PlacedWater =>
    memo.placedWaters.of(water.id, [water.shape, water.turnDeg, ...water.at], () =>
      placedWater(
        water,
        memo.ownWaters.of(water.id, [water.shape, water.turnDeg], () => ownWater(water)),
      ),
    );
  const nearest = nearestWater(yard, place);
  const reports = yard.waters.map((water) =>
    reportOf(place(water), water, nearest.get(water.id) ?? new Set(), job, context, memo),
  );
  return reports.map((report) => {
    const others = reports.filter((each) => each !== report);
    return memo.waters.of(report.water.id, [report, yard.frostIn, sameRaceways(raceways), ...others], () => {
      const out = new FindingLog(code, { kind: 'water', waterId: report.water.id });
      poolFindings(report, yard, others, raceways, out);
      zoneFindings(report, yard.lines, code, out);
      bondFindings(report, practices, code, out);
      walkFindings(report, out);
      return { report, findings: out.all };
    });
  });
}
