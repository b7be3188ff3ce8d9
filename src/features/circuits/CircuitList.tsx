import { lazy, memo, Suspense } from 'react';
import { useJobEditor } from '../../store/useJobEditor';
import { useStageActions } from '../job/stageActions';
import { CircuitWords, type CircuitListProps } from './figures/CircuitWords';
import classes from './CircuitList.module.css';

const SortableCircuits = lazy(() =>
  import('./SortableCircuits').then((module) => ({ default: module.SortableCircuits })),
);

const PLAIN_ROWS = 60;

/** The list until dragging was fetched: to be read and chosen from; of a long one its beginning. */
function PlainCircuits({ ids, current }: CircuitListProps) {
  return (
    <ol>
      {ids.slice(0, PLAIN_ROWS).map((id, index) => (
        <li key={id} className={classes['row']} data-current={id === current || undefined}>
          <CircuitWords
            id={id}
            number={index + 1}
            current={id === current}
            grip={() => <span className={`fig ${classes['number']}`}>{index + 1}</span>}
          />
        </li>
      ))}
    </ol>
  );
}

/** The circuits of the job in the order in which they are worked. */
export const CircuitList = memo(function CircuitList(props: CircuitListProps) {
  const { open } = useStageActions();
  const { canWrite } = useJobEditor();
  return (
    <>
      <div className={classes['head']}>
        <h2 className="second">Circuits of the job</h2>
        <button
          type="button"
          className="act"
          onClick={() => {
            open('add');
          }}
          disabled={!canWrite}
        >
          Add a circuit
        </button>
      </div>
      <Suspense fallback={<PlainCircuits {...props} />}>
        <SortableCircuits {...props} />
      </Suspense>
    </>
  );
});
