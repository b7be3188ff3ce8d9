import { lazy, Suspense, useState } from 'react';
import type { CircuitFigures } from '../../core/circuit/figures';
import { tableFace } from '../../core/code/tableFace';
import { findingSentence } from '../../core/wording/findings';
import { linkName } from '../../core/wording/ladder';
import { isQuiet } from '../../core/working/quietSteps';
import type { Link } from '../../core/working/finding';
import type { AnyStep } from '../../core/working/step';
import type { CircuitView } from '../../store/circuitView';
import { remediesOf } from '../../store/remedies';
import { StandingShape } from '../../ui/marks/StandingShape';
import { StepList } from '../../ui/working/StepList';
import { TableFaceView } from '../../ui/working/TableFaceView';
import { Alternatives } from './Alternatives';
import { EditionsCompared } from './EditionsCompared';
import { FindingCard } from './FindingCard';
import { LinkFields } from './LinkFields';
import { litStep, markedCells } from './litStep';
import { RacewayPicture } from './RacewayPicture';
import { StretchDetails } from './StretchDetails';
import classes from './WorkingPane.module.css';

const DropPicture = lazy(() => import('./DropPicture').then((module) => ({ default: module.DropPicture })));

interface WorkingPaneProps {
  readonly view: CircuitView;
  readonly link: Link;
  readonly stretch: number | null;
}

/** The stretch whose steps are shown before one is chosen; null where all of them belong together. */
function mainStretch(link: Link, figures: CircuitFigures): number | null {
  if (link === 'conductor') return figures.governing;
  if (link !== 'raceway') return null;
  return Math.max(
    0,
    figures.stretches.findIndex(({ raceway }) => raceway === figures.raceway && raceway !== null),
  );
}

/** Why a figure is what it is: doubts with their ways out, fields, steps with the table cell, other editions. */
export function WorkingPane({ view, link, stretch }: WorkingPaneProps) {
  const { circuit, solved, context } = view;
  const [chosen, setChosen] = useState<AnyStep | null>(null);
  const [all, setAll] = useState(false);
  const findings = solved.findings.filter((finding) => finding.link === link);
  const shown = stretch ?? mainStretch(link, solved.figures);
  const every = solved.workings[link].filter(
    (step) => step.stretch === undefined || shown === null || step.stretch === shown,
  );
  const steps = all ? every : every.filter((step) => !isQuiet(step));
  const lit = chosen !== null && steps.includes(chosen) ? chosen : litStep(steps, findings);
  const face = lit?.read === undefined ? undefined : tableFace(context.code, lit.read, circuit.material);
  const worst = view.open.find((finding) => finding.link === link);
  const first = worst === undefined ? undefined : remediesOf(view, worst)[0];
  return (
    <>
      <div className={classes['head']}>
        <h2 className={classes['heading']}>
          {worst === undefined ? (
            linkName[link]
          ) : (
            <>
              <StandingShape standing={view.standings[link]} size={14} named />
              <span data-stop={view.standings[link] === 'stop' || undefined}>{findingSentence(worst)}</span>
              <cite className="fig">{worst.cite.section}</cite>
            </>
          )}
        </h2>
        {link === 'load' && <LinkFields view={view} link={link} />}
      </div>
      {findings.map((finding, index) => (
        <FindingCard
          key={`${finding.code} ${finding.stretch ?? ''}`}
          view={view}
          finding={finding}
          headed={finding === worst}
          first={index === findings.indexOf(worst ?? finding)}
        />
      ))}
      <div className={classes['body']}>
        <div>
          <StepList
            steps={steps}
            lit={lit}
            amendments={new Map(context.code.amendments.map(({ id, title }) => [id, title]))}
            onStep={(step: AnyStep) => {
              setChosen(step);
            }}
          />
          {every.length > steps.length || all ? (
            <button
              type="button"
              className={`act ${classes['fold']}`}
              onClick={() => {
                setAll(!all);
              }}
            >
              {all ? 'Only what decides' : `All ${every.length} steps`}
            </button>
          ) : null}
        </div>
        {face !== undefined && lit !== undefined && (
          <TableFaceView face={face} marks={markedCells(lit, steps, first, context)} />
        )}
      </div>
      {link !== 'load' && <LinkFields view={view} link={link} />}
      {link === 'raceway' && <RacewayPicture view={view} stretch={stretch} />}
      {link === 'drop' && (
        <Suspense fallback={<p className="second">Drawing the chart</p>}>
          <DropPicture view={view} />
        </Suspense>
      )}
      {link !== 'load' && link !== 'disconnect' && link !== 'protection' && (
        <StretchDetails view={view} stretch={stretch ?? solved.figures.governing} />
      )}
      {(link === 'conductor' || link === 'raceway') && <Alternatives view={view} />}
      <EditionsCompared view={view} link={link} />
    </>
  );
}
