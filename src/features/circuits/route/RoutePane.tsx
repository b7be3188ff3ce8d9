import { useState, type ReactNode } from 'react';
import type { CircuitEvaluation, RouteEvaluation } from '../../../core/job/evaluation';
import { evaluationOf } from '../../../store/evaluation';
import { useReadyJob } from '../../job/JobPage';
import { SegmentSurroundings } from './SegmentSurroundings';
import { BendMarks } from './BendMarks';
import { CutLists } from './CutLists';
import { Fittings } from './Fittings';
import { SharePane } from './SharePane';
import { SegmentCard } from './SegmentCard';
import classes from './route.module.css';

interface RoutePaneProps {
  readonly view: CircuitEvaluation;
  readonly segment: number | null;
}

const SIDES = ['around', 'cuts', 'fittings', 'bends', 'share'] as const;
type Side = (typeof SIDES)[number];

const SIDE_NAME: Readonly<Record<Side, string>> = {
  around: 'Fill and cover',
  cuts: 'Cut list',
  fittings: 'Fittings',
  bends: 'Bend marks',
  share: 'Share, copy',
};

interface SideProps {
  readonly view: CircuitEvaluation;
  readonly route: RouteEvaluation;
  readonly index: number;
}

function sideOf(side: Side, { view, route, index }: SideProps): ReactNode {
  switch (side) {
    case 'around':
      return <SegmentSurroundings view={view} route={route} index={index} />;
    case 'cuts':
      return <CutLists view={view} route={route} />;
    case 'fittings':
      return <Fittings view={view} route={route} />;
    case 'bends':
      return <BendMarks trade={view.solved.figures.segments[index]?.raceway?.taken ?? null} />;
    case 'share':
      return <SharePane view={view} index={index} />;
  }
}

/** The route of the circuit: the chosen segment with all that is said of it, and beside it pictures and lists. */
export function RoutePane({ view, segment }: RoutePaneProps) {
  const { job } = useReadyJob();
  const [side, setSide] = useState<Side>('around');
  const route = evaluationOf(job).routeOf(view);
  const index = segment ?? 0;
  return (
    <>
      <section aria-label="The segment" data-help="boxes">
        <SegmentCard view={view} route={route} index={index} />
      </section>
      <section aria-label="The route">
        <div className={classes['sides']} role="group" aria-label="What is shown of the route">
          {SIDES.map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={side === each}
              onClick={() => {
                setSide(each);
              }}
            >
              {SIDE_NAME[each]}
            </button>
          ))}
        </div>
        {sideOf(side, { view, route, index })}
      </section>
    </>
  );
}
