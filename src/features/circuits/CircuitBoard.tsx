import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import type { Unverified } from '../../core/known/toVerify';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { useAppSelector } from '../../store/store';
import { ToVerifyContext } from '../job/toVerifyContext';
import { CircuitList } from './CircuitList';
import { Ladder } from './figures/Ladder';
import { RunPane } from './run/RunPane';
import { usePart } from './usePart';
import classes from './stage.module.css';

const VerifyDesk = lazy(() => import('../job/VerifyDesk').then((module) => ({ default: module.VerifyDesk })));
const RoutePane = lazy(() => import('./route/RoutePane').then((module) => ({ default: module.RoutePane })));

const WorkingPane = lazy(() =>
  import('./working/WorkingPane').then((module) => ({ default: module.WorkingPane })),
);

interface CircuitBoardProps {
  readonly view: CircuitEvaluation;
  readonly ids: readonly string[];
}

/** Whether ladder and working stand one below the other, and the page itself scrolls. */
const STACKED = '(max-width: 1000px)';

/** The working starts at its finding whenever another figure or circuit is chosen; on a phone it comes into view. */
function useWorkingInView(chosen: string): void {
  const before = useRef(chosen);
  useEffect(() => {
    if (before.current === chosen) return;
    before.current = chosen;
    const pane = document.getElementById('working');
    if (pane === null) return;
    pane.scrollTop = 0;
    if (window.matchMedia(STACKED).matches) pane.scrollIntoView({ block: 'start' });
  }, [chosen]);
}

/** One circuit: its run across the sheet, and under it the list, the ladder and the working. */
export function CircuitBoard({ view, ids }: CircuitBoardProps) {
  const focus = useAppSelector((state) => state.focus);
  const { part } = usePart();
  const [unverified, setUnverified] = useState<readonly Unverified[] | null>(null);
  useWorkingInView(focus.figureKey);
  const last = view.circuit.run.length - 1;
  const segment = focus.segment === null ? null : Math.min(focus.segment, last);
  return (
    <main className={classes['board']}>
      <RunPane view={view} segment={segment} part={part} />
      <div className={classes['low']} data-part={part}>
        <section className={classes['list']} aria-label="Circuits of the job">
          <CircuitList ids={ids} current={view.circuit.id} />
        </section>
        {part === 'route' ? (
          <Suspense fallback={<p className="second">Fetching the route</p>}>
            <RoutePane key={view.circuit.id} view={view} segment={segment} />
          </Suspense>
        ) : (
          <ToVerifyContext value={unverified}>
            <Suspense>
              <VerifyDesk circuitId={view.circuit.id} onKnown={setUnverified} />
            </Suspense>
            <section aria-label="The figures, in the order of reasoning">
              <Ladder view={view} figureKey={focus.figureKey} />
            </section>
            <section aria-label="The working" id="working" tabIndex={-1}>
              <Suspense>
                <WorkingPane
                  key={`${view.circuit.id} ${focus.figureKey}`}
                  view={view}
                  figureKey={focus.figureKey}
                  segment={segment}
                />
              </Suspense>
            </section>
          </ToVerifyContext>
        )}
      </div>
    </main>
  );
}
