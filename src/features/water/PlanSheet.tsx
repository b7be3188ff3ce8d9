import { Button } from '@mantine/core';
import { Link, useNavigate } from 'react-router';
import type { Job } from '../../core/job/jobSchema';
import { bondRows } from '../../core/water/bondRows';
import type { AnyFinding } from '../../core/findings/finding';
import type { WaterReport } from '../../core/water/waterReport';
import { findingSentence } from '../../core/wording/findings';
import { severityWord } from '../../core/wording/words';
import { bondNote, bondTitle } from '../../core/wording/bondWords';
import { bondStages } from '../../core/wording/bondStages';
import { CAUTION, WATER_CAUTION } from '../../core/wording/footCautions';
import { distanceWords, waterLine } from '../../core/wording/yardWords';
import { evaluationOf } from '../../store/evaluation';
import { PrintButton } from '../../ui/shell/PrintButton';
import { YardPicture } from '../../ui/pictures/yard/YardPicture';
import { viewAround, yardScale } from '../../ui/pictures/yard/yardScale';
import { useReadyJob } from '../job/JobPage';
import { LoopWorking } from './LoopWorking';
import { waterWords } from './waterPictureWords';
import { YardLegend } from './YardLegend';
import classes from './water.module.css';

const SHEET_PX = { w: 720, h: 470 } as const;
const ROOM_FT = 14;

interface OfWater {
  readonly report: WaterReport;
}

function Plan({ job, report }: OfWater & { readonly job: Job }) {
  const others = evaluationOf(job)
    .waters.map((each) => each.report)
    .filter((each) => each !== report);
  const near = report.things.filter(({ isNearest }) => isNearest).map(({ thing }) => thing.at);
  const scale = yardScale(viewAround([...report.placed.outline, ...near], ROOM_FT), SHEET_PX.w, SHEET_PX.h);
  return (
    <YardPicture
      yard={job.yard}
      report={report}
      others={others}
      rows={bondRows(report)}
      words={waterWords}
      scale={scale}
      picked={null}
      label={`${report.water.name}, plan`}
    />
  );
}

function Bonded({ report }: OfWater) {
  const rows = bondRows(report);
  if (rows.length === 0) return <p>Metal within 5 ft: none recorded, look. No ring is required.</p>;
  return (
    <section>
      <h3>Bonded, 680.26(B)</h3>
      <ol className={classes['printed']}>
        {rows.map((row) => (
          <li key={row.number}>
            <b>{bondTitle(row, report)}</b> {bondNote(row, report)}
          </li>
        ))}
      </ol>
    </section>
  );
}

function Distances({ report }: OfWater) {
  const placed = report.things.filter(({ object, isNearest }) => object !== undefined && isNearest);
  if (placed.length === 0) return null;
  return (
    <section>
      <h3>Distances</h3>
      <ul className={classes['free']}>
        {placed.map((at) => (
          <li key={at.thing.id}>
            <b>{at.thing.name}</b> {distanceWords(at)}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Stages({ report }: OfWater) {
  const stages = bondStages(report);
  if (stages.length === 0) return null;
  return (
    <section>
      <h3>For the inspector</h3>
      {stages.map(({ id, when, shows, photos }) => (
        <div key={id}>
          <h4>{when}</h4>
          <p>To see: {shows.join('; ')}.</p>
          <p>Photographs: {photos.join('; ')}.</p>
        </div>
      ))}
    </section>
  );
}

/** What is still open, in words. */
function Open({ findings }: { readonly findings: readonly AnyFinding[] }) {
  if (findings.length === 0) return null;
  return (
    <section>
      <h3>Open</h3>
      <ul className={classes['free']}>
        {findings.map((finding, at) => (
          <li key={at}>
            <b>{severityWord[finding.severity]}</b> {findingSentence(finding)}{' '}
            <span className="fig">{finding.cite.section}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The plan of every water on a page to print: to scale, with its distances, its bonding and what it takes. */
export function PlanSheet() {
  const { job } = useReadyJob();
  const navigate = useNavigate();
  const evaluation = evaluationOf(job);
  return (
    <main className={classes['sheet']}>
      <div className={classes['acts']} data-screen>
        <PrintButton />
        <Button variant="default" onClick={() => void navigate(`/jobs/${job.id}/water`)}>
          Back to the plan
        </Button>
      </div>
      <h1>{job.name}: water and bonding</h1>
      <p className="second">
        {job.edition} code{job.authority === '' ? '' : `, ${job.authority}`}. {CAUTION} {WATER_CAUTION}
      </p>
      {evaluation.waters.length === 0 && (
        <p>
          No pool or tub in the yard yet. <Link to={`/jobs/${job.id}/water`}>Plan it.</Link>
        </p>
      )}
      {evaluation.waters.map(({ report, findings }) => (
        <article key={report.water.id}>
          <h2>{report.water.name}</h2>
          <p>{waterLine(report.water)}</p>
          <Plan job={job} report={report} />
          <YardLegend report={report} />
          <div className={classes['columns']}>
            <Bonded report={report} />
            <div>
              <LoopWorking report={report} />
              <Distances report={report} />
            </div>
          </div>
          <Stages report={report} />
          <Open findings={evaluation.openOf(findings)} />
        </article>
      ))}
    </main>
  );
}
