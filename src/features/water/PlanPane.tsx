import { useElementSize, useMergedRef } from '@mantine/hooks';
import { useRef, useState } from 'react';
import type { WaterEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import { bondRows } from '../../core/water/bondRows';
import { viewAround, yardScale } from '../../ui/pictures/yard/yardScale';
import { YardPicture } from '../../ui/pictures/yard/YardPicture';
import { PlanTools } from './PlanTools';
import { waterWords } from './waterPictureWords';
import { YardHandles } from './YardHandles';
import { ScaleGrips } from './ScaleGrips';
import { useSite } from './useSite';
import { YardLegend } from './YardLegend';
import { columnClass } from '../../ui/shell/columnClass';
import classes from './water.module.css';

interface PlanPaneProps {
  readonly evaluation: JobEvaluation;
  readonly view: WaterEvaluation;
  readonly picked: string | null;
  readonly onPick: (id: string | null) => void;
  readonly onField: () => void;
  /** Whether the site picture is being scaled. */
  readonly scaling: boolean;
}

/** Room around the water, feet: from all of its surroundings to the wall itself. */
const ROOMS_FT = [34, 24, 14, 8, 4] as const;
const USUAL_ROOM = 2;

/** How much of the yard is in the picture. */
function Closer({ room, onRoom }: { readonly room: number; readonly onRoom: (room: number) => void }) {
  return (
    [
      ['Closer', 1],
      ['Wider', -1],
    ] as const
  ).map(([name, by]) => (
    <button
      key={name}
      type="button"
      className="act"
      disabled={ROOMS_FT[room + by] === undefined}
      onClick={() => {
        onRoom(room + by);
      }}
    >
      {name}
    </button>
  ));
}

/** The plan to scale, with everything on it that can be picked and moved. */
export function PlanPane({ evaluation, view, picked, onPick, onField, scaling }: PlanPaneProps) {
  const { ref, width, height } = useElementSize<HTMLDivElement>();
  const picture = useRef<HTMLDivElement>(null);
  const drawn = useMergedRef(ref, picture);
  const [room, setRoom] = useState<number>(USUAL_ROOM);
  const { report } = view;
  const { yard } = evaluation.job;
  const site = useSite(yard.underlay);
  const others = evaluation.waters.map((each) => each.report).filter((each) => each !== report);
  // On a phone the water fills the picture first; what stands farther comes with Wider.
  const reaching = width >= 480 ? room <= USUAL_ROOM : room < USUAL_ROOM;
  const near = report.things.filter(({ isNearest }) => isNearest && reaching).map(({ thing }) => thing.at);
  const around = viewAround([...report.placed.outline, ...near], ROOMS_FT[room] ?? 10);
  const scale = yardScale(around, Math.max(320, Math.floor(width)), Math.max(360, Math.floor(height)));
  const rows = bondRows(report);
  return (
    <section className={columnClass('middle', classes['plan'])} aria-label="The plan">
      <header>
        <h1>Yard and water</h1>
        <span className="second">bond it, show it, then pour</span>
        <span className={classes['tools']}>
          <button type="button" className="act" onClick={onField}>
            Touch voltage
          </button>
          <PlanTools job={evaluation.job} report={report} picture={picture} />
          <Closer room={room} onRoom={setRoom} />
        </span>
      </header>
      <div className={classes['picture']} ref={drawn}>
        <YardPicture
          yard={yard}
          report={report}
          others={others}
          rows={rows}
          words={waterWords}
          scale={scale}
          picked={picked}
          label={`${report.water.name} with what stands around it, to scale`}
          underlay={site}
        />
        {scaling && yard.underlay !== null && <ScaleGrips underlay={yard.underlay} scale={scale} />}
        <YardHandles
          evaluation={evaluation}
          report={report}
          scale={scale}
          picked={picked}
          onPick={onPick}
          picture={picture}
        />
      </div>
      <YardLegend report={report} />
    </section>
  );
}
