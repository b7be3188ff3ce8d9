import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { DialogName, StageActions } from './stageActions';
import { stagePath } from './stages';

/** Going from circuit to circuit stays with the routes, where those are shown. */
const partOf = (asked: 'figures' | 'route' | undefined): string => {
  const now = new URLSearchParams(window.location.search).get('part');
  return (asked ?? now) === 'route' ? '?part=route' : '';
};

/** The actions of a stage, and which dialog is open over it. */
export function useStage(jobId: string) {
  const navigate = useNavigate();
  const [dialog, setDialog] = useState<DialogName | null>(null);
  // A stage opens at its top, however far down the one before it was read.
  useEffect(() => {
    document.documentElement.scrollTop = 0;
  }, []);
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
