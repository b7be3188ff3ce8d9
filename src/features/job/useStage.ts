import { useEffect, useMemo, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { DialogName, StageActions } from './stageActions';
import { stagePath } from './stages';

/** Going from circuit to circuit stays with the routes, where those are shown. */
const partOf = (asked: 'figures' | 'route' | undefined): string => {
  const now = new URLSearchParams(window.location.search).get('part');
  return (asked ?? now) === 'route' ? '?part=route' : '';
};

/** Whether the list of jobs opened this one for a schedule to be read into it. */
const asksForSchedule = (state: unknown): boolean =>
  typeof state === 'object' && state !== null && 'dialog' in state && state.dialog === 'schedule';

/** The actions of a stage, and which dialog is open over it. */
export function useStage(jobId: string) {
  const navigate = useNavigate();
  const location = useLocation();
  const state: unknown = location.state;
  const [dialog, setDialog] = useState<DialogName | null>(() => (asksForSchedule(state) ? 'schedule' : null));
  // A stage opens at its top, however far down the one before it was read.
  useEffect(() => {
    document.documentElement.scrollTop = 0;
  }, []);
  useEffect(() => {
    // A reload does not ask again.
    if (asksForSchedule(state)) void navigate('.', { replace: true, state: null });
  }, [state, navigate]);
  const actions = useMemo<StageActions>(
    () => ({
      open: setDialog,
      goTo: (id, part) => {
        setDialog(null);
        void navigate(`/jobs/${jobId}/${id}${partOf(part)}`);
      },
      openSheet: (id) => void navigate(`/jobs/${jobId}/${id}/sheet`),
      printJob: () => void navigate(`/jobs/${jobId}/print`),
      openStage: (stage) => void navigate(stagePath(jobId, stage)),
      leave: () => void navigate('/'),
    }),
    [navigate, jobId],
  );
  return { actions, dialog, setDialog };
}
