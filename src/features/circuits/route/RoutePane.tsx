import { useState, type ReactNode } from 'react';
import type { CircuitView } from '../../../store/circuitView';
import type { RouteView } from '../../../store/routeView';
import { useRoutes } from '../../../store/useRoutes';
import { useReadyJob } from '../../job/JobPage';
import { Around } from './Around';
import { BendMarks } from './BendMarks';
import { CutLists } from './CutLists';
import { Fittings } from './Fittings';
import { ShareWays } from './ShareWays';
import { StretchCard } from './StretchCard';
import classes from './route.module.css';

interface RoutePaneProps {
  readonly view: CircuitView;
  readonly stretch: number | null;
}

const SIDES = ['around', 'cuts', 'fittings', 'bends', 'share'] as const;
type Side = (typeof SIDES)[number];

const SIDE_NAME: Readonly<Record<Side, string>> = {
  around: 'Inside and around',
  cuts: 'Cut list',
  fittings: 'Fittings',
  bends: 'Bend marks',
  share: 'Share, copy',
};

interface SideProps {
  readonly view: CircuitView;
  readonly route: RouteView;
  readonly index: number;
}

function sideOf(side: Side, { view, route, index }: SideProps): ReactNode {
  switch (side) {
    case 'around':
      return <Around view={view} route={route} index={index} />;
    case 'cuts':
      return <CutLists view={view} route={route} />;
    case 'fittings':
      return <Fittings view={view} route={route} />;
    case 'bends':
      return <BendMarks trade={view.solved.figures.stretches[index]?.raceway?.taken ?? null} />;
    case 'share':
      return <ShareWays view={view} index={index} />;
  }
}

/** The way of the circuit: the chosen stretch with all that is said of it, and beside it pictures and lists. */
export function RoutePane({ view, stretch }: RoutePaneProps) {
  const { job } = useReadyJob();
  const judge = useRoutes();
  const [side, setSide] = useState<Side>('around');
  if (judge === undefined) return <p className="second">Judging the way</p>;
  const route = judge(job, view.circuit);
  const index = stretch ?? 0;
  return (
    <>
      <section className={classes['card']} aria-label="The stretch">
        <StretchCard view={view} route={route} index={index} />
      </section>
      <section className={classes['side']} aria-label="The way">
        <div className={classes['sides']} role="group" aria-label="What is shown of the way">
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
