import { useDebouncedValue } from '@mantine/hooks';
import { lazy, memo, Suspense } from 'react';
import type { JobSizes } from '../../../core/job/jobSizes';
import type { CircuitFigures } from '../../../core/circuit/figures';
import { findingKey, worstFinding, type AnyFinding } from '../../../core/findings/finding';
import { figureOf, type FigureKey } from '../../../core/findings/subject';
import { findingHelp } from '../../../core/wording/findingHelp';
import { findingSentence } from '../../../core/wording/findings';
import { figureName } from '../../../core/wording/ladder';
import type { CircuitEvaluation } from '../../../core/job/evaluation';
import { fixing } from '../../../store/lazyParts';
import { useSizes } from '../../../store/useEvaluation';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { FindingCard } from '../../job/FindingCard';
import { useStageActions } from '../../job/stageActions';
import { FigureFields } from '../figures/FigureFields';
import { SegmentDetails } from '../run/SegmentDetails';
import { RestsOn } from './RestsOn';
import classes from './WorkingPane.module.css';

const DropPicture = lazy(() =>
  import('../figures/DropPicture').then((module) => ({ default: module.DropPicture })),
);

const Alternatives = lazy(() =>
  import('./Alternatives').then((module) => ({ default: module.Alternatives })),
);
const Steps = lazy(() => import('./Steps').then((module) => ({ default: module.Steps })));
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
  const { open } = useStageActions();
  return (
    <div className={classes['head']}>
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
      <button
        type="button"
        className="act"
        title="F1"
        onClick={() => {
          open(`help ${worst === undefined ? figureKey : findingHelp(worst.code)}`);
        }}
      >
        Help
      </button>
    </div>
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

/** After so long without an edit the hand rests, milliseconds. */
const REST_MS = 250;

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
  // Fixes are tried once the hand rests: until then those that are known stay, marked as not current.
  const [sizes] = useDebouncedValue(now, REST_MS);
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
      <Suspense>
        <Steps view={view} figureKey={figureKey} shown={shown} fixed={fixed} />
        <RestsOn circuit={view.circuit} figureKey={figureKey} />
      </Suspense>
      <Below view={view} later={later} figureKey={figureKey} segment={segment} />
    </>
  );
});
