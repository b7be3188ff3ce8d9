import { lazy, Suspense, type ReactNode } from 'react';
import { columnClass } from '../../ui/shell/columnClass';
import { JobBar } from './JobBar';
import { useReadyJob } from './JobPage';
import { Notices } from './Notices';
import { StageActionsProvider } from './stageActions';
import type { StageName } from './stages';
import { useStageStates } from './useStageStates';
import { useJobShortcuts } from './useJobShortcuts';
import { useStage } from './useStage';
import classes from './StageFrame.module.css';

const JobDialogs = lazy(() => import('./JobDialogs').then((module) => ({ default: module.JobDialogs })));

interface StageFrameProps {
  readonly current: StageName;
  /** What a stage adds to the columns of the board; null where there is nothing to lay out yet. */
  readonly board?: string | null | undefined;
  readonly children: ReactNode;
  readonly foot: ReactNode;
  /** Keys that this view has besides those of every stage. */
  readonly keys?: Readonly<Record<string, () => void>> | undefined;
}

/** What the stages of a job share: the bar above, notices, the line at the foot, keys and dialogs. */
export function StageFrame({ current, board = '', children, foot, keys }: StageFrameProps) {
  const open = useReadyJob();
  const { job } = open;
  const { actions, dialog, setDialog } = useStage(job.id);
  const stages = useStageStates(job);
  useJobShortcuts(actions, dialog !== null, keys);
  return (
    <StageActionsProvider value={actions}>
      <div className={classes['stage']}>
        <JobBar open={open} current={current} stages={stages} />
        <div>
          <Notices open={open} />
        </div>
        <main className={board === null ? columnClass('start') : columnClass('board', board)}>
          {children}
        </main>
        <footer className={columnClass('foot')}>{foot}</footer>
      </div>
      {dialog !== null && (
        <Suspense>
          <JobDialogs
            open={open}
            dialog={dialog}
            onClose={() => {
              setDialog(null);
            }}
          />
        </Suspense>
      )}
    </StageActionsProvider>
  );
}
