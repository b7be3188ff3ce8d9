import { lazy, memo, Suspense } from 'react';
import { useHistory } from '../../store/useHistory';
import type { OpenJob } from '../../store/jobSlice';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import { StageBar } from '../../ui/shell/StageBar';
import { edition as editionOf } from '../../core/code/edition';
import { useStageActions } from './stageActions';
import { STAGES, type StageName } from './stages';
import type { StageStates } from './useStageStates';
import classes from './JobBar.module.css';

const MoreMenu = lazy(() => import('./MoreMenu').then((module) => ({ default: module.MoreMenu })));

interface JobBarProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly current: StageName;
  readonly stages: StageStates;
}

/** Find, undo and redo, and the rest. */
function Tools({ open, current }: Pick<JobBarProps, 'open' | 'current'>) {
  const { undo, redo } = useHistory();
  const { open: show } = useStageActions();
  const { journal, cursor, role } = open;
  const writes = role === 'writer';
  const last = journal[cursor - 1];
  const next = journal[cursor];
  return (
    <>
      <button
        type="button"
        className={`${classes['tool']} ${classes['find']}`}
        onClick={() => {
          show('palette');
        }}
      >
        Find <kbd className="fig">Ctrl K</kbd>
      </button>
      <button
        type="button"
        className={classes['tool']}
        disabled={!writes || last === undefined}
        title={last && `Undo: ${last.label}`}
        onClick={() => {
          undo();
        }}
      >
        Undo
      </button>
      <button
        type="button"
        className={classes['tool']}
        disabled={!writes || next === undefined}
        title={next && `Redo: ${next.label}`}
        onClick={() => {
          redo();
        }}
      >
        Redo
      </button>
      <Suspense
        fallback={
          <button type="button" className={classes['tool']} disabled>
            More
          </button>
        }
      >
        <MoreMenu open={open} current={current} />
      </Suspense>
    </>
  );
}

/** The bar above the stage: job and edition, stages, find, undo and redo, theme and files. */
export const JobBar = memo(function JobBar({ open, current, stages }: JobBarProps) {
  const { open: show, openStage } = useStageActions();
  const { job } = open;
  const { edition, amendments } = job;
  const note = `${edition} code${editionOf(edition).certainty === 'preliminary' ? ', not verified' : ''}${amendments.length > 0 ? ' · amended' : ''}`;
  return (
    <StageBar
      title={job.name}
      note={note}
      titleAct="change the job"
      label="Stages of the job"
      onTitle={() => {
        show('job');
      }}
      stages={STAGES.map(({ id, name }) => {
        const { severity, open: count } = stages[id] ?? { severity: 'nothing', open: 0 };
        return {
          id,
          name,
          mark: (
            <>
              <SeverityShape severity={severity} size={10} named /> {count > 0 ? count : ''}
            </>
          ),
          current: id === current,
        };
      })}
      onStage={(id) => {
        const stage = STAGES.find((each) => each.id === id);
        if (stage !== undefined && stage.id !== current) openStage(stage.id);
      }}
      tools={<Tools open={open} current={current} />}
    />
  );
});
