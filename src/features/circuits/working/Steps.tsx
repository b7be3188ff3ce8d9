import { lazy, Suspense, useState } from 'react';
import { tableFace } from '../../../core/code/tableFace';
import type { FigureKey } from '../../../core/findings/subject';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { isQuiet } from '../../../core/working/quietSteps';
import type { AnyStep } from '../../../core/working/step';
import { StepList } from '../../../ui/working/StepList';
import { TableFaceView } from '../../../ui/working/TableFaceView';
import { highlightedStep, markedCells } from './highlightedStep';
import classes from './WorkingPane.module.css';

const RacewayPicture = lazy(() =>
  import('../figures/RacewayPicture').then((module) => ({ default: module.RacewayPicture })),
);

interface StepsProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
  readonly shown: number | null;
  /** The circuit as the first fix would make it. */
  readonly fixed: CircuitEvaluation | undefined;
}

/** The steps, those that decide first, beside the table that the lit one read. */
export function Steps({ view, figureKey, shown, fixed }: StepsProps) {
  const { circuit, solved, context } = view;
  const [chosen, setChosen] = useState<AnyStep | null>(null);
  const [all, setAll] = useState(false);
  const every = solved.workings[figureKey].filter(
    (step) => step.segment === undefined || shown === null || step.segment === shown,
  );
  const steps = all ? every : every.filter((step) => !isQuiet(step));
  const highlighted =
    chosen !== null && steps.includes(chosen) ? chosen : highlightedStep(steps, solved.findings);
  const face =
    highlighted?.read === undefined ? undefined : tableFace(context.code, highlighted.read, circuit.material);
  return (
    <div className={classes['body']}>
      <div>
        <StepList
          steps={steps}
          highlighted={highlighted}
          onStep={setChosen}
          amendments={new Map(context.code.amendments.map(({ id, title }) => [id, title]))}
        />
        {(all || every.length > steps.length) && (
          <button
            type="button"
            className={`act ${classes['fold']}`}
            onClick={() => {
              setAll(!all);
            }}
          >
            {all ? 'Only what decides' : `All ${every.length} steps`}
          </button>
        )}
      </div>
      <div>
        {face !== undefined && highlighted !== undefined && (
          <TableFaceView face={face} marks={markedCells(highlighted, steps, fixed)} />
        )}
        {figureKey === 'raceway' && (
          <Suspense>
            <RacewayPicture view={view} segment={shown} />
          </Suspense>
        )}
      </div>
    </div>
  );
}
