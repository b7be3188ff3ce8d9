import { useElementSize } from '@mantine/hooks';
import type { WaterReport } from '../../../core/water/waterReport';
import { lookAt, type WalkStep } from '../../../core/water/walk';
import type { Yard } from '../../../core/water/yardSchema';
import { sizeWords } from '../../../core/wording/yardWords';
import { BondWires, PerimeterBand, WaterBody } from '../../../ui/pictures/yard/YardWater';
import { useCurves } from '../../../ui/pictures/yard/useCurves';
import { YardGround } from '../../../ui/pictures/yard/YardGround';
import { LookMark } from '../../../ui/pictures/yard/LookMark';
import { viewAround, yardScale } from '../../../ui/pictures/yard/yardScale';
import classes from './walk.module.css';

interface WalkPlanProps {
  readonly yard: Yard;
  readonly report: WaterReport;
  readonly steps: readonly WalkStep[];
  readonly lit: string | null;
}

const HEIGHT_PX = 188;
const ROOM_FT = 3.5;

/** The water small, with the stops of the walk as numbers. */
export function WalkPlan({ yard, report, steps, lit }: WalkPlanProps) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { band } = useCurves(report.water);
  const view = viewAround([...report.placed.outline, ...steps.map(({ at }) => at)], ROOM_FT);
  const scale = yardScale(view, Math.max(320, Math.floor(width)), HEIGHT_PX);
  // The stop that is open lies over the others.
  const numbered = steps
    .map((step, index) => ({ step, index }))
    .toSorted((a, b) => Number(a.step.id === lit) - Number(b.step.id === lit));
  return (
    <div ref={ref} className={classes['plan']}>
      <svg
        className="picture"
        role="img"
        aria-label={`${report.water.name} with the stops of the walk`}
        width={scale.widthPx}
        height={HEIGHT_PX}
        viewBox={`0 0 ${scale.widthPx} ${HEIGHT_PX}`}
      >
        <YardGround yard={yard} scale={scale} picked={null} />
        <PerimeterBand band={band} scale={scale} />
        <WaterBody report={report} scale={scale} words={[sizeWords(report.water)]} />
        <BondWires report={report} scale={scale} lit={lit} />
        {numbered.map(({ step, index }) => (
          <LookMark
            key={step.id}
            look={lookAt(step)}
            at={[scale.x(step.at[0]), scale.y(step.at[1])]}
            number={index + 1}
            lit={step.id === lit}
            radius={10}
          />
        ))}
      </svg>
    </div>
  );
}
