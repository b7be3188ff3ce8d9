import { lazy, Suspense, useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import type { Job } from '../../core/job/jobSchema';
import { circuitShown } from '../../store/focusSlice';
import { sizesOf } from '../../store/sizes';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { CircuitBoard } from './CircuitBoard';
import { StatusBar } from './StatusBar';
import { JobBar } from '../job/JobBar';
import { Notices } from '../job/Notices';
import { useReadyJob } from '../job/JobPage';
import { StageActionsProvider } from '../job/stageActions';
import { useStageStates } from '../job/useStageStates';
import { useStage } from '../job/useStage';
import { useStageShortcuts } from './useStageShortcuts';
import classes from './stage.module.css';

const EmptyStage = lazy(() => import('./add/EmptyStage').then((module) => ({ default: module.EmptyStage })));
const Dialogs = lazy(() => import('./Dialogs').then((module) => ({ default: module.Dialogs })));

/** Ids of the circuits in their order; the same array until the order changes. */
function useOrder({ circuits }: Job): readonly string[] {
  const now = circuits.map(({ id }) => id);
  const [order, setOrder] = useState(now);
  const same = order.length === now.length && order.every((id, at) => id === now[at]);
  if (!same) setOrder(now);
  return same ? order : now;
}

/** Keeps the address on the circuit that is shown, so that it stays shown whatever happens to the others. */
function useAddressOf(jobId: string, shown: string | undefined, asked: string | undefined): void {
  const navigate = useNavigate();
  useEffect(() => {
    if (shown === undefined || shown === asked) return;
    void navigate({ pathname: `/jobs/${jobId}/${shown}`, search: window.location.search }, { replace: true });
  }, [navigate, jobId, shown, asked]);
}

/** The circuit that the address names, else the one that was shown last, else the first. */
function useShown(
  views: readonly CircuitEvaluation[],
  asked: string | undefined,
): CircuitEvaluation | undefined {
  const dispatch = useAppDispatch();
  const last = useAppSelector(({ focus }) => focus.circuitId);
  const byId = (id: string | null | undefined) => views.find(({ circuit }) => circuit.id === id);
  const shown = byId(asked) ?? byId(last) ?? views[0];
  const id = shown?.circuit.id;
  useEffect(() => {
    if (id !== undefined) dispatch(circuitShown(id));
  }, [dispatch, id]);
  return shown;
}

/** The stage on which circuits are sized: list, run, ladder of figures and working, of one choice. */
export function CircuitsStage() {
  const open = useReadyJob();
  const { circuitId } = useParams();
  const { job } = open;
  const { actions, dialog, setDialog } = useStage(job.id);
  const [dialogsLoaded, setDialogsLoaded] = useState(false);
  if (dialog !== null && !dialogsLoaded) setDialogsLoaded(true);
  const sizes = sizesOf(job);
  const views = sizes.circuits;
  const current = useShown(views, circuitId);
  const ids = useOrder(job);
  useAddressOf(job.id, current?.circuit.id, circuitId);
  useStageShortcuts({ job, views, current, actions, dialogOpen: dialog !== null });
  const stages = useStageStates(job);
  return (
    <StageActionsProvider value={actions}>
      <div className={classes['stage']}>
        <JobBar open={open} current="circuits" stages={stages} />
        <div>
          <Notices open={open} />
        </div>
        {current === undefined ? (
          <Suspense>
            <EmptyStage />
          </Suspense>
        ) : (
          <CircuitBoard view={current} ids={ids} />
        )}
        <StatusBar job={job} />
      </div>
      {dialogsLoaded && (
        <Suspense>
          <Dialogs
            open={open}
            ids={ids}
            current={current}
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
