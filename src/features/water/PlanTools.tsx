import type { RefObject } from 'react';
import { Link } from 'react-router';
import { sectionDxf } from '../../core/drawing/sectionDxf';
import { yardScene } from '../../core/drawing/yardScene';
import type { Job } from '../../core/job/jobSchema';
import type { WaterReport } from '../../core/water/waterReport';
import { downloadText } from '../../ui/files/download';
import { fileName } from '../../ui/files/fileName';
import { svgFile } from '../../ui/files/svgFile';

interface PlanToolsProps {
  readonly job: Job;
  readonly report: WaterReport;
  readonly picture: RefObject<HTMLDivElement | null>;
}

/** The plan as it leaves the screen: on paper, as a picture, as a drawing. */
export function PlanTools({ job, report, picture }: PlanToolsProps) {
  const name = fileName(`${report.water.name} plan`, 'plan');
  return (
    <>
      <Link className="act" to={`/jobs/${job.id}/water/walk`}>
        Bond walk
      </Link>
      <Link className="act" to={`/jobs/${job.id}/water/sheet`}>
        Plan sheet
      </Link>
      <button
        type="button"
        className="act"
        onClick={() => {
          const drawn = picture.current?.querySelector('svg');
          if (drawn) downloadText(svgFile(drawn), `${name}.svg`, 'image/svg+xml');
        }}
      >
        SVG
      </button>
      <button
        type="button"
        className="act"
        onClick={() => {
          downloadText(sectionDxf(yardScene(job.yard, report)), `${name}.dxf`, 'application/dxf');
        }}
      >
        DXF
      </button>
    </>
  );
}
