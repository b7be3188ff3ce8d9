import { lazy, memo, Suspense, useDeferredValue, useState } from 'react';
import type { Remedy } from '../../../core/circuit/remedy';
import type { CircuitFigures } from '../../../core/circuit/figures';
import { worstFinding } from '../../../core/circuit/severities';
import { tableFace } from '../../../core/code/tableFace';
import { findingSentence } from '../../../core/wording/findings';
import { figureName } from '../../../core/wording/ladder';
import { isQuiet } from '../../../core/working/quietSteps';
import type { AnyFinding, FigureKey } from '../../../core/findings/finding';
import type { AnyStep } from '../../../core/working/step';
import type { CircuitView } from '../../../store/circuitView';
import { remediesOf } from '../../../store/remedies';
import { SeverityShape } from '../../../ui/marks/SeverityShape';
import { StepList } from '../../../ui/working/StepList';
import { TableFaceView } from '../../../ui/working/TableFaceView';
import { Alternatives } from './Alternatives';
import { EditionsCompared } from './EditionsCompared';
import { FindingCard } from './FindingCard';
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

interface WorkingPaneProps {
  readonly view: CircuitView;
  readonly link: FigureKey;
  readonly segment: number | null;
}

/** The segment whose steps are shown before one is chosen; null where all of them belong together. */
function mainSegment(link: FigureKey, figures: CircuitFigures): number | null {
  if (link === 'conductor') return figures.governing;
  if (link !== 'raceway') return null;
  return Math.max(
    0,
    figures.segments.findIndex(({ raceway }) => raceway === figures.raceway && raceway !== null),
  );
}

/** The figure's name, or what is wrong with it in one sentence. */
function Heading({
  view,
  link,
  worst,
}: {
  view: CircuitView;
  link: FigureKey;
  worst: AnyFinding | undefined;
}) {
  const severity = view.severities[link];
  return (
    <h2 className={classes['heading']}>
      {worst === undefined ? (
        figureName[link]
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
  readonly view: CircuitView;
  readonly link: FigureKey;
  readonly stale: boolean;
}

const firstRemedy = (view: CircuitView, link: FigureKey): Remedy | undefined => {
  const worst = worstFinding(view.open, link);
  return worst === undefined ? undefined : remediesOf(view, worst)[0];
};

interface StepsProps {
  readonly view: CircuitView;
  readonly link: FigureKey;
  readonly shown: number | null;
  readonly first: Remedy | undefined;
}

/** The steps, those that decide first, beside the table that the lit one read. */
function Steps({ view, link, shown, first }: StepsProps) {
  const { circuit, solved, context } = view;
  const [chosen, setChosen] = useState<AnyStep | null>(null);
  const [all, setAll] = useState(false);
  const every = solved.workings[link].filter(
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
          <TableFaceView face={face} marks={markedCells(highlighted, steps, first, context)} />
        )}
        {link === 'raceway' && (
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
function Below({ view, later, link, segment }: WorkingPaneProps & { readonly later: CircuitView }) {
  return (
    <>
      {link === 'drop' && (
        <Suspense fallback={<p className="second">Drawing the chart</p>}>
          <DropPicture view={view} />
        </Suspense>
      )}
      {link !== 'load' && <FigureFields view={view} link={link} />}
      {ABOUT_RUN.includes(link) && (
        <SegmentDetails view={view} segment={segment ?? view.solved.figures.governing} />
      )}
      {(link === 'conductor' || link === 'raceway') && <Alternatives view={later} />}
      <EditionsCompared view={later} link={link} />
    </>
  );
}

/** The findings of one figure with their ways out and answers. */
const Findings = memo(function Findings({ view, link, stale }: FindingsProps) {
  const worst = worstFinding(view.open, link);
  return view.solved.findings
    .filter((finding) => finding.link === link)
    .map((finding) => (
      <FindingCard
        key={`${finding.code} ${finding.segment ?? ''}`}
        view={view}
        finding={finding}
        headed={finding === worst}
        first={finding === worst}
        stale={stale}
      />
    ));
});

/** Why a figure is what it is: doubts with their ways out, fields, steps with the table cell, other editions. */
export const WorkingPane = memo(function WorkingPane({ view, link, segment }: WorkingPaneProps) {
  // Ways out, other methods and other editions solve the circuit many times over: they follow when the
  // figures are drawn, and cannot be applied until they do.
  const later = useDeferredValue(view);
  const worst = worstFinding(view.open, link);
  const shown = segment ?? mainSegment(link, view.solved.figures);
  return (
    <>
      <Heading view={view} link={link} worst={worst} />
      {link === 'load' && <FigureFields view={view} link={link} />}
      <Findings view={later} link={link} stale={later !== view} />
      <Steps view={view} link={link} shown={shown} first={firstRemedy(later, link)} />
      <Below view={view} later={later} link={link} segment={segment} />
    </>
  );
});
