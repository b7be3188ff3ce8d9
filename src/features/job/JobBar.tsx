import { lazy, memo, Suspense } from 'react';
import type { FigureSeverity } from '../../core/circuit/severities';
import { redone, undone, type OpenJob } from '../../store/jobSlice';
import { useAppDispatch } from '../../store/store';
import { StageBar } from '../../ui/shell/StageBar';
import { STAGES, useStageActions, type StageName } from './stageActions';
import classes from './JobBar.module.css';

const MoreMenu = lazy(() => import('./MoreMenu').then((module) => ({ default: module.MoreMenu })));

interface StageState {
  readonly severity: FigureSeverity;
  /** How much is open in it. */
  readonly open: number;
}

interface JobBarProps {
  readonly open: Extract<OpenJob, { status: 'ready' }>;
  readonly current: StageName;
  readonly stages: Readonly<Record<StageName, StageState>>;
}

const STAGE_NAME: Readonly<Record<StageName, string>> = {
  survey: 'Survey',
  service: 'Service',
  circuits: 'Circuits',
  panel: 'Panel',
};

/** Find, undo and redo, and the rest. */
function Tools({ open, current }: Pick<JobBarProps, 'open' | 'current'>) {
  const dispatch = useAppDispatch();
  const { open: show } = useStageActions();
  const { journal, cursor, role } = open;
  const writes = role === 'writer';
  const undo = journal[cursor - 1];
  const redo = journal[cursor];
  return (
    <>
      {current === 'circuits' && (
        <button
          type="button"
          className={`${classes['tool']} ${classes['find']}`}
          onClick={() => {
            show('palette');
          }}
        >
          Find <kbd className="fig">Ctrl K</kbd>
        </button>
      )}
      <button
        type="button"
        className={classes['tool']}
        disabled={!writes || undo === undefined}
        title={undo && `Undo: ${undo.label}`}
        onClick={() => {
          dispatch(undone());
        }}
      >
        Undo
      </button>
      <button
        type="button"
        className={classes['tool']}
        disabled={!writes || redo === undefined}
        title={redo && `Redo: ${redo.label}`}
        onClick={() => {
          dispatch(redone());
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
  const note = `${edition} code${edition === 2026 ? ', not verified' : ''}${amendments.length > 0 ? ' · local rules' : ''}`;
  return (
    <StageBar
      jobName={job.name}
      jobNote={note}
      onJob={() => {
        show('job');
      }}
      stages={STAGES.map((id) => ({ id, name: STAGE_NAME[id], ...stages[id], current: id === current }))}
      onStage={(id) => {
        const stage = STAGES.find((each) => each === id);
        if (stage !== undefined && stage !== current) openStage(stage);
      }}
      tools={<Tools open={open} current={current} />}
    />
  );
});
