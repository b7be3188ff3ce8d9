import type { SolveContext } from '../circuit/solveContext';
import { FindingLog } from '../findings/findingLog';
import { bondFindings } from '../water/bondFindings';
import { poolFindings } from '../water/poolFindings';
import { waterReport, type WaterReport } from '../water/waterReport';
import type { Water } from '../water/yardSchema';
import { zoneFindings } from '../water/zoneFindings';
import type { WaterEvaluation } from './evaluation';
import type { JobMemo } from './jobMemo';
import type { Job } from './jobSchema';

function reportOf(
  water: Water,
  { yard }: Job,
  { code, practices }: SolveContext,
  memo: JobMemo,
): WaterReport {
  const { waters, lines, areas, things } = yard;
  const parts = [water, waters.length === 1 ? null : waters, lines, areas, things, code, practices];
  return memo.waterReports.of(water.id, parts, () => waterReport({ water, yard, practices, code }));
}

/** The waters of a job with what stands around them. */
export function evaluateWaters(job: Job, context: SolveContext, memo: JobMemo): readonly WaterEvaluation[] {
  const { code, practices } = context;
  const { yard } = job;
  const reports = yard.waters.map((water) => reportOf(water, job, context, memo));
  return reports.map((report) => {
    const others = reports.filter((each) => each !== report);
    return memo.waters.of(report.water.id, [report, ...others], () => {
      const out = new FindingLog(code, { kind: 'water', waterId: report.water.id });
      poolFindings(report, yard, others, out);
      zoneFindings(report, yard.lines, out);
      bondFindings(report, practices, code, out);
      return { report, findings: out.all };
    });
  });
}
