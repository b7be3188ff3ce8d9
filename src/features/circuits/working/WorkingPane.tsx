import { lazy, memo, Suspense, useDeferredValue, useState } from 'react';
import type { JobSizes } from '../../../core/job/jobSizes';
import type { CircuitFigures } from '../../../core/circuit/figures';
import { findingKey, worstFinding, type AnyFinding } from '../../../core/findings/finding';
import { figureOf, type FigureKey } from '../../../core/findings/subject';
import { tableFace } from '../../../core/code/tableFace';
import { findingSentence } from '../../../core/wording/findings';
import { figureName } from '../../../core/wording/ladder';
import { isQuiet } from '../../../core/working/quietSteps';
import type { AnyStep } from '../../../core/working/step';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { fixing } from '../../../store/lazyParts';
import { useSizes } from '../../../store/useEvaluation';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { StepList } from '../../../ui/working/StepList';
import { TableFaceView } from '../../../ui/working/TableFaceView';
import { FindingCard } from '../../job/FindingCard';
import { FigureFields } from '../figures/FigureFields';
import { highlightedStep, markedCells } from './highlightedStep';
import { SegmentDetails } from '../run/SegmentDetails';
import classes from './WorkingPane.module.css';

const RacewayPicture = lazy(() =>
  import('../figures/RacewayPicture').then((module) => ({ default: module.RacewayPicture })),
);
const DropPicture = lazy(() =>
  import('../figures/DropPicture').then((module) => ({ default: module.DropPicture })),
);

const Alternatives = lazy(() =>
  import('./Alternatives').then((module) => ({ default: module.Alternatives })),
);
const EditionsCompared = lazy(() =>
  import('./EditionsCompared').then((module) => ({ default: module.EditionsCompared })),
);

interface WorkingPaneProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
  readonly segment: number | null;
}

/** The segment whose steps are shown before one is chosen; null where all of them belong together. */
function mainSegment(figureKey: FigureKey, figures: CircuitFigures): number | null {
  if (figureKey === 'conductor') return figures.governing;
  if (figureKey !== 'raceway') return null;
  return Math.max(
    0,
    figures.segments.findIndex(({ raceway }) => raceway === figures.raceway && raceway !== null),
  );
}

/** The figure's name, or what is wrong with it in one sentence. */
function Heading({
  view,
  figureKey,
  worst,
}: {
  view: CircuitEvaluation;
  figureKey: FigureKey;
  worst: AnyFinding | undefined;
}) {
  const severity = view.severities[figureKey];
  return (
    <h2 className={classes['heading']}>
      {worst === undefined ? (
        figureName[figureKey]
      ) : (
        <>
          <SeverityShape severity={severity} size={14} named />
          <span data-stop={severity === 'stop' || undefined}>{findingSentence(worst)}</span>
          <cite className="fig">{worst.cite.section}</cite>
        </>
      )}
    </h2>
  );
}

interface FindingsProps {
  readonly sizes: JobSizes;
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
  readonly stale: boolean;
}

/** The circuit as the first fix of the worst finding would make it, once fixes were fetched. */
function useFixed(
  sizes: JobSizes | undefined,
  view: CircuitEvaluation,
  figureKey: FigureKey,
): CircuitEvaluation | undefined {
  const by = fixing.use();
  const worst = worstFinding(view.open, figureKey);
  if (sizes === undefined || worst === undefined || by === undefined) return undefined;
  const [fix] = by.fixesOf(sizes.job, worst);
  return fix && by.withFix(sizes.job, fix)?.circuit(view.circuit.id);
}

interface StepsProps {
  readonly view: CircuitEvaluation;
  readonly figureKey: FigureKey;
  readonly shown: number | null;
  /** The circuit as the first fix would make it. */
  readonly fixed: CircuitEvaluation | undefined;
}

/** The steps, those that decide first, beside the table that the lit one read. */
function Steps({ view, figureKey, shown, fixed }: StepsProps) {
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

const ABOUT_RUN: readonly FigureKey[] = ['breaker', 'conductor', 'ground', 'raceway', 'drop'];

/** What stands below the steps: fields, pictures, the segment, other methods, other editions. */
function Below({
  view,
  later,
  figureKey,
  segment,
}: WorkingPaneProps & { readonly later: CircuitEvaluation }) {
  return (
    <>
      {figureKey === 'drop' && (
        <Suspense fallback={<p className="second">Drawing the chart</p>}>
          <DropPicture view={view} />
        </Suspense>
      )}
      {figureKey !== 'load' && <FigureFields view={view} figureKey={figureKey} />}
      {ABOUT_RUN.includes(figureKey) && (
        <SegmentDetails view={view} segment={segment ?? view.solved.figures.governing} />
      )}
      <Suspense>
        {(figureKey === 'conductor' || figureKey === 'raceway') && <Alternatives view={later} />}
        <EditionsCompared view={later} figureKey={figureKey} />
      </Suspense>
    </>
  );
}

/** The findings of one figure with their fixes and answers. */
const Findings = memo(function Findings({ sizes, view, figureKey, stale }: FindingsProps) {
  const worst = worstFinding(view.open, figureKey);
  return view.solved.findings
    .filter(({ subject }) => figureOf(subject) === figureKey)
    .map((finding) => (
      <FindingCard
        key={findingKey(finding)}
        sizes={sizes}
        finding={finding}
        headed={finding === worst}
        first={finding === worst}
        stale={stale}
      />
    ));
});

/** Why a figure is what it is: doubts with their fixes, fields, steps with the table cell, other editions. */
export const WorkingPane = memo(function WorkingPane({ view, figureKey, segment }: WorkingPaneProps) {
  // Fixes, other methods and other editions solve the circuit many times over: they follow when the
  // figures are drawn, and cannot be applied until they do.
  const now = useSizes();
  const sizes = useDeferredValue(now);
  const later = sizes?.circuit(view.circuit.id) ?? view;
  const fixed = useFixed(sizes, later, figureKey);
  const worst = worstFinding(view.open, figureKey);
  const shown = segment ?? mainSegment(figureKey, view.solved.figures);
  return (
    <>
      <Heading view={view} figureKey={figureKey} worst={worst} />
      {figureKey === 'load' && <FigureFields view={view} figureKey={figureKey} />}
      {sizes !== undefined && (
        <Findings sizes={sizes} view={later} figureKey={figureKey} stale={sizes !== now} />
      )}
      <Steps view={view} figureKey={figureKey} shown={shown} fixed={fixed} />
      <Below view={view} later={later} figureKey={figureKey} segment={segment} />
    </>
  );
});
